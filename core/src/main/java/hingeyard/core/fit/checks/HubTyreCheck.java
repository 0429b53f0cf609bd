package hingeyard.core.fit.checks;

import hingeyard.core.bike.WheelEnd;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;
import hingeyard.core.rules.NumberRule;
import java.math.BigDecimal;

/** Does the bike's tyre suit the motor's rim, and does it turn clear of blades or stays? */
final class HubTyreCheck extends HubCheck {

    HubTyreCheck(WheelEnd end) {
        super(end, ended(end, "tyre"), endTitle(end, "tyre on its rim"), end.tyreWidth(), end.clearWidth(), end.radialClearance());
    }

    @Override
    public boolean concerns(Kit kit) {
        return super.concerns(kit) && kit.equipment().motor().isPresent();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        Length inner = hub(c).wheel().rimInnerWidth();
        finding.kit(Leaf.of(Sentence.of("rim %s inside", inner), Sentence.of("tyre %s", range(c)))).figure(Figure.published("Rim's inner width", inner, c.kit().code()))
                .figure(c.rules().figure(NumberRule.TYRE_NARROW)).figure(c.rules().figure(NumberRule.TYRE_WIDE));
    }

    private static Band range(FitCase c) {
        Length inner = hub(c).wheel().rimInnerWidth();
        Length narrowest = times(inner, c.rules().value(NumberRule.TYRE_NARROW));
        return new Band(narrowest, times(inner, c.rules().value(NumberRule.TYRE_WIDE)).max(narrowest));
    }

    private static Length times(Length length, BigDecimal factor) {
        return Length.ofMicrometres(factor.multiply(BigDecimal.valueOf(length.micrometres())).longValue());
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Length tyre = bike(c, finding, end().tyreWidth()).value();
        Clearance side = new Clearance(value(c, end().clearWidth()).minus(tyre).half(), reading(c, end().clearWidth()).plusMinus().half(), c.rules().value(LengthRule.TYRE_SIDE));
        Clearance top = Clearance.atLeast(reading(c, end().radialClearance()), c.rules().value(LengthRule.TYRE_TOP));
        finding.figure(Figure.computed("Clear on each side", side.gap(), "(clear width − tyre) / 2")).figure(c.rules().figure("Wanted on each side", LengthRule.TYRE_SIDE))
                .figure(measured(reading(c, end().radialClearance()))).figure(c.rules().figure("Wanted above", LengthRule.TYRE_TOP));
        Clearance worst = side.worse(top);
        if (worst.answer() == Clearance.Answer.UNSURE) {
            return unsure(finding, worst, end().clearWidth(), end().radialClearance());
        }
        if (worst.answer() == Clearance.Answer.SHORT) {
            return finding.margin(worst.margin()).remedy(Needs.buy(Sentence.of("Narrower tyre, at least %s less", worst.spare().abs().times(2)), 1, "tyre"))
                    .is(Verdict.FITS_WITH, Sentence.of("The tyre turns %s from the %s, %s are wanted: a narrower one is needed.", worst.gap(), end().holder(), worst.wanted()));
        }
        if (!range(c).contains(tyre)) {
            return finding.margin(Margin.said(Sentence.of("%s on %s", tyre, range(c)))).remedy(Needs.buy(Sentence.of("Tyre %s wide for a bead seat of %s", range(c), hub(c).wheel().beadSeat()), 1, "tyre"))
                    .remedy(Remedy.work("wheels", 5, "Look the pair up in the rim maker's table: it wins."))
                    .is(Verdict.FITS_WITH, Sentence.of("A tyre of %s does not suit a rim of %s inside, which takes %s: it takes another tyre.", tyre, hub(c).wheel().rimInnerWidth(), range(c)));
        }
        return finding.margin(worst.margin()).is(Verdict.FITS, Sentence.of("The tyre of %s suits the motor's rim and clears the %s by %s.", tyre, end().holder(), worst.gap()));
    }
}
