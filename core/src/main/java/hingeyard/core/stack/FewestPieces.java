package hingeyard.core.stack;

import hingeyard.core.stack.CompiledLimits.Kept;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.ToLongFunction;

/**
 * The sets of fewest pieces, found by trying none, one, two pieces and so on: what a verdict rests on. The fewest that keep the worst case win over fewer
 * that keep the limits at nominal only. A set of the fewest pieces is minimal: whatever is left of it has fewer.
 */
final class FewestPieces {

    private final StackProblem problem;
    private final CompiledLimits limits;
    private final SideCombination[][] byPieces;
    private final long[] thinnest;
    private final long[] thickest;
    private final long[] sums;
    private final long[] tolerances;
    private List<Candidate> worstCase = new ArrayList<>();
    private List<Candidate> nominal = new ArrayList<>();

    private FewestPieces(StackProblem problem) {
        this.problem = problem;
        this.limits = new CompiledLimits(problem.limits());
        long[] each = each(problem.mostPerSide(), p -> p.size().thickness().micrometres());
        this.thinnest = new long[Math.min(each.length, problem.mostPerSide()) + 1];
        this.thickest = new long[thinnest.length];
        for (int k = 1; k < thinnest.length; k++) {
            thinnest[k] = thinnest[k - 1] + each[k - 1];
            thickest[k] = thickest[k - 1] + each[each.length - k];
        }
        this.byPieces = new SideCombination[problem.mostPerSide() + 1][];
        this.sums = new long[problem.sides().size()];
        this.tolerances = new long[problem.sides().size()];
    }

    /** All of the winning number of pieces, in no order; empty when the drawer holds no set. */
    static List<Candidate> of(StackProblem problem) {
        return new FewestPieces(problem).find();
    }

    /** A figure of every single piece, ascending; of a kind no more than {@code most}. */
    private long[] each(int most, ToLongFunction<StackPiece> figure) {
        int n = 0;
        for (StackPiece piece : problem.pieces()) {
            n += Math.min(piece.available(), most);
        }
        long[] each = new long[n];
        int at = 0;
        for (StackPiece piece : problem.pieces()) {
            int to = at + Math.min(piece.available(), most);
            Arrays.fill(each, at, to, figure.applyAsLong(piece));
            at = to;
        }
        Arrays.sort(each);
        return each;
    }

    private List<Candidate> find() {
        int sides = problem.sides().size();
        long[] least = null;
        for (int n = 0; n <= sides * problem.mostPerSide() && worstCase.isEmpty(); n++) {
            if (!nominal.isEmpty()) {
                least = least == null ? leastTolerances() : least;
                if (n >= least.length || !limits.leaveRoomFor(least[n])) {
                    break;
                }
            }
            boolean first = nominal.isEmpty();
            if (sides == 1) {
                if (n < thinnest.length && limits.within(reach(n), reach(0))) {
                    for (SideCombination only : of(n)) {
                        judge(first, only);
                    }
                }
            } else {
                for (int k = Math.max(0, n - problem.mostPerSide()); k <= Math.min(n, problem.mostPerSide()); k++) {
                    // So many pieces may be too thin or too thick for the limits whichever they are: then none is looked at.
                    if (k < thinnest.length && n - k < thinnest.length && limits.within(reach(k), reach(n - k))) {
                        join(of(k), of(n - k), first);
                    }
                }
            }
        }
        return worstCase.isEmpty() ? nominal : worstCase;
    }

    /** The least and the most that so many pieces add up to on a side. */
    private long[] reach(int pieces) {
        return new long[] {thinnest[pieces], thickest[pieces]};
    }

    private SideCombination[] of(int pieces) {
        if (byPieces[pieces] == null) {
            byPieces[pieces] = SideCombination.of(problem, pieces).toArray(SideCombination[]::new);
        }
        return byPieces[pieces];
    }

    private void join(SideCombination[] firsts, SideCombination[] seconds, boolean first) {
        if (seconds.length == 0) {
            return;
        }
        for (SideCombination a : firsts) {
            sums[0] = a.sum();
            limits.windowOfLast(sums);
            long to = limits.to();
            for (int i = atLeast(seconds, limits.from()); i < seconds.length && seconds[i].sum() <= to; i++) {
                judge(first, a, seconds[i]);
            }
        }
    }

    /** @param first whether nothing of fewer pieces kept the limits at nominal */
    private void judge(boolean first, SideCombination... sides) {
        for (int s = 0; s < sides.length; s++) {
            sums[s] = sides[s].sum();
            tolerances[s] = sides[s].tolerance();
        }
        Kept kept = limits.keep(sums, tolerances);
        if (kept == Kept.NOT || kept == Kept.NOMINALLY && (!first || !worstCase.isEmpty()) || sides.length == 2 && SideCombination.overdrawn(problem, sides[0], sides[1])) {
            return;
        }
        (kept == Kept.IN_THE_WORST_CASE ? worstCase : nominal).add(new Candidate(problem, sides));
    }

    /** The least sum of tolerances that so many pieces can have. */
    private long[] leastTolerances() {
        long[] all = each(Integer.MAX_VALUE, p -> p.size().plusMinus().micrometres());
        long[] each = Arrays.copyOf(all, Math.min(all.length, problem.mostPerSide() * problem.sides().size()));
        long[] least = new long[each.length + 1];
        for (int i = 0; i < each.length; i++) {
            least[i + 1] = least[i] + each[i];
        }
        return least;
    }

    private static int atLeast(SideCombination[] ascending, long sum) {
        int low = 0;
        int high = ascending.length;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (ascending[middle].sum() < sum) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }
}
