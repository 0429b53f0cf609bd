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

/** Does the motor's arm go into the frame's pivot? */
final class ArmPivotCheck extends MeasuredCheck {

    private static final Length WIDTH_PLAY = Length.ofMicrometres(300);
    private static final Length AXLE_PLAY = Length.ofMicrometres(200);

    ArmPivotCheck() {
        super("arm-pivot", "Arm's pivot", WholeMeasures.PIVOT_WIDTH, WholeMeasures.ARM_AXLE);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().swingArm().isPresent();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        SwingArmDrive arm = c.kit().drive().swingArm().orElseThrow();
        finding.kit(Leaf.of(Sentence.of("%s wide", arm.pivotWidth()), Sentence.of("axle Ø %s", arm.axle())))
                .figure(Figure.published("Pivot's width", arm.pivotWidth(), c.kit().code()))
                .figure(Figure.published("Pivot's axle", arm.axle(), c.kit().code()));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        SwingArmDrive arm = c.kit().drive().swingArm().orElseThrow();
        Reading.OfLength width = bike(c, finding, WholeMeasures.PIVOT_WIDTH);
        Reading.OfLength axle = reading(c, WholeMeasures.ARM_AXLE);
        finding.figure(measured(axle));
        Clearance worst = Clearance.within(width.value().minus(arm.pivotWidth()), Doubt.of(width), WIDTH_PLAY).as(LimitKind.MAKERS)
                .worse(Clearance.within(axle.value().minus(arm.axle()), Doubt.of(axle), AXLE_PLAY).as(LimitKind.MAKERS));
        finding.margin(worst.margin());
        return switch (worst.answer()) {
            case ENOUGH -> finding.is(Verdict.FITS,
                    passing(worst, Sentence.of("Pivot of %s and axle of %s match the frame. Keep the old spacers and use them again.",
                            arm.pivotWidth(), arm.axle())));
            case UNSURE -> unsure(finding, worst);
            case SHORT -> finding.neverOverridden()
                    .remedy(Remedy.otherKit(
                            Sentence.of("Choose the arm made for a pivot of %s with an axle of %s.", width.value(), axle.value())))
                    .is(Verdict.NO_FIT, Sentence.of("The frame's pivot is %s with an axle of %s; the arm is made for %s and %s.",
                            width.value(), axle.value(), arm.pivotWidth(), arm.axle()));
        };
    }
}
