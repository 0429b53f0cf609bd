package hingeyard.core.kit;

import hingeyard.core.quantity.Length;
import java.util.List;

/**
 * A battery's outside, as far as its place and its hold go.
 *
 * @param hold         how it is held
 * @param width        across the bike
 * @param railHeight   tube's surface to the case's underside
 * @param railSlots    middles of the rail's slots, from the case's lower end
 * @param slotLength   how long each slot is: screws may sit anywhere in it
 * @param screwHead    height of the screw head that passes under the case
 * @param slideOff     how far it slides along the tube before it lifts
 * @param slidesUp     whether it slides away from the bracket, else towards it
 * @param keyRoom      free room the key and the charge port need beside the case, on the side away from the rail
 * @param portCapped   whether the charge port looks down or has a cap
 */
public record BatteryCase(BatteryHold hold, Length width, Length railHeight, List<Length> railSlots, Length slotLength, Length screwHead, Length slideOff,
                          boolean slidesUp, Length keyRoom, boolean portCapped) {

    public BatteryCase {
        railSlots = List.copyOf(railSlots);
    }
}
