package hingeyard.core.fit.checks;

import hingeyard.core.bike.BracketMeasures;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Amount;
import hingeyard.core.quantity.Length;
import java.util.Comparator;
import java.util.List;

/**
 * Does everything that must pass under the motor fit through? Sum of the circles × 1.4 ≤ free section, and each ≤ its smallest gap; round
 * things packed by hand leave about 30 % of the room.
 */
final class FramePassageCheck extends MeasuredCheck {

    private static final double PACKING = 1.4;
    /** Hose or cable outer of the bike's own. */
    private static final Length OWN_LINE = Length.ofMillimetres(5);

    FramePassageCheck() {
        super("frame-passage", "Passage under the motor", BracketMeasures.PASSAGE_WIDTH, BracketMeasures.PASSAGE_HEIGHT,
                BracketMeasures.PASSAGE_LINES);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().frameMade().isPresent();
    }

    private static List<Length> lines(FitCase c) {
        return c.kit().drive().frameMade().orElseThrow().lines();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        finding.kit(Leaf.of(Sentence.of("%s leads", lines(c).size()), Sentence.of("the thickest %s", thickest(c))));
    }

    private static Length thickest(FitCase c) {
        return lines(c).stream().max(Comparator.naturalOrder()).orElse(Length.ZERO).max(OWN_LINE);
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Length width = value(c, BracketMeasures.PASSAGE_WIDTH);
        Length height = value(c, BracketMeasures.PASSAGE_HEIGHT);
        long own = c.survey().number(BracketMeasures.PASSAGE_LINES).orElseThrow();
        double needed = (lines(c).stream().mapToDouble(FramePassageCheck::section).sum() + own * section(OWN_LINE)) * PACKING;
        double free = width.inMillimetres() * height.inMillimetres();
        Amount wanted = Amount.beside(needed, 0, 3, "mm²", free);
        Amount room = Amount.beside(free, 0, 3, "mm²", needed);
        finding.bike(Leaf.of(Sentence.of("%s × %s", width, height), Sentence.of("%s lines of its own", own)))
                .margin(Margin.said(Sentence.of("%s of %s", wanted, room)))
                .figure(Figure.computed("Free section", room, "width × height"))
                .figure(Figure.computed("Section wanted", wanted, "sum of circles × 1.4"))
                .figure(measured(reading(c, BracketMeasures.PASSAGE_WIDTH))).figure(measured(reading(c, BracketMeasures.PASSAGE_HEIGHT)));
        boolean passes = !thickest(c).isMoreThan(width.min(height));
        if (needed > free || !passes) {
            return finding
                    .remedy(Remedy.work("electrics", 45,
                            "Re-route the bike's own lines outside the motor bay, or leave out the dropper line."))
                    .remedy(Remedy.otherKit("Choose a motor with fewer leads through the frame."))
                    .is(Verdict.NO_FIT,
                            passes ? Sentence.of("The leads under the motor need %s and the passage has %s: something would be pinched.",
                                    wanted, room)
                                    : Sentence.of("The thickest lead of %s does not pass a gap of %s.", thickest(c), width.min(height)));
        }
        return finding.is(Verdict.FITS,
                Sentence.of("Laid flat side by side, %d leads and lines need %s of %s.", lines(c).size() + own, wanted, room));
    }

    private static double section(Length diameter) {
        return Math.PI / 4 * diameter.inMillimetres() * diameter.inMillimetres();
    }
}
