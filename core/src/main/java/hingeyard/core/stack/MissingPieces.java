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

    static List<StackAnswer.Missing> of(StackProblem problem, List<SideCombination> combinations) {
        StackAnswer.Missing one = onePiece(problem, combinations);
        return one != null ? List.of(one) : onEachSide(problem);
    }

    private static StackAnswer.Missing onePiece(StackProblem problem, List<SideCombination> combinations) {
        StackAnswer.Missing best = null;
        int bestPieces = Integer.MAX_VALUE;
        boolean single = problem.sides().size() == 1;
        for (SideCombination first : combinations) {
            if (first.pieces() >= bestPieces) {
                continue;
            }
            for (SideCombination second : single ? List.of(first) : combinations) {
                int pieces = first.pieces() + (single ? 0 : second.pieces());
                if (pieces >= bestPieces) {
                    continue;
                }
                StackAnswer.Missing found = single ? extra(problem, 0, first) : either(problem, first, second);
                if (found != null) {
                    best = found;
                    bestPieces = pieces;
                }
            }
        }
        return best;
    }

    private static StackAnswer.Missing either(StackProblem problem, SideCombination first, SideCombination second) {
        for (int p = 0; p < problem.pieces().size(); p++) {
            if (first.counts()[p] + second.counts()[p] > problem.pieces().get(p).available()) {
                return null;
            }
        }
        StackAnswer.Missing inner = extra(problem, 0, first, second);
        return inner != null ? inner : extra(problem, 1, first, second);
    }

    private static StackAnswer.Missing extra(StackProblem problem, int side, SideCombination... sides) {
        long[] sums = new long[sides.length];
        for (int i = 0; i < sides.length; i++) {
            sums[i] = sides[i].sum();
        }
        if (sides[side].pieces() >= problem.mostPerSide()) {
            return null;
        }
        LongWindow sum = LongWindow.ofSide(problem, side, sums);
        LongWindow thickness = new LongWindow(Math.max(1, sum.from() - sums[side]), sum.to() - sums[side]);
        if (thickness.isEmpty()) {
            return null;
        }
        List<List<StackSet.Use>> with = new ArrayList<>();
        for (SideCombination s : sides) {
            with.add(s.uses(problem));
        }
        return missing(side, thickness, with);
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
