package hingeyard.core.bench;

/**
 * What a ride asks of a battery, by both methods.
 *
 * @param thumbRange    km, rule of thumb
 * @param thumbPerKm    Wh/km behind it
 * @param physicsRange  km, from the forces
 * @param physicsPerKm  Wh/km behind it
 * @param coldRange     km, physics at −10 °C
 * @param topSpeed      km/h on the level at continuous power, not above the motor's cut-off
 * @param climb         steepest slope at 8 km/h on continuous power and gear, %
 */
public record RideAnswer(double thumbRange, double thumbPerKm, double physicsRange, double physicsPerKm, double coldRange, double topSpeed, double climb) {
}
