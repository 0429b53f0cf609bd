package hingeyard.core.bay;

import hingeyard.core.bike.Point;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.ConvexHull;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;

/**
 * A convex outline that goes with the case: x along it from its lower end, y up from its underside, mm; the first corner stands last again.
 */
record Outline(Coordinate[] ring) {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    /**
     * A swing is taken in steps of so many degrees; between two a corner half a metre off bulges out by less than a quarter of a
     * millimetre.
     */
    private static final double STEP = 3;

    /** The case's side. */
    static Outline ofCase(Pack pack) {
        return hull(corners(pack));
    }

    /** The case and all of its way off the rail. */
    static Outline ofWay(Pack pack) {
        double by = pack.removal().up() ? pack.removal().slide() : -pack.removal().slide();
        List<Coordinate> all = new ArrayList<>(corners(pack));
        int steps = (int) Math.ceil(pack.removal().swing() / STEP);
        for (int i = 0; i <= steps; i++) {
            double turned = steps == 0 ? 0 : Math.toRadians(pack.removal().swing() * i / steps);
            corners(pack).forEach(c -> all.add(
                    new Coordinate(by + c.x * Math.cos(turned) - c.y * Math.sin(turned), c.x * Math.sin(turned) + c.y * Math.cos(turned))));
        }
        return hull(all);
    }

    /** The case and the room that a hand needs round it. */
    static Outline ofReach(Pack pack) {
        List<Coordinate> all = new ArrayList<>(corners(pack));
        Room room = pack.room();
        if (room.below() > 0) {
            all.addAll(box(-room.below(), 0, 0, pack.height()));
        }
        if (room.beyond() > 0) {
            all.addAll(box(pack.length(), pack.length() + room.beyond(), 0, pack.height()));
        }
        if (room.over() > 0) {
            all.addAll(box(0, pack.length(), pack.height(), pack.height() + room.over()));
        }
        return hull(all);
    }

    private static List<Coordinate> corners(Pack pack) {
        return pack.outline().isEmpty() ? box(0, pack.length(), 0, pack.height())
                : pack.outline().stream().map(p -> new Coordinate(p.x(), p.y())).toList();
    }

    private static List<Coordinate> box(double from, double to, double low, double high) {
        return List.of(new Coordinate(from, low), new Coordinate(to, low), new Coordinate(to, high), new Coordinate(from, high));
    }

    private static Outline hull(List<Coordinate> corners) {
        Coordinate[] ring = new ConvexHull(corners.toArray(Coordinate[]::new), GEOMETRY).getConvexHull().getCoordinates();
        if (ring.length < 4) {
            throw new IllegalArgumentException("outline " + corners + ": its corners must enclose something");
        }
        return new Outline(ring);
    }

    /** Its corners on the bike. */
    List<Point> at(Carrier carrier, double s, double low) {
        Point start = carrier.tube().from();
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < ring.length - 1; i++) {
            points.add(start.plus(carrier.along().times(s + ring[i].x)).plus(carrier.inward().times(low + ring[i].y)));
        }
        return points;
    }

    /** The middle of its area, for something of the same weight all through. */
    Point middle() {
        Coordinate middle = GEOMETRY.createPolygon(ring).getCentroid().getCoordinate();
        return new Point(middle.x, middle.y);
    }

    double least() {
        double least = Double.POSITIVE_INFINITY;
        for (Coordinate c : ring) {
            least = Math.min(least, c.x);
        }
        return least;
    }

    double greatest() {
        double greatest = Double.NEGATIVE_INFINITY;
        for (Coordinate c : ring) {
            greatest = Math.max(greatest, c.x);
        }
        return greatest;
    }

    double top() {
        double top = Double.NEGATIVE_INFINITY;
        for (Coordinate c : ring) {
            top = Math.max(top, c.y);
        }
        return top;
    }
}
