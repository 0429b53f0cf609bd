package hingeyard.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RangeBenchTest {

    private static RideInput ride(double mass, double km, double climb, double speed, double wattHours, boolean gears, boolean throttle) {
        return new RideInput(mass, km * 1000, climb, speed, 80, wattHours, 250, 500, gears ? 75 : 40, gears ? Double.POSITIVE_INFINITY : 32, 2.2, gears, 25, throttle);
    }

    /** 90 % of the battery; 6, 9, 12, 16 Wh/km for 100 kg, with the root of the mass. 500 Wh: 450 ÷ 9 = 50 km; 144 kg: 450 ÷ (9·1.2) = 41.7 km. */
    @ParameterizedTest
    @CsvSource({"100, 22, false, 9.0, 50.0", "144, 22, false, 10.8, 41.667", "100, 15, false, 6.0, 75.0", "100, 30, false, 12.0, 37.5", "100, 22, true, 16.0, 28.125", "81, 22, false, 8.1, 55.556"})
    void theRuleOfThumb(double mass, double speed, boolean throttle, double perKm, double range) {
        RideAnswer answer = RangeBench.answer(ride(mass, 20, 0, speed, 500, true, throttle));
        assertThat(answer.thumbPerKm()).isCloseTo(perKm, within(0.001));
        assertThat(answer.thumbRange()).isCloseTo(range, within(0.001));
    }

    /**
     * Level, 100 kg, 22 km/h = 6.111 m/s: ½·1.2·0.6·6.111³ = 82.16 W and 100·9.81·0.008·6.111 = 47.96 W, together 130.12 W; less 80·0.97 = 77.6 W is 52.52 W;
     * through gears ÷ 0.80 = 65.65 W; in 163.6 s per km 2.984 Wh. In a hub ÷ 0.75: 3.183 Wh.
     */
    @ParameterizedTest
    @CsvSource({"true, 2.984", "false, 3.183"})
    void thePhysicsOfALevelRide(boolean gears, double perKm) {
        RideAnswer answer = RangeBench.answer(ride(100, 20, 0, 22, 500, gears, false));
        assertThat(answer.physicsPerKm()).isCloseTo(perKm, within(0.005));
        assertThat(answer.physicsRange()).isCloseTo(450 / perKm, within(0.5));
        assertThat(answer.coldRange()).isCloseTo(answer.physicsRange() * 0.8, within(0.001));
    }

    /** At 8 km/h 250 W and the rider's 77.6 W push with 147.4 N; drag ½·1.2·0.6·2.222² = 1.8 N; 145.6/981 − 0.008 = 0.1405: 14.2 %. */
    @Test
    void theSteepestSlope() {
        assertThat(RangeBench.answer(ride(100, 20, 0, 22, 500, true, false)).climb()).isCloseTo(14.2, within(0.1));
    }

    @Test
    void aMotorGivesNothingAboveItsCutOff() {
        assertThat(RangeBench.answer(ride(90, 20, 0, 22, 500, true, false)).topSpeed()).isCloseTo(25, within(0.01));
        RideAnswer slow = RangeBench.answer(new RideInput(90, 20_000, 0, 20, 80, 500, 250, 500, 40, 22, 2.2, false, 25, false));
        assertThat(slow.topSpeed()).as("a hub fades before its no-load speed").isBetween(15.0, 22.0);
    }

    @Test
    void moreIsNeverCheaper() {
        Random random = new Random(3);
        for (int i = 0; i < 2_000; i++) {
            double mass = 60 + random.nextInt(150);
            double climb = random.nextInt(900);
            RideAnswer less = RangeBench.answer(ride(mass, 30, climb, 20, 500, true, false));
            assertThat(RangeBench.answer(ride(mass + 20, 30, climb, 20, 500, true, false)).physicsRange()).isLessThanOrEqualTo(less.physicsRange() + 1e-9);
            assertThat(RangeBench.answer(ride(mass, 30, climb + 100, 20, 500, true, false)).physicsRange()).isLessThanOrEqualTo(less.physicsRange() + 1e-9);
            assertThat(RangeBench.answer(ride(mass, 30, climb, 20, 600, true, false)).physicsRange()).isGreaterThan(less.physicsRange());
        }
    }

    @Test
    void refusesARideThatIsNone() {
        assertThatThrownBy(() -> ride(0, 20, 0, 22, 500, true, false)).hasMessageContaining("0.0 kg");
        assertThatThrownBy(() -> ride(80, 20, -1, 22, 500, true, false)).hasMessageContaining("-1.0 m up");
    }
}
