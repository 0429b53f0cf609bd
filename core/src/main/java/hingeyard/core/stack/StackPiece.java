package hingeyard.core.stack;

import hingeyard.core.kit.PieceSize;

/**
 * A kind of spacer, washer or shim that may be used.
 *
 * @param id        part number, or the role of a kit's own piece; unique in a problem; empty for one that has to be bought or made
 * @param name      what it is called
 * @param place     the drawer, empty when it comes with the kit
 * @param size      its dimensions
 * @param available how many may be used, 0 or more
 * @param fromKit   whether it came in the kit's box
 */
public record StackPiece(String id, String name, String place, PieceSize size, int available, boolean fromKit) {

    public StackPiece {
        if (available < 0) {
            throw new IllegalArgumentException(name + ": available " + available + ", must be 0 or more");
        }
    }

    /** Whether no drawer holds it: it is bought or made. */
    public boolean toBuy() {
        return id.isEmpty();
    }

    /** Part and count alone: thousands of matches look the same drawers' problem up. */
    @Override
    public int hashCode() {
        return 31 * id.hashCode() + available;
    }
}
