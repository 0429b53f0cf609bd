package hingeyard.core.fit.checks;

import hingeyard.core.bike.BracketMeasures;
import hingeyard.core.bike.RearMeasures;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.BracketBody;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Amount;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.NumberRule;

/**
 * How far is the chain bent sideways on its worst cog? The angle on a cog is atan(|chainring plane − cog plane| / chainstay length).
 */
final class ChainlineCheck extends MeasuredCheck {

    ChainlineCheck() {
        super("chainline", "Chainline", BracketMeasures.SHELL_WIDTH, RearMeasures.CHAINSTAY, RearMeasures.OVER_LOCKNUT, RearMeasures.COG_KIND,
                RearMeasures.COGS_COUNT, RearMeasures.COG_OFFSET);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().bracket().flatMap(b -> b.body()).isPresent();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        BracketBody.Chainring ring = c.kit().drive().bracket().flatMap(b -> b.body()).orElseThrow().ring();
        finding.kit(Leaf.of(Sentence.of("chainring %s", ring.plane()), "from the axle's shoulder"))
                .figure(Figure.published("Chainring's plane from the shoulder", ring.plane(), c.kit().code()))
                .figure(c.rules().figure(NumberRule.CHAINLINE_GOOD)).figure(c.rules().figure(NumberRule.CHAINLINE_WORN));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        BracketPlan plan = BracketPlan.of(c);
        Cogs cogs = Cogs.of(c).orElseThrow();
        Length ring = plan.shoulder().plus(c.kit().drive().bracket().flatMap(b -> b.body()).orElseThrow().ring().plane());
        double chainstay = value(c, RearMeasures.CHAINSTAY).inMillimetres();
        double wearing = c.rules().number(NumberRule.CHAINLINE_WORN);
        double worst = 0;
        int lost = 0;
        for (int i = 0; i < cogs.count(); i++) {
            double angle = Math.toDegrees(Math.atan(ring.minus(cogs.plane(i)).abs().inMillimetres() / chainstay));
            worst = Math.max(worst, angle);
            lost += angle > wearing ? 1 : 0;
        }
        Amount angle = Amount.rounded(worst, 2, "°");
        finding.bike(Leaf.of(Sentence.of("cogs' middle %s", cogs.middle()), cogs.count() + (cogs.count() == 1 ? " cog" : " cogs")))
                .margin(Margin.said(Sentence.of("%s worst", angle)))
                .figure(Figure.measured("Chainstay", value(c, RearMeasures.CHAINSTAY), RearMeasures.CHAINSTAY.key()))
                .figure(Figure.computed("Middle of the cogs", cogs.middle(), "half the over-locknut distance − cogs' offset and spacing"))
                .figure(Figure.computed("Chainring's plane", ring, "W/2 + spacers + plane"))
                .figure(Figure.computed("Worst angle", angle, "atan(offset / chainstay)"));
        return verdict(finding, cogs, lost, angle, worst <= c.rules().number(NumberRule.CHAINLINE_GOOD), ring);
    }

    private static Finding verdict(Finding.Builder finding, Cogs cogs, int lost, Amount angle, boolean good, Length ring) {
        Length off = ring.minus(cogs.middle());
        if (lost == cogs.count()) {
            return finding.remedy(Remedy.otherKit(Sentence.of("A chainring with %s less offset, or a hub kit.", off.abs())))
                    .is(Verdict.NO_FIT, Sentence.of("The chain would run at %s even on the nearest cog.", angle));
        }
        if (lost > 0) {
            return finding.remedy(Remedy.consent(Sentence.of("%d of %d cogs are given up and blocked by the limit screw.", lost, cogs.count())))
                    .is(Verdict.TRADE_OFF, Sentence.of("The chainring lies %s off the middle of the cogs: %d of %d would bend the chain too far, up to %s.", off.abs(), lost, cogs.count(), angle));
        }
        if (!good) {
            return finding.remedy(Remedy.consent("The outermost gears are heard and wear chain and cogs sooner."))
                    .is(Verdict.TRADE_OFF, Sentence.of("The chain runs at up to %s: every gear works, the outermost ones noisily.", angle));
        }
        return finding.is(Verdict.FITS, Sentence.of("The chainring lies %s off the middle of the cogs; the chain runs at %s at the worst.", off.abs(), angle));
    }
}
