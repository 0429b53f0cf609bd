package hingeyard.core.fit.checks;

import hingeyard.core.bike.Measure;
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
import hingeyard.core.rules.LengthRule;
import java.util.List;

/**
 * Does the rim run in the middle of fork or frame with the washers of the plan? Off it by more than the brake can be set to, the wheel is
 * re-dished.
 */
final class HubRimCheck extends HubCheck {

    private static final int MINUTES = 45;

    HubRimCheck(WheelEnd end) {
        super(end, ended(end, "rim"), endTitle(end, "rim"), end.overLocknut(), end.material());
    }

    @Override
    List<Measure> needed(FitCase c) {
        return HubPlan.needed(c, end());
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        Length offset = HubPlan.of(c, end()).rimOffset();
        finding.kit(Leaf.of(offset.equals(Length.ZERO) ? Sentence.plain("rim in the middle") : Sentence.of("rim %s off", offset.abs()),
                "between the shoulders"))
                .figure(Figure.published("Rim right of the middle, without washers", offset, c.kit().code()))
                .figure(c.rules().figure("Counts as in the middle within", LengthRule.RIM_MIDDLE))
                .figure(c.rules().figure("Re-dished when off by more than", LengthRule.DISH));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        HubPlan plan = HubPlan.of(c, end());
        finding.bike(Leaf.of(end().holder()));
        if (plan.washers().filter(w -> w.possible()).isEmpty()) {
            return finding.margin(Margin.said("no washers")).remedy(Remedy.otherKit("Choose a motor of the right width first."))
                    .is(Verdict.NO_FIT, Sentence.of(
                            "Where the rim runs is not asked: the motor does not fit between the dropouts of this %s.", end().holder()));
        }
        Length rim = plan.rimOffset().plus(plan.inner(0).minus(plan.inner(1)).half());
        finding.margin(Margin.said(Sentence.of("%s off", rim.abs().told())))
                .figure(Figure.computed("Rim right of the middle by", rim, "motor's own offset + (left − right) / 2"));
        if (rim.abs().isMoreThan(c.rules().value(LengthRule.DISH))) {
            return finding
                    .remedy(Remedy.work("wheels", MINUTES,
                            Sentence.of("Re-dish the wheel by %s to the %s.", rim.abs().told(), rim.isNegative() ? "right" : "left")))
                    .is(Verdict.FITS_WITH, Sentence.of("With the washers of the plan the rim runs %s off the middle: re-dish the wheel.",
                            rim.abs().told()));
        }
        return finding.is(Verdict.FITS,
                rim.abs().isMoreThan(c.rules().value(LengthRule.RIM_MIDDLE))
                        ? Sentence.of("The rim runs %s off the middle: set the brake and check the clearance to it.", rim.abs().told())
                        : Sentence.plain("The rim runs in the middle."));
    }
}
