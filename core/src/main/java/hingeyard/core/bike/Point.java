package hingeyard.core.bike;

/**
 * A point of the side elevation.
 *
 * @param x millimetres forward of the bracket's centre
 * @param y millimetres above the bracket's centre
 */
public record Point(double x, double y) {

    public static final Point BRACKET = new Point(0, 0);

    public Point plus(Point other) {
        return new Point(x + other.x, y + other.y);
    }

    public Point times(double factor) {
        return new Point(x * factor, y * factor);
    }

    /** The point that lies {@code fraction} of the way to {@code other}. */
    public Point towards(Point other, double fraction) {
        return new Point(x + (other.x - x) * fraction, y + (other.y - y) * fraction);
    }

    public double distanceTo(Point other) {
        return Math.hypot(x - other.x, y - other.y);
    }

    /** Unit vector at {@code degrees} from the forward axis, counter-clockwise. */
    public static Point direction(double degrees) {
        return new Point(Math.cos(Math.toRadians(degrees)), Math.sin(Math.toRadians(degrees)));
    }
}
