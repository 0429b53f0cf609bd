package hingeyard.core.fit.checks;

import hingeyard.core.bike.BracketMeasures;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.BracketBody;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;

/** Do left crank and tooth plate pass the left chainstay, and do both feet stand alike? */
final class LeftClearanceCheck extends MeasuredCheck {

    LeftClearanceCheck() {
        super("left-clearance", "Left crank and plate", BracketMeasures.SHELL_WIDTH, BracketMeasures.LEFT_STAY_60, BracketMeasures.LEFT_STAY_80,
                BracketMeasures.LEFT_STAY_100);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().bracket().flatMap(b -> b.body()).isPresent();
    }

    private static BracketBody body(FitCase c) {
        return c.kit().drive().bracket().flatMap(b -> b.body()).orElseThrow();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        finding.kit(Leaf.of(Sentence.of("left crank %s", body(c).leftCrank()), "from the shoulder, to the left"))
                .figure(Figure.published("Left crank's inner face", body(c).leftCrank(), c.kit().code()))
                .figure(Figure.published("Right crank's inner face", body(c).rightCrank(), c.kit().code()))
                .figure(c.rules().figure("Wanted", LengthRule.MOTOR_TO_STAY)).figure(c.rules().figure("Cranks off the middle, at most", LengthRule.CRANK_SYMMETRY));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        BracketPlan plan = BracketPlan.of(c);
        Stays stays = Stays.of(c, Stays.LEFT).orElseThrow();
        BracketBody body = body(c);
        Length wanted = c.rules().value(LengthRule.MOTOR_TO_STAY);
        Length crank = body.leftCrank().minus(plan.shoulder());
        Clearance worst = new Clearance(crank.minus(stays.at(100)), plan.plusMinus(stays), wanted)
                .worse(new Clearance(plan.halfShell().plus(plan.otherSide()).minus(stays.at(body.plateRadius().inMillimetres())), plan.plusMinus(stays), wanted));
        Length apart = crank.minus(plan.shoulder().plus(body.rightCrank())).abs();
        finding.bike(Leaf.of(stays.at100(), "left stay from the middle, at 100")).margin(worst.margin())
                .figure(Figure.computed("Left crank from the middle", crank, "crank − W/2 − drive-side spacers"))
                .figure(Figure.computed("Least gap to the left stay", worst.gap(), "crank and tooth plate − stay"))
                .figure(Figure.computed("Left against right crank", apart, "distance from the middle, difference"));
        return switch (worst.answer()) {
            case UNSURE -> unsure(finding, worst, BracketMeasures.LEFT_STAY_100);
            case SHORT -> finding.remedy(Remedy.otherKit("Cranks with more offset, or a longer spindle."))
                    .is(Verdict.NO_FIT, Sentence.of("Left crank or tooth plate come within %s of the left chainstay; %s are wanted.", worst.gap(), wanted));
            case ENOUGH -> apart.isMoreThan(c.rules().value(LengthRule.CRANK_SYMMETRY)) ? crankSpacer(c, finding, apart)
                    : finding.is(Verdict.FITS, Sentence.of("Left crank and plate clear the stay by %s, and the cranks stand %s from alike.", worst.gap(), apart));
        };
    }

    private static Finding crankSpacer(FitCase c, Finding.Builder finding, Length apart) {
        Length alike = c.rules().value(LengthRule.CRANK_SYMMETRY);
        Band wanted = new Band(apart.minus(alike), apart.plus(alike));
        return finding.remedy(Needs.drawerOrBuy(c, "crank-spacer", 1, p -> p.size().filter(s -> wanted.contains(s.thickness())).isPresent(), "crank-spacer",
                        Sentence.of("Crank spacer, %s thick", wanted)))
                .is(Verdict.FITS_WITH, Sentence.of("The cranks would stand %s from alike; a spacer on the nearer one brings them within %s.", apart,
                        c.rules().value(LengthRule.CRANK_SYMMETRY)));
    }
}
