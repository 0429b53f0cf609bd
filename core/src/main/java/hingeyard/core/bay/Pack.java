package hingeyard.core.bay;

import hingeyard.core.bike.Point;
import java.util.List;

/**
 * A battery in its case on a rail; lengths in mm.
 *
 * @param length     along the tube
 * @param height     across it
 * @param rail       tube's surface to the case's underside
 * @param slots      middles of the rail's slots from the case's lower end
 * @param slotLength length of each slot
 * @param removal    how it comes off
 * @param room       what key and port need round it
 * @param outline    corners of the case's side, x along it from its lower end, y up from its underside; empty for a plain rectangle. What
 *                   is hollow between
 *                   them counts as case
 */
public record Pack(double length, double height, double rail, List<Double> slots, double slotLength, Removal removal, Room room,
        List<Point> outline) {

    /**
     * How a case comes off its rail.
     *
     * @param slide how far it slides along the tube, mm
     * @param up    whether away from the bracket
     * @param swing then its upper end swings away from the tube about its lower end, degrees; 0 when it lifts off sideways
     */
    public record Removal(double slide, boolean up, double swing) {

        public Removal {
            if (!(slide >= 0 && swing >= 0 && swing <= 90)) {
                throw new IllegalArgumentException(
                        "sliding %s mm and swinging %s°: must not be negative, and the angle not more than 90".formatted(slide, swing));
            }
        }
    }

    public Pack {
        slots = List.copyOf(slots);
        outline = List.copyOf(outline);
        if (!(length > 0 && height > 0 && rail >= 0 && slotLength >= 0)) {
            throw new IllegalArgumentException(
                    "pack of %s × %s mm on a rail of %s, slots of %s: lengths must be more than 0, the rest not negative".formatted(length,
                            height, rail, slotLength));
        }
    }
}
