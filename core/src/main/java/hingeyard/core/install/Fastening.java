package hingeyard.core.install;

import hingeyard.core.quantity.TorqueRange;

/**
 * A fastener of a step.
 *
 * @param what     which one
 * @param torque   how tight
 * @param leftHand whether it is tightened counter-clockwise
 * @param locker   grade of thread locker, grease or "dry"
 * @param source   whose figure the torque is: the kit's sheet or the shop's table
 */
public record Fastening(String what, TorqueRange torque, boolean leftHand, String locker, String source) {
}
