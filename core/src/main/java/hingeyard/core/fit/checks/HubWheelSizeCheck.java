package hingeyard.core.fit.checks;

import hingeyard.core.bike.BrakeKind;
import hingeyard.core.bike.BracketMeasures;
import hingeyard.core.bike.FrontMeasures;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.RearMeasures;
import hingeyard.core.bike.WheelEnd;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Words;
import hingeyard.core.rules.LengthRule;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Is the motor's rim the size of the bike's, or what does another one do to fork, frame, brake and handling? */
final class HubWheelSizeCheck extends HubCheck {

    /** Less than this nobody feels. */
    private static final Length FELT = Length.ofMillimetres(5);
    /** How much of a drop at one axle reaches the bracket, where the bike was not measured; in thousandths. */
    private static final long USUAL_SHARE_REAR = 580;

    HubWheelSizeCheck(WheelEnd end) {
        super(end, ended(end, "wheel-size"), end == WheelEnd.FRONT ? "Wheel size" : "Rear wheel size", end.beadSeat(), end.brakeKind(),
                end.tyreWidth(), end.clearWidth(), end.radialClearance(),
                BracketMeasures.HEIGHT);
    }

    /** Another size asks for the room there is, a smaller one for the bracket's height too. */
    @Override
    List<Measure> needed(FitCase c) {
        List<Measure> own = List.of(end().beadSeat(), end().brakeKind());
        Optional<Length> bike = c.survey().length(end().beadSeat()).map(Reading.OfLength::value);
        if (bike.isEmpty() || bike.get().equals(hub(c).wheel().beadSeat()) || padsMiss(c) || neverTurns(c, end())) {
            return bike.isPresent() && neverTurns(c, end()) ? List.of(end().beadSeat(), end().tyreWidth(), end().brakeKind()) : own;
        }
        Stream<Measure> height = hub(c).wheel().beadSeat().isLessThan(bike.get()) ? Stream.of(BracketMeasures.HEIGHT) : Stream.of();
        return Stream.of(own.stream(), Stream.<Measure>of(end().tyreWidth(), end().clearWidth(), end().radialClearance()),
                height.filter(m -> m.concerns(c.bike().kind()))).flatMap(s -> s).toList();
    }

    private boolean padsMiss(FitCase c) {
        return c.survey().choice(end().brakeKind()).filter(b -> b == BrakeKind.RIM).isPresent();
    }

    /** Whether the motor's wheel with its narrowest tyre is so large that no clearance anybody could have measured takes it. */
    static boolean neverTurns(FitCase c, WheelEnd end) {
        Length most = end.radialClearance().possible().greatest().minus(c.rules().value(LengthRule.TYRE_TOP));
        Length least = hub(c).wheel().beadSeat().half().plus(WheelPlace.range(c, hub(c).wheel().rimInnerWidth()).least());
        return WheelPlace.oldRadius(c, end).filter(old -> least.minus(old).isMoreThan(most)).isPresent();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        Length rim = hub(c).wheel().beadSeat();
        finding.kit(Leaf.of(rim, "bead seat of the motor's rim")).figure(Figure.published("Bead seat", rim, c.kit().code()));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Length rim = hub(c).wheel().beadSeat();
        Length bike = bike(c, finding, end().beadSeat()).value();
        BrakeKind brake = c.survey().choice(end().brakeKind()).orElseThrow();
        finding.figure(
                Figure.measured(end() == WheelEnd.FRONT ? "Front brake" : "Rear brake", new Words(brake.label()), end().brakeKind().key()));
        if (brake == BrakeKind.RIM && !hub(c).wheel().brakingTrack()) {
            return finding.margin(Margin.said("no braking track")).neverOverridden()
                    .remedy(Remedy.otherKit("Choose the kit with a rim for rim brakes, or a mid-drive."))
                    .is(Verdict.NO_FIT, "The bike brakes on its rim, and the motor's rim has no braking track.");
        }
        if (bike.equals(rim)) {
            return finding.margin(Margin.said("same size")).is(Verdict.FITS, Sentence.of("Both rims are %s.", rim));
        }
        if (brake == BrakeKind.RIM) {
            return finding.margin(Margin.spare(rim.minus(bike))).neverOverridden()
                    .remedy(Remedy.otherKit(Sentence.of("Choose the kit with a rim of %s, or a mid-drive.", bike)))
                    .is(Verdict.NO_FIT,
                            Sentence.of("The bike's rim is %s and the motor's is %s: the rim brake's pads would miss it.", bike, rim));
        }
        return neverTurns(c, end()) ? noRoom(finding, bike, rim) : otherSize(c, finding, bike, rim);
    }

