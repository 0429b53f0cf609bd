package hingeyard.core.stack;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Fills a stack from the drawer. The entry of this package; see the package's specification. */
public final class StackSolver {

    private static final Comparator<Candidate> RANK = Comparator.comparing(Candidate::worstCase).reversed()
            .thenComparingInt(Candidate::pieces)
            .thenComparingInt(Candidate::drawerPieces)
            .thenComparingLong(Candidate::deviation)
            .thenComparing(Candidate::byPieces);

    private StackSolver() {
    }

    /** Every minimal set, best first; when there is none, what to buy or make. Deterministic. */
    public static StackAnswer solve(StackProblem problem) {
        List<SideCombination> combinations = SideCombination.all(problem);
        List<Candidate> minimal = minimal(candidates(problem, combinations));
        minimal.sort(RANK);
        if (minimal.isEmpty()) {
            return new StackAnswer(List.of(), MissingPieces.of(problem, combinations));
        }
        return new StackAnswer(minimal.stream().map(Candidate::toSet).toList(), List.of());
    }

    private static List<Candidate> candidates(StackProblem problem, List<SideCombination> combinations) {
        List<Candidate> found = new ArrayList<>();
        long[] sums = combinations.stream().mapToLong(SideCombination::sum).toArray();
        boolean single = problem.sides().size() == 1;
        for (SideCombination first : single ? List.of(NONE) : combinations) {
            LongWindow window = single ? LongWindow.ofSide(problem, 0, new long[1])
                    : LongWindow.ofSide(problem, 1, new long[] {first.sum(), 0});
            for (int i = firstAtLeast(sums, window.from()); i < sums.length && sums[i] <= window.to(); i++) {
                Candidate c = single ? Candidate.of(problem, combinations.get(i))
                        : Candidate.of(problem, first, combinations.get(i));
                if (c != null) {
                    found.add(c);
                }
            }
        }
        return found;
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

    /** Keeps the candidates from which nothing can be left out without leaving a limit or the worst case. */
    private static List<Candidate> minimal(List<Candidate> candidates) {
        candidates.sort(Comparator.comparingInt(Candidate::pieces));
        List<Candidate> kept = new ArrayList<>();
        for (Candidate candidate : candidates) {
            boolean reducible = kept.stream().anyMatch(smaller -> smaller.pieces() < candidate.pieces()
                    && (smaller.worstCase() || !candidate.worstCase()) && smaller.isWithin(candidate));
            if (!reducible) {
                kept.add(candidate);
            }
        }
        return kept;
    }
}
