package hingeyard.core.kit;

import hingeyard.core.quantity.Length;

/** Two ends of a span on a sheet. */
final class Span {

    private Span() {
    }

    /** @throws IllegalArgumentException when the span ends before it begins */
    static void inOrder(String what, Length from, Length to) {
        if (from.isMoreThan(to)) {
            throw new IllegalArgumentException("%s from %s to %s: must not end before it begins".formatted(what, from, to));
        }
    }
}
