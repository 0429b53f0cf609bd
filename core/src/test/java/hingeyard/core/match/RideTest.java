package hingeyard.core.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hingeyard.core.Given;
import hingeyard.core.GivenKits;
import hingeyard.core.bench.RideAnswer;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.booking.LegalClass;
import hingeyard.core.booking.NeedAmount;
import hingeyard.core.booking.NeedWish;
import hingeyard.core.booking.RiderNeed;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Kit;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What of a rider's need and a bike's survey goes into the range. */
class RideTest {

    private static final Kit MID = GivenKits.kit("mid");

    private static FitCase.Bike bike(String survey, Map<NeedAmount, Long> amounts, NeedWish... wishes) {
        return new FitCase.Bike(BikeKind.DIAMOND, Given.survey(survey), new RiderNeed(amounts, Set.of(wishes), LegalClass.OPEN), Set.of());
    }

    private static RideAnswer ride(Kit kit, String survey, Map<NeedAmount, Long> amounts, NeedWish... wishes) {
        return Ride.of(bike(survey, amounts, wishes), kit).orElseThrow();
    }

    /** Pack 46.8 V × 14 Ah = 655.2 Wh, 589.68 usable. Bike 14.5, kit 4.6 + 3.4, rider as named: thumb 9 Wh/km × √(mass/100). */
    @ParameterizedTest
    @CsvSource({"80000, 0, 102.5", "100000, 0, 122.5", "80000, 25000, 127.5"})
    void theRuleOfThumbTakesEveryKilogram(long rider, long cargo, double mass) {
        RideAnswer answer = ride(MID, "bike.mass=14.5", Map.of(NeedAmount.RIDER, rider, NeedAmount.CARGO, cargo));
        assertThat(answer.thumbPerKm()).isCloseTo(9 * Math.sqrt(mass / 100), within(0.001));
        assertThat(answer.thumbRange()).isCloseTo(589.68 / (9 * Math.sqrt(mass / 100)), within(0.01));
    }

    @Test
    void whatNobodyNamedIsTheUsual() {
        RideAnswer unnamed = ride(MID, "", Map.of());
        RideAnswer usual = ride(MID, "bike.mass=17", Map.of(NeedAmount.RIDER, 80_000L, NeedAmount.CARGO, 0L, NeedAmount.DISTANCE, 20_000L, NeedAmount.SPEED, 22_000L));
        assertThat(unnamed.thumbRange()).isCloseTo(usual.thumbRange(), within(1e-9));
        assertThat(unnamed.physicsRange()).isCloseTo(usual.physicsRange(), within(1e-9));
    }

    @Test
    void hillsLoadAndHasteCost() {
        RideAnswer flat = ride(MID, "", Map.of(NeedAmount.DISTANCE, 30_000L));
        assertThat(ride(MID, "", Map.of(NeedAmount.DISTANCE, 30_000L, NeedAmount.CLIMB, 500L)).physicsRange()).isLessThan(flat.physicsRange());
        assertThat(ride(MID, "", Map.of(NeedAmount.DISTANCE, 30_000L, NeedAmount.CARGO, 40_000L)).physicsRange()).isLessThan(flat.physicsRange());
        assertThat(ride(MID, "", Map.of(NeedAmount.DISTANCE, 30_000L, NeedAmount.SPEED, 25_000L)).physicsRange()).isLessThan(flat.physicsRange());
    }

    @Test
    void aThrottleCountsOnlyWhereOneIsWantedAndThere() {
        Kit with = GivenKits.kit("mid throttle=yes");
        double pedalled = ride(with, "", Map.of()).thumbPerKm();
        assertThat(ride(with, "", Map.of(), NeedWish.THROTTLE).thumbPerKm()).isGreaterThan(pedalled);
        assertThat(ride(MID, "", Map.of(), NeedWish.THROTTLE).thumbPerKm()).isCloseTo(pedalled, within(0.5));
    }

    @Test
    void aKitWithoutAMotorHasNoRange() {
        assertThat(Ride.of(bike("", Map.of()), GivenKits.kit("discs"))).isEmpty();
        assertThat(Ride.of(bike("", Map.of()), GivenKits.kit("bar"))).isEmpty();
    }
}
