package hingeyard.core.kit;

import hingeyard.core.quantity.Length;
import java.util.List;
import java.util.Optional;

/**
 * A battery's outside, as far as its place and its hold go.
 *
 * @param hold       how it is held
 * @param width      across the bike
 * @param railHeight tube's surface to the case's underside
 * @param railSlots  middles of the rail's slots, from the case's lower end
 * @param slotLength how long each slot is: screws may sit anywhere in it
 * @param screwHead  height of the screw head that passes under the case
 * @param slideOff   how far it slides along the tube before it lifts
 * @param slidesUp   whether it slides away from the bracket, else towards it
 * @param keyRoom    free room the key and the charge port need beside the case, on the side away from the rail
 * @param portCapped whether the charge port looks down or has a cap
 * @param shape      what of its side is not as usual; empty for a plain rectangle that slides off, its key on the side away from the rail
 */
public record BatteryCase(BatteryHold hold, Length width, Length railHeight, List<Length> railSlots, Length slotLength, Length screwHead,
        Length slideOff,
        boolean slidesUp, Length keyRoom, boolean portCapped, Optional<CaseShape> shape) {

    public BatteryCase {
        railSlots = List.copyOf(railSlots);
        Span.within("battery's width", width, 1, 500);
        Span.within("rail's height", railHeight, 0, 200);
        railSlots.forEach(slot -> Span.within("rail's slot at", slot, 0, 1_500));
        Span.within("slot's length", slotLength, 0, 300);
        Span.within("screw head", screwHead, 0, 50);
        Span.within("slides off by", slideOff, 0, 1_500);
        Span.within("room for key and port", keyRoom, 0, 500);
    }

    /** Where key and charge port are. */
    public KeySide keySide() {
        return shape.map(CaseShape::keySide).orElse(KeySide.AWAY_FROM_RAIL);
    }

    /** How far its upper end swings away from the tube before it comes off, degrees. */
    public int swing() {
        return shape.map(CaseShape::swing).orElse(0);
    }

    /** Corners of its side; empty for a plain rectangle. */
    public List<CaseShape.Corner> outline() {
        return shape.map(CaseShape::outline).orElse(List.of());
    }
}
