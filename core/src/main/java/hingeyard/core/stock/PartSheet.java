package hingeyard.core.stock;

/**
 * Everything the shop knows of a part.
 *
 * @param part     what it is, where it lies, how many are free
 * @param supplier who it is bought from; empty when nobody was named
 * @param pack     how many come together, at least 1
 * @param minimum  below so many on hand it is bought again, 0 or more
 */
public record PartSheet(DrawerPart part, String supplier, int pack, int minimum) {

    public PartSheet {
        if (pack < 1) {
            throw new IllegalArgumentException("pack of " + pack + ": must be at least 1");
        }
        if (minimum < 0) {
            throw new IllegalArgumentException("minimum of " + minimum + ": must be 0 or more");
        }
    }

    /** A part that nobody has said more of. */
    public static PartSheet of(DrawerPart part) {
        return new PartSheet(part, "", 1, 0);
    }
}
