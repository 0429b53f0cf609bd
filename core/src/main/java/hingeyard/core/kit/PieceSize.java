package hingeyard.core.kit;

import hingeyard.core.quantity.Length;

/**
 * The dimensions of a spacer, washer or shim.
 *
 * @param thickness nominal thickness, more than 0 and at most 1 m
 * @param plusMinus thickness tolerance, 0 or more
 * @param inner     bore
 * @param outer     outer diameter, more than the bore and at most 1 m
 */
public record PieceSize(Length thickness, Length plusMinus, Length inner, Length outer) {

    private static final Length LARGEST = Length.ofMillimetres(1_000);

    public PieceSize {
        if (thickness.micrometres() <= 0) {
            throw new IllegalArgumentException("thickness " + thickness + ": must be more than 0");
        }
        if (thickness.isMoreThan(LARGEST) || outer.isMoreThan(LARGEST)) {
            throw new IllegalArgumentException(
                    "thickness %s, outer diameter %s: each must be at most %s".formatted(thickness, outer, LARGEST));
        }
        if (plusMinus.isNegative()) {
            throw new IllegalArgumentException("tolerance " + plusMinus + ": must be 0 or more");
        }
        if (!outer.isMoreThan(inner)) {
            throw new IllegalArgumentException("outer diameter " + outer + ": must be more than the bore " + inner);
        }
    }

    /** All in millimetres. */
    public static PieceSize of(String thickness, String plusMinus, String inner, String outer) {
        return new PieceSize(Length.ofMillimetres(thickness), Length.ofMillimetres(plusMinus), Length.ofMillimetres(inner),
                Length.ofMillimetres(outer));
    }
}
