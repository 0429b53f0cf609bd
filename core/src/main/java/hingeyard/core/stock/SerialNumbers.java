package hingeyard.core.stock;

import hingeyard.core.explain.Ruling;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/** Numbers of single pieces, as they stand on their plates. */
public final class SerialNumbers {

    /** What a number looks like, as a pattern and in words. */
    public static final String PATTERN = "[A-Za-z0-9][A-Za-z0-9 ./-]{2,59}";
    public static final String SAID = "3 to 60 letters, figures, - / .";

    private SerialNumbers() {
    }

    /** Every piece of a delivery has a number of its own, or none has; capitals make no other number. */
    public static Ruling mayComeIn(int pieces, List<String> serials) {
        if (!serials.isEmpty() && serials.size() != pieces) {
            return Ruling.no("%d numbers for %d pieces: one for each piece, or none at all.".formatted(serials.size(), pieces));
        }
        Set<String> seen = new TreeSet<>(String.CASE_INSENSITIVE_ORDER);
        return serials.stream().filter(s -> !seen.add(s)).findFirst()
                .map(twice -> Ruling.no("Number %s stands there twice.".formatted(twice))).orElseGet(Ruling::yes);
    }
}
