package hingeyard.core.stack;

import hingeyard.core.stack.CompiledLimits.Kept;

/** Whether anything can be left out of a set without leaving a limit, or the worst case it kept. */
final class Minimality {

    private final CompiledLimits limits;
    private final long[] thickness;
    private final long[] tolerance;

    Minimality(StackProblem problem, CompiledLimits limits) {
        this.limits = limits;
        this.thickness = problem.pieces().stream().mapToLong(p -> p.size().thickness().micrometres()).toArray();
        this.tolerance = problem.pieces().stream().mapToLong(p -> p.size().plusMinus().micrometres()).toArray();
    }

    boolean isMinimal(SideCombination[] sides, Kept kept) {
        long[] sums = new long[sides.length];
        long[] tolerances = new long[sides.length];
        for (int i = 0; i < sides.length; i++) {
            sums[i] = sides[i].sum();
            tolerances[i] = sides[i].tolerance();
        }
        return limits.growing() ? noSingleRemovalKeeps(sides, sums, tolerances, kept)
                : !someRemovalKeeps(sides, 0, 0, sums, tolerances, kept, false);
    }

    private boolean noSingleRemovalKeeps(SideCombination[] sides, long[] sums, long[] tolerances, Kept kept) {
        for (int side = 0; side < sides.length; side++) {
            int[] counts = sides[side].counts();
            for (int p = 0; p < counts.length; p++) {
                if (counts[p] > 0) {
                    sums[side] -= thickness[p];
                    tolerances[side] -= tolerance[p];
                    boolean keeps = limits.keep(sums, tolerances).compareTo(kept) >= 0;
                    sums[side] += thickness[p];
                    tolerances[side] += tolerance[p];
                    if (keeps) {
                        return false;
                    }
                }
            }
        }
        return true;
    }

    /** Tries every way of leaving something out, piece by piece. */
    private boolean someRemovalKeeps(SideCombination[] sides, int side, int piece, long[] sums, long[] tolerances, Kept kept,
            boolean removed) {
        if (side == sides.length) {
            return removed && limits.keep(sums, tolerances).compareTo(kept) >= 0;
        }
        if (piece == thickness.length) {
            return someRemovalKeeps(sides, side + 1, 0, sums, tolerances, kept, removed);
        }
        int count = sides[side].counts()[piece];
        boolean found = false;
        for (int left = 0; left <= count && !found; left++) {
            sums[side] -= left * thickness[piece];
            tolerances[side] -= left * tolerance[piece];
            found = someRemovalKeeps(sides, side, piece + 1, sums, tolerances, kept, removed || left > 0);
            sums[side] += left * thickness[piece];
            tolerances[side] += left * tolerance[piece];
        }
        return found;
    }
}
