package hingeyard.core.stack;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * One multiset of pieces on one side.
 *
 * @param counts    how many of each piece of the problem
 * @param sum       thickness, µm
 * @param tolerance sum of tolerances, µm
 * @param square    sum of squared tolerances, µm²
 * @param pieces    how many pieces
 */
record SideCombination(int[] counts, long sum, long tolerance, double square, int pieces) {

    /** Every multiset of so many pieces within what is available, thinnest first. */
    static List<SideCombination> of(StackProblem problem, int pieces) {
        return new SideSearch(problem, 0, Long.MAX_VALUE / 2).of(pieces);
    }

    /** Whether two sides together use more than there is. */
    static boolean overdrawn(StackProblem problem, SideCombination first, SideCombination second) {
        for (int p = 0; p < first.counts.length; p++) {
            if (first.counts[p] + second.counts[p] > problem.pieces().get(p).available()) {
                return true;
            }
        }
        return false;
    }

    /** Every multiset within what is available, thinnest first. */
    static List<SideCombination> all(StackProblem problem) {
        return all(problem, StackLimit.UNBOUNDED.micrometres());
    }

    /** Every multiset within what is available that is no thicker than {@code most}, µm; thinnest first. */
    static List<SideCombination> all(StackProblem problem, long most) {
        List<SideCombination> found = new ArrayList<>();
        extend(problem, most, 0, new int[problem.pieces().size()], 0, 0, 0, 0, found);
        found.sort(Comparator.comparingLong(SideCombination::sum).thenComparingInt(SideCombination::pieces));
        return found;
    }

    private static void extend(StackProblem problem, long most, int from, int[] counts, long sum, long tolerance, double square, int pieces,
            List<SideCombination> found) {
        found.add(new SideCombination(counts.clone(), sum, tolerance, square, pieces));
        if (pieces == problem.mostPerSide()) {
            return;
        }
        for (int i = from; i < counts.length; i++) {
            StackPiece piece = problem.pieces().get(i);
            if (counts[i] < piece.available() && sum + piece.size().thickness().micrometres() <= most) {
                long t = piece.size().plusMinus().micrometres();
                counts[i]++;
                extend(problem, most, i, counts, sum + piece.size().thickness().micrometres(), tolerance + t, square + (double) t * t,
                        pieces + 1, found);
                counts[i]--;
            }
        }
    }

    /** With one piece more that is not of the problem's own. */
    SideCombination plus(StackPiece piece) {
        long more = piece.size().plusMinus().micrometres();
        return new SideCombination(counts, sum + piece.size().thickness().micrometres(), tolerance + more, square + (double) more * more,
                pieces + 1);
    }

    /** The pieces, thickest first, as they are put on from inside to outside. */
    List<StackSet.Use> uses(StackProblem problem) {
        List<StackSet.Use> uses = new ArrayList<>();
        for (int i = 0; i < counts.length; i++) {
            if (counts[i] > 0) {
                uses.add(new StackSet.Use(problem.pieces().get(i), counts[i]));
            }
        }
        uses.sort(StackSet.Use.THICKEST_FIRST);
        return uses;
    }
}
