package hingeyard.core.stock;

import hingeyard.core.kit.PieceSize;
import java.util.Optional;

/**
 * A part in a drawer.
 *
 * @param number the part's number
 * @param name   what it is
 * @param use    what it can be used as, kebab-case: {@code bracket-spacer}, {@code axle-washer}, {@code torque-arm}…
 * @param place  the drawer
 * @param free   on hand less reserved, 0 or more
 * @param size   dimensions of a spacer or washer
 * @param facts  what else it is chosen by
 */
public record DrawerPart(String number, String name, String use, String place, int free, Optional<PieceSize> size, PartFacts facts) {

    /** The same with so many free. */
    public DrawerPart withFree(int count) {
        return new DrawerPart(number, name, use, place, count, size, facts);
    }

    /** The same, which comes in so many working days where its sheet names no time of its own. */
    public DrawerPart comingIn(int days) {
        return facts.leadDays() > 0 || days == 0 ? this
                : new DrawerPart(number, name, use, place, free, size,
                        new PartFacts(facts.length(), facts.span(), facts.adapter(), facts.priceMinor(), days));
    }

    public DrawerPart(String number, String name, String use, String place, int free, Optional<PieceSize> size) {
        this(number, name, use, place, free, size, PartFacts.none());
    }
}
