package hingeyard.core.bay;

import hingeyard.core.bike.Point;
import java.util.List;

/**
 * A tube that may carry the rail.
 *
 * @param tube   its line begins at the bracket
 * @param inward unit vector from the tube into the triangle
 * @param bosses from the bracket along the tube, mm
 * @param room   above the tube's surface until the shock or a link at any travel, mm; infinite where nothing moves
 */
public record Carrier(Tube tube, Point inward, List<Double> bosses, double room) {

    public Carrier {
        bosses = List.copyOf(bosses);
    }

    Point along() {
        double length = tube.from().distanceTo(tube.to());
        return new Point((tube.to().x() - tube.from().x()) / length, (tube.to().y() - tube.from().y()) / length);
    }

    double length() {
        return tube.from().distanceTo(tube.to());
    }
}
