package hingeyard.core.bay;

import hingeyard.core.bike.Point;
import java.util.List;

/**
 * A tube that may carry the rail.
 *
 * @param tube   its line begins at the bracket
 * @param inward unit vector from the tube into the triangle
 * @param bosses from the bracket along the tube, mm
 * @param moving what moves above it
 * @param raised how much higher the rail lies than on a straight tube, mm
 */
public record Carrier(Tube tube, Point inward, List<Double> bosses, Overhead moving, double raised) {

    public Carrier {
        bosses = List.copyOf(bosses);
    }

    /** A straight tube with nothing moving above it. */
    public Carrier(Tube tube, Point inward, List<Double> bosses) {
        this(tube, inward, bosses, Overhead.NOTHING, 0);
    }

    Point along() {
        double length = tube.from().distanceTo(tube.to());
        return new Point((tube.to().x() - tube.from().x()) / length, (tube.to().y() - tube.from().y()) / length);
    }

    double length() {
        return tube.from().distanceTo(tube.to());
    }
}
