package hingeyard.core.fit.checks;

import hingeyard.core.bay.Bay;
import hingeyard.core.bay.BayAnswer;
import hingeyard.core.bay.BayProblem;
import hingeyard.core.bay.Carrier;
import hingeyard.core.bay.Overhead;
import hingeyard.core.bay.Pack;
import hingeyard.core.bay.Room;
import hingeyard.core.bay.Tube;
import hingeyard.core.bike.BikeGeometry;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.LengthMeasure;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.Point;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.TriangleMeasures;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Battery;
import hingeyard.core.kit.BatteryCase;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The battery's place in this bike's triangle, worked out once for all checks that build on it. */
final class BayPlan {

    private static final Set<BikeKind> WITHOUT_TOP_TUBE = EnumSet.of(BikeKind.STEP_THROUGH, BikeKind.FOLDING, BikeKind.RECUMBENT_TRIKE);
    static final Measure[] NEEDS = {TriangleMeasures.DOWN_TUBE, TriangleMeasures.SEAT_TUBE, TriangleMeasures.TOP_TUBE,
        TriangleMeasures.DOWN_TUBE_DIAMETER,
        TriangleMeasures.SEAT_TUBE_DIAMETER, TriangleMeasures.TOP_TUBE_DIAMETER, TriangleMeasures.SHOCK_TO_DOWN_TUBE};
    private static final Map<BikeKind, List<Measure>> NEEDED = Stream.of(BikeKind.values())
            .collect(Collectors.toUnmodifiableMap(k -> k, k -> Stream.of(NEEDS).filter(m -> asksFor(m, k)).toList()));
    private static final Map<BikeKind, List<Measure>> STANDS_OPEN = Stream.of(BikeKind.values()).collect(Collectors.toUnmodifiableMap(
            k -> k,
            k -> Stream.concat(NEEDED.get(k).stream(), Stream.of(TriangleMeasures.HEAD_BOTTOM_FORWARD, TriangleMeasures.HEAD_BOTTOM_UP))
                    .toList()));
    /** Usual head tube, which no measure asks for. */
    private static final double HEAD_RADIUS = 22;

    static final String DOWN_TUBE = "down tube";

    private final BayAnswer answer;
    private final BayAnswer hopeful;
    private final boolean stretchMightFind;

    private BayPlan(FitCase c) {
        double sure = 2 * uncertainty(c).inMillimetres();
        double wanted = c.rules().value(LengthRule.BAY_TO_TUBE).inMillimetres();
        this.answer = Bay.place(problem(c, wanted + sure, overhead(c)));
        this.hopeful = answer.place().isPresent() ? answer : Bay.place(problem(c, Math.max(0, wanted - sure), overhead(c)));
        boolean stretchKnown = c.survey().has(TriangleMeasures.SHOCK_OVER_FROM) && c.survey().has(TriangleMeasures.SHOCK_OVER_TO);
        this.stretchMightFind = answer.covered() > 0 && !stretchKnown
                && Bay.place(problem(c, wanted + sure, Overhead.NOTHING)).place().isPresent();
    }

    static BayPlan of(FitCase c) {
        return c.once(BayPlan.class, k -> k.shared(BayPlan.class,
                List.of(k.kit().battery().length(), k.kit().battery().height(), k.kit().battery().casing()), BayPlan::new));
    }

    /** The place that holds whatever the measures' uncertainty. */
    BayAnswer answer() {
        return answer;
    }

    /** Whether there would be a place if every measure were off in the pack's favour. */
    boolean finerMightFind() {
        return answer.place().isEmpty() && hopeful.place().isPresent();
    }

    /** Whether it is too high under shock and link, and would have a place if they moved over no more than part of the tube. */
    boolean stretchMightFind() {
        return stretchMightFind;
    }

    /** Whether there is no place yet, and a measure could still find one. */
    boolean open() {
        return answer.place().isEmpty() && (finerMightFind() || stretchMightFind);
    }

    /** What would settle it. */
    static String[] openMeasures(BayPlan plan) {
        return plan.finerMightFind() ? new String[]{TriangleMeasures.DOWN_TUBE.key(), TriangleMeasures.SEAT_TUBE.key()}
                : new String[]{TriangleMeasures.SHOCK_OVER_FROM.key(), TriangleMeasures.SHOCK_OVER_TO.key()};
    }

    /** No top tube, no shock: not asked for. */
    private static boolean asksFor(Measure measure, BikeKind kind) {
        boolean shock = measure == TriangleMeasures.SHOCK_TO_DOWN_TUBE;
        boolean topTube = measure == TriangleMeasures.TOP_TUBE || measure == TriangleMeasures.TOP_TUBE_DIAMETER;
        return (!shock || kind == BikeKind.FULL_SUSPENSION) && (!topTube || hasTopTube(kind));
    }

    /** The measures that the plan of this bike rests on: the lengths of its tubes, and where the head tube is when these do not say. */
    static List<Measure> needed(FitCase c) {
        return stands(c) ? lengths(c) : STANDS_OPEN.get(c.bike().kind());
    }

    static List<Measure> lengths(FitCase c) {
        return NEEDED.get(c.bike().kind());
    }

