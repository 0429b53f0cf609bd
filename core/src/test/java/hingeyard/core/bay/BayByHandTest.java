package hingeyard.core.bay;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Seeds;
import hingeyard.core.bay.Pack.Removal;
import hingeyard.core.bike.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * The place found, against pushing the case along the tube by hand: half a millimetre at a time, turned out by a quarter of a degree at a
 * time.
 */
class BayByHandTest {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final double CLEAR = 5;
    private static final double PASSING = 1;
    private static final double STEP = 0.5;
    /** What the swing's steps may hide: half a metre × (1 − cos 1.5°). */
    private static final double BULGE = 0.2;

    static IntStream seeds() {
        return Seeds.first(300);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void findsTheLowestPlaceThereIs(int seed) {
        BayProblem problem = anyProblem(seed);
        Pack pack = problem.pack();
        Carrier carrier = problem.carriers().get(0);
        List<Tube> tubes = problem.obstacles();
        Point end = carrier.tube().to();
        double length = Math.hypot(end.x(), end.y());
        OptionalDouble byHand = IntStream.iterate(0, i -> i * STEP <= length - pack.length(), i -> i + 1).mapToDouble(i -> i * STEP)
                .filter(s -> goes(s, pack, carrier, tubes, 0)).findFirst();
        BayAnswer answer = Bay.place(problem);
        if (answer.place().isPresent()) {
            assertThat(goes(answer.place().get().from(), pack, carrier, tubes, 0.02)).as("the place found is one").isTrue();
            byHand.ifPresent(
                    s -> assertThat(s).as("none lies lower").isGreaterThanOrEqualTo(answer.place().get().from() - 0.02 - slack(pack)));
        } else if (pack.removal().swing() == 0 && plain(pack)) {
            assertThat(byHand).as("none found, none there").isEmpty();
        }
    }

    static BayProblem anyProblem(int seed) {
        Random random = new Random(seed);
        Point head = new Point(350 + random.nextInt(200), 300 + random.nextInt(250));
        Point cluster = new Point(-80 - random.nextInt(120), 350 + random.nextInt(200));
        double length = Math.hypot(head.x(), head.y());
        Tube down = new Tube("down tube", new Point(0, 0), head, 15 + random.nextInt(12));
        List<Tube> tubes = List.of(down, new Tube("seat tube", new Point(0, 0), cluster, 14),
                new Tube("top tube", cluster, head.plus(new Point(-30, 120)), 14));
        Carrier carrier = new Carrier(down, new Point(-head.y() / length, head.x() / length), List.of(), Overhead.NOTHING,
                random.nextInt(4));
        Pack pack = pack(random);
        return new BayProblem(List.of(carrier), tubes, pack, CLEAR, 10);
    }

    /** Hulls take in a little more than a hand does where it swings or the case is no rectangle with its key over all of it. */
    private static double slack(Pack pack) {
        return pack.removal().swing() == 0 && plain(pack) ? 0 : 40;
    }

    private static boolean plain(Pack pack) {
        return pack.outline().isEmpty();
    }

    private static Pack pack(Random random) {
        double length = 200 + random.nextInt(200);
        double height = 60 + random.nextInt(60);
        Removal removal = new Removal(random.nextInt(60), random.nextBoolean(), random.nextInt(3) == 0 ? 5 + random.nextInt(25) : 0);
        Room room = switch (random.nextInt(4)) {
            case 0 -> Room.NONE;
            case 1 -> new Room(random.nextInt(30), 0, 0);
            case 2 -> new Room(0, random.nextInt(30), 0);
            default -> new Room(0, 0, random.nextInt(30));
        };
        List<Point> wedge = random.nextInt(3) == 0 ? List.of(new Point(0, 0), new Point(length, 0), new Point(length, height / 2),
                new Point(length / 3, height), new Point(0, height)) : List.of();
        return new Pack(length, height, 12, List.of(), 20, removal, room, wedge);
    }

    private static boolean goes(double s, Pack pack, Carrier carrier, List<Tube> tubes, double less) {
        Geometry side = side(pack);
        double by = pack.removal().up() ? pack.removal().slide() : -pack.removal().slide();
        List<Geometry> passing = new ArrayList<>();
        for (double part = 0; part <= 1; part += 0.1) {
            passing.add(AffineTransformation.translationInstance(by * part, 0).transform(side));
        }
        for (double turned = 0; turned <= pack.removal().swing(); turned += 0.25) {
            passing.add(AffineTransformation.rotationInstance(Math.toRadians(turned)).translate(by, 0).transform(side));
        }
        Room room = pack.room();
        passing.add(box(-room.below(), pack.length() + room.beyond(), 0, pack.height() + room.over())
                .difference(box(0, pack.length(), 0, pack.height())));
        double swung = pack.removal().swing() > 0 ? BULGE : 0;
        return clear(side, s, carrier, tubes, CLEAR - less)
                && passing.stream().allMatch(g -> clear(g, s, carrier, tubes, PASSING - less - swung));
    }

    private static Geometry side(Pack pack) {
        if (pack.outline().isEmpty()) {
            return box(0, pack.length(), 0, pack.height());
        }
        List<Coordinate> ring = new ArrayList<>(pack.outline().stream().map(p -> new Coordinate(p.x(), p.y())).toList());
        ring.add(ring.get(0));
        return GEOMETRY.createPolygon(ring.toArray(Coordinate[]::new));
    }

    private static Polygon box(double from, double to, double low, double high) {
        return GEOMETRY.createPolygon(new Coordinate[]{new Coordinate(from, low), new Coordinate(to, low), new Coordinate(to, high),
            new Coordinate(from, high), new Coordinate(from, low)});
    }

    private static boolean clear(Geometry outline, double s, Carrier carrier, List<Tube> tubes, double wanted) {
        if (outline.isEmpty()) {
            return true;
        }
        double low = carrier.tube().radius() + carrier.raised() + 12;
        Point along = carrier.along();
        Point inward = carrier.inward();
        AffineTransformation onto = new AffineTransformation(along.x(), inward.x(), along.x() * s + inward.x() * low, along.y(), inward.y(),
                along.y() * s + inward.y() * low);
        Geometry there = onto.transform(outline);
        return tubes.stream().filter(t -> t != carrier.tube())
                .allMatch(t -> there.distance(GEOMETRY.createLineString(new Coordinate[]{new Coordinate(t.from().x(), t.from().y()),
                    new Coordinate(t.to().x(), t.to().y())})) - t.radius() >= wanted);
    }
}
