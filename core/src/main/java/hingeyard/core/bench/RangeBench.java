package hingeyard.core.bench;

/**
 * Range, speed and climb.
 *
 * <p>Rule of thumb: watt-hours a kilometre by style, scaled by (mass/100 kg)^½. Physics: power at the wheel
 * ½ρ·CdA·(v+w)·|v+w|·v + m·g·(Crr·cosθ + sinθ)·v, half of the way against the wind and half with it; the rider gives what he has, but no
 * more than the
 * wheel asks of him at the assistance's ratio; from the battery max(0, wheel − rider·0.97)/η; ½·m·v² again after every stop; display and
 * controller all the
 * time. The climb is ridden up a slope of 4 % and down again, the rest is level. Both use 90 % of the battery.
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
    /** Styles, Wh/km, and the speeds that stand for them, km/h. */
    private static final double GENTLE = 6;
    private static final double NORMAL = 9;
    private static final double BRISK = 12;
    private static final double THROTTLE = 16;
    private static final double SLOW = 15;
    private static final double USUAL = 22;
    private static final double FAST = 28;
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

    /** Wh/km: gentle 6 up to 15 km/h, normal 9 at 22, brisk 12 from 28, in between in proportion; throttle only 16. */
    private static double style(RideInput in) {
        if (in.throttleOnly()) {
            return THROTTLE;
        }
        double v = Math.max(SLOW, Math.min(FAST, in.speed()));
        return v < USUAL ? GENTLE + (NORMAL - GENTLE) * (v - SLOW) / (USUAL - SLOW)
                : NORMAL + (BRISK - NORMAL) * (v - USUAL) / (FAST - USUAL);
    }

    private static double perKilometre(RideInput in) {
        double up = Math.min(in.climb() / SLOPE, in.metres() / 2);
        double slope = up > 0 ? in.climb() / up : 0;
        double level = in.metres() - 2 * up;
        double wattHours = spent(in, level, in.speed(), 0) + spent(in, up, Math.min(UPHILL, in.speed()), slope)
                + spent(in, up, in.speed(), -slope) + stops(in);
        return wattHours / (in.metres() / 1000);
    }

    /** Half of the way against the wind, half with it. */
    private static double spent(RideInput in, double metres, double kmh, double slope) {
        double v = kmh / 3.6;
        double hours = metres / v / 3600;
        double wind = in.habits().wind();
        return hours * ((drawn(in, wheelPower(in.mass(), v, wind, slope)) + drawn(in, wheelPower(in.mass(), v, -wind, slope))) / 2
                + in.habits().idleWatts());
    }

    /** W from the battery for so many at the wheel. */
    private static double drawn(RideInput in, double wheel) {
        double asked = Math.max(0, wheel);
        double rider = in.throttleOnly() ? 0 : Math.min(in.habits().riderWatts() * CHAIN, asked / (1 + in.habits().assist()));
        return (asked - rider) / efficiency(in);
    }

    /** Wh: the speed lost at every stop is made anew; a stop gives none of it back. */
    private static double stops(RideInput in) {
        double v = in.speed() / 3.6;
        return in.habits().stops() * in.metres() / 1000 * 0.5 * in.mass() * v * v / 3600 / efficiency(in);
    }

    private static double efficiency(RideInput in) {
        return in.throughGears() ? THROUGH_GEARS : IN_THE_HUB;
    }

    /** ½ρ·CdA·(v+w)·|v+w|·v + m·g·(Crr·cosθ + sinθ)·v, W; w against the rider is positive, slope is rise over way. */
    static double wheelPower(double mass, double v, double w, double slope) {
        double angle = Math.atan(slope);
        return 0.5 * AIR * DRAG_AREA * (v + w) * Math.abs(v + w) * v + mass * GRAVITY * (ROLLING * Math.cos(angle) + Math.sin(angle)) * v;
    }

    /** W at the wheel that the level asks for in still air. @param kmh more than 0 */
    public static double needs(RideInput in, double kmh) {
        return wheelPower(in.mass(), kmh / 3.6, 0, 0);
    }

    /** W at the wheel that motor and rider give for long. @param kmh more than 0 */
    public static double gives(RideInput in, double kmh) {
        return available(in, kmh / 3.6);
    }

    /** Where the drive's power on the level meets the drag, by bisection. */
    private static double topSpeed(RideInput in) {
        double least = 0;
        double most = 100 / 3.6;
        for (int i = 0; i < 40; i++) {
            double v = (least + most) / 2;
            if (available(in, v) >= wheelPower(in.mass(), v, 0, 0)) {
                least = v;
            } else {
                most = v;
            }
        }
        return least * 3.6;
    }

    /** A hub's power falls to nothing over the last quarter below its no-load speed; above the cut-off the rider is alone. */
    private static double available(RideInput in, double v) {
        double rider = in.throttleOnly() ? 0 : in.habits().riderWatts() * CHAIN;
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
        double force = Math.min(in.ratedWatts() / v, torqueForce) + (in.throttleOnly() ? 0 : in.habits().riderWatts() * CHAIN / v);
        double sine = (force - 0.5 * AIR * DRAG_AREA * v * v) / (in.mass() * GRAVITY) - ROLLING;
        return Math.tan(Math.asin(Math.max(0, Math.min(0.7, sine))));
    }
}
