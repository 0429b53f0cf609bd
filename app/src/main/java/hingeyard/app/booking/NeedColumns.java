package hingeyard.app.booking;

import hingeyard.core.booking.LegalClass;
import hingeyard.core.booking.NeedAmount;
import hingeyard.core.booking.NeedWish;
import hingeyard.core.booking.RiderNeed;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** A rider's need as a job's columns. */
@Embeddable
class NeedColumns {

    @Enumerated(EnumType.STRING)
    LegalClass legalClass;
    String wishes;
    Long distanceMetres;
    Long climbMetres;
    Long riderGrams;
    Long cargoGrams;
    Long speedMetresHour;
    Long budgetMinor;
    Long steepestTenths;
    Long riderWatts;
    Long windMillimetres;
    Long stopsTenths;

    protected NeedColumns() {
    }

    NeedColumns(RiderNeed need) {
        legalClass = need.legalClass();
        wishes = need.wishList().stream().map(NeedWish::name).collect(Collectors.joining(","));
        distanceMetres = need.amount(NeedAmount.DISTANCE).orElse(null);
        climbMetres = need.amount(NeedAmount.CLIMB).orElse(null);
        riderGrams = need.amount(NeedAmount.RIDER).orElse(null);
        cargoGrams = need.amount(NeedAmount.CARGO).orElse(null);
        speedMetresHour = need.amount(NeedAmount.SPEED).orElse(null);
        budgetMinor = need.amount(NeedAmount.BUDGET).orElse(null);
        steepestTenths = need.amount(NeedAmount.STEEPEST).orElse(null);
        riderWatts = need.amount(NeedAmount.POWER).orElse(null);
        windMillimetres = need.amount(NeedAmount.WIND).orElse(null);
        stopsTenths = need.amount(NeedAmount.STOPS).orElse(null);
    }

    RiderNeed need() {
        Map<NeedAmount, Long> amounts = new EnumMap<>(NeedAmount.class);
        put(amounts, NeedAmount.DISTANCE, distanceMetres);
        put(amounts, NeedAmount.CLIMB, climbMetres);
        put(amounts, NeedAmount.RIDER, riderGrams);
        put(amounts, NeedAmount.CARGO, cargoGrams);
        put(amounts, NeedAmount.SPEED, speedMetresHour);
        put(amounts, NeedAmount.BUDGET, budgetMinor);
        put(amounts, NeedAmount.STEEPEST, steepestTenths);
        put(amounts, NeedAmount.POWER, riderWatts);
        put(amounts, NeedAmount.WIND, windMillimetres);
        put(amounts, NeedAmount.STOPS, stopsTenths);
        Set<NeedWish> wanted = EnumSet.noneOf(NeedWish.class);
        Arrays.stream(wishes.split(",")).filter(w -> !w.isEmpty()).map(NeedWish::valueOf).forEach(wanted::add);
        return new RiderNeed(amounts, wanted, legalClass);
    }

    private static void put(Map<NeedAmount, Long> amounts, NeedAmount amount, Long value) {
        if (value != null) {
            amounts.put(amount, value);
        }
    }
}
