package hingeyard.core.install;

import hingeyard.core.quantity.TorqueRange;
import java.util.Optional;

/**
 * A fastener of a step.
 *
 * @param what     which one
 * @param thread   its thread, for example {@code M8}; empty where the kit's sheet names none
 * @param torque   how tight
 * @param leftHand whether it is tightened counter-clockwise
 * @param locker   grade of thread locker, grease or "dry"
 * @param pattern  in which order several are tightened; empty for one, or where it does not matter
 * @param source   whose figure the torque is: the kit's sheet or the shop's table
 */
public record Fastening(String what, Optional<String> thread, TorqueRange torque, boolean leftHand, String locker, Optional<String> pattern,
        String source) {
}
