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
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;
import hingeyard.core.rules.NumberRule;
import hingeyard.core.stack.StackAnswer;
import hingeyard.core.stack.StackSet;
import java.util.Optional;

/**
 * How far is the chain bent sideways on its worst cog? The angle on a cog is atan(|chainring plane − cog plane| / chainstay length).
 */
final class ChainlineCheck extends MeasuredCheck {

    private static final String RING_SPACER = "chainring-spacer";
    private static final int MOST_SPACERS = 2;
    private static final double MICROMETRES = 1_000;

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
        boolean runs = lost == 0 && worst <= c.rules().number(NumberRule.CHAINLINE_GOOD);
        Optional<Band> out = runs ? Optional.empty() : outwards(c, cogs, ring, chainstay);
        Optional<StackAnswer> spacers = out.map(o -> OneSided.solve(c, RING_SPACER, 1, o, o.least(), MOST_SPACERS)).filter(a -> a.best().isPresent());
        if (spacers.isPresent()) {
            StackSet set = spacers.get().best().get();
            return finding.figure(c.rules().figure("Spacers, at most", LengthRule.RING_SPACERS)).remedies(OneSided.parts(set, RING_SPACER, 1))
                    .exhibit(() -> OneSided.section(RING_SPACER, "Chainring on its spacers, inside to outside", "motor's carrier", "chainring", spacers.get(), out.get()))
                    .is(Verdict.FITS_WITH, Sentence.of("The chainring lies %s inside the cogs' middle and the chain would run at up to %s: spacers of %s behind the ring bring every cog within %s°.",
                            cogs.middle().minus(ring), angle, set.sums().get(0), c.rules().value(NumberRule.CHAINLINE_GOOD).toPlainString()));
        }
        return verdict(finding, cogs, lost, angle, worst <= c.rules().number(NumberRule.CHAINLINE_GOOD), ring);
    }

    /** A ring that lies too far in comes out by spacers behind it, until no cog bends the chain too far; one that lies too far out does not come in by any. */
    private static Optional<Band> outwards(FitCase c, Cogs cogs, Length ring, double chainstay) {
        Length sideways = Length.ofMicrometres((long) (Math.tan(Math.toRadians(c.rules().number(NumberRule.CHAINLINE_GOOD))) * chainstay * MICROMETRES));
        Length least = cogs.outer().minus(sideways).minus(ring).max(Length.ZERO);
        Length most = cogs.plane(cogs.count() - 1).plus(sideways).minus(ring).min(c.rules().value(LengthRule.RING_SPACERS));
        return least.isMoreThan(Length.ZERO) && !least.isMoreThan(most) ? Optional.of(new Band(least, most)) : Optional.empty();
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
