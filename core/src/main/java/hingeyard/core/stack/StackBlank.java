package hingeyard.core.stack;

import hingeyard.core.kit.PieceSize;
import hingeyard.core.quantity.Length;

/**
 * What a piece that has to be bought or made must be besides its thickness.
 *
 * @param name  what it is: {@code bracket spacer}
 * @param inner its bore
 * @param outer its outer diameter, more than the bore
 */
public record StackBlank(String name, Length inner, Length outer) {

    /** A turned or bought piece keeps its thickness within this. */
    static final Length PLUS_MINUS = Length.ofMicrometres(50);

    /** The piece, of a thickness of more than 0. */
    StackPiece of(Length thickness) {
        return new StackPiece("", name + ", " + thickness, "", new PieceSize(thickness, PLUS_MINUS, inner, outer), 1, false);
    }

    /** The name alone. */
    @Override
    public int hashCode() {
        return name.hashCode();
    }
}
