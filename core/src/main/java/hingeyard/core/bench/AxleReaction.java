package hingeyard.core.bench;

/**
 * What a hub's axle presses its dropouts with at full torque. A thin flat in a slot presses with a triangle that is greatest at its edge,
 * and the two dropouts share the torque: 6·(T/2) / (t·L²).
 *
 * @param torque of the motor at the axle, N·m, 1 to 300
 * @param plate  thickness of one dropout, mm, 1 to 20
 * @param flat   length of the axle's flat inside the slot, mm, 3 to 30
 */
public record AxleReaction(double torque, double plate, double flat) {

    public AxleReaction {
        Given.within("torque", torque, 1, 300, "N·m");
        Given.within("plate", plate, 1, 20, "mm");
        Given.within("flat", flat, 3, 30, "mm");
    }

    /** N/mm² at the edge of the flat. */
    public double pressure() {
        return pressure(torque * 1000, plate, flat);
    }

    /** The same without bounds, for a motor's own figures. @param torque N·mm @param plate,flat mm, more than 0 */
    public static double pressure(double torque, double plate, double flat) {
        return 6 * (torque / 2) / (plate * flat * flat);
    }

    /** The force on each edge if a dropout gives way and an arm of this length holds alone, N. @param arm mm, more than 0 */
    public double atTheArm(double arm) {
        Given.within("arm", arm, 20, 400, "mm");
        return torque * 1000 / arm;
    }
}
