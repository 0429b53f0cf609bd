package hingeyard.core.bike;

import java.util.List;

/**
 * A side elevation to scale, back to front.
 *
 * @param left,bottom,right,top the box around all of it, millimetres
 * @param shapes                in drawing order
 * @param dimensions            dimension lines
 */
public record BikeDrawing(double left, double bottom, double right, double top, List<Shape> shapes, List<Dimension> dimensions) {

    public BikeDrawing {
        shapes = List.copyOf(shapes);
        dimensions = List.copyOf(dimensions);
    }

    /** The same without its dimension lines, as it stands small in the yard. */
    public BikeDrawing bare() {
        return new BikeDrawing(left, bottom, right, top, shapes, List.of());
    }

    static BikeDrawing around(List<Shape> shapes, List<Dimension> dimensions) {
        double left = Double.MAX_VALUE;
        double bottom = Double.MAX_VALUE;
        double right = -Double.MAX_VALUE;
        double top = -Double.MAX_VALUE;
        for (Shape s : shapes) {
            double reach = s.radius() + s.width() / 2;
            for (Point p : s.points()) {
                left = Math.min(left, p.x() - reach);
                right = Math.max(right, p.x() + reach);
                bottom = Math.min(bottom, p.y() - reach);
                top = Math.max(top, p.y() + reach);
            }
        }
        return new BikeDrawing(left, bottom, right, top, shapes, dimensions);
    }
}
