package hingeyard.core.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import hingeyard.core.Given;
import hingeyard.core.GivenKits;
import hingeyard.core.bench.RideAnswer;
import hingeyard.core.bench.RideHabits;
import hingeyard.core.bench.RideInput;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.booking.LegalClass;
import hingeyard.core.booking.NeedAmount;
import hingeyard.core.booking.NeedWish;
import hingeyard.core.booking.RiderNeed;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.Motor;
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

    private static RideInput input(Kit kit, String survey, Map<NeedAmount, Long> amounts, NeedWish... wishes) {
        return Ride.input(bike(survey, amounts, wishes), kit, kit.equipment().motor().orElseThrow());
    }

    /** Mass 14.5 + 8 + rider + cargo; wheel π·(622 + 2·40)·0.99; a mid-drive turns through the gears. */
    @Test
    void everyFigureGoesInAsItWasNamed() {
        RideInput in = input(MID, "bike.mass=14.5;rear.bead-seat=559;rear.tyre-width=50;front.tyre-width=20",
                Map.of(NeedAmount.RIDER, 90_000L, NeedAmount.CARGO, 12_000L, NeedAmount.DISTANCE, 30_000L, NeedAmount.CLIMB, 250L,
                        NeedAmount.SPEED, 21_500L, NeedAmount.POWER, 75L, NeedAmount.WIND, 4_000L, NeedAmount.STOPS, 15L));
        assertThat(in.mass()).isCloseTo(124.5, within(1e-9));
        assertThat(in.metres()).isEqualTo(30_000);
        assertThat(in.climb()).isEqualTo(250);
        assertThat(in.speed()).isEqualTo(21.5);
        assertThat(in.habits().riderWatts()).isEqualTo(75);
        assertThat(in.habits().wind()).isEqualTo(4);
        assertThat(in.habits().stops()).isEqualTo(1.5);
        assertThat(in.habits().assist()).isEqualTo(RideHabits.USUAL.assist());
        assertThat(in.habits().idleWatts()).isEqualTo(RideHabits.USUAL.idleWatts());
        assertThat(in.circumference()).isCloseTo(Math.PI * 659 * 0.99 / 1000, within(1e-9));
        assertThat(in.noLoadSpeed()).isInfinite();
        assertThat(in.throughGears()).isTrue();
        assertThat(in.throttleOnly()).isFalse();
        assertThat(in.wattHours()).isCloseTo(655.2, within(1e-9));
        Motor motor = MID.equipment().motor().orElseThrow();
        assertThat(in.ratedWatts()).isEqualTo(motor.ratedWatts());
        assertThat(in.peakWatts()).isEqualTo(motor.peakWatts());
        assertThat(in.cutOffSpeed()).isEqualTo(motor.cutOffSpeed());
        assertThat(in.peakTorque()).isEqualTo(motor.peakTorque().millinewtonMetres() / 1000.0);
    }

    /** A hub's wheel is its own, on the tyre of its own end; unloaded it turns volts × turns per volt × 60 times its way an hour. */
    @Test
    void aHubTurnsItsOwnWheel() {
        Kit front = GivenKits.kit("front");
        Motor motor = front.equipment().motor().orElseThrow();
        RideInput in = input(front, "front.tyre-width=30;rear.tyre-width=60;rear.bead-seat=559", Map.of());
        double around = Math.PI * (622 + 60) * 0.99 / 1000;
        assertThat(in.circumference()).isCloseTo(around, within(1e-9));
        assertThat(in.noLoadSpeed()).isCloseTo(motor.turnsPerVolt() * 46.8 * around * 60 / 1000, within(0.1));
        assertThat(in.throughGears()).isFalse();
    }

    /** Nobody climbs more than every fourth metre; without a wish for speed nobody is taken faster than the motor helps. */
    @Test
    void whatCannotBeIsHeldBack() {
        assertThat(input(MID, "", Map.of(NeedAmount.DISTANCE, 1_000L, NeedAmount.CLIMB, 900L)).climb()).isEqualTo(250);
        assertThat(input(MID, "", Map.of()).speed()).isEqualTo(Math.min(22, MID.equipment().motor().orElseThrow().cutOffSpeed()));
        assertThat(input(GivenKits.kit("mid throttle=yes"), "", Map.of(), NeedWish.THROTTLE).throttleOnly()).isTrue();
        assertThat(input(GivenKits.kit("mid throttle=yes"), "", Map.of()).throttleOnly()).isFalse();
        assertThat(input(MID, "", Map.of(), NeedWish.THROTTLE).throttleOnly()).as("where there is none").isFalse();
    }

    @Test
    void whatIsSupposedIsSaid() {
        assertThat(Ride.supposed(RiderNeed.none())).extracting(Ride.Supposed::amount, Ride.Supposed::base, Ride.Supposed::said)
                .containsExactly(tuple(NeedAmount.RIDER, 80_000L, false), tuple(NeedAmount.CARGO, 0L, false),
                        tuple(NeedAmount.CLIMB, 0L, false), tuple(NeedAmount.SPEED, 22_000L, false),
                        tuple(NeedAmount.POWER, Math.round(RideHabits.USUAL.riderWatts()), false),
                        tuple(NeedAmount.WIND, Math.round(RideHabits.USUAL.wind() * 1000), false),
                        tuple(NeedAmount.STOPS, Math.round(RideHabits.USUAL.stops() * 10), false));
        Map<NeedAmount, Long> all = Map.of(NeedAmount.RIDER, 70_000L, NeedAmount.CARGO, 5_000L, NeedAmount.CLIMB, 90L, NeedAmount.SPEED,
                19_000L, NeedAmount.POWER, 88L, NeedAmount.WIND, 2_500L, NeedAmount.STOPS, 7L);
        assertThat(Ride.supposed(new RiderNeed(all, Set.of(), LegalClass.OPEN))).hasSize(7).allSatisfy(s -> {
            assertThat(s.said()).isTrue();
            assertThat(s.base()).isEqualTo(all.get(s.amount()));
        });
        assertThat(Ride.usualWay()).extracting(Ride.Supposed::amount).containsExactly(NeedAmount.POWER, NeedAmount.WIND, NeedAmount.STOPS);
    }

    @Test
    void whatNobodyNamedIsTheUsual() {
        RideAnswer unnamed = ride(MID, "", Map.of());
        RideAnswer usual = ride(MID, "bike.mass=17",
                Map.of(NeedAmount.RIDER, 80_000L, NeedAmount.CARGO, 0L, NeedAmount.DISTANCE, 20_000L, NeedAmount.SPEED, 22_000L));
        assertThat(unnamed.thumbRange()).isCloseTo(usual.thumbRange(), within(1e-9));
        assertThat(unnamed.physicsRange()).isCloseTo(usual.physicsRange(), within(1e-9));
    }

    @Test
    void hillsLoadAndHasteCost() {
        RideAnswer flat = ride(MID, "", Map.of(NeedAmount.DISTANCE, 30_000L));
        assertThat(ride(MID, "", Map.of(NeedAmount.DISTANCE, 30_000L, NeedAmount.CLIMB, 500L)).physicsRange())
                .isLessThan(flat.physicsRange());
        assertThat(ride(MID, "", Map.of(NeedAmount.DISTANCE, 30_000L, NeedAmount.CARGO, 40_000L)).physicsRange())
                .isLessThan(flat.physicsRange());
        assertThat(ride(MID, "", Map.of(NeedAmount.DISTANCE, 30_000L, NeedAmount.SPEED, 25_000L)).physicsRange())
                .isLessThan(flat.physicsRange());
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
