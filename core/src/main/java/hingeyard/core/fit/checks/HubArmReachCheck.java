package hingeyard.core.fit.checks;

import hingeyard.core.bike.WheelEnd;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.KitItem;
import hingeyard.core.quantity.Length;
import hingeyard.core.stock.DrawerPart;
import java.util.Optional;

/** Does the torque arm reach a spot where it can be tied, and how far must it step sideways? */
final class HubArmReachCheck extends HubCheck {

    /** A straight arm gives that much without being bent. */
    private static final Length STRAIGHT = Length.ofMillimetres(2);
    private static final int BENDING_MINUTES = 20;

    HubArmReachCheck(WheelEnd end) {
        super(end, ended(end, "arm-reach"), endTitle(end, "torque arm"), end.tieDistance(), end.step());
    }

    @Override
    public boolean concerns(Kit kit) {
        return super.concerns(kit) && kit.equipment().motor().isPresent();
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
        finding.figure(Figure.measured("Sideways step", step, end().step().key()));
        boolean reaches = own(c).filter(l -> !l.isLessThan(tie)).isPresent();
        if (reaches && !step.isMoreThan(STRAIGHT)) {
            return finding.margin(Margin.spare(own(c).get().minus(tie))).is(Verdict.FITS, Sentence.of("The kit's arm reaches the tie point at %s and lies flat, step %s.", tie, step));
        }
        Optional<DrawerPart> adjustable = c.drawers().find("torque-arm", 1, p -> p.facts().length().filter(l -> !l.isLessThan(tie)).isPresent()
                && p.facts().span().filter(s -> s.contains(step)).isPresent() && p.size().filter(s -> s.inner().equals(hub(c).axle().diameter())).isPresent());
        if (adjustable.isPresent()) {
            return finding.margin(Margin.said("adjustable arm")).remedy(Needs.fromDrawer(adjustable.get(), 1, "torque-arm-adjustable"))
                    .is(Verdict.FITS_WITH, Sentence.of("Tie point at %s, %s to the side: %s reaches it and follows the step.", tie, step, adjustable.get().name()));
        }
        if (reaches) {
            return finding.margin(Margin.said(Sentence.of("bend %s", step))).remedy(Remedy.work("machining", BENDING_MINUTES, Sentence.of("Bend the arm by %s, the bend just outside the washer.", step)))
                    .is(Verdict.FITS_WITH, Sentence.of("The kit's arm reaches the tie point at %s but must step %s sideways: it is bent to it.", tie, step));
        }
        return finding.margin(Margin.said("no arm reaches"))
                .remedy(Needs.buy(Sentence.of("Torque arm, at least %s long, for a step of %s, axle of %s", tie, step, hub(c).axle().diameter()), 1, "torque-arm-adjustable"))
                .is(Verdict.FITS_WITH, Sentence.of("No arm at hand reaches the tie point at %s.", tie));
    }
}
