package hingeyard.core.bench;

/**
 * Range, speed and climb.
 *
 * <p>Rule of thumb: watt-hours a kilometre by style, scaled by (mass/100 kg)^½. Physics: power at the wheel
 * ½ρ·CdA·v³ + m·g·(Crr·cosθ + sinθ)·v; from the battery max(0, wheel − rider·0.97)/η; the climb is ridden up a slope of 4 % and down again, the rest
 * is level. Both use 90 % of the battery.
 */
public final class RangeBench {

    /** Air, kg/m³; upright rider, m²; tyres; gravity, m/s². */
    private static final double AIR = 1.2;
    private static final double DRAG_AREA = 0.6;
    private static final double ROLLING = 0.008;
    private static final double GRAVITY = 9.81;
    private static final double USABLE = 0.9;
    private static final double COLD = 0.8;
    private static final double CHAIN = 0.97;
    private static final double THROUGH_GEARS = 0.80;
    private static final double IN_THE_HUB = 0.75;
    private static final double SLOPE = 0.04;
    private static final double UPHILL = 12;
    private static final double CRAWL = 8;
    /** Lowest gear's development against the chainring's turn: 1:1 on usual bikes. */
    private static final double LOW_GEAR = 1.0;

    private RangeBench() {
    }

    public static RideAnswer answer(RideInput in) {
        double energy = in.wattHours() * USABLE;
        double thumb = style(in) * Math.sqrt(in.mass() / 100);
        double physics = perKilometre(in);
        return new RideAnswer(energy / thumb, thumb, energy / physics, physics, energy * COLD / physics, topSpeed(in), 100 * climb(in));
    }

    /** Wh/km: gentle 6, normal 9, brisk 12, throttle only 16. */
    private static double style(RideInput in) {
        if (in.throttleOnly()) {
            return 16;
        }
        return in.speed() > 28 ? 12 : in.speed() < 18 ? 6 : 9;
    }

    private static double perKilometre(RideInput in) {
        double up = Math.min(in.climb() / SLOPE, in.metres() / 2);
        double slope = up > 0 ? in.climb() / up : 0;
        double level = in.metres() - 2 * up;
        double wattHours = spent(in, level, in.speed(), 0) + spent(in, up, Math.min(UPHILL, in.speed()), slope) + spent(in, up, in.speed(), -slope);
        // A ride that costs nothing at all still lights display and controller.
        return Math.max(1, wattHours / (in.metres() / 1000));
    }

    private static double spent(RideInput in, double metres, double kmh, double slope) {
        double v = kmh / 3.6;
        double rider = in.throttleOnly() ? 0 : in.rider() * CHAIN;
        double battery = Math.max(0, wheelPower(in.mass(), v, slope) - rider) / efficiency(in);
        return battery * (metres / v) / 3600;
    }

    private static double efficiency(RideInput in) {
        return in.throughGears() ? THROUGH_GEARS : IN_THE_HUB;
    }

    /** ½ρ·CdA·v³ + m·g·(Crr·cosθ + sinθ)·v, W; slope as rise over way. */
    static double wheelPower(double mass, double v, double slope) {
        double angle = Math.atan(slope);
        return 0.5 * AIR * DRAG_AREA * v * v * v + mass * GRAVITY * (ROLLING * Math.cos(angle) + Math.sin(angle)) * v;
    }

    /** Where the drive's power on the level meets the drag, by bisection. */
    private static double topSpeed(RideInput in) {
        double least = 0;
        double most = 100 / 3.6;
        for (int i = 0; i < 40; i++) {
            double v = (least + most) / 2;
            if (available(in, v) >= wheelPower(in.mass(), v, 0)) {
                least = v;
            } else {
                most = v;
            }
        }
        return least * 3.6;
    }

    /** A hub's power falls to nothing over the last quarter below its no-load speed; above the cut-off the rider is alone. */
    private static double available(RideInput in, double v) {
        double rider = in.throttleOnly() ? 0 : in.rider() * CHAIN;
        if (v * 3.6 > in.cutOffSpeed()) {
            return rider;
        }
        double share = in.throughGears() ? 1 : Math.max(0, Math.min(1, 4 * (1 - v * 3.6 / in.noLoadSpeed())));
        return rider + in.ratedWatts() * share;
    }

    /** Steepest slope at 8 km/h: continuous power, and for a hub no more than its torque gives at the wheel. */
    private static double climb(RideInput in) {
        double v = CRAWL / 3.6;
        double radius = in.circumference() / (2 * Math.PI);
        double torqueForce = in.peakTorque() * (in.throughGears() ? LOW_GEAR : 1) / radius;
        double force = Math.min(in.ratedWatts() / v, torqueForce) + (in.throttleOnly() ? 0 : in.rider() * CHAIN / v);
        double sine = (force - 0.5 * AIR * DRAG_AREA * v * v) / (in.mass() * GRAVITY) - ROLLING;
        return Math.tan(Math.asin(Math.max(0, Math.min(0.7, sine))));
    }
}