    /** Whether the measures say how the triangle stands. */
    static boolean stands(FitCase c) {
        return !hasTopTube(c.bike().kind()) || BikeGeometry.closes(c.bike().kind(), c.survey());
    }

    private static boolean hasTopTube(BikeKind kind) {
        return !WITHOUT_TOP_TUBE.contains(kind);
    }

    static Length uncertainty(FitCase c) {
        return c.survey().length(TriangleMeasures.DOWN_TUBE).map(Reading.OfLength::plusMinus).orElse(Length.ofMillimetres(1))
                .max(doubt(c, TriangleMeasures.SEAT_TUBE))
                .max(hasTopTube(c.bike().kind()) ? doubt(c, TriangleMeasures.TOP_TUBE) : Length.ZERO);
    }

    private static Length doubt(FitCase c, LengthMeasure tube) {
        return c.survey().length(tube).map(Reading.OfLength::plusMinus).orElse(Length.ZERO);
    }

    private static BayProblem problem(FitCase c, double clearance, Overhead overhead) {
        List<Point> joints = BikeGeometry.joints(c.bike().kind(), c.survey());
        Point bracket = joints.get(2);
        Tube down = new Tube(DOWN_TUBE, bracket, joints.get(3), radius(c, TriangleMeasures.DOWN_TUBE_DIAMETER, 17.5));
        Tube seat = new Tube("seat tube", bracket, joints.get(5), radius(c, TriangleMeasures.SEAT_TUBE_DIAMETER, 14.3));
        List<Tube> obstacles = new ArrayList<>(List.of(down, seat, new Tube("head tube", joints.get(3), joints.get(4), HEAD_RADIUS)));
        if (hasTopTube(c.bike().kind())) {
            obstacles.add(new Tube("top tube", joints.get(5), joints.get(4), radius(c, TriangleMeasures.TOP_TUBE_DIAMETER, 14.3)));
        }
        Carrier onDown = new Carrier(down, across(down, 1), bosses(c, TriangleMeasures.DOWN_BOSS_LOW, TriangleMeasures.DOWN_BOSS_HIGH),
                overhead, RailHold.raised(c).inMillimetres());
        Carrier onSeat = new Carrier(seat, across(seat, -1), bosses(c, TriangleMeasures.SEAT_BOSS_LOW, TriangleMeasures.SEAT_BOSS_HIGH));
        List<Carrier> carriers = c.bike().kind() == BikeKind.FULL_SUSPENSION || c.bike().kind() == BikeKind.FOLDING ? List.of(onDown)
                : List.of(onDown, onSeat);
        return new BayProblem(carriers, obstacles, pack(c.kit().battery()), clearance,
                c.rules().value(LengthRule.BAY_TO_SHOCK).inMillimetres());
    }

    /** Shock and link at the lowest they come, over the stretch where they do; over all of the tube while that was not measured. */
    private static Overhead overhead(FitCase c) {
        return c.survey().length(TriangleMeasures.SHOCK_TO_DOWN_TUBE).map(r -> new Overhead(r.value().minus(r.plusMinus()).inMillimetres(),
                c.survey().length(TriangleMeasures.SHOCK_OVER_FROM).map(f -> f.value().minus(f.plusMinus()).inMillimetres())
                        .orElse(Double.NEGATIVE_INFINITY),
                c.survey().length(TriangleMeasures.SHOCK_OVER_TO).map(t -> t.value().plus(t.plusMinus()).inMillimetres())
                        .orElse(Double.POSITIVE_INFINITY)))
                .orElse(Overhead.NOTHING);
    }

    private static Pack pack(Battery battery) {
        BatteryCase casing = battery.casing();
        return new Pack(battery.length().inMillimetres(), battery.height().inMillimetres(), casing.railHeight().inMillimetres(),
                casing.railSlots().stream().map(Length::inMillimetres).toList(), casing.slotLength().inMillimetres(),
                new Pack.Removal(casing.slideOff().inMillimetres(), casing.slidesUp(), casing.swing()),
                room(casing),
                casing.outline().stream().map(corner -> new Point(corner.along().inMillimetres(), corner.up().inMillimetres())).toList());
    }

    private static Room room(BatteryCase casing) {
        double hand = casing.keyRoom().inMillimetres();
        return switch (casing.keySide()) {
            case AWAY_FROM_RAIL -> new Room(0, 0, hand);
            case LOWER_END -> new Room(hand, 0, 0);
            case UPPER_END -> new Room(0, hand, 0);
            case BESIDE -> Room.NONE;
        };
    }

    private static Point across(Tube tube, int turn) {
        double length = Math.max(1e-6, tube.from().distanceTo(tube.to()));
        return new Point(-turn * (tube.to().y() - tube.from().y()) / length, turn * (tube.to().x() - tube.from().x()) / length);
    }

    private static double radius(FitCase c, LengthMeasure diameter, double usual) {
        return c.survey().length(diameter).map(r -> r.value().inMillimetres() / 2).orElse(usual);
    }

    private static List<Double> bosses(FitCase c, LengthMeasure low, LengthMeasure high) {
        return Stream.of(low, high).flatMap(m -> c.survey().length(m).stream()).map(r -> r.value().inMillimetres()).toList();
    }
}
