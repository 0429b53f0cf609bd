package hingeyard.core.bench;

import java.util.Optional;

/** What a rider gives, from a ride that was read back: the watts by which the forces of {@link RangeBench} come to what was measured. */
public final class RiderFromRide {

    private static final double MOST = 400;
    /** A meter's volts and a receiver's heights are no better: so much of what was measured is not told from nothing. */
    private static final double WITHIN = 0.03;
    private static final int HALVINGS = 30;

    private RiderFromRide() {
    }

    /**
     * @param like  the bike with its kit and load; its way and speed do not count
     * @param ride  as it was ridden
     * @param perKm what it took of the battery, Wh/km, more than 0
     * @return W, 0 to 400; empty where no rider explains it: wind, a brake that drags, or another mass did
     */
    public static Optional<Double> watts(RideInput like, RideLog.Answer ride, double perKm) {
        double asked = perKm(like, ride, 0);
        double helped = perKm(like, ride, MOST);
        if (perKm > asked * (1 + WITHIN) || perKm < helped * (1 - WITHIN)) {
            return Optional.empty();
        }
        double least = 0;
        double most = MOST;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (least + most) / 2;
            // More of the rider's is less of the battery's, until the assistance's ratio lets him give no more.
            if (perKm(like, ride, middle) > perKm) {
                least = middle;
            } else {
                most = middle;
            }
        }
        return Optional.of(Math.rint(most));
    }

    private static double perKm(RideInput like, RideLog.Answer ride, double watts) {
        RideHabits h = like.habits();
        RideHabits habits = new RideHabits(watts, h.assist(), h.wind(), h.stops(), h.idleWatts());
        return RangeBench.answer(new RideInput(like.mass(), ride.metres(), Math.min(ride.climb(), ride.metres() / 4), ride.mean(), habits,
                like.wattHours(), like.ratedWatts(), like.peakWatts(), like.peakTorque(), like.noLoadSpeed(), like.circumference(),
                like.throughGears(), like.cutOffSpeed(), like.throttleOnly())).physicsPerKm();
    }
}
