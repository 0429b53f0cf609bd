package hingeyard.core.bench;

/**
 * A ride and what does it.
 *
 * @param mass          bike, kit, rider and load, kg, more than 0
 * @param metres        distance, more than 0
 * @param climb         metres up, 0 or more; the same down again
 * @param speed         on the level, km/h, more than 0
 * @param habits        how it is ridden
 * @param wattHours     nominal energy of the battery
 * @param ratedWatts    continuous power of the motor
 * @param peakWatts     peak power
 * @param peakTorque    N·m at the wheel for a hub, at the chainring for a mid-drive
 * @param noLoadSpeed   km/h at nominal voltage, for a hub; infinite through gears
 * @param circumference of the driven wheel, m
 * @param throughGears  whether the motor uses the bike's gears
 * @param cutOffSpeed   km/h above which the motor gives nothing
 * @param throttleOnly  whether the rider does not pedal
 */
public record RideInput(double mass, double metres, double climb, double speed, RideHabits habits, double wattHours, int ratedWatts,
        int peakWatts, double peakTorque,
        double noLoadSpeed, double circumference, boolean throughGears, int cutOffSpeed, boolean throttleOnly) {

    public RideInput {
        if (!(mass > 0 && metres > 0 && climb >= 0 && speed > 0 && circumference > 0)) {
            throw new IllegalArgumentException(
                    "ride of %s m with %s m up, %s kg at %s km/h: each must be more than 0, the climb not negative".formatted(metres, climb,
                            mass, speed));
        }
    }

    /** The same ridden at another speed, km/h. */
    public RideInput at(double kmh) {
        return new RideInput(mass, metres, climb, kmh, habits, wattHours, ratedWatts, peakWatts, peakTorque, noLoadSpeed, circumference,
                throughGears, cutOffSpeed, throttleOnly);
    }
}
