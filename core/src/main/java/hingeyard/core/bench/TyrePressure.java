package hingeyard.core.bench;

import java.util.Optional;

/**
 * The pressure at which a tyre sinks by 15 % of its width under its load. The patch on the road is an ellipse of half axes √(2·R·d) and
 * √(2·r·d) with the wheel's radius R, the tyre's r and the drop d; a casing bulges and carries at its sides, so that half of the ellipse's
 * area bears: P = load / (½·π·√(2Rd)·√(2rd)). Within a sixth of what is usually recommended for 25 to 60 mm. Never above the lower of the
 * marks on tyre and rim.
 *
 * @param beadSeat of the rim, mm, 200 to 700
 * @param width    of the tyre, mm, 20 to 110
 * @param load     on this wheel, kg, 10 to 200
 * @param tyreMost marked on the tyre, bar, 1 to 10
 * @param rimMost  marked on the rim, bar, 1 to 10; empty where nothing is marked
 */
public record TyrePressure(int beadSeat, double width, double load, double tyreMost, Optional<Double> rimMost) {

    private static final double DROP = 0.15;
    private static final double BEARS = 0.5;
    private static final double GRAVITY = 9.81;
    /** Bar in one N/mm². */
    private static final double BAR = 10;

    public TyrePressure {
        Given.within("beadSeat", beadSeat, 200, 700, "mm");
        Given.within("width", width, 20, 110, "mm");
        Given.within("load", load, 10, 200, "kg");
        Given.within("tyreMost", tyreMost, 1, 10, "bar");
        rimMost.ifPresent(r -> Given.within("rimMost", r, 1, 10, "bar"));
    }

    /** What the load wants, bar, whatever the marks say. */
    public double wanted() {
        double drop = DROP * width;
        double radius = beadSeat / 2.0 + width;
        double area = BEARS * Math.PI * Math.sqrt(2 * radius * drop) * Math.sqrt(width * drop);
        return load * GRAVITY / area * BAR;
    }

    /** The lower of the marks, bar. */
    public double limit() {
        return Math.min(tyreMost, rimMost.orElse(tyreMost));
    }

    /** What goes in, bar. */
    public double pressure() {
        return Math.min(wanted(), limit());
    }

    /** Whether the load wants more than the marks allow: a wider tyre, or less on this wheel. */
    public boolean overloaded() {
        return wanted() > limit();
    }
}
