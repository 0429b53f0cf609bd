package hingeyard.core.stack;

import hingeyard.core.quantity.Length;
import java.util.List;

/**
 * One set of pieces that keeps all limits.
 *
 * @param sides     for each side the pieces, inside to outside
 * @param sums      for each side the sum of thicknesses
 * @param worstCase whether the toleranced limits are kept also when every tolerance is at its worst
 * @param spare     how far inside the tightest toleranced limit at nominal values
 * @param spareWorst how far inside the tightest limit in the worst case; negative when not kept
 * @param spareRss  the same with tolerances added as root of the sum of squares (independent, centred errors)
 */
public record StackSet(List<List<Use>> sides, List<Length> sums, boolean worstCase, Length spare, Length spareWorst,
                       Length spareRss) {

    public StackSet {
        sides = sides.stream().map(List::copyOf).toList();
        sums = List.copyOf(sums);
    }

    /**
     * @param piece which
     * @param count how many, at least 1
     */
    public record Use(StackPiece piece, int count) {
    }

    /** How many pieces in all. */
    public int pieceCount() {
        return sides.stream().flatMap(List::stream).mapToInt(Use::count).sum();
    }

    /** How many of them come from a drawer. */
    public int drawerPieceCount() {
        return sides.stream().flatMap(List::stream).filter(u -> !u.piece().fromKit()).mapToInt(Use::count).sum();
    }
}
