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

    /**
     * @param least,most millimetres
     * @throws IllegalArgumentException when a figure lies outside what such a thing has on any bicycle
     */
    static void within(String what, Length value, int least, int most) {
        if (value.isLessThan(Length.ofMillimetres(least)) || value.isMoreThan(Length.ofMillimetres(most))) {
            throw new IllegalArgumentException("%s %s: must be from %d to %d mm".formatted(what, value, least, most));
        }
    }
}
