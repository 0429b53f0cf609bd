package hingeyard.core.kit;

import hingeyard.core.quantity.Length;

/**
 * The dimensions of a spacer, washer or shim.
 *
 * @param thickness nominal thickness, more than 0
 * @param plusMinus thickness tolerance, 0 or more
 * @param inner     bore
 * @param outer     outer diameter, more than the bore
 */
public record PieceSize(Length thickness, Length plusMinus, Length inner, Length outer) {

    public PieceSize {
        if (thickness.micrometres() <= 0) {
            throw new IllegalArgumentException("thickness " + thickness + ": must be more than 0");
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
