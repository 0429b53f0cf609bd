package hingeyard.core.stack;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.PriorityQueue;

/** Fills a stack from the drawer. The entry of this package; see the package's specification. */
public final class StackSolver {

    static final Comparator<Candidate> RANK = Comparator.comparing(Candidate::worstCase).reversed()
            .thenComparingInt(Candidate::pieces)
            .thenComparingInt(Candidate::drawerPieces)
            .thenComparingLong(Candidate::deviation)
            .thenComparing(Candidate::byPieces);

    private StackSolver() {
    }

    /** As many sets as a choice shows. */
    private static final int SHOWN = 12;
    private static final int LISTED = 500;

    /**
     * The sets that serve the wishes best and, of those, have the fewest pieces (or the kit's own in pairs, where the problem wants that),
     * best first, at most twelve of
     * them. When there is none, what to buy or make.
     * What a verdict asks: hundreds of times faster than listing everything.
     */
    public static StackAnswer best(StackProblem problem) {
        List<Candidate> found = Wishes.served(problem).stream()
                .flatMap(p -> (p.paired() ? PairedPieces.of(p) : FewestPieces.of(p)).stream()).toList();
        if (found.isEmpty()) {
            return MissingPieces.of(problem);
        }
        Ranked best = new Ranked(SHOWN, problem);
        found.forEach(best::add);
        return best.answer();
    }

    /**
     * Every minimal set is found and counted, the best 500 are listed, best first; when there is none, what to buy or make. Deterministic.
     * A full drawer
     * has hundreds of thousands of minimal sets: not for a verdict.
     */
    public static StackAnswer solve(StackProblem problem) {
        Ranked minimal = new Ranked(LISTED, problem);
        for (StackProblem served : Wishes.served(problem)) {
            minimal(served, SideCombination.all(served), minimal);
        }
        return minimal.count() == 0 ? MissingPieces.of(problem) : minimal.answer();
    }

    /** The best of all that were added, in bounded room. */
    private static final class Ranked {
        private final int most;
        private final StackProblem problem;
        private final Comparator<Candidate> rank;
        private final PriorityQueue<Candidate> worstFirst;
        private int count;

        Ranked(int most, StackProblem problem) {
            this.most = most;
            this.problem = problem;
            this.rank = problem.paired() ? PairedPieces.RANK : RANK;
            this.worstFirst = new PriorityQueue<>(rank.reversed());
        }

        int count() {
            return count;
        }

        void add(Candidate candidate) {
            count++;
            worstFirst.add(candidate);
            if (worstFirst.size() > most) {
                worstFirst.remove();
            }
        }

        StackAnswer answer() {
            List<Candidate> best = new ArrayList<>(worstFirst);
            best.sort(rank);
            return new StackAnswer(best.stream().map(Candidate::toSet).toList(), count, Optional.empty(), List.of(),
                    Wishes.costs(problem, best.get(0).sums()));
        }
    }

    private static void minimal(StackProblem problem, List<SideCombination> combinations, Ranked found) {
        CompiledLimits limits = new CompiledLimits(problem.limits());
        Minimality minimality = new Minimality(problem, limits);
        long[] sums = combinations.stream().mapToLong(SideCombination::sum).toArray();
        boolean single = problem.sides().size() == 1;
        for (SideCombination first : single ? List.of(NONE) : combinations) {
            LongWindow window = single ? LongWindow.ofSide(problem, 0, new long[1])
                    : LongWindow.ofSide(problem, 1, new long[]{first.sum(), 0});
            for (int i = firstAtLeast(sums, window.from()); i < sums.length && sums[i] <= window.to(); i++) {
                SideCombination last = combinations.get(i);
                addIfMinimal(problem, limits, minimality, single ? new SideCombination[]{last} : new SideCombination[]{first, last}, found);
            }
        }
    }

    private static void addIfMinimal(StackProblem problem, CompiledLimits limits, Minimality minimality, SideCombination[] sides,
            Ranked found) {
        if (sides.length == 2 && SideCombination.overdrawn(problem, sides[0], sides[1])) {
            return;
        }
        long[] sums = new long[sides.length];
        long[] tolerances = new long[sides.length];
        for (int i = 0; i < sides.length; i++) {
            sums[i] = sides[i].sum();
            tolerances[i] = sides[i].tolerance();
        }
        CompiledLimits.Kept kept = limits.keep(sums, tolerances);
        if (kept != CompiledLimits.Kept.NOT && minimality.isMinimal(sides, kept)) {
            found.add(new Candidate(problem, sides));
        }
    }

    private static final SideCombination NONE = new SideCombination(new int[0], 0, 0, 0, 0);

    private static int firstAtLeast(long[] ascending, long value) {
        int low = 0;
        int high = ascending.length;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (ascending[middle] < value) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }
}
