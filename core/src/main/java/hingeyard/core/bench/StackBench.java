package hingeyard.core.bench;

import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import hingeyard.core.stack.StackAnswer;
import hingeyard.core.stack.StackLimit;
import hingeyard.core.stack.StackPiece;
import hingeyard.core.stack.StackProblem;
import hingeyard.core.stack.StackSolver;
import hingeyard.core.stock.DrawerPart;
import java.util.List;

/** Fills a gap from the drawers that are ticked: every minimal set, best first, or what to make where none does. */
public final class StackBench {

    private static final int MOST_KINDS = 40;

    private StackBench() {
    }

    /**
     * @param from,to the gap, mm, 0.05 to 100
     * @param drawers what may be used, each with a size and free pieces; at most 40 kinds
     * @param most    pieces, 1 to 6
     */
    public static StackAnswer of(double from, double to, List<DrawerPart> drawers, int most) {
        Given.within("from", from, 0.05, 100, "mm");
        Given.within("to", to, from, 100, "mm");
        Given.within("most", most, 1, 6, "pieces");
        Given.within("drawers", drawers.size(), 0, MOST_KINDS, "kinds");
        List<StackPiece> pieces = drawers.stream().filter(p -> p.free() > 0 && p.size().isPresent())
                .map(p -> new StackPiece(p.number(), p.name(), p.place(), p.size().get(), p.free(), false)).toList();
        Band gap = new Band(length(from), length(to));
        return StackSolver
                .best(new StackProblem(List.of("gap"), pieces, List.of(StackLimit.toleranced("gap", List.of(1), gap, Length.ZERO)),
                        List.of(gap.greatest().plus(gap.least()).half()), most));
    }

    private static Length length(double mm) {
        return Length.ofMicrometres(Math.round(mm * 1000));
    }
}
