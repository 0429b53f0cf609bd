package hingeyard.core.stack;

import hingeyard.core.quantity.Length;
import java.util.Comparator;
import java.util.List;

/**
 * One set of pieces that keeps all limits.
 *
 * @param sides      for each side the pieces, inside to outside
 * @param sums       for each side the sum of thicknesses
 * @param worstCase  whether the toleranced limits are kept also when every tolerance is at its worst
 * @param spare      how far inside the tightest toleranced limit at nominal values
 * @param spareWorst how far inside the tightest limit in the worst case; negative when not kept
 * @param spareRss   the same with tolerances added as root of the sum of squares (independent, centred errors)
 */
public record StackSet(List<List<Use>> sides, List<Length> sums, boolean worstCase, Length spare, Length spareWorst,
        Length spareRss) {

    public StackSet {
        sides = sides.size() == 1 ? List.of(List.copyOf(sides.get(0))) : List.of(List.copyOf(sides.get(0)), List.copyOf(sides.get(1)));
        sums = List.copyOf(sums);
    }

    /**
     * @param piece which
     * @param count how many, at least 1
     */
    public record Use(StackPiece piece, int count) {
        /** As pieces are put on from inside to outside. */
        static final Comparator<Use> THICKEST_FIRST = Comparator.comparing((Use u) -> u.piece().size().thickness()).reversed();
    }

    /** How many pieces in all. */
    public int pieceCount() {
        int n = 0;
        for (List<Use> side : sides) {
            for (Use use : side) {
                n += use.count();
            }
        }
        return n;
    }

    /** How many of them come from a drawer. */
    public int drawerPieceCount() {
        int n = 0;
        for (List<Use> side : sides) {
            for (Use use : side) {
                n += use.piece().fromKit() ? 0 : use.count();
            }
        }
        return n;
    }
}
