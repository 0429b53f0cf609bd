package hingeyard.core.fit.checks;

import hingeyard.core.bike.Measure;
import hingeyard.core.bike.WheelEnd;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.KitItem;
import hingeyard.core.quantity.Length;
import java.util.List;
import java.util.Optional;

/**
 * Does the torque arm reach a spot where it can be tied, and how far must it step sideways? The arms themselves stand at the axle's twist.
 */
final class HubArmReachCheck extends HubCheck {

    private static final int BENDING_MINUTES = 20;

    HubArmReachCheck(WheelEnd end) {
        super(end, ended(end, "arm-reach"), endTitle(end, "torque arm"), end.tieDistance(), end.step());
    }

    /** What the arms are chosen by, and where they are tied. */
    @Override
    List<Measure> needed(FitCase c) {
        return List.of(end().tieDistance(), end().step(), end().plateThickness(), end().material());
    }

    private static Optional<Length> own(FitCase c) {
        return Needs.inTheBox(c, "torque-arm").flatMap(KitItem::length);
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        finding.kit(own(c).map(l -> Leaf.of(Sentence.of("arm of %s", l), "in the box")).orElse(Leaf.of("no arm in the box")));
        own(c).ifPresent(l -> finding.figure(Figure.published("Arm's length", l, c.kit().code())));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Length tie = bike(c, finding, end().tieDistance()).value();
        Length step = value(c, end().step());
        ArmPlan plan = HubPlan.of(c, end()).arms();
        finding.figure(measured(reading(c, end().step())));
        if (plan.wanted() == 0) {
            return finding.margin(Margin.said("none needed")).is(Verdict.FITS, "No torque arm is asked for here.");
        }
        if (plan.chosen().size() < plan.wanted()) {
            return finding.margin(Margin.said("arm to buy"))
                    .is(Verdict.FITS, Sentence.of(
                            "Nothing in the box or the drawers reaches the tie point at %s with a step of %s: the arm to buy is on the bill and must do both.",
                            tie, step));
        }
        if (plan.bent()) {
            return finding.margin(Margin.said(Sentence.of("bend %s", step)))
                    .remedy(Remedy.work("machining", BENDING_MINUTES,
                            Sentence.of("Bend the arm by %s, the bend just outside the washer.", step)))
                    .is(Verdict.FITS_WITH,
                            Sentence.of("The arm reaches the tie point at %s but has to step %s sideways: bend it.", tie, step));
        }
        Length spare = plan.chosen().stream()
                .map(a -> a.kit().flatMap(KitItem::length).or(() -> a.part().flatMap(p -> p.facts().length())).orElse(tie).minus(tie))
                .min(Length::compareTo).orElse(Length.ZERO);
        return finding.margin(Margin.spare(spare)).is(Verdict.FITS,
                Sentence.of("The arm reaches the tie point at %s and follows the step of %s.", tie, step));
    }
}
