package hingeyard.core.stack;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/** The multisets of so many pieces on one side whose sum lies in a window: what cannot reach it any more is not tried further. */
final class SideSearch {

    private final long from;
    private final long to;
    // Thickest first, so that what is left to choose from lies between two near bounds.
    private final int[] order;
    private final long[] thickness;
    private final long[] tolerance;
    private final int[] available;
    private final int[] counts;
    private final List<SideCombination> found = new ArrayList<>();

    /** @param from,to the window of the sum, µm, both ends included */
    SideSearch(StackProblem problem, long from, long to) {
        this.from = from;
        this.to = to;
        List<StackPiece> pieces = problem.pieces();
        Integer[] thickestFirst = new Integer[pieces.size()];
        Arrays.setAll(thickestFirst, i -> i);
        Arrays.sort(thickestFirst, Comparator.comparing((Integer i) -> pieces.get(i).size().thickness()).reversed());
        this.order = new int[pieces.size()];
        this.thickness = new long[order.length];
        this.tolerance = new long[order.length];
        this.available = new int[order.length];
        this.counts = new int[order.length];
        for (int i = 0; i < order.length; i++) {
            StackPiece piece = pieces.get(thickestFirst[i]);
            order[i] = thickestFirst[i];
            thickness[i] = piece.size().thickness().micrometres();
            tolerance[i] = piece.size().plusMinus().micrometres();
            available[i] = piece.available();
        }
    }

    /** Thinnest first. */
    List<SideCombination> of(int pieces) {
        add(0, pieces, 0, 0, 0, pieces);
        found.sort(Comparator.comparingLong(SideCombination::sum));
        return found;
    }

    private void add(int first, int left, long sum, long slack, double square, int pieces) {
        if (left == 0) {
            if (sum >= from && sum <= to) {
                found.add(new SideCombination(counts.clone(), sum, slack, square, pieces));
            }
            return;
        }
        for (int i = first; i < order.length && sum + left * thickness[i] >= from; i++) {
            if (sum + thickness[i] + (left - 1) * thickness[order.length - 1] <= to && counts[order[i]] < available[i]) {
                counts[order[i]]++;
                add(i, left - 1, sum + thickness[i], slack + tolerance[i], square + (double) tolerance[i] * tolerance[i], pieces);
                counts[order[i]]--;
            }
        }
    }
}
