package hingeyard.core.bench;

import java.util.Locale;

/**
 * What a ride asks of a battery, by both methods.
 *
 * @param thumbRange   km, rule of thumb
 * @param thumbPerKm   Wh/km behind it
 * @param physicsRange km, from the forces
 * @param physicsPerKm Wh/km behind it
 * @param coldRange    km, physics at −10 °C
 * @param topSpeed     km/h on the level at continuous power, not above the motor's cut-off
 * @param climb        steepest slope at 8 km/h on continuous power and gear, %
 */
public record RideAnswer(double thumbRange, double thumbPerKm, double physicsRange, double physicsPerKm, double coldRange, double topSpeed,
        double climb) {

    private static final int STEP = 5;

    /**
     * One span to be told to a rider, in steps of 5 km, rounded down so that nobody is promised the last kilometre: {@code 45 to 60 km}.
     */
    public String told() {
        int least = down(Math.min(thumbRange, physicsRange));
        int most = down(Math.max(thumbRange, physicsRange));
        return most == 0 ? "less than %d km".formatted(STEP)
                : least == most ? "about %d km".formatted(least) : String.format(Locale.ROOT, "%d to %d km", least, most);
    }

    /** The same in frost: a fifth less. */
    public String toldCold() {
        int least = down(Math.min(thumbRange * coldRange / physicsRange, coldRange));
        return least == 0 ? "less than %d km".formatted(STEP) : "about %d km".formatted(least);
    }

    private static int down(double km) {
        return (int) (Math.floor(km / STEP) * STEP);
    }
}
