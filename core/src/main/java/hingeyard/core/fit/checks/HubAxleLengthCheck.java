package hingeyard.core.fit.checks;

import hingeyard.core.bike.Measure;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.WheelEnd;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.LimitKind;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.HubDrive.HubAxle;
import hingeyard.core.quantity.Length;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Is the axle long enough on each side? From the shoulder outwards: anti-turn washer, inner washers, plate, safety washer over the lip,
 * torque arm, flat washer,
 * nut, and one pitch of thread beyond it.
 */
final class HubAxleLengthCheck extends HubCheck {

    HubAxleLengthCheck(WheelEnd end) {
        super(end, ended(end, "axle-length"), endTitle(end, "axle length"), end.plateThickness(), end.overLocknut(), end.material());
    }

    @Override
    Optional<String> unsaid(FitCase c) {
        return HubAxleLoadCheck.unsaidMotor(c);
    }

    @Override
    List<Measure> needed(FitCase c) {
        return Stream.concat(Stream.of(end().plateThickness()), HubPlan.needed(c, end()).stream()).toList();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        HubAxle axle = hub(c).axle();
        finding.kit(Leaf.of(Sentence.of("%s left, %s right", axle.freeLeft(), axle.freeRight()), "beyond the shoulders"))
                .figure(Figure.published("Axle beyond the left shoulder", axle.freeLeft(), c.kit().code()))
                .figure(Figure.published("Axle beyond the right shoulder", axle.freeRight(), c.kit().code()))
                .figure(Figure.published("Nut", axle.nutHeight(), c.kit().code()))
                .figure(Figure.published("Pitch", axle.pitch(), c.kit().code()));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        HubPlan plan = HubPlan.of(c, end());
        Reading.OfLength plate = bike(c, finding, end().plateThickness());
        Length left = hub(c).axle().freeLeft().minus(plan.onAxle(0, plate.value()));
        Length right = hub(c).axle().freeRight().minus(plan.onAxle(1, plate.value()));
        Clearance worst = new Clearance(left.min(right), Doubt.of(plate), Length.ZERO, LimitKind.SAFETY);
        String side = right.isLessThan(left) ? "right" : "left";
        finding.margin(worst.margin()).figure(Figure.computed("To spare on the left", left, "axle − everything on it − one pitch"))
                .figure(Figure.computed("To spare on the right", right, "axle − everything on it − one pitch"));
        return switch (worst.answer()) {
            case ENOUGH -> finding.is(Verdict.FITS,
                    Sentence.of("With everything on it the axle shows a whole turn of thread beyond the nut, and %s more on the %s.",
                            worst.gap().told(), side));
            case UNSURE -> unsure(finding, worst);
            case SHORT -> finding.neverOverridden()
                    .remedy(Remedy.otherKit(Sentence.of("Choose a motor with an axle at least %s longer on the %s.",
                            worst.gap().minus(worst.doubt().best()).abs().told(), side)))
                    .is(Verdict.NO_FIT,
                            failing(worst, Sentence.of("On the %s the axle is %s for dropout, washers, arm and a whole nut.", side,
                                    worst.gap().isNegative() ? Sentence.of("%s too short", worst.gap().abs().told())
                                            : Sentence.of("just long enough, with %s to spare,", worst.gap().told()))));
        };
    }
}
