package hingeyard.core.bay;

/**
 * What moves above a tube, a shock or its link.
 *
 * @param room above the tube's surface until it, at any travel, mm; infinite where nothing moves
 * @param from the stretch of the tube over which it moves begins here, mm from the bracket
 * @param to   and ends here; infinite where nobody knows better
 */
public record Overhead(double room, double from, double to) {

    public static final Overhead NOTHING = over(Double.POSITIVE_INFINITY);

    /** Over all of the tube. */
    public static Overhead over(double room) {
        return new Overhead(room, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY);
    }
}
