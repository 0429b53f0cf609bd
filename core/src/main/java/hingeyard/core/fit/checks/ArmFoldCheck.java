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
        finding.kit(Leaf.of(Sentence.of("takes %s", takes(c)), "of the gap when folded"))
                .figure(Figure.published("Battery mount in the fold", takes(c), c.kit().code()))
                .figure(c.rules().figure("Needed", LengthRule.FOLD_GAP));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Reading.OfLength gap = bike(c, finding, WholeMeasures.ARM_TRAVEL);
        Clearance left = new Clearance(gap.value().minus(takes(c)), Doubt.of(gap), c.rules().value(LengthRule.FOLD_GAP));
        finding.margin(left.margin()).figure(Figure.computed("Left when folded", left.gap(), "gap − battery mount"));
        return switch (left.answer()) {
            case ENOUGH -> finding.is(Verdict.FITS, passing(left,
                    Sentence.of("Folded, the wheel clears the battery mount by %s; %s is needed.", left.gap().told(), left.wanted())));
            case UNSURE -> unsure(finding, left);
            case SHORT -> finding
                    .remedy(Remedy.otherKit(Sentence.of("Choose a flatter battery or move its mount forward: %s more is needed.",
                            left.spare().abs().told())))
                    .is(Verdict.NO_FIT,
                            left.gap().isNegative()
                                    ? Sentence.of("Folded, the wheel would overlap the battery mount by %s.", left.gap().abs().told())
                                    : Sentence.of("Folded, the wheel would clear the battery mount by only %s; %s is needed.",
                                            left.gap().told(), left.wanted()));
        };
    }
}
