package hingeyard.core.bay;

import java.util.List;

/**
 * A battery in its case on a rail; lengths in mm.
 *
 * @param length     along the tube
 * @param height     across it
 * @param rail       tube's surface to the case's underside
 * @param slots      middles of the rail's slots from the case's lower end
 * @param slotLength length of each slot
 * @param slideOff   how far it slides before it comes off
 * @param slidesUp   whether away from the bracket
 */
public record Pack(double length, double height, double rail, List<Double> slots, double slotLength, double slideOff, boolean slidesUp) {

    public Pack {
        slots = List.copyOf(slots);
        if (!(length > 0 && height > 0 && rail >= 0 && slideOff >= 0 && slotLength >= 0)) {
            throw new IllegalArgumentException("pack of %s × %s mm on a rail of %s, slots of %s, sliding %s: lengths must be more than 0, the rest not negative"
                    .formatted(length, height, rail, slotLength, slideOff));
        }
    }
}
