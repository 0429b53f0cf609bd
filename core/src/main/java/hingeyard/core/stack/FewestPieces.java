package hingeyard.core.stack;

import hingeyard.core.stack.CompiledLimits.Kept;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.ToLongFunction;

/**
 * The sets of fewest pieces, found by trying none, one, two pieces and so on: what a verdict rests on. The fewest that keep the worst case
 * win over fewer
 * that keep the limits at nominal only. A set of the fewest pieces is minimal: whatever is left of it has fewer.
 */
final class FewestPieces {

    /** So few pieces are tried sooner than it is worked out which sums they can come to. */
    private static final int EASY = 3;
    private static final LongWindow[] ANYTHING = {new LongWindow(0, Long.MAX_VALUE / 2), new LongWindow(0, Long.MAX_VALUE / 2)};

    private final StackProblem problem;
    private final CompiledLimits limits;
    private Optional<ReachableSums> reachable;
    private final long[] thinnest;
    private final long[] thickest;
    private final long[] sums;
    private final long[] tolerances;
    private final boolean anyWillDo;
    private List<Candidate> worstCase = new ArrayList<>();
    private List<Candidate> nominal = new ArrayList<>();

    private FewestPieces(StackProblem problem, boolean anyWillDo) {
        this.problem = problem;
        this.anyWillDo = anyWillDo;
        this.limits = new CompiledLimits(problem.limits());
        long[] each = each(problem.mostPerSide(), p -> p.size().thickness().micrometres());
        this.thinnest = new long[Math.min(each.length, problem.mostPerSide()) + 1];
        this.thickest = new long[thinnest.length];
        for (int k = 1; k < thinnest.length; k++) {
            thinnest[k] = thinnest[k - 1] + each[k - 1];
            thickest[k] = thickest[k - 1] + each[each.length - k];
        }
        this.sums = new long[problem.sides().size()];
        this.tolerances = new long[problem.sides().size()];
    }

    /** All of the winning number of pieces, in no order; empty when the drawer holds no set. */
    static List<Candidate> of(StackProblem problem) {
        return new FewestPieces(problem, false).find();
    }

    /** Whether some set keeps the limits, at nominal at least. */
    static boolean any(StackProblem problem) {
        return !new FewestPieces(problem, true).find().isEmpty();
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
                if (anyWillDo) {
                    break;
                }
                least = least == null ? leastTolerances() : least;
                if (n >= least.length || !limits.leaveRoomFor(least[n])) {
                    break;
                }
            }
            boolean first = nominal.isEmpty();
            if (sides == 1) {
                if (n < thinnest.length && limits.within(reach(n), reach(0))) {
                    limits.windowOfLast(sums);
                    for (SideCombination only : new SideSearch(problem, limits.from(), limits.to()).of(n)) {
                        judge(first, only);
                    }
                }
            } else {
                for (int k = Math.max(0, n - problem.mostPerSide()); k <= Math.min(n, problem.mostPerSide()); k++) {
                    // So many pieces may be too thin or too thick for the limits whichever they are: then none is looked at.
                    if (k < thinnest.length && n - k < thinnest.length && limits.within(reach(k), reach(n - k))) {
                        join(k, n - k, first);
                    }
                }
            }
        }
        return worstCase.isEmpty() ? nominal : worstCase;
    }

    /** The least and the most that so many pieces add up to on a side. */
    private long[] reach(int pieces) {
        return new long[]{thinnest[pieces], thickest[pieces]};
    }

    /** Looks only at pieces whose sums can meet: most counts of pieces have none that do. */
    private void join(int ofFirst, int ofLast, boolean first) {
        LongWindow[] windows = ofFirst + ofLast <= EASY ? ANYTHING : meeting(ofFirst, ofLast);
        if (windows[0].isEmpty()) {
            return;
        }
        SideCombination[] firsts = new SideSearch(problem, windows[0].from(), windows[0].to()).of(ofFirst).toArray(SideCombination[]::new);
        SideCombination[] seconds = new SideSearch(problem, windows[1].from(), windows[1].to()).of(ofLast).toArray(SideCombination[]::new);
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

    /** The sums of so many pieces on each side that find a partner on the other within the limits; empty windows when none does. */
    private LongWindow[] meeting(int ofFirst, int ofLast) {
        reachable = reachable == null ? ReachableSums.of(problem) : reachable;
        return reachable.map(r -> meeting(r, ofFirst, ofLast)).orElse(ANYTHING);
    }

    private LongWindow[] meeting(ReachableSums reachable, int ofFirst, int ofLast) {
        long[] least = {Long.MAX_VALUE, Long.MAX_VALUE};
        long[] greatest = {-1, -1};
        for (long sum = reachable.next(ofFirst, 0); sum >= 0; sum = reachable.next(ofFirst, sum + 1)) {
            sums[0] = sum;
            limits.windowOfLast(sums);
            long partner = limits.from() > limits.to() ? -1 : reachable.next(ofLast, limits.from());
            if (partner >= 0 && partner <= limits.to()) {
                least[0] = Math.min(least[0], sum);
                greatest[0] = sum;
                least[1] = Math.min(least[1], partner);
                greatest[1] = Math.max(greatest[1], limits.to());
            }
        }
        return new LongWindow[]{new LongWindow(least[0], greatest[0]), new LongWindow(least[1], greatest[1])};
    }

    /** @param first whether nothing of fewer pieces kept the limits at nominal */
    private void judge(boolean first, SideCombination... sides) {
        for (int s = 0; s < sides.length; s++) {
            sums[s] = sides[s].sum();
            tolerances[s] = sides[s].tolerance();
        }
        Kept kept = limits.keep(sums, tolerances);
        if (kept == Kept.NOT || kept == Kept.NOMINALLY && (!first || !worstCase.isEmpty())
                || sides.length == 2 && SideCombination.overdrawn(problem, sides[0], sides[1])) {
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

    static int atLeast(SideCombination[] ascending, long sum) {
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
