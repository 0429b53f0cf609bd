package hingeyard.core.bench;

/**
 * What a torque wrench is set to when something sits between it and the bolt: the lever is longer than the wrench knows, and the bolt gets
 * more than the scale says. Setting = torque · length / (length + extension), for an extension in line with the handle.
 *
 * @param torque    wanted at the bolt, N·m, more than 0 and at most 500
 * @param length    of the wrench, from its square to the middle of the grip, mm, 50 to 1,500
 * @param extension from the square to the bolt, mm, 0 to 1,000; 0 for none, and for one that stands at a right angle to the handle
 */
public record WrenchExtension(double torque, double length, double extension) {

    /** N·m in one pound-foot and one pound-inch: exact from the pound-force (4.4482216152605 N) and the inch (25.4 mm). */
    public static final double FOOT_POUND = 1.3558179483314004;
    public static final double INCH_POUND = 0.1129848290276167;

    public WrenchExtension {
        if (!(torque > 0 && torque <= 500)) {
            throw new IllegalArgumentException("torque: %s N·m, more than 0 and at most 500 is needed".formatted(torque));
        }
        if (!(length >= 50 && length <= 1_500)) {
            throw new IllegalArgumentException("length: %s mm, 50 to 1500 is needed".formatted(length));
        }
        if (!(extension >= 0 && extension <= 1_000)) {
            throw new IllegalArgumentException("extension: %s mm, 0 to 1000 is needed".formatted(extension));
        }
    }

    /** N·m. */
    public double setting() {
        return torque * length / (length + extension);
    }

    /** What the bolt would get with the wrench set to the wanted torque, N·m. */
    public double uncorrected() {
        return torque * (length + extension) / length;
    }
}
