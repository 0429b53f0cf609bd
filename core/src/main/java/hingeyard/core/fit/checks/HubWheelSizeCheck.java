package hingeyard.core.fit.checks;

import hingeyard.core.bike.BrakeKind;
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

/** Does the bike's tyre go over, and does the brake find the rim? */
final class HubWheelSizeCheck extends HubCheck {

    HubWheelSizeCheck(WheelEnd end) {
        super(end, ended(end, "wheel-size"), end == WheelEnd.FRONT ? "Wheel size" : "Rear wheel size", end.beadSeat(), end.brakeKind());
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
        finding.figure(Figure.measured(end() == WheelEnd.FRONT ? "Front brake" : "Rear brake", new Words(brake.label()), end().brakeKind().key()));
        if (brake == BrakeKind.RIM && !hub(c).wheel().brakingTrack()) {
            return finding.margin(Margin.said("no track")).neverOverridden().remedy(Remedy.otherKit("The kit with a rim for rim brakes, or a mid-drive."))
                    .is(Verdict.NO_FIT, "The bike brakes on its rim, and the motor's rim has no braking track.");
        }
        if (bike.equals(rim)) {
            return finding.margin(Margin.said("the same")).is(Verdict.FITS, Sentence.of("Both are %s: tyre and tube move over, the brake finds its rim.", rim));
        }
        return brake == BrakeKind.RIM ? padsMiss(finding, bike, rim) : otherTyre(finding, bike, rim);
    }

    private static Finding padsMiss(Finding.Builder finding, Length bike, Length rim) {
        return finding.margin(Margin.spare(rim.minus(bike))).remedy(Remedy.otherKit(Sentence.of("The kit with a rim of %s, or a mid-drive.", bike)))
                .is(Verdict.NO_FIT, Sentence.of("The bike runs on %s, the motor's rim is %s: the rim brake's pads would miss it.", bike, rim));
    }

    private static Finding otherTyre(Finding.Builder finding, Length bike, Length rim) {
        return finding.margin(Margin.spare(rim.minus(bike))).remedy(Needs.buy(Sentence.of("Tyre and tube for a bead seat of %s", rim), 1, "tyre"))
                .is(Verdict.FITS_WITH, Sentence.of("The bike runs on %s, the motor's rim is %s: it takes another tyre, and the wheel stands %s by half of it.", bike, rim,
                        rim.isMoreThan(bike) ? "higher" : "lower"));
    }
}
