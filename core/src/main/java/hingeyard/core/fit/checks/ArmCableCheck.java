package hingeyard.core.fit.checks;

import hingeyard.core.bike.LengthMeasure;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.WholeMeasures;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.SwingArmDrive;
import hingeyard.core.quantity.Length;
import java.util.ArrayList;
import java.util.List;

/** Do both hands' steering cables reach the motor's arm? */
final class ArmCableCheck extends MeasuredCheck {

    private static final String USE = "steering-cable";

    ArmCableCheck() {
        super("arm-steer-cable", "Steering cables", WholeMeasures.CABLE_LEFT, WholeMeasures.CABLE_RIGHT);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().swingArm().flatMap(SwingArmDrive::steerCable).isPresent();
    }

    private static Length wanted(FitCase c) {
        return c.kit().drive().swingArm().flatMap(SwingArmDrive::steerCable).orElseThrow();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        finding.kit(Leaf.of(Sentence.of("needs %s", wanted(c)), "of each hand's cable"))
                .figure(Figure.published("Bare cable needed", wanted(c), c.kit().code()));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Length wanted = wanted(c);
        Clearance left = cable(c, finding, WholeMeasures.CABLE_LEFT);
        Clearance right = cable(c, finding, WholeMeasures.CABLE_RIGHT);
        Clearance worst = left.worse(right);
        finding.margin(worst.margin());
        List<String> hands = new ArrayList<>();
        if (left.answer() == Clearance.Answer.SHORT) {
            hands.add("left");
        }
        if (right.answer() == Clearance.Answer.SHORT) {
            hands.add("right");
        }
        if (!hands.isEmpty()) {
            return finding
                    .remedy(Needs.drawerOrBuy(c, USE, hands.size(), p -> true, USE,
                            Sentence.of("Steering cable with at least %s of bare end", wanted)))
                    .remedy(Remedy.work("general", 15,
                            "Lay old and new cable side by side, then fit the new inner from handle to stop, greased, its end crimped."))
                    .is(Verdict.FITS_WITH, Sentence.of("The steering cable of the %s hand is %s too short for the arm: renew it.",
                            String.join(" and the ", hands), worst.spare().abs().told()));
        }
        return worst.answer() == Clearance.Answer.UNSURE ? unsure(finding, worst)
                : finding.is(Verdict.FITS,
                        passing(worst, Sentence.of(
                                "Both steering cables reach the arm, the shorter with %s to spare; put each back on the hand it came from.",
                                worst.spare().max(Length.ZERO).told())));
    }

    private static Clearance cable(FitCase c, Finding.Builder finding, LengthMeasure hand) {
        Reading.OfLength reading = hand == WholeMeasures.CABLE_LEFT ? bike(c, finding, hand) : reading(c, hand);
        if (hand == WholeMeasures.CABLE_RIGHT) {
            finding.figure(measured(reading));
        }
        return Clearance.atLeast(reading, wanted(c));
    }
}
