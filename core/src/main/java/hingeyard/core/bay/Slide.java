package hingeyard.core.bay;

import hingeyard.core.bike.Point;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.algorithm.Distance;
import org.locationtech.jts.algorithm.PointLocation;
import org.locationtech.jts.geom.Coordinate;

/** One pack sliding along one tube. */
final class Slide {

    private static final double FINE = 0.005;
    private static final double GOLDEN = (Math.sqrt(5) - 1) / 2;
    /** What is done by hand and with care, taking it off and turning the key, may pass as near as this, mm. */
    private static final double PASSING = 1;

    private final Carrier carrier;
    private final Pack pack;
    private final double toTube;
    private final double toMoving;
    private final List<Tube> others;
    private final Coordinate[][] obstacles;
    private final Outline box;
    private final Outline way;
    private final Outline reach;
    private Coordinate[] ring = {};

    Slide(BayProblem problem, Carrier carrier) {
        this.carrier = carrier;
        this.pack = problem.pack();
        this.toTube = problem.toTube();
        this.toMoving = problem.toMoving();
        this.others = problem.obstacles().stream().filter(o -> !o.name().equals(carrier.tube().name())).toList();
        this.obstacles = others.stream().map(o -> new Coordinate[]{coordinate(o.from()), coordinate(o.to())}).toArray(Coordinate[][]::new);
        this.box = Outline.ofCase(pack);
        this.way = Outline.ofWay(pack);
        this.reach = Outline.ofReach(pack);
    }

    private static Coordinate coordinate(Point p) {
        return new Coordinate(p.x(), p.y());
    }

    /** Furthest place of the lower end that keeps the case on its tube; negative when the tube is shorter than the pack. */
    double longest() {
        return carrier.length() - pack.length();
    }

    /** Every place that keeps the clearances and comes off free; where a hand reaches the key too, if that is asked. */
    Intervals free(boolean reached) {
        Intervals left = Intervals.of(0, longest());
        boolean hand = reached && pack.room().wanted();
        left = under(under(left, box, toMoving), way, Math.min(toMoving, PASSING));
        left = hand ? under(left, reach, Math.min(toMoving, PASSING)) : left;
        for (int i = 0; i < obstacles.length; i++) {
            left = without(left, i, box, toTube);
            left = without(left, i, way, Math.min(toTube, PASSING));
            if (hand) {
                left = without(left, i, reach, Math.min(toTube, PASSING));
            }
        }
        return left;
    }

    /** How much too high the case is for what moves above the tube, mm; negative when it passes under. */
    double tooHigh() {
        return low() - carrier.tube().radius() + box.top() + toMoving - carrier.moving().room();
    }

    /** What is too high keeps off the stretch over which something moves. */
    private Intervals under(Intervals left, Outline outline, double clearance) {
        Overhead moving = carrier.moving();
        return low() - carrier.tube().radius() + outline.top() + clearance <= moving.room() ? left
                : left.without(moving.from() - clearance - outline.greatest(), moving.to() + clearance - outline.least());
    }

    /** The distance is convex along the tube: below a clearance lies one interval round its minimum. */
    private Intervals without(Intervals left, int obstacle, Outline outline, double clearance) {
        double limit = clearance + others.get(obstacle).radius();
        double top = longest();
        double least = minimum(obstacle, outline, top);
        if (distance(obstacle, outline, least) >= limit) {
            return left;
        }
        double from = distance(obstacle, outline, 0) < limit ? Double.NEGATIVE_INFINITY : edge(obstacle, outline, limit, 0, least);
        double to = distance(obstacle, outline, top) < limit ? Double.POSITIVE_INFINITY : edge(obstacle, outline, limit, top, least);
        return left.without(from, to);
    }

