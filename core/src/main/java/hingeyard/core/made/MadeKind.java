package hingeyard.core.made;

import hingeyard.core.bench.BenchFaultException;
import hingeyard.core.made.MadePart.Block;
import hingeyard.core.made.MadePart.CableSeparator;
import hingeyard.core.made.MadePart.HalfShim;
import hingeyard.core.made.MadePart.Sleeve;
import hingeyard.core.made.MadePart.SpacerRing;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;

/** The kinds of parts a shop makes, each with its measures in their order. */
public enum MadeKind {
    SPACER_RING("Spacer ring", List.of("inner", "outer", "height"), m -> new SpacerRing(m.get(0), m.get(1), m.get(2))),
    SLEEVE(
            "Bar sleeve", List.of("inner", "outer", "height", "slit"), m -> new Sleeve(m.get(0), m.get(1), m.get(2), m.get(3))),
    HALF_SHIM(
            "Half shim", List.of("inner", "outer", "height"), m -> new HalfShim(m.get(0), m.get(1), m.get(2))),
    BLOCK("Motor block",
            List.of("width", "height", "gapFront", "gapRear", "tube"),
            m -> new Block(m.get(0), m.get(1), m.get(2), m.get(3), m.get(4))),
    CABLE_SEPARATOR("Cable separator",
            List.of("lanes", "lane", "height"), m -> new CableSeparator(whole("lanes", m.get(0)), m.get(1), m.get(2)));

    private final String label;
    private final List<String> measures;
    private final Function<List<Double>, MadePart> maker;

    MadeKind(String label, List<String> measures, Function<List<Double>, MadePart> maker) {
        this.label = label;
        this.measures = measures;
        this.maker = maker;
    }

    public String label() {
        return label;
    }

    /** {@code spacer-ring}. */
    public String key() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Names of what it takes, in their order. */
    public List<String> measures() {
        return measures;
    }

    /**
     * @param given one for each of {@link #measures()}
     * @throws BenchFaultException naming the measure that cannot be, and what is allowed
     */
    public MadePart of(List<Double> given) {
        if (given.size() != measures.size() || given.contains(null)) {
            throw new BenchFaultException("measures", given.size() + " of them", String.join(", ", measures));
        }
        return maker.apply(given);
    }

    static int whole(String field, double value) {
        if (value != Math.rint(value) || Math.abs(value) > 1_000) {
            throw new BenchFaultException(field, String.valueOf(value), "a whole number");
        }
        return (int) value;
    }
}
