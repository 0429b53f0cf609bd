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
import hingeyard.core.kit.BracketBody.FaceAt;
import hingeyard.core.kit.BracketDrive;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;
import java.util.List;
import java.util.Optional;

/** Does the gearbox pass the right chainstay? */
final class MotorClearanceCheck extends MeasuredCheck {

    MotorClearanceCheck() {
        super("motor-clearance", "Gearbox and chainstay", BracketMeasures.SHELL_WIDTH, BracketMeasures.RIGHT_STAY_60,
                BracketMeasures.RIGHT_STAY_80,
                BracketMeasures.RIGHT_STAY_100);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().bracket().isPresent();
    }

    @Override
    Optional<String> unsaid(FitCase c) {
        return c.kit().drive().bracket().flatMap(BracketDrive::body).filter(b -> !b.faces().isEmpty()).isPresent() ? Optional.empty()
                : Optional.of("the gearbox's inner face at radii from the bottom bracket");
    }

    @Override
    List<Measure> needed(FitCase c) {
        return BracketPlan.needed(c);
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
            Clearance here = new Clearance(plan.shoulder().plus(face.offset()).minus(stays.at(face.radius().inMillimetres())),
                    plan.doubt(stays), wanted);
            if (worst == null || here.spare().isLessThan(worst.spare())) {
                worst = here;
                where = face.radius();
            }
        }
        finding.bike(Leaf.of(stays.at(where.inMillimetres()).told(), Sentence.of("from the middle, %s from the bottom bracket", where)))
                .figure(Figure.computed("Chainstay's outer face there", stays.at(where.inMillimetres()), "between the radii measured"))
                .figure(Figure.computed("Drive-side spacers", plan.driveSide(), "stack"))
                .figure(Figure.computed("Gap", worst.gap(), "W/2 + spacers + face − stay")).margin(worst.margin());
        return switch (worst.answer()) {
            case ENOUGH -> finding.is(Verdict.FITS,
                    passing(worst, Sentence.of("With %s of spacer on the drive side the gearbox clears the chainstay by %s; %s is needed.",
                            plan.driveSide(), worst.gap().told(), wanted)));
            case UNSURE -> unsure(finding, worst);
            case SHORT -> finding
                    .remedy(Remedy.otherKit(
                            "Choose a motor with a slimmer gearbox, or one with a longer axle tube for more spacer on the drive side."))
                    .is(Verdict.NO_FIT, worst.gap().isNegative()
                            ? Sentence.of("The gearbox would overlap the chainstay by %s, %s from the bottom bracket.",
                                    worst.gap().abs().told(), where)
                            : Sentence.of("The gearbox would come within %s of the chainstay, %s from the bottom bracket; %s is needed.",
                                    worst.gap().told(), where, wanted));
        };
    }
}