    private Finding noRoom(Finding.Builder finding, Length bike, Length rim) {
        return finding.margin(Margin.spare(rim.minus(bike))).neverOverridden()
                .remedy(Remedy.otherKit(Sentence.of("Choose the kit with a rim of %s, or a mid-drive.", bike)))
                .is(Verdict.NO_FIT,
                        Sentence.of("A wheel of %s does not fit where one of %s was: it would strike the %s.", rim, bike, end().holder()));
    }

    private Finding otherSize(FitCase c, Finding.Builder finding, Length bike, Length rim) {
        Length tyre = value(c, end().tyreWidth());
        Optional<Length> width = WheelPlace.of(c, end(), hub(c).wheel()).nearest(tyre);
        if (width.isEmpty()) {
            return noRoom(finding, bike, rim);
        }
        Length rise = rim.half().plus(width.get()).minus(WheelPlace.oldRadius(c, end()).orElseThrow());
        Length most = c.rules().value(LengthRule.WHEEL_LOWER);
        finding.margin(Margin.said(Sentence.of("%s end %s %s", end().label(), rise.abs().told(), rise.isNegative() ? "lower" : "higher")))
                .figure(Figure.computed("This end of the bike rises by", rise, "new outer radius − old"))
                .figure(c.rules().figure("Lower or higher, at most", LengthRule.WHEEL_LOWER));
        if (rise.abs().isMoreThan(most)) {
            return finding.remedy(Remedy.otherKit(Sentence.of("Choose the kit with a rim of %s, or a mid-drive.", bike)))
                    .is(Verdict.NO_FIT, Sentence.of(
                            "With a rim of %s in place of %s the %s of the bike comes %s %s: it would not steer as it was built to.", rim,
                            bike, end().label(), rise.abs().told(),
                            rise.isNegative() ? "down" : "up"));
        }
        if (!rise.abs().isMoreThan(FELT)) {
            return finding.remedy(Remedy.work("wheels", 5, "Set the display's wheel size to the new tyre.")).is(Verdict.FITS_WITH,
                    Sentence.of("The rim of %s in place of %s ends up the same height with its tyre.", rim, bike));
        }
        return handling(c, finding, bike, rim, rise);
    }

    private Finding handling(FitCase c, Finding.Builder finding, Length bike, Length rim, Length rise) {
        Optional<Length> height = c.survey().length(BracketMeasures.HEIGHT)
                .map(h -> h.value().plus(Length.ofMicrometres(rise.micrometres() * share(c) / 1000)));
        Length least = c.rules().value(LengthRule.BRACKET_LEAST);
        boolean low = rise.isNegative() && height.filter(h -> h.isLessThan(least)).isPresent();
        height.ifPresent(h -> finding.figure(Figure.computed("Bottom bracket above the ground then", h, "its height + share of the rise"))
                .figure(c.rules().figure("At least", LengthRule.BRACKET_LEAST)));
        String steering = (end() == WheelEnd.FRONT) == rise.isNegative() ? "it steers quicker, with less trail"
                : "it steers slower, with more trail";
        finding.remedy(Remedy.consent(Sentence.of("The %s of the bike is %s %s: %s.", end().label(), rise.abs().told(),
                rise.isNegative() ? "lower" : "higher", steering)));
        if (low) {
            finding.remedy(Remedy.consent(Sentence.of("The pedals come closer to the ground: the bottom bracket is %s up, %s is usual.",
                    height.get().told(), least)));
        }
        return finding.is(Verdict.TRADE_OFF, Sentence.of("The motor's rim is %s, the bike's %s. The %s end comes %s %s: %s%s.", rim, bike,
                end().label(), rise.abs().told(), rise.isNegative() ? "down" : "up", steering,
                low ? Sentence.of(", and the bottom bracket is only %s above the ground", height.get().told()) : Sentence.plain("")));
    }

    /** How much of this axle's rise reaches the bracket, in thousandths: by where it lies between the axles. */
    private long share(FitCase c) {
        Optional<Length> base = c.survey().length(FrontMeasures.WHEELBASE).map(Reading.OfLength::value);
        Optional<Length> stay = c.survey().length(RearMeasures.CHAINSTAY).map(Reading.OfLength::value);
        long rear = base.flatMap(b -> stay.map(s -> 1000 - s.micrometres() * 1000 / b.micrometres())).orElse(USUAL_SHARE_REAR);
        return end() == WheelEnd.REAR ? rear : 1000 - rear;
    }
}
