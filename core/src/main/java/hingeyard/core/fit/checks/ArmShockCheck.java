package hingeyard.core.fit.checks;

import hingeyard.core.bike.Reading;
import hingeyard.core.bike.WholeMeasures;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.LimitKind;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.SwingArmDrive;
import hingeyard.core.quantity.Length;

/** Does the old arm's shock go onto the motor's arm? */
final class ArmShockCheck extends MeasuredCheck {

    private static final Length PLAY = Length.ofMicrometres(200);

    ArmShockCheck() {
        super("arm-shock-eye", "Shock's eye", WholeMeasures.SHOCK_EYE);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().swingArm().flatMap(SwingArmDrive::shockEye).isPresent();
    }

    private static Length bolt(FitCase c) {
        return c.kit().drive().swingArm().flatMap(SwingArmDrive::shockEye).orElseThrow();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        finding.kit(Leaf.of(Sentence.of("bolt of %s", bolt(c)), "through the eye"))
                .figure(Figure.published("Shock's bolt", bolt(c), c.kit().code()));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Reading.OfLength eye = bike(c, finding, WholeMeasures.SHOCK_EYE);
        Clearance same = Clearance.within(eye.value().minus(bolt(c)), Doubt.of(eye), PLAY).as(LimitKind.MAKERS);
        finding.margin(same.margin());
        return switch (same.answer()) {
            case ENOUGH ->
                finding.is(Verdict.FITS, passing(same, Sentence.of("The shock's eye takes the arm's bolt of %s; keep its bush.", bolt(c))));
            case UNSURE -> unsure(finding, same);
            case SHORT -> finding.neverOverridden()
                    .remedy(Remedy.otherKit(
                            Sentence.of("Choose the arm made for a shock bolt of %s. Never drill or pack out an eye.", eye.value())))
                    .is(Verdict.NO_FIT, Sentence.of("The shock hangs on a bolt of %s and the arm is made for %s.", eye.value(), bolt(c)));
        };
    }
}
