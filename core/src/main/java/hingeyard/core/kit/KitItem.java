package hingeyard.core.kit;

import hingeyard.core.quantity.Length;
import java.util.Optional;

/**
 * One line of a kit's contents.
 *
 * @param name   what it is
 * @param count  how many the box holds, 1 to 1,000
 * @param role   what it is mounted as, kebab-case: the step that mounts the role uses it
 * @param piece  its dimensions when it is a spacer or washer
 * @param length its length when it is an arm
 */
public record KitItem(String name, int count, String role, Optional<PieceSize> piece, Optional<Length> length) {

    public KitItem {
        SheetFigure.COUNT.ask(name + ":", count);
    }

    public static KitItem of(String name, int count, String role) {
        return new KitItem(name, count, role, Optional.empty(), Optional.empty());
    }

    public static KitItem piece(String name, int count, String role, PieceSize size) {
        return new KitItem(name, count, role, Optional.of(size), Optional.empty());
    }
}
