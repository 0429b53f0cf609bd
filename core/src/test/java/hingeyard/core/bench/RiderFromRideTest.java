package hingeyard.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Whoever rode a simulated ride is found again by what it took. */
class RiderFromRideTest {

    private static RideInput like(double watts) {
        return new RideInput(105, 1_000, 0, 22, new RideHabits(watts, 1.5, 3, 1, 5), 500, 250, 500, 60, Double.POSITIVE_INFINITY, 2.2, true,
                32, false);
    }

    private static RideLog.Answer ride(double km, double climb, double mean) {
        return new RideLog.Answer(km * 1000, climb, climb, Duration.ofMinutes(60), Duration.ofMinutes(60), mean, mean + 8, 0, true,
                Optional.empty(), Optional.empty(), List.of());
    }

    private static double took(double watts, double km, double climb, double mean) {
        RideInput at = like(watts);
        return RangeBench.answer(new RideInput(at.mass(), km * 1000, climb, mean, at.habits(), 500, 250, 500, 60, Double.POSITIVE_INFINITY,
                2.2, true, 32, false)).physicsPerKm();
    }

    @Test
    void theRiderIsFoundAgain() {
        Random random = new Random(5);
        for (int i = 0; i < 300; i++) {
            double watts = random.nextDouble() * 70;
            double km = 5 + random.nextDouble() * 40;
            double climb = random.nextDouble() * km * 12;
            double mean = 18 + random.nextDouble() * 10;
            double measured = took(watts, km, climb, mean);
            double found = RiderFromRide.watts(like(200), ride(km, climb, mean), measured).orElseThrow();
            assertThat(took(found, km, climb, mean)).as("%.0f W on %.0f km at %.0f km/h", watts, km, mean)
                    .isCloseTo(measured, within(0.02 * measured + 0.1));
            assertThat(found).isLessThanOrEqualTo(watts + 1);
        }
    }

    @Test
    void whatNoRiderExplainsIsNotCarriedOn() {
        double alone = took(0, 20, 100, 22);
        double most = took(400, 20, 100, 22);
        assertThat(RiderFromRide.watts(like(60), ride(20, 100, 22), alone * 1.5)).isEmpty();
        assertThat(RiderFromRide.watts(like(60), ride(20, 100, 22), alone * 1.02)).contains(0.0);
        assertThat(RiderFromRide.watts(like(60), ride(20, 100, 22), most * 0.5)).isEmpty();
    }
}
