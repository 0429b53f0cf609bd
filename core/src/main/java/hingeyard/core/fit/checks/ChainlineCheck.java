package hingeyard.core.fit.checks;

import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.BracketMeasures;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.RearMeasures;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.fit.checks.BracketPlan.RingSpacers;
import hingeyard.core.kit.BracketBody;
import hingeyard.core.kit.BracketDrive;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Amount;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;
import hingeyard.core.rules.NumberRule;
import java.util.List;
import java.util.Optional;

/**
 * How far is the chain bent sideways on its worst cog? The angle on a cog is atan(|chainring plane − cog plane| / chainstay length).
 */
final class ChainlineCheck extends MeasuredCheck {

    private static final int FINEST = 4;
    private static final String BEHIND_THE_RING = "motor's carrier";

    ChainlineCheck() {
        super("chainline", "Chainline", BracketMeasures.SHELL_WIDTH, RearMeasures.CHAINSTAY, RearMeasures.OVER_LOCKNUT,
                RearMeasures.COG_KIND,
                RearMeasures.COGS_COUNT, RearMeasures.COG_OFFSET);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().bracket().isPresent();
    }

    @Override
    Optional<String> unsaid(FitCase c) {
        return c.kit().drive().bracket().flatMap(BracketDrive::body).isPresent() ? Optional.empty()
                : Optional.of("chainring's plane from the axle's shoulder");
    }

    @Override
    List<Measure> needed(FitCase c) {
        return BracketPlan.needed(c);
    }

    private static BracketBody.Chainring chainring(FitCase c) {
        return c.kit().drive().bracket().flatMap(BracketDrive::body).orElseThrow().ring();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        finding.kit(Leaf.of(Sentence.of("chainring %s", chainring(c).plane()), "from the axle's shoulder"))
                .figure(Figure.published("Chainring's plane from the shoulder", chainring(c).plane(), c.kit().code()))
                .figure(c.rules().figure(NumberRule.CHAINLINE_GOOD)).figure(c.rules().figure(NumberRule.CHAINLINE_WORN));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        BracketPlan plan = BracketPlan.of(c);
        Length ring = plan.ring();
        if (c.bike().kind() == BikeKind.BARE_FRAME) {
            return finding.bike(Leaf.of("cogs not chosen yet")).margin(Margin.said("to be chosen"))
                    .figure(Figure.computed("Chainring's plane", ring, "W/2 + spacers + plane"))
                    .is(Verdict.FITS, Sentence.of(
                            "A bare frame has no cogs yet: choose them so that their middle lies %s right of the frame's centre plane.",
                            ring.told()));
        }
        Cogs cogs = plan.cogs().orElseThrow();
        double chainstay = value(c, RearMeasures.CHAINSTAY).inMillimetres();
        double worst = 0;
        int lost = 0;
        for (int i = 0; i < cogs.count(); i++) {
            double angle = Math.toDegrees(Math.atan(ring.minus(cogs.plane(i)).abs().inMillimetres() / chainstay));
            worst = Math.max(worst, angle);
            lost += angle > c.rules().number(NumberRule.CHAINLINE_WORN) ? 1 : 0;
        }
        Amount angle = Amount.beside(worst, 1, FINEST, "°", c.rules().number(NumberRule.CHAINLINE_GOOD),
                c.rules().number(NumberRule.CHAINLINE_WORN));
        finding.bike(Leaf.of(Sentence.of("middle of the cogs %s", cogs.middle().told()), counted(cogs.count())))
                .margin(Margin.said(Sentence.of("%s at worst", angle)))
                .figure(Figure.measured("Chainstay", value(c, RearMeasures.CHAINSTAY), RearMeasures.CHAINSTAY.key()))
                .figure(Figure.computed("Middle of the cogs", cogs.middle(), "half the over-locknut distance − cogs' offset and spacing"))
                .figure(Figure.computed("Chainring's plane", ring, "W/2 + spacers + plane"))
                .figure(Figure.computed("Worst angle", angle, "atan(offset / chainstay)"));
        plan.ringSpacers().ifPresent(r -> spacers(c, finding, r));
        boolean quiet = worst <= c.rules().number(NumberRule.CHAINLINE_GOOD);
        return verdict(finding, cogs, lost, angle, quiet, ring.minus(cogs.middle()), plan.ringSpacers().map(RingSpacers::sum));
    }

    private static String counted(int cogs) {
        return cogs + (cogs == 1 ? " cog" : " cogs");
    }

    private static void spacers(FitCase c, Finding.Builder finding, RingSpacers r) {
        finding.figure(c.rules().figure("Spacers, at most", LengthRule.RING_SPACERS))
                .remedies(OneSided.parts(c, r.answer().best().orElseThrow(), RingStack.USE, 1))
                .exhibit(() -> OneSided.section(RingStack.USE, "Chainring on its spacers, inside to outside", BEHIND_THE_RING, "chainring",
                        r.answer(), r.allowed()));
    }

    private static Finding verdict(Finding.Builder finding, Cogs cogs, int lost, Amount angle, boolean quiet, Length off,
            Optional<Length> behind) {
        String side = off.isNegative() ? "inside" : "outside";
        if (lost == cogs.count()) {
            return finding
                    .remedy(Remedy.otherKit(Sentence.of("Choose a chainring that lies %s further %s, or a hub kit.", off.abs().told(),
                            off.isNegative() ? "out" : "in")))
                    .is(Verdict.NO_FIT,
                            Sentence.of("The chain would run at %s at worst: no cog is within reach of this chainring.", angle));
        }
        if (lost > 0) {
            return finding
                    .remedy(Remedy.consent(Sentence.of("%s of %s given up and blocked by the limit screw.",
                            lost == 1 ? "One cog" : lost + " cogs", cogs.count())))
                    .is(Verdict.TRADE_OFF, Sentence.of(
                            "The chainring lies %s %s the middle of the cogs. On %s of %s cogs the chain would bend too far, up to %s.",
                            off.abs().told(), side, lost, cogs.count(), angle));
        }
        if (!quiet) {
            return finding.remedy(Remedy.consent("The outermost gears are noisy and wear chain and cogs sooner."))
                    .is(Verdict.TRADE_OFF,
                            Sentence.of("%she chain runs at up to %s: every gear works, the outermost ones noisily.", behind
                                    .map(b -> Sentence.of("With spacers of %s behind the chainring t", b)).orElse(Sentence.plain("T")),
                                    angle));
        }
        return behind
                .map(b -> finding.is(Verdict.FITS_WITH, Sentence.of(
                        "With spacers of %s behind the chainring the chain runs at %s at worst; without them gears would be noisy or lost.",
                        b, angle)))
                .orElseGet(() -> finding.is(Verdict.FITS, Sentence.of(
                        "The chainring lies %s %s the middle of the cogs; the chain runs at %s at worst.", off.abs().told(), side, angle)));
    }
}
