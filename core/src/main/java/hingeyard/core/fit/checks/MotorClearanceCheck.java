package hingeyard.core.fit.checks;

import hingeyard.core.bike.BracketMeasures;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.BracketBody.FaceAt;
import hingeyard.core.kit.BracketBody;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;
import java.util.List;

/** Does the gearbox pass the right chainstay? */
final class MotorClearanceCheck extends MeasuredCheck {

    MotorClearanceCheck() {
        super("motor-clearance", "Gearbox and chainstay", BracketMeasures.SHELL_WIDTH, BracketMeasures.RIGHT_STAY_60, BracketMeasures.RIGHT_STAY_80,
                BracketMeasures.RIGHT_STAY_100);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().bracket().flatMap(b -> b.body()).filter(b -> !b.faces().isEmpty()).isPresent();
    }

    private static List<FaceAt> faces(FitCase c) {
        BracketBody body = c.kit().drive().bracket().flatMap(b -> b.body()).orElseThrow();
        return body.faces();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        finding.kit(Leaf.of("gearbox from the shoulder", Sentence.of("%s radii", faces(c).size())));
        faces(c).forEach(f -> finding.figure(Figure.published("Inner face at " + f.radius(), f.offset(), c.kit().code())));
        finding.figure(c.rules().figure("Wanted", LengthRule.MOTOR_TO_STAY));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        BracketPlan plan = BracketPlan.of(c);
        Stays stays = Stays.of(c, Stays.RIGHT).orElseThrow();
        Length wanted = c.rules().value(LengthRule.MOTOR_TO_STAY);
        Clearance worst = null;
        Length where = Length.ZERO;
        for (FaceAt face : faces(c)) {
            Clearance here = new Clearance(plan.shoulder().plus(face.offset()).minus(stays.at(face.radius().inMillimetres())), plan.plusMinus(stays), wanted);
            if (worst == null || here.gap().isLessThan(worst.gap())) {
                worst = here;
                where = face.radius();
            }
        }
        finding.bike(Leaf.of(stays.at(where.inMillimetres()).text(), Sentence.of("from the middle, at radius %s", where)))
                .figure(Figure.computed("Chainstay's outer face there", stays.at(where.inMillimetres()), "between the radii measured"))
                .figure(Figure.computed("Drive-side spacers", plan.driveSide(), "stack"))
                .figure(Figure.computed("Gap", worst.gap(), "W/2 + spacers + face − stay")).margin(worst.margin());
        return switch (worst.answer()) {
            case ENOUGH -> finding.is(Verdict.FITS, Sentence.of("With %s of drive-side spacer the gearbox clears the chainstay by %s at radius %s; %s are wanted.", plan.driveSide(), worst.gap(), where, wanted));
            case UNSURE -> unsure(finding, worst, BracketMeasures.RIGHT_STAY_60, BracketMeasures.RIGHT_STAY_80, BracketMeasures.RIGHT_STAY_100);
            case SHORT -> finding.remedy(Remedy.otherKit("A motor with a slimmer gearbox, or one with a longer axle tube for more drive-side spacer."))
                    .is(Verdict.NO_FIT, Sentence.of("The gearbox comes within %s of the chainstay at radius %s; %s are wanted.", worst.gap(), where, wanted));
        };
    }
}
