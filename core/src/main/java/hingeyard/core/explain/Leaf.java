package hingeyard.core.explain;

/**
 * One side of a check: what the bike measures, or what the kit needs.
 *
 * @param says   the value, for example {@code 73.0 mm}
 * @param detail what qualifies it, for example {@code ± 0.1 mm, caliper}; may be empty
 */
public record Leaf(String says, String detail) {

    public static Leaf of(String says) {
        return new Leaf(says, "");
    }

    public static Leaf of(String says, String detail) {
        return new Leaf(says, detail);
    }

    public static Leaf notMeasured() {
        return new Leaf("", "not measured");
    }
}
