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
        List<Candidate> minimal = minimal(problem, combinations);
        minimal.sort(RANK);
        if (minimal.isEmpty()) {
            return new StackAnswer(List.of(), MissingPieces.of(problem, combinations));
        }
        return new StackAnswer(minimal.stream().map(Candidate::toSet).toList(), List.of());
    }

    private static List<Candidate> minimal(StackProblem problem, List<SideCombination> combinations) {
        CompiledLimits limits = new CompiledLimits(problem.limits());
        Minimality minimality = new Minimality(problem, limits);
        List<Candidate> found = new ArrayList<>();
        long[] sums = combinations.stream().mapToLong(SideCombination::sum).toArray();
        boolean single = problem.sides().size() == 1;
        for (SideCombination first : single ? List.of(NONE) : combinations) {
            LongWindow window = single ? LongWindow.ofSide(problem, 0, new long[1])
                    : LongWindow.ofSide(problem, 1, new long[] {first.sum(), 0});
            for (int i = firstAtLeast(sums, window.from()); i < sums.length && sums[i] <= window.to(); i++) {
                SideCombination last = combinations.get(i);
                addIfMinimal(problem, limits, minimality, single ? new SideCombination[] {last} : new SideCombination[] {first, last}, found);
            }
        }
        return found;
    }

    private static void addIfMinimal(StackProblem problem, CompiledLimits limits, Minimality minimality, SideCombination[] sides,
                                     List<Candidate> found) {
        if (sides.length == 2 && overdrawn(problem, sides[0].counts(), sides[1].counts())) {
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

    private static boolean overdrawn(StackProblem problem, int[] first, int[] second) {
        for (int p = 0; p < first.length; p++) {
            if (first[p] + second[p] > problem.pieces().get(p).available()) {
                return true;
            }
        }
        return false;
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
