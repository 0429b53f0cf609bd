package hingeyard.core.fit.checks;

import hingeyard.core.bike.Reading;
import hingeyard.core.bike.TriangleMeasures;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.LimitKind;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Battery;
import hingeyard.core.kit.BatteryHold;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;

/**
 * Is the bay that the frame's maker built the one for this battery: long and wide enough, and not so long that its lock bites on nothing?
 */
final class FrameBayCheck extends MeasuredCheck {

    FrameBayCheck() {
        super("frame-bay", "Frame's own bay", TriangleMeasures.FRAME_BAY_LENGTH, TriangleMeasures.FRAME_BAY_WIDTH);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().frameMade().isPresent() && kit.battery().casing().hold() == BatteryHold.FRAME_BAY;
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        Battery b = c.kit().battery();
        finding.kit(Leaf.of(Sentence.of("%s × %s", b.length(), b.casing().width()), b.name()))
                .figure(Figure.published("Battery's length", b.length(), b.code()))
                .figure(Figure.published("Battery's width", b.casing().width(), b.code()))
                .figure(c.rules().figure("Shorter than the bay, at most", LengthRule.FRAME_BAY_PLAY));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Battery b = c.kit().battery();
        Reading.OfLength length = bike(c, finding, TriangleMeasures.FRAME_BAY_LENGTH);
        Reading.OfLength width = reading(c, TriangleMeasures.FRAME_BAY_WIDTH);
        Length play = length.value().minus(b.length());
        Clearance worst = new Clearance(play, Doubt.of(length), Length.ZERO, LimitKind.MAKERS)
                .worse(new Clearance(c.rules().value(LengthRule.FRAME_BAY_PLAY).minus(play), Doubt.of(length), Length.ZERO))
                .worse(new Clearance(width.value().minus(b.casing().width()), Doubt.of(width), Length.ZERO, LimitKind.MAKERS));
        finding.margin(worst.margin()).figure(measured(width))
                .figure(Figure.computed("Battery's play along the bay", play, "bay − battery"));
        return switch (worst.answer()) {
            case ENOUGH -> finding.is(Verdict.FITS, passing(worst,
                    Sentence.of("The battery fits the frame's bay with %s of play along it, and its lock engages.", play.told())));
            case UNSURE -> unsure(finding, worst);
            case SHORT -> finding.neverOverridden()
                    .remedy(Remedy.otherKit(
                            Sentence.of("Choose the battery this frame was made for; its bay is %s × %s.", length.value(), width.value())))
                    .is(Verdict.NO_FIT, Sentence.of("The frame's bay is %s × %s and this battery is %s × %s: they do not match.",
                            length.value(), width.value(), b.length(), b.casing().width()));
        };
    }
}
