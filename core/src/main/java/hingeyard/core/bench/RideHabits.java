package hingeyard.core.bench;

/**
 * How a ride is ridden: what nobody measures on a bike and everybody knows of his way.
 *
 * @param riderWatts what the rider gives when the assistance lets him, W, 0 or more
 * @param assist     watts of the motor for each of the rider's, at least: a rider gives no more than the wheel asks of him at that ratio; 0
 *                   or more
 * @param wind       against the rider on half of the way and behind him on the other half, m/s, 0 or more
 * @param stops      stops a kilometre at which the speed is lost, 0 or more
 * @param idleWatts  display and controller, W, 0 or more
 */
public record RideHabits(double riderWatts, double assist, double wind, double stops, double idleWatts) {

    /**
     * Whoever says nothing: 60 W, a motor that gives half as much again, 3 m/s of wind, a stop a kilometre, 5 W for display and controller.
     */
    public static final RideHabits USUAL = new RideHabits(60, 1.5, 3, 1, 5);

    public RideHabits {
        if (!(riderWatts >= 0 && assist >= 0 && wind >= 0 && stops >= 0 && idleWatts >= 0)) {
            throw new IllegalArgumentException(
                    "ride with %s W of the rider, ratio %s, wind %s m/s, %s stops a km, %s W idle: none may be negative"
                            .formatted(riderWatts, assist, wind, stops, idleWatts));
        }
    }
}
