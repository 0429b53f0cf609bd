package hingeyard.core.install;

import hingeyard.core.bench.BenchFigure;
import java.math.BigDecimal;
import java.util.Optional;

/**
 * A figure to be recorded on a step.
 *
 * @param key      kebab-case, unique on its step
 * @param name     what is read
 * @param unit     in which unit
 * @param least    least value that passes, included
 * @param greatest greatest value that passes, included
 * @param tool     what it is read from
 * @param bench    what of the bench it is, where it is worked out there; empty for most
 */
public record FigureWanted(String key, String name, String unit, BigDecimal least, BigDecimal greatest, String tool,
        Optional<BenchFigure> bench) {

    /** Read from its tool alone. */
    public FigureWanted(String key, String name, String unit, BigDecimal least, BigDecimal greatest, String tool) {
        this(key, name, unit, least, greatest, tool, Optional.empty());
    }

    public FigureWanted {
        // Lists that were planned before the bench say nothing of it.
        bench = bench == null ? Optional.empty() : bench;
        if (least.compareTo(greatest) > 0) {
            throw new IllegalArgumentException("figure '" + key + "': window " + least + " to " + greatest + " is empty");
        }
    }

    public static FigureWanted of(String key, String name, String unit, String least, String greatest, String tool) {
        return new FigureWanted(key, name, unit, new BigDecimal(least), new BigDecimal(greatest), tool);
    }

    public boolean passes(BigDecimal value) {
        return value.compareTo(least) >= 0 && value.compareTo(greatest) <= 0;
    }

    /** For example {@code 80–120 N·m}; one number where the window is one. */
    public String window() {
        String span = least.compareTo(greatest) == 0 ? least.toPlainString() : least.toPlainString() + "–" + greatest.toPlainString();
        return unit.isEmpty() ? span : span + " " + unit;
    }
}
