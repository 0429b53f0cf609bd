package hingeyard.core.bench;

import java.util.Optional;

/**
 * A ride and what does it, as somebody types it: each within what a bike can be.
 *
 * @param mass          bike, kit, rider and load, kg, 20 to 500
 * @param km            of the ride, 0.5 to 300
 * @param climb         m, 0 to a quarter of the way
 * @param speed         on the level, km/h, 6 to 60
 * @param riderWatts    W, 0 to 400
 * @param assist        motor's watts for each of the rider's, 0 to 6
 * @param wind          m/s, 0 to 15
 * @param stops         a km, 0 to 20
 * @param wattHours     of the battery, 50 to 5,000
 * @param ratedWatts    for long, W, 50 to 5,000
 * @param peakTorque    N·m, 5 to 300
 * @param noLoadSpeed   of a hub, km/h, 6 to 100; empty through the gears
 * @param circumference of the driven wheel, mm, 500 to 3,000
 * @param throughGears  whether the motor uses the bike's gears
 * @param cutOffSpeed   km/h, 6 to 60
 * @param throttleOnly  whether the rider does not pedal
 */
public record RangeQuestion(double mass, double km, double climb, double speed, double riderWatts, double assist, double wind, double stops,
        double wattHours, int ratedWatts, double peakTorque, Optional<Double> noLoadSpeed, double circumference, boolean throughGears,
        int cutOffSpeed, boolean throttleOnly) {

    public RangeQuestion {
        Given.within("mass", mass, 20, 500, "kg");
        Given.within("km", km, 0.5, 300, "km");
        Given.within("climb", climb, 0, km * 1000 / 4, "m");
        Given.within("speed", speed, 6, 60, "km/h");
        Given.within("riderWatts", riderWatts, 0, 400, "W");
        Given.within("assist", assist, 0, 6, "times");
        Given.within("wind", wind, 0, 15, "m/s");
        Given.within("stops", stops, 0, 20, "a km");
        Given.within("wattHours", wattHours, 50, 5_000, "Wh");
        Given.within("ratedWatts", ratedWatts, 50, 5_000, "W");
        Given.within("peakTorque", peakTorque, 5, 300, "N·m");
        Given.within("circumference", circumference, 500, 3_000, "mm");
        Given.within("cutOffSpeed", cutOffSpeed, 6, 60, "km/h");
        if (!throughGears) {
            Given.within("noLoadSpeed", noLoadSpeed.orElse(Double.NaN), 6, 100, "km/h");
        }
    }

    /** As the formula takes it, with the usual idle power of display and controller. */
    public RideInput ride() {
        return new RideInput(mass, km * 1000, climb, speed, new RideHabits(riderWatts, assist, wind, stops, RideHabits.USUAL.idleWatts()),
                wattHours, ratedWatts, ratedWatts, peakTorque, throughGears ? Double.POSITIVE_INFINITY : noLoadSpeed.orElseThrow(),
                circumference / 1000, throughGears, cutOffSpeed, throttleOnly);
    }
}
