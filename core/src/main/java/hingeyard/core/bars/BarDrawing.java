package hingeyard.core.bars;

import hingeyard.core.explain.Exhibit;
import hingeyard.core.quantity.Length;
import java.util.ArrayList;
import java.util.List;

/**
 * Both halves of a handlebar with everything on them, to scale, as the rider sees it.
 *
 * @param title        what is shown
 * @param straight     straight bar on each side, from its end to the bend
 * @param leverReach   the furthest from the end that a lever's clamp may sit
 * @param left,right   what sits there, from the end inwards
 * @param note         what is moved or added, one sentence
 * @param noteInInches the same for who reads inches; the metric one on drawings of before it was kept
 */
public record BarDrawing(String title, Length straight, Length leverReach, List<Piece> left, List<Piece> right, String note,
        String noteInInches) implements Exhibit {

    public BarDrawing {
        left = List.copyOf(left);
        right = List.copyOf(right);
        noteInInches = noteInInches == null ? note : noteInInches;
    }

    /**
     * @param from  where it begins, from the bar's end
     * @param width along the bar
     * @param ofKit whether it comes with the kit
     */
    public record Piece(String name, Length from, Length width, boolean ofKit) {
    }

    /** A piece before it has its place. */
    public record Wide(String name, Length width, boolean ofKit) {
    }

    /** Sets pieces side by side, from the end inwards; those without a width take no room and are left out. */
    public static List<Piece> inOrder(List<Wide> pieces) {
        List<Piece> placed = new ArrayList<>();
        Length from = Length.ZERO;
        for (Wide piece : pieces) {
            if (piece.width.isMoreThan(Length.ZERO)) {
                placed.add(new Piece(piece.name, from, piece.width, piece.ofKit));
                from = from.plus(piece.width);
            }
        }
        return placed;
    }

    @Override
    public String exhibit() {
        return "bar-drawing";
    }
}
