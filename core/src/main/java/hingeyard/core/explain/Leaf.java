package hingeyard.core.explain;

import hingeyard.core.quantity.Quantity;

/**
 * One side of a check: what the bike measures, or what the kit needs.
 *
 * @param value     the value, for example {@code 73.0 mm}
 * @param qualifier what qualifies it, for example {@code ± 0.1 mm, caliper}; may be empty
 */
public record Leaf(Sentence value, Sentence qualifier) {

    private static final Sentence NOTHING = Sentence.plain("");
    private static final Leaf NOT_MEASURED = of("", "not measured");

    public static Leaf of(CharSequence says) {
        return new Leaf(Sentence.plain(says), NOTHING);
    }

    public static Leaf of(CharSequence says, CharSequence detail) {
        return new Leaf(Sentence.plain(says), Sentence.plain(detail));
    }

    public static Leaf of(Quantity says, CharSequence detail) {
        return new Leaf(Sentence.of("%s", says), Sentence.plain(detail));
    }

    public static Leaf notMeasured() {
        return NOT_MEASURED;
    }

    public String says() {
        return value.toString();
    }

    public String detail() {
        return qualifier.toString();
    }
}
