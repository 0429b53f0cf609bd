package hingeyard.core.match;

import hingeyard.core.bench.RangeBench;
import hingeyard.core.bench.RideAnswer;
import hingeyard.core.bench.RideHabits;
import hingeyard.core.bench.RideInput;
import hingeyard.core.bench.RollOut;
import hingeyard.core.bike.LengthMeasure;
import hingeyard.core.bike.RearMeasures;
import hingeyard.core.bike.WheelEnd;
import hingeyard.core.bike.WholeMeasures;
import hingeyard.core.booking.NeedAmount;
import hingeyard.core.booking.NeedWish;
import hingeyard.core.booking.RiderNeed;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.Motor;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** The rider's day with a kit: what was named, and usual values, said as such, where nothing was. */
public final class Ride {

    private static final double USUAL_RIDER_KG = 80;
    private static final double USUAL_BIKE_KG = 17;
    private static final double USUAL_METRES = 20_000;
    private static final double USUAL_SPEED = 22;
    private static final double USUAL_BEAD = 622;
    private static final double USUAL_TYRE = 40;
    private static final Set<NeedAmount> WAY = EnumSet.of(NeedAmount.POWER, NeedAmount.WIND, NeedAmount.STOPS);

    private Ride() {
    }

    /** Empty for a kit without a motor. */
    public static Optional<RideAnswer> of(FitCase.Bike bike, Kit kit) {
        return kit.equipment().motor().map(m -> RangeBench.answer(input(bike, kit, m)));
    }

    /** Every figure of the ride as the formula takes it. */
    public static RideInput input(FitCase.Bike bike, Kit kit, Motor motor) {
        double wheel = circumference(bike, kit);
        double rider = bike.need().amount(NeedAmount.RIDER).map(g -> g / 1000.0).orElse(USUAL_RIDER_KG);
        double cargo = bike.need().amount(NeedAmount.CARGO).map(g -> g / 1000.0).orElse(0.0);
        double own = bike.survey().number(WholeMeasures.MASS).map(g -> g / 1000.0).orElse(USUAL_BIKE_KG);
        double metres = bike.need().amount(NeedAmount.DISTANCE).map(Long::doubleValue).orElse(USUAL_METRES);
        double speed = bike.need().amount(NeedAmount.SPEED).map(s -> s / 1000.0).orElse(Math.min(USUAL_SPEED, motor.cutOffSpeed()));
        double climb = Math.min(bike.need().amount(NeedAmount.CLIMB).map(Long::doubleValue).orElse(0.0), metres / 4);
        double noLoad = motor.throughGears() ? Double.POSITIVE_INFINITY
                : motor.turnsPerVolt() * kit.battery().nominal().millivolts() / 1000 * wheel * 60 / 1000;
        return new RideInput(own + rider + cargo + kit.addedMass().grams() / 1000.0, metres, climb, speed, habits(bike.need()),
                kit.battery().wattHours(), motor.ratedWatts(), motor.peakWatts(),
                motor.peakTorque().millinewtonMetres() / 1000.0, noLoad, wheel, motor.throughGears(), motor.cutOffSpeed(),
                bike.need().wishes().contains(NeedWish.THROTTLE) && kit.equipment().throttle());
    }

    /** As the rider said them, else the usual ones. */
    public static RideHabits habits(RiderNeed need) {
        RideHabits usual = RideHabits.USUAL;
        return new RideHabits(need.amount(NeedAmount.POWER).map(Long::doubleValue).orElse(usual.riderWatts()), usual.assist(),
                need.amount(NeedAmount.WIND).map(w -> w / 1000.0).orElse(usual.wind()),
                need.amount(NeedAmount.STOPS).map(s -> s / 10.0).orElse(usual.stops()), usual.idleWatts());
    }

    /** What the ranges suppose, one by one, and whether the rider said it. */
    public static List<Supposed> supposed(RiderNeed need) {
        RideHabits h = habits(need);
        return List.of(supposed(need, NeedAmount.RIDER, (long) (USUAL_RIDER_KG * 1000)), supposed(need, NeedAmount.CARGO, 0),
                supposed(need, NeedAmount.CLIMB, 0), supposed(need, NeedAmount.SPEED, (long) (USUAL_SPEED * 1000)),
                supposed(need, NeedAmount.POWER, Math.round(h.riderWatts())), supposed(need, NeedAmount.WIND, Math.round(h.wind() * 1000)),
                supposed(need, NeedAmount.STOPS, Math.round(h.stops() * 10)));
    }

    /** What is supposed of the way itself while nobody says otherwise: amounts that a booking need not ask for at once. */
    public static List<Supposed> usualWay() {
        return supposed(RiderNeed.none()).stream().filter(s -> WAY.contains(s.amount())).toList();
    }

    private static Supposed supposed(RiderNeed need, NeedAmount amount, long usual) {
        return new Supposed(amount, need.amount(amount).orElse(usual), need.amount(amount).isPresent());
    }

    /** @param base in the scale's base unit; @param said whether the rider named it; else it is the usual value */
    public record Supposed(NeedAmount amount, long base, boolean said) {
    }

    /** Of the driven wheel by its tyre's marking, m. */
    private static double circumference(FitCase.Bike bike, Kit kit) {
        WheelEnd end = kit.drive().hub().map(h -> h.end()).orElse(WheelEnd.REAR);
        double bead = kit.drive().hub().map(h -> h.wheel().beadSeat().inMillimetres())
                .orElse(value(bike, RearMeasures.BEAD_SEAT, USUAL_BEAD));
        return RollOut.byMarking(bead, value(bike, end.tyreWidth(), USUAL_TYRE)) / 1000;
    }

    private static double value(FitCase.Bike bike, LengthMeasure measure, double usual) {
        return bike.survey().length(measure).map(r -> r.value().inMillimetres()).orElse(usual);
    }
}