    private double minimum(int obstacle, Outline outline, double top) {
        double a = 0;
        double b = top;
        while (b - a > FINE) {
            double m = b - GOLDEN * (b - a);
            double n = a + GOLDEN * (b - a);
            double dm = distance(obstacle, outline, m);
            double dn = distance(obstacle, outline, n);
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
    private double edge(int obstacle, Outline outline, double limit, double clear, double near) {
        double good = clear;
        double bad = near;
        while (Math.abs(good - bad) > FINE) {
            double middle = (good + bad) / 2;
            if (distance(obstacle, outline, middle) >= limit) {
                good = middle;
            } else {
                bad = middle;
            }
        }
        return good;
    }

    /** From an outline at its place to an obstacle's centre line. */
    private double distance(int obstacle, Outline outline, double s) {
        lay(outline, s);
        Coordinate[] tube = obstacles[obstacle];
        if (PointLocation.isInRing(tube[0], ring) || PointLocation.isInRing(tube[1], ring)) {
            return 0;
        }
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i + 1 < ring.length; i++) {
            least = Math.min(least, Distance.segmentToSegment(ring[i], ring[i + 1], tube[0], tube[1]));
        }
        return least;
    }

    /** Lays an outline on the tube. It is asked some thousand times for a pack, so its corners are not made anew each time. */
    private void lay(Outline outline, double s) {
        Coordinate[] corners = outline.ring();
        if (ring.length != corners.length) {
            ring = new Coordinate[corners.length];
            for (int i = 0; i < ring.length; i++) {
                ring[i] = new Coordinate();
            }
        }
        Point start = carrier.tube().from();
        Point along = carrier.along();
        Point inward = carrier.inward();
        for (int i = 0; i < corners.length; i++) {
            double a = s + corners[i].x;
            double up = low() + corners[i].y;
            ring[i].setX(start.x() + along.x() * a + inward.x() * up);
            ring[i].setY(start.y() + along.y() * a + inward.y() * up);
        }
    }

    /** The case's underside above the tube's middle. */
    private double low() {
        return carrier.tube().radius() + carrier.raised() + pack.rail();
    }

    /** The lowest free place where two bosses lie in two slots. */
    Optional<BayPlace> onBosses(Intervals free) {
        List<Double> bosses = carrier.bosses();
        double half = pack.slotLength() / 2;
        List<Double> slots = pack.slots();
        BayPlace lowest = null;
        for (int a = 0; a < bosses.size(); a++) {
            for (int b = a + 1; b < bosses.size(); b++) {
                for (int i = 0; i < slots.size(); i++) {
                    for (int j = i + 1; j < slots.size(); j++) {
                        double from = Math.max(bosses.get(a) - slots.get(i), bosses.get(b) - slots.get(j)) - half;
                        double to = Math.min(bosses.get(a) - slots.get(i), bosses.get(b) - slots.get(j)) + half;
                        Optional<Double> place = free.within(from, to).lowest();
                        if (place.isPresent() && (lowest == null || place.get() < lowest.from())) {
                            lowest = at(place.get(), List.of(bosses.get(a), bosses.get(b)));
                        }
                    }
                }
            }
        }
        return Optional.ofNullable(lowest);
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
            least = Math.min(least, distance(i, box, s) - others.get(i).radius());
        }
        return least;
    }

    BayPlace at(double s, List<Double> bosses) {
        double least = Double.POSITIVE_INFINITY;
        String nearest = "";
        for (int i = 0; i < obstacles.length; i++) {
            double here = distance(i, box, s) - others.get(i).radius();
            if (here < least) {
                least = here;
                nearest = others.get(i).name();
            }
        }
        Point middle = carrier.tube().from().plus(carrier.along().times(s + box.middle().x()))
                .plus(carrier.inward().times(low() + box.middle().y()));
        return new BayPlace(carrier.tube().name(), s, least, nearest, bosses, middle, box.at(carrier, s, low()), way.at(carrier, s, low()),
                pack.room().wanted() ? reach.at(carrier, s, low()) : List.of());
    }
}
