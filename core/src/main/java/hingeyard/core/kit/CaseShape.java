package hingeyard.core.kit;

import hingeyard.core.quantity.Length;
import java.util.List;

/**
 * A battery's side as the bike's side view shows it.
 *
 * @param keySide where key and charge port are
 * @param swing   how far its upper end swings away from the tube, after sliding, before it comes off; degrees, 0 to 90
 * @param outline its corners; empty for a plain rectangle, otherwise at least three, and what is hollow between them counts as case
 */
public record CaseShape(KeySide keySide, int swing, List<Corner> outline) {

    private static final int MOST_SWING = 90;

    /**
     * @param along from the case's lower end, 0 or more
     * @param up    from its underside, 0 or more
     */
    public record Corner(Length along, Length up) {
    }

    public CaseShape {
        outline = List.copyOf(outline);
        if (swing < 0 || swing > MOST_SWING) {
            throw new IllegalArgumentException("swing %d°: must be from 0 to %d".formatted(swing, MOST_SWING));
        }
        if (!outline.isEmpty() && (outline.size() < 3 || area(outline) == 0)) {
            throw new IllegalArgumentException("outline of %d corners: must be empty or enclose something".formatted(outline.size()));
        }
        for (Corner corner : outline) {
            if (corner.along().isNegative() || corner.up().isNegative()) {
                throw new IllegalArgumentException("corner at %s, %s: must not be negative".formatted(corner.along(), corner.up()));
            }
        }
    }

    /** Twice the area enclosed, µm². */
    private static double area(List<Corner> corners) {
        double area = 0;
        for (int i = 0; i < corners.size(); i++) {
            Corner a = corners.get(i);
            Corner b = corners.get((i + 1) % corners.size());
            area += (double) a.along().micrometres() * b.up().micrometres() - (double) b.along().micrometres() * a.up().micrometres();
        }
        return area;
    }
}
