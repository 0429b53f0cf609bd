package hingeyard.core.stack;

import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.LongSummaryStatistics;

/** When the drawer holds no set: the one extra piece that makes one, else one extra piece on each side. */
final class MissingPieces {

    private MissingPieces() {
    }

    static List<StackAnswer.Missing> of(StackProblem problem) {
        StackAnswer.Missing one = onePiece(problem);
        return one != null ? List.of(one) : onEachSide(problem);
    }

    /**
     * One extra piece on one side and as few as possible of what is there on the other. Beside the extra piece nothing of what is there is needed: it is
     * made as thick as both.
     */
    private static StackAnswer.Missing onePiece(StackProblem problem) {
        if (problem.mostPerSide() == 0) {
            return null;
        }
        if (problem.sides().size() == 1) {
            LongWindow thickness = extra(problem, 0, new long[1]);
            return thickness.isEmpty() ? null : missing(0, thickness, List.of(List.of()));
        }
        for (int pieces = 0; pieces <= problem.mostPerSide(); pieces++) {
            List<SideCombination> others = SideCombination.of(problem, pieces);
            for (int side = 0; side < 2; side++) {
                for (SideCombination other : others) {
                    long[] sums = side == 0 ? new long[] {0, other.sum()} : new long[] {other.sum(), 0};
                    LongWindow thickness = extra(problem, side, sums);
                    if (!thickness.isEmpty()) {
                        List<StackSet.Use> uses = other.uses(problem);
                        return missing(side, thickness, side == 0 ? List.of(List.of(), uses) : List.of(uses, List.of()));
                    }
                }
            }
        }
        return null;
    }

    private static LongWindow extra(StackProblem problem, int side, long[] sums) {
        LongWindow sum = LongWindow.ofSide(problem, side, sums);
        return new LongWindow(Math.max(1, sum.from()), sum.to());
    }

    /** One new piece on each side, as near to the preferred sums as the limits leave. */
    private static List<StackAnswer.Missing> onEachSide(StackProblem problem) {
        if (problem.sides().size() == 1 || problem.mostPerSide() == 0) {
            return List.of();
        }
        LongSummaryStatistics feasible = firstSideCorners(problem).stream().mapToLong(Long::longValue)
                .filter(first -> first >= 0 && !LongWindow.ofSide(problem, 1, new long[] {first, 0}).isEmpty()).summaryStatistics();
        if (feasible.getCount() == 0 || feasible.getMax() == 0) {
            return List.of();
        }
        List<List<StackSet.Use>> alone = List.of(List.of(), List.of());
        // What the limits leave is convex: every value between two feasible ones is feasible.
        long preferred = problem.preferred().get(0).micrometres();
        long first = Math.max(1, Math.max(feasible.getMin(), Math.min(feasible.getMax(), preferred)));
        LongWindow second = LongWindow.ofSide(problem, 1, new long[] {first, 0});
        if (second.isEmpty() || second.to() < 1) {
            return List.of();
        }
        return List.of(missing(0, new LongWindow(first, first), alone), missing(1, new LongWindow(Math.max(1, second.from()), second.to()), alone));
    }

    /** First-side sums of all corners of what two limits, or a limit and an empty side, leave. */
    private static List<Long> firstSideCorners(StackProblem problem) {
        List<long[]> lines = new ArrayList<>(List.of(new long[] {1, 0, 0}, new long[] {0, 1, 0}));
        for (StackLimit limit : problem.limits()) {
            for (Length end : List.of(limit.allowed().least(), limit.allowed().greatest())) {
                lines.add(new long[] {limit.signs().get(0), limit.signs().get(1), end.micrometres()});
            }
        }
        List<Long> corners = new ArrayList<>();
        for (long[] a : lines) {
            for (long[] b : lines) {
                long determinant = a[0] * b[1] - a[1] * b[0];
                if (determinant != 0) {
                    long numerator = a[2] * b[1] - a[1] * b[2];
                    corners.add(Math.floorDiv(numerator, determinant));
                    corners.add(-Math.floorDiv(-numerator, determinant));
                }
            }
        }
        return corners;
    }

    private static StackAnswer.Missing missing(int side, LongWindow thickness, List<List<StackSet.Use>> with) {
        Band window = new Band(Length.ofMicrometres(thickness.from()), Length.ofMicrometres(thickness.to()));
        return new StackAnswer.Missing(side, Length.ofMicrometres(handy(thickness)), window, with);
    }

    /** The middle, moved to the nearest half or tenth of a millimetre that is still inside. */
    private static long handy(LongWindow window) {
        long middle = window.from() + (Math.min(window.to(), window.from() + 20_000) - window.from()) / 2;
        for (long step : new long[] {500, 100}) {
            long rounded = Math.round(middle / (double) step) * step;
            if (rounded >= window.from() && rounded <= window.to() && rounded > 0) {
                return rounded;
            }
        }
        return middle;
    }
}
