package hingeyard.core.bay;

import hingeyard.core.bike.Point;
import java.util.List;
import org.locationtech.jts.algorithm.Distance;
import org.locationtech.jts.algorithm.PointLocation;
import org.locationtech.jts.geom.Coordinate;

/** One pack sliding along one tube. */
final class Slide {

    private static final double FINE = 0.005;
    private static final double GOLDEN = (Math.sqrt(5) - 1) / 2;

    private final Carrier carrier;
    private final Pack pack;
    private final List<Tube> others;
    private final Coordinate[][] obstacles;
    private final Coordinate[] ring = {new Coordinate(), new Coordinate(), new Coordinate(), new Coordinate(), new Coordinate()};

    Slide(BayProblem problem, Carrier carrier) {
        this.carrier = carrier;
        this.pack = problem.pack();
        this.others = problem.obstacles().stream().filter(o -> !o.name().equals(carrier.tube().name())).toList();
        this.obstacles = others.stream().map(o -> new Coordinate[] {coordinate(o.from()), coordinate(o.to())}).toArray(Coordinate[][]::new);
    }

    private static Coordinate coordinate(Point p) {
        return new Coordinate(p.x(), p.y());
    }

    /** Furthest place of the lower end that keeps the case on its tube; negative when the tube is shorter than the pack. */
    double longest() {
        return carrier.length() - pack.length();
    }

    /** Every place that keeps the clearances. */
    Intervals free(double clearance, double passing) {
        Intervals left = Intervals.of(0, longest());
        for (int i = 0; i < obstacles.length; i++) {
            left = without(left, i, others.get(i), false, clearance);
            left = without(left, i, others.get(i), true, Math.min(clearance, passing));
        }
        return left;
    }

    /** The distance is convex along the tube: below a clearance lies one interval round its minimum. */
    private Intervals without(Intervals left, int obstacle, Tube tube, boolean swept, double clearance) {
        double limit = clearance + tube.radius();
        double top = longest();
        double least = minimum(obstacle, swept, top);
        if (distance(obstacle, swept, least) >= limit) {
            return left;
        }
        double from = distance(obstacle, swept, 0) < limit ? Double.NEGATIVE_INFINITY : edge(obstacle, swept, limit, 0, least);
        double to = distance(obstacle, swept, top) < limit ? Double.POSITIVE_INFINITY : edge(obstacle, swept, limit, top, least);
        return left.without(from, to);
    }

    private double minimum(int obstacle, boolean swept, double top) {
        double a = 0;
        double b = top;
        while (b - a > FINE) {
            double m = b - GOLDEN * (b - a);
            double n = a + GOLDEN * (b - a);
            double dm = distance(obstacle, swept, m);
            double dn = distance(obstacle, swept, n);
            if (dm == 0 && dn == 0) {
                return m;
            }
            if (dm <= dn) {
                b = n;
            } else {
                a = m;
            }
        }
        return (a + b) / 2;
    }

    /** The outermost place on the way from {@code clear} to {@code near} that still keeps the limit. */
    private double edge(int obstacle, boolean swept, double limit, double clear, double near) {
        double good = clear;
        double bad = near;
        while (Math.abs(good - bad) > FINE) {
            double middle = (good + bad) / 2;
            if (distance(obstacle, swept, middle) >= limit) {
                good = middle;
            } else {
                bad = middle;
            }
        }
        return good;
    }

    /** From the case, or the case and the way it slides off, to an obstacle's centre line. */
    private double distance(int obstacle, boolean swept, double s) {
        double from = swept && !pack.slidesUp() ? s - pack.slideOff() : s;
        double to = from + pack.length() + (swept ? pack.slideOff() : 0);
        corner(0, from, low());
        corner(1, to, low());
        corner(2, to, low() + pack.height());
        corner(3, from, low() + pack.height());
        ring[4].setCoordinate(ring[0]);
        Coordinate[] tube = obstacles[obstacle];
        if (PointLocation.isInRing(tube[0], ring) || PointLocation.isInRing(tube[1], ring)) {
            return 0;
        }
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < 4; i++) {
            least = Math.min(least, Distance.segmentToSegment(ring[i], ring[i + 1], tube[0], tube[1]));
        }
        return least;
    }

    /** A corner of the case: so far along the tube, so high above its middle. It is asked some thousand times for a pack, so nothing is made anew. */
    private void corner(int i, double along, double high) {
        Point start = carrier.tube().from();
        ring[i].setX(start.x() + carrier.along().x() * along + carrier.inward().x() * high);
        ring[i].setY(start.y() + carrier.along().y() * along + carrier.inward().y() * high);
    }

    private double low() {
        return carrier.tube().radius() + pack.rail();
    }

    private List<Point> outline(double s) {
        return Bay.quad(carrier, s, pack.length(), low(), low() + pack.height());
    }

    private List<Point> swept(double s) {
        return Bay.quad(carrier, pack.slidesUp() ? s : s - pack.slideOff(), pack.length() + pack.slideOff(), low(), low() + pack.height());
    }

    /** The place of the greatest clearance, found on a grid of a millimetre: it only says how far off it is. */
    double widest() {
        double best = 0;
        double most = Double.NEGATIVE_INFINITY;
        for (double s = 0; s <= longest(); s += Math.max(1, longest() / 100)) {
            double here = clearance(s);
            if (here > most) {
                most = here;
                best = s;
            }
        }
        return best;
    }

    private double clearance(double s) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < obstacles.length; i++) {
            least = Math.min(least, distance(i, false, s) - others.get(i).radius());
        }
        return least;
    }

    BayPlace at(double s, List<Double> bosses) {
        double least = Double.POSITIVE_INFINITY;
        String nearest = "";
        for (int i = 0; i < obstacles.length; i++) {
            double here = distance(i, false, s) - others.get(i).radius();
            if (here < least) {
                least = here;
                nearest = others.get(i).name();
            }
        }
        Point middle = carrier.tube().from().plus(carrier.along().times(s + pack.length() / 2)).plus(carrier.inward().times(low() + pack.height() / 2));
        return new BayPlace(carrier.tube().name(), s, least, nearest, bosses, middle, outline(s), swept(s));
    }
}
