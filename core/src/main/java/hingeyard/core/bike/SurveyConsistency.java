package hingeyard.core.bike;

import static hingeyard.core.bike.TriangleMeasures.DOWN_BOSS_HIGH;
import static hingeyard.core.bike.TriangleMeasures.DOWN_BOSS_LOW;
import static hingeyard.core.bike.TriangleMeasures.HEAD_BOTTOM_UP;
import static hingeyard.core.bike.TriangleMeasures.HEAD_TOP_UP;
import static hingeyard.core.bike.TriangleMeasures.SEAT_BOSS_HIGH;
import static hingeyard.core.bike.TriangleMeasures.SEAT_BOSS_LOW;
import static hingeyard.core.bike.TriangleMeasures.SHOCK_LENGTH;
import static hingeyard.core.bike.TriangleMeasures.SHOCK_LENGTH_FULL;

import hingeyard.core.quantity.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Finds values that cannot all be true. Each rule allows for the tools' uncertainty: two readings contradict each other only
 * when no values inside their bands agree.
 */
public final class SurveyConsistency {

    /** A thru-axle's stated width is the over-locknut distance; frames are made within a millimetre and a half of it. */
    private static final Length AXLE_TOLERANCE = Length.ofMillimetres("1.5");
    /** A bore is never further from its standard's minor diameter than a cut thread is deep. */
    private static final Length BORE_TOLERANCE = Length.ofMillimetres("1.2");

    private final FrameSurvey survey;
    private final List<Contradiction> found = new ArrayList<>();

    private SurveyConsistency(FrameSurvey survey) {
        this.survey = survey;
    }

    /** Every contradiction, in the order of the rules. */
    public static List<Contradiction> of(FrameSurvey survey) {
        SurveyConsistency check = new SurveyConsistency(survey);
        check.cogs();
        check.axle("rear", RearMeasures.OVER_LOCKNUT, RearMeasures.THRU_AXLE, RearMeasures.DROPOUT_KIND);
        check.axle("front", FrontMeasures.OVER_LOCKNUT, FrontMeasures.THRU_AXLE, FrontMeasures.DROPOUT_KIND);
        check.less("rear-tyre-between-stays", RearMeasures.TYRE_WIDTH, RearMeasures.CLEAR_WIDTH, "the tyre would not turn");
        check.less("front-tyre-between-blades", FrontMeasures.TYRE_WIDTH, FrontMeasures.CLEAR_WIDTH, "the tyre would not turn");
        check.less("rear-rim-in-tyre", RearMeasures.RIM_INNER_WIDTH, RearMeasures.TYRE_WIDTH, "a rim is narrower than its tyre");
        check.less("front-rim-in-tyre", FrontMeasures.RIM_INNER_WIDTH, FrontMeasures.TYRE_WIDTH, "a rim is narrower than its tyre");
        check.less("rear-rotor-in-rim", RearMeasures.ROTOR_DIAMETER, RearMeasures.BEAD_SEAT, "a rotor is smaller than its rim");
        check.less("front-rotor-in-rim", FrontMeasures.ROTOR_DIAMETER, FrontMeasures.BEAD_SEAT, "a rotor is smaller than its rim");
        check.less("down-bosses", DOWN_BOSS_LOW, DOWN_BOSS_HIGH, "the lower boss is the nearer one");
        check.less("seat-bosses", SEAT_BOSS_LOW, SEAT_BOSS_HIGH, "the lower boss is the nearer one");
        check.less("head-tube-ends", HEAD_BOTTOM_UP, HEAD_TOP_UP, "the head tube's bottom is below its top");
        check.less("shock-travel", SHOCK_LENGTH_FULL, SHOCK_LENGTH, "a pressed shock is shorter");
        check.less("down-tube-start", BracketMeasures.DOWN_TUBE_DISTANCE, TriangleMeasures.DOWN_TUBE, "that is longer than the tube");
        check.masses();
        check.shell();
        check.triangle();
        check.brake("rear", RearMeasures.BRAKE_KIND, RearMeasures.ROTOR_DIAMETER);
        check.brake("front", FrontMeasures.BRAKE_KIND, FrontMeasures.ROTOR_DIAMETER);
        return List.copyOf(check.found);
    }

    /** Those that a reading brings with it. */
    public static List<Contradiction> broughtBy(Reading reading, FrameSurvey before) {
        return of(before.with(reading)).stream().filter(c -> c.measures().contains(reading.measure())).toList();
    }

    private void say(String id, String sentence, Measure... measures) {
        found.add(new Contradiction(id, List.of(measures), sentence));
    }

    private String named(Measure measure) {
        return measure.title() + " " + survey.reading(measure).map(Reading::text).orElse("");
    }

    /** {@code lesser} must be below {@code greater}. */
    private void less(String id, LengthMeasure lesser, LengthMeasure greater, String because) {
        survey.length(lesser).ifPresent(a -> survey.length(greater)
                .filter(b -> a.band().least().isMoreThan(b.band().greatest()) || a.value().equals(b.value()))
                .ifPresent(b -> say(id, "%s and %s do not go together: %s.".formatted(named(lesser), named(greater), because), lesser,
                        greater)));
    }

