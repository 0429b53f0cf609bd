package hingeyard.core.fit.checks;


import hingeyard.core.bike.Reading;
import hingeyard.core.bike.WheelEnd;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Length;

/**
 * Is the axle long enough on each side? From the shoulder outwards: inner washers, plate, safety washer over the lip, torque arm, flat washer,
 * nut, and one pitch of thread beyond it.
 */
final class HubAxleLengthCheck extends HubCheck {

    HubAxleLengthCheck(WheelEnd end) {
        super(end, ended(end, "axle-length"), endTitle(end, "axle length"), end.plateThickness(), end.overLocknut(), end.material());
    }

    @Override
    public boolean concerns(Kit kit) {
        return super.concerns(kit) && kit.equipment().motor().isPresent();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        finding.kit(Leaf.of(Sentence.of("%s left, %s right", hub(c).axle().freeLeft(), hub(c).axle().freeRight()), "beyond the shoulders"))
                .figure(Figure.published("Axle beyond the left shoulder", hub(c).axle().freeLeft(), c.kit().code()))
                .figure(Figure.published("Axle beyond the right shoulder", hub(c).axle().freeRight(), c.kit().code()))
                .figure(Figure.published("Nut", hub(c).axle().nutHeight(), c.kit().code())).figure(Figure.published("Pitch", hub(c).axle().pitch(), c.kit().code()));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        HubPlan plan = HubPlan.of(c, end());
        Reading.OfLength plate = bike(c, finding, end().plateThickness());
        int arms = HubAxleLoadCheck.arms(c, end(), plate.value());
        Length left = hub(c).axle().freeLeft().minus(plan.onAxle(0, plate.value(), arms));
        Length right = hub(c).axle().freeRight().minus(plan.onAxle(1, plate.value(), arms));
        Clearance worst = new Clearance(left.min(right), plate.plusMinus(), Length.ZERO);
        String side = right.isLessThan(left) ? "right" : "left";
        finding.margin(worst.margin()).figure(Figure.computed("Left over on the left", left, "axle − everything on it − one pitch"))
                .figure(Figure.computed("Left over on the right", right, "axle − everything on it − one pitch"));
        return switch (worst.answer()) {
            case ENOUGH -> finding.is(Verdict.FITS, Sentence.of("With everything on it the axle still shows a whole turn of thread: %s to spare on the %s.", worst.gap(), side));
            case UNSURE -> unsure(finding, worst, end().plateThickness());
            case SHORT -> finding.neverOverridden().remedy(Remedy.otherKit(Sentence.of("A motor with an axle at least %s longer on the %s.", worst.gap().abs(), side)))
                    .is(Verdict.NO_FIT, Sentence.of("On the %s the axle is %s too short for dropout, washers, arm and a whole nut.", side, worst.gap().abs()));
        };
    }
}
