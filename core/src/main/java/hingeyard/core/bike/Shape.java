package hingeyard.core.bike;

import java.util.List;

/**
 * One piece of a drawing, to scale.
 *
 * @param part   what it is: {@code frame}, {@code rear-tyre}, {@code motor}…
 * @param form   how the points are to be read
 * @param ink    how it is drawn
 * @param points millimetres; one, the centre, for a circle
 * @param radius millimetres, for a circle; 0 otherwise
 * @param width  width of the stroke in millimetres; 0 for a filled area
 */
public record Shape(String part, Form form, Ink ink, List<Point> points, double radius, double width) {

    /** How the points are to be read. */
    public enum Form {
        LINE,
        AREA,
        CIRCLE
    }

    /** How it is drawn, and why so. */
    public enum Ink {
        /** From the kind's usual dimensions, not measured yet. */
        PENCIL,
        /** From a measure. */
        MEASURED,
        /** Of the kit, still to come. */
        PLANNED,
        /** Of the kit, on the bike. */
        FITTED,
        /** Of the kit, and the job is stuck. */
        STUCK
    }

    public Shape {
        points = List.copyOf(points);
    }

    static Shape line(String part, Ink ink, double width, Point... points) {
        return new Shape(part, Form.LINE, ink, List.of(points), 0, width);
    }

    static Shape area(String part, Ink ink, List<Point> points) {
        return new Shape(part, Form.AREA, ink, points, 0, 0);
    }

    static Shape circle(String part, Ink ink, Point centre, double radius, double width) {
        return new Shape(part, Form.CIRCLE, ink, List.of(centre), radius, width);
    }

    static Shape disc(String part, Ink ink, Point centre, double radius) {
        return circle(part, ink, centre, radius, 0);
    }
}
