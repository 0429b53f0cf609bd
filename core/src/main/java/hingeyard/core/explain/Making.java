package hingeyard.core.explain;

import hingeyard.core.quantity.Length;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A part that the shop makes for a job, as data: what kind of part it is and its measures. What it is, how long it takes and its body are
 * told by the package of made parts.
 *
 * @param kind     kebab-case: {@code turned-ring}
 * @param measures in the order of the kind, mm, or pieces where it counts something
 */
public record Making(String kind, List<BigDecimal> measures) {

    public Making {
        measures = measures.stream().map(BigDecimal::stripTrailingZeros).toList();
    }

    public static Making of(String kind, Length... measures) {
        return new Making(kind, Arrays.stream(measures).map(l -> BigDecimal.valueOf(l.micrometres(), 3)).toList());
    }

    /** @param count the first measure, pieces */
    public static Making counting(String kind, int count, Length... measures) {
        return new Making(kind, Stream.concat(Stream.of(BigDecimal.valueOf(count)), of(kind, measures).measures.stream()).toList());
    }

    /** {@code turned-ring 12.2 24 1.35}: how a bill keeps it. */
    public String text() {
        return Stream.concat(Stream.of(kind), measures.stream().map(BigDecimal::toPlainString)).collect(Collectors.joining(" "));
    }

    /** @throws NumberFormatException when a measure is no number */
    public static Making parse(String text) {
        String[] words = text.split(" ");
        return new Making(words[0], Arrays.stream(words).skip(1).map(BigDecimal::new).toList());
    }
}
