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
        return new RideInput(mass, km * 1000, climb, speed, RideHabits.USUAL, wattHours, 250, 500, gears ? 75 : 40,
                gears ? Double.POSITIVE_INFINITY : 32, 2.2, gears, 25, throttle);
    }

    /**
     * 90 % of the battery; 6, 9, 12, 16 Wh/km for 100 kg, with the root of the mass. 500 Wh: 450 ÷ 9 = 50 km; 144 kg: 450 ÷ (9·1.2) = 41.7
     * km.
     */
    @ParameterizedTest
    @CsvSource({"100, 22, false, 9.0, 50.0", "144, 22, false, 10.8, 41.667", "100, 15, false, 6.0, 75.0", "100, 10, false, 6.0, 75.0",
        "100, 18.5, false, 7.5, 60.0", "100, 25, false, 10.5, 42.857", "100, 30, false, 12.0, 37.5", "100, 22, true, 16.0, 28.125",
        "81, 22, false, 8.1, 55.556"})
    void theRuleOfThumb(double mass, double speed, boolean throttle, double perKm, double range) {
        RideAnswer answer = RangeBench.answer(ride(mass, 20, 0, speed, 500, true, throttle));
        assertThat(answer.thumbPerKm()).isCloseTo(perKm, within(0.001));
        assertThat(answer.thumbRange()).isCloseTo(range, within(0.001));
    }

    /**
     * Level, 100 kg, 22 km/h = 6.111 m/s. Against 3 m/s: 0.36·9.111²·6.111 = 182.63 W and 100·9.81·0.008·6.111 = 47.96 W, 230.59 W; the
     * rider's 60·0.97 = 58.2 are less than
     * 230.59/2.5, so 172.39 are left. With it: 0.36·3.111²·6.111 = 21.29 and 47.96, 69.26 W; the rider gives 69.26/2.5 = 27.70, 41.55 are
     * left. Half each is 106.97 W, through gears
     * ÷ 0.80 = 133.71, and 5 for the display: in 163.64 s a km 6.305 Wh. A stop: ½·100·6.111² = 1867 J ÷ 0.80 = 0.648 Wh. In a hub ÷ 0.75:
     * 6.710 and 0.692.
     */
    @ParameterizedTest
    @CsvSource({"true, 6.953", "false, 7.402"})
    void thePhysicsOfALevelRide(boolean gears, double perKm) {
        RideAnswer answer = RangeBench.answer(ride(100, 20, 0, 22, 500, gears, false));
        assertThat(answer.physicsPerKm()).isCloseTo(perKm, within(0.005));
        assertThat(answer.physicsRange()).isCloseTo(450 / perKm, within(0.5));
        assertThat(answer.coldRange()).isCloseTo(answer.physicsRange() * 0.8, within(0.001));
    }

    /** At 8 km/h 250 W and the rider's 58.2 W push with 138.7 N; drag ½·1.2·0.6·2.222² = 1.8 N; 136.9/981 − 0.008 = 0.1316: 13.3 %. */
    @Test
    void theSteepestSlope() {
        assertThat(RangeBench.answer(ride(100, 20, 0, 22, 500, true, false)).climb()).isCloseTo(13.3, within(0.1));
    }

    @Test
    void aMotorGivesNothingAboveItsCutOff() {
        assertThat(RangeBench.answer(ride(90, 20, 0, 22, 500, true, false)).topSpeed()).isCloseTo(25, within(0.01));
        RideAnswer slow = RangeBench
                .answer(new RideInput(90, 20_000, 0, 20, RideHabits.USUAL, 500, 250, 500, 40, 22, 2.2, false, 25, false));
        assertThat(slow.topSpeed()).as("a hub fades before its no-load speed").isBetween(15.0, 22.0);
    }

    /** From a light rider on a light bike upwards: below that the slow way up meets so little wind that a hill costs nothing. */
    @Test
    void moreIsNeverCheaper() {
        Random random = new Random(3);
        for (int i = 0; i < 2_000; i++) {
            double mass = 75 + random.nextInt(150);
            double climb = random.nextInt(900);
            RideAnswer less = RangeBench.answer(ride(mass, 30, climb, 20, 500, true, false));
            assertThat(RangeBench.answer(ride(mass + 20, 30, climb, 20, 500, true, false)).physicsRange())
                    .isLessThanOrEqualTo(less.physicsRange() + 1e-9);
            assertThat(RangeBench.answer(ride(mass, 30, climb + 100, 20, 500, true, false)).physicsRange())
                    .isLessThanOrEqualTo(less.physicsRange() + 1e-9);
            assertThat(RangeBench.answer(ride(mass, 30, climb, 20, 600, true, false)).physicsRange()).isGreaterThan(less.physicsRange());
        }
    }

    /** What a rider is told is one span: on a level commute both methods lie within a third of one another, whoever rides which motor. */
    @Test
    void theTwoMethodsAgreeOnALevelCommute() {
        for (int mass = 75; mass <= 150; mass += 5) {
            for (int speed = 16; speed <= 26; speed++) {
                for (boolean gears : new boolean[]{true, false}) {
                    RideAnswer answer = RangeBench.answer(ride(mass, 20, 0, speed, 500, gears, false));
                    assertThat(Math.max(answer.thumbRange(), answer.physicsRange()) / Math.min(answer.thumbRange(), answer.physicsRange()))
                            .as("%d kg at %d km/h: %s", mass, speed, answer).isLessThan(1.5);
                    assertThat(Math.abs(answer.thumbPerKm() - answer.physicsPerKm()) / Math.max(answer.thumbPerKm(), answer.physicsPerKm()))
                            .as("%d kg at %d km/h", mass, speed).isLessThan(1 / 3.0);
                }
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"49.9, 63.2, 45 to 60 km", "52, 51, about 50 km", "4.2, 3, less than 5 km", "9.9, 4.9, 0 to 5 km", "65, 63, 60 to 65 km"})
    void oneSpanIsTold(double thumb, double physics, String told) {
        assertThat(new RideAnswer(thumb, 9, physics, 9, physics * 0.8, 25, 10).told()).isEqualTo(told);
    }

    @Test
    void windStopsAndIdleCostAndAStrongRiderSaves() {
        RideInput usual = ride(100, 20, 0, 22, 500, true, false);
        double perKm = RangeBench.answer(usual).physicsPerKm();
        assertThat(perKm(usual, new RideHabits(60, 1.5, 6, 1, 5))).as("wind").isGreaterThan(perKm);
        assertThat(perKm(usual, new RideHabits(60, 1.5, 3, 3, 5))).as("stops").isGreaterThan(perKm);
        assertThat(perKm(usual, new RideHabits(60, 1.5, 3, 1, 10))).as("idle").isGreaterThan(perKm);
        assertThat(perKm(usual, new RideHabits(120, 1.5, 3, 1, 5))).as("a strong rider").isLessThan(perKm);
        assertThat(perKm(usual, new RideHabits(120, 4, 3, 1, 5))).as("whom the motor does not let")
                .isGreaterThan(perKm(usual, new RideHabits(120, 1.5, 3, 1, 5)));
        assertThatThrownBy(() -> new RideHabits(60, 1.5, -3, 1, 5)).hasMessageContaining("wind -3.0 m/s");
    }

    private static double perKm(RideInput in, RideHabits habits) {
        return RangeBench.answer(new RideInput(in.mass(), in.metres(), in.climb(), in.speed(), habits, in.wattHours(), in.ratedWatts(),
                in.peakWatts(), in.peakTorque(), in.noLoadSpeed(), in.circumference(),
                in.throughGears(), in.cutOffSpeed(), in.throttleOnly())).physicsPerKm();
    }

    @Test
    void refusesARideThatIsNone() {
        assertThatThrownBy(() -> ride(0, 20, 0, 22, 500, true, false)).hasMessageContaining("0.0 kg");
        assertThatThrownBy(() -> ride(80, 20, -1, 22, 500, true, false)).hasMessageContaining("-1.0 m up");
    }

    /** What the level asks grows with the speed; as fast as it goes is where it meets what is given, or where the motor ends. */
    @ParameterizedTest
    @CsvSource({"100, true", "140, false", "80, true"})
    void topSpeedIsWhereBothMeet(double mass, boolean gears) {
        RideInput in = ride(mass, 20, 0, 22, 500, gears, false);
        double top = RangeBench.answer(in).topSpeed();
        assertThat(RangeBench.needs(in, top * 0.98)).isLessThanOrEqualTo(RangeBench.gives(in, top * 0.98));
        assertThat(RangeBench.needs(in, top * 1.02)).isGreaterThan(RangeBench.gives(in, top * 1.02));
        for (int v = 5; v < 40; v++) {
            assertThat(RangeBench.needs(in, v + 1)).isGreaterThan(RangeBench.needs(in, v));
        }
    }
}
