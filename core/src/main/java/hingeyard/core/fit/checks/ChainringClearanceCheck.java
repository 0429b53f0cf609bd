package hingeyard.core.fit.checks;

import hingeyard.core.bike.BracketMeasures;
import hingeyard.core.bike.Measure;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.BracketBody;
import hingeyard.core.kit.BracketDrive;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Amount;
import hingeyard.core.quantity.Count;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;
import java.util.List;
import java.util.Optional;

/** Does the chainring with its bolts pass the right chainstay? */
final class ChainringClearanceCheck extends MeasuredCheck {

    ChainringClearanceCheck() {
        super("chainring-clearance", "Chainring and chainstay", BracketMeasures.SHELL_WIDTH, BracketMeasures.RIGHT_STAY_60,
                BracketMeasures.RIGHT_STAY_80,
                BracketMeasures.RIGHT_STAY_100);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().bracket().isPresent();
    }

    @Override
    Optional<String> unsaid(FitCase c) {
        return c.kit().drive().bracket().flatMap(BracketDrive::body).isPresent() ? Optional.empty()
                : Optional.of("chainring's teeth, plane and bolts");
    }

    @Override
    List<Measure> needed(FitCase c) {
        return BracketPlan.needed(c);
    }

    private static BracketBody body(FitCase c) {
        return c.kit().drive().bracket().flatMap(b -> b.body()).orElseThrow();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        BracketBody.Chainring ring = body(c).ring();
        finding.kit(Leaf.of(Sentence.of("%s teeth", ring.teeth()), Sentence.of("plane %s from the shoulder", ring.plane())))
                .figure(Figure.published("Chainring", new Count(ring.teeth(), "teeth"), c.kit().code()))
                .figure(Figure.published("Its plane from the shoulder", ring.plane(), c.kit().code()))
                .figure(Figure.published("Bolts inwards of it", ring.boltReach(), c.kit().code()))
                .figure(c.rules().figure("Wanted", LengthRule.RING_TO_STAY));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        BracketPlan plan = BracketPlan.of(c);
        Stays stays = Stays.of(c, Stays.RIGHT).orElseThrow();
        BracketBody.Chainring ring = body(c).ring();
        double radius = BracketPlan.ringRadius(body(c));
        Length stay = stays.at(radius);
        Length gap = plan.ring().minus(ring.boltReach()).minus(stay);
        Clearance clearance = new Clearance(gap, plan.doubt(stays), c.rules().value(LengthRule.RING_TO_STAY));
        finding.bike(Leaf.of(stay.told(), "from the middle, at the teeth")).margin(clearance.margin())
                .figure(Figure.computed("Radius of the teeth", Amount.rounded(radius, 1, "mm"), "p / 2·sin(180°/z) + 4"))
                .figure(Figure.computed("Chainstay's outer face there", stay, "between the radii measured"))
                .figure(Figure.computed("Gap", gap, "W/2 + spacers + plane − bolts − stay"));
        return switch (clearance.answer()) {
            case ENOUGH -> finding.is(Verdict.FITS,
                    passing(clearance, Sentence.of("The chainring of %d teeth clears the chainstay by %s; %s is needed.", ring.teeth(),
                            gap.told(), clearance.wanted())));
            case UNSURE -> unsure(finding, clearance);
            case SHORT -> finding
                    .remedy(Remedy.otherKit(Sentence.of(
                            "Choose a chainring with %s more offset, or with fewer teeth so that it turns where the stay is narrower.",
                            clearance.spare().abs())))
                    .is(Verdict.NO_FIT, Sentence.of("The chainring of %d teeth would come within %s of the chainstay; %s is needed.",
                            ring.teeth(), gap.told(), clearance.wanted()));
        };
    }
}
