package hingeyard.core.fit.checks;

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
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;

/** Does the folded wheel clear the battery mount? */
final class ArmFoldCheck extends MeasuredCheck {

    ArmFoldCheck() {
        super("arm-fold", "Fold", WholeMeasures.ARM_TRAVEL);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().swingArm().isPresent();
    }

    private static Length takes(FitCase c) {
        return c.kit().drive().swingArm().orElseThrow().foldTakes();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        finding.kit(Leaf.of(Sentence.of("takes %s", takes(c)), "of the folded gap")).figure(Figure.published("Battery mount in the fold", takes(c), c.kit().code()))
                .figure(c.rules().figure("Wanted", LengthRule.FOLD_GAP));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Reading.OfLength gap = bike(c, finding, WholeMeasures.ARM_TRAVEL);
        Clearance left = new Clearance(gap.value().minus(takes(c)), gap.plusMinus(), c.rules().value(LengthRule.FOLD_GAP));
        finding.margin(left.margin()).figure(Figure.computed("Left when folded", left.gap(), "gap − battery mount"));
        return switch (left.answer()) {
            case ENOUGH -> finding.is(Verdict.FITS, Sentence.of("Folded, %s are left between wheel and battery mount; %s are wanted.", left.gap(), left.wanted()));
            case UNSURE -> unsure(finding, left, WholeMeasures.ARM_TRAVEL);
            case SHORT -> finding.remedy(Remedy.otherKit(Sentence.of("A flatter battery, or its mount further forward: %s more are wanted.", left.spare().abs())))
                    .is(Verdict.NO_FIT, Sentence.of("Folded, only %s would be left between wheel and battery mount; %s are wanted.", left.gap(), left.wanted()));
        };
    }
}