    private void cogs() {
        Optional<Long> smallest = survey.number(RearMeasures.SMALLEST_COG);
        Optional<Long> largest = survey.number(RearMeasures.LARGEST_COG);
        if (smallest.isEmpty() || largest.isEmpty()) {
            return;
        }
        if (smallest.get() > largest.get()) {
            say("cog-order", "%s and %s do not go together: the largest cannot be smaller.".formatted(named(RearMeasures.SMALLEST_COG),
                    named(RearMeasures.LARGEST_COG)), RearMeasures.SMALLEST_COG, RearMeasures.LARGEST_COG);
        } else if (survey.number(RearMeasures.COGS_COUNT)
                .filter(n -> n - 1 > largest.get() - smallest.get() || n == 1 && largest.get() > smallest.get()).isPresent()) {
            say("cog-count", "%s, %s and %s do not go together: each cog has at least one tooth more than the one before it.".formatted(
                    named(RearMeasures.COGS_COUNT), named(RearMeasures.SMALLEST_COG), named(RearMeasures.LARGEST_COG)),
                    RearMeasures.COGS_COUNT, RearMeasures.SMALLEST_COG, RearMeasures.LARGEST_COG);
        }
    }

    private void axle(String end, LengthMeasure overLocknut, LengthMeasure thruAxle, ChoiceMeasure<DropoutKind> kind) {
        survey.length(thruAxle).ifPresent(axle -> {
            survey.length(overLocknut).filter(o -> o.band().widenedBy(AXLE_TOLERANCE).least().isMoreThan(axle.value())
                    || o.band().widenedBy(AXLE_TOLERANCE).greatest().isLessThan(axle.value()))
                    .ifPresent(o -> say(end + "-axle-width",
                            "%s and %s do not go together: a thru-axle's stated width is its over-locknut distance."
                                    .formatted(named(overLocknut), named(thruAxle)),
                            overLocknut, thruAxle));
            survey.choice(kind).filter(k -> k != DropoutKind.THRU_AXLE)
                    .ifPresent(k -> say(end + "-axle-kind",
                            "%s and %s do not go together: only thru-axle dropouts take one.".formatted(named(kind),
                                    named(thruAxle)),
                            kind, thruAxle));
        });
    }

    private void masses() {
        survey.number(WholeMeasures.MASS).ifPresent(mass -> survey.number(WholeMeasures.PERMITTED_MASS).filter(p -> p <= mass)
                .ifPresent(p -> say("mass-permitted",
                        "%s and %s do not go together: nobody could ride it.".formatted(named(WholeMeasures.MASS),
                                named(WholeMeasures.PERMITTED_MASS)),
                        WholeMeasures.MASS, WholeMeasures.PERMITTED_MASS)));
    }

    private void shell() {
        survey.choice(BracketMeasures.STANDARD).ifPresent(standard -> {
            if (standard == ShellStandard.NONE && survey.has(BracketMeasures.SHELL_WIDTH)) {
                say("shell-none",
                        "%s and %s do not go together: without a shell there is no width.".formatted(named(BracketMeasures.STANDARD),
                                named(BracketMeasures.SHELL_WIDTH)),
                        BracketMeasures.STANDARD, BracketMeasures.SHELL_WIDTH);
            }
            standard.minorDiameter().ifPresent(minor -> survey.length(BracketMeasures.BORE)
                    .filter(bore -> !bore.band().widenedBy(BORE_TOLERANCE).contains(minor))
                    .ifPresent(bore -> say("shell-bore", "%s and %s do not go together: that standard measures %s inside.".formatted(
                            named(BracketMeasures.STANDARD), named(BracketMeasures.BORE), minor), BracketMeasures.STANDARD,
                            BracketMeasures.BORE)));
        });
    }

    /** No side of the triangle is longer than the other two; the head tube adds at most 200 to one of them. */
    private void triangle() {
        Optional<Length> seat = survey.length(TriangleMeasures.SEAT_TUBE).map(Reading.OfLength::value);
        Optional<Length> down = survey.length(TriangleMeasures.DOWN_TUBE).map(Reading.OfLength::value);
        Optional<Length> top = survey.length(TriangleMeasures.TOP_TUBE).map(Reading.OfLength::value);
        if (seat.isEmpty() || down.isEmpty() || top.isEmpty()) {
            return;
        }
        Length head = Length.ofMillimetres(200);
        if (longerThanTheRest(seat.get(), down.get(), top.get(), head) || longerThanTheRest(down.get(), seat.get(), top.get(), head)
                || longerThanTheRest(top.get(), seat.get(), down.get(), head)) {
            say("triangle-closes",
                    "%s, %s and %s do not close to a triangle.".formatted(named(TriangleMeasures.SEAT_TUBE),
                            named(TriangleMeasures.DOWN_TUBE),
                            named(TriangleMeasures.TOP_TUBE)),
                    TriangleMeasures.SEAT_TUBE, TriangleMeasures.DOWN_TUBE, TriangleMeasures.TOP_TUBE);
        }
    }

    private static boolean longerThanTheRest(Length one, Length other, Length third, Length head) {
        return one.isMoreThan(other.plus(third).plus(head));
    }

    private void brake(String end, ChoiceMeasure<BrakeKind> kind, LengthMeasure rotor) {
        survey.choice(kind).filter(k -> k != BrakeKind.DISC && survey.has(rotor)).ifPresent(k -> say(end + "-rotor-without-disc",
                "%s and %s do not go together: only a disc brake has a rotor.".formatted(named(kind), named(rotor)), kind, rotor));
    }
}
