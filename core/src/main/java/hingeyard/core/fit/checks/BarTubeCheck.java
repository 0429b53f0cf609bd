package hingeyard.core.fit.checks;

import hingeyard.core.bike.CockpitMeasures;
import hingeyard.core.bike.Reading;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.LimitKind;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.NoDrive;
import hingeyard.core.quantity.Length;

/** Does the other handlebar go into the stem? */
final class BarTubeCheck extends MeasuredCheck {

    BarTubeCheck() {
        super("bar-tube", "Bar in the stem", CockpitMeasures.CLAMP_DIAMETER);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().none().flatMap(NoDrive::barClamp).isPresent();
    }

    private static Length bar(FitCase c) {
        return c.kit().drive().none().flatMap(NoDrive::barClamp).orElseThrow();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        finding.kit(Leaf.of(Sentence.of("bar Ø %s", bar(c)), "at the stem"))
                .figure(Figure.published("Bar at the stem", bar(c), c.kit().code()));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Reading.OfLength stem = bike(c, finding, CockpitMeasures.CLAMP_DIAMETER);
        Length gap = stem.value().minus(bar(c));
        finding.margin(Margin.spare(gap)).figure(Figure.computed("Stem wider by", gap, "stem − bar"));
        Clearance same = Clearance.within(gap, Doubt.of(stem), Length.ZERO).as(LimitKind.MAKERS);
        if (same.answer() == Clearance.Answer.UNSURE) {
            return unsure(finding, same);
        }
        if (same.answer() == Clearance.Answer.ENOUGH) {
            return finding.is(Verdict.FITS, Sentence.of("Bar and stem are both %s.", bar(c)));
        }
        if (gap.isNegative()) {
            return finding.remedy(Remedy.otherKit("Choose another bar or another stem. Never file a bar thinner."))
                    .is(Verdict.NO_FIT, Sentence.of("The bar is %s and the stem takes %s.", bar(c), stem.value()));
        }
        return finding
                .remedy(Needs.drawerOrBuy(c, "bar-sleeve", 1,
                        p -> p.size().filter(s -> s.inner().equals(bar(c)) && s.outer().equals(stem.value())).isPresent(), "bar-sleeve",
                        Sentence.of("Split sleeve, %s to %s", bar(c), stem.value())))
                .is(Verdict.FITS_WITH, Sentence.of("The bar is %s and the stem %s: fit a split sleeve with a wall of %s.", bar(c),
                        stem.value(), gap.half()));
    }
}
