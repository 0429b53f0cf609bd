package hingeyard.app.bench;

import hingeyard.core.bench.FastenerPick;
import hingeyard.core.bench.RollOut;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Digits;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/** What is typed at each calculator. Bounds that are not said here are the core's own, told at their field all the same. */
public final class BenchGiven {

    private BenchGiven() {
    }

    /** @param angle degrees from bolt 1; @param mm of the dial gauge */
    public record GaugeReading(
            @NotNull(message = "an angle") @DecimalMin(value = "0", message = "0 to 359.9 degrees") @DecimalMax(value = "359.9", message = "0 to 359.9 degrees") @Digits(integer = 3, fraction = 1, message = "degrees with at most one decimal") BigDecimal angle,
            @NotNull(message = "a reading") @DecimalMin(value = "-10", message = "-10 to 10 mm") @DecimalMax(value = "10", message = "-10 to 10 mm") @Digits(integer = 2, fraction = 3, message = "millimetres with at most three decimals") BigDecimal mm) {
    }

    /** @param boltCircle,readAt diameters, mm */
    public record TruingGiven(@Min(value = 3, message = "3 to 6 bolts") @Max(value = 6, message = "3 to 6 bolts") int bolts,
            @NotNull(message = "the bolts' circle") @DecimalMin(value = "20", message = "20 to 200 mm") @DecimalMax(value = "200", message = "20 to 200 mm") @Digits(integer = 3, fraction = 2, message = "millimetres with at most two decimals") BigDecimal boltCircle,
            @NotNull(message = "where the gauge touches") @DecimalMin(value = "20", message = "20 to 260 mm") @DecimalMax(value = "260", message = "20 to 260 mm") @Digits(integer = 3, fraction = 2, message = "millimetres with at most two decimals") BigDecimal readAt,
            @NotNull(message = "the readings") @Size(min = 3, max = 72, message = "3 to 72 readings") List<@NotNull(message = "a reading") @Valid GaugeReading> readings) {
    }

    /** @param torque N·m; @param length,extension mm */
    public record ExtensionGiven(
            @NotNull(message = "a torque") @DecimalMin(value = "0.1", message = "0.1 to 500 N·m") @DecimalMax(value = "500", message = "0.1 to 500 N·m") @Digits(integer = 3, fraction = 3, message = "at most three decimals") BigDecimal torque,
            @NotNull(message = "the wrench's length") @DecimalMin(value = "50", message = "50 to 1500 mm") @DecimalMax(value = "1500", message = "50 to 1500 mm") @Digits(integer = 4, fraction = 2, message = "at most two decimals") BigDecimal length,
            @NotNull(message = "the extension") @DecimalMin(value = "0", message = "0 to 1000 mm") @DecimalMax(value = "1000", message = "0 to 1000 mm") @Digits(integer = 4, fraction = 2, message = "at most two decimals") BigDecimal extension) {
    }

    /** @param rolled mm over so many turns; @param set the display's own circumference, mm */
    public record RollOutGiven(@Min(value = 100, message = "100 to 700 mm") @Max(value = 700, message = "100 to 700 mm") int beadSeat,
            @Min(value = 15, message = "15 to 130 mm") @Max(value = 130, message = "15 to 130 mm") int width,
            Optional<@DecimalMin(value = "300", message = "300 to 150000 mm") @DecimalMax(value = "150000", message = "300 to 150000 mm") @Digits(integer = 6, fraction = 1, message = "at most one decimal") BigDecimal> rolled,
            @Min(value = 1, message = "1 to 50 turns") @Max(value = 50, message = "1 to 50 turns") int turns,
            Optional<@DecimalMin(value = "300", message = "300 to 3000 mm") @DecimalMax(value = "3000", message = "300 to 3000 mm") @Digits(integer = 4, fraction = 1, message = "at most one decimal") BigDecimal> set) {

        RollOut wheel(Optional<RollOut.Rolled> along) {
            return new RollOut(beadSeat, width, along, set.map(BigDecimal::doubleValue));
        }
    }

    /**
     * @param mass        kg with rider and load; @param km of the ride; @param climb m up; @param speed km/h on the level
     * @param assist      motor's watts for each of the rider's
     * @param noLoadSpeed km/h of a hub; none for a motor in the bike's gears
     */
    public record RangeGiven(double mass, double km, double climb, double speed, double riderWatts, double assist, double wind,
            double stops,
            double wattHours, int ratedWatts, double peakTorque, Optional<Double> noLoadSpeed, double circumference, boolean throughGears,
            int cutOffSpeed, boolean throttleOnly) {
    }

    /** @param thickness mm; @param count pieces at hand */
    public record WasherGiven(double thickness, int count) {
    }

    /** All in mm; see the core's own for what each is. */
    public record BendGiven(double step, double tie, double thickness, double washer, double spare,
            @NotNull(message = "washers, none of them too") @Size(max = 12, message = "at most 12 kinds") List<@NotNull(message = "a washer") WasherGiven> washers) {
    }

    /** @param charge per cent; @param ohms inside, where known; @param rated A */
    public record PackGiven(int series, double ampHours, double charge, Optional<Double> ohms, double rated) {
    }

    public record LoadGiven(double minutes, double watts) {
    }

    /** @param cutOffVolts where the controller stops; @param combiner A */
    public record BatteriesGiven(@NotNull(message = "the first battery") PackGiven first,
            @NotNull(message = "the second battery") PackGiven second,
            double cutOffVolts, double combiner,
            @NotNull(message = "the ride") @Size(min = 1, max = 5_000, message = "1 to 5000 parts") List<@NotNull(message = "a part of the ride") LoadGiven> ride) {
    }

    /** @param cogs teeth from the smallest to the largest; @param ringPlane,outerCog mm from the frame's middle; @param bend degrees */
    public record GearsGiven(int ring,
            @NotNull(message = "the cogs") @Size(min = 1, max = 13, message = "1 to 13 cogs") List<@NotNull(message = "teeth") Integer> cogs,
            double chainstay, double circumference, int cadence, boolean derailleur, double ringPlane, double outerCog, double bend) {
    }

    /** @param width mm; @param load kg; @param tyreMost,rimMost bar */
    public record PressureGiven(int beadSeat, double width, double load, double tyreMost, Optional<Double> rimMost) {
    }

    /** @param torque N·m; @param plate,flat,arm mm */
    public record AxleGiven(double torque, double plate, double flat, double arm) {
    }

    public record FastenerGiven(int thread, @NotNull(message = "what it goes into") FastenerPick.Into into, double clamped, double depth,
            boolean washer, boolean wet) {
    }

    /** @param amps drawn; @param metres one way; @param volts nominal */
    public record WireGiven(double amps, double metres, double volts) {
    }

    /** @param from,to the gap, mm; @param parts numbers of drawers; @param most pieces */
    public record StackGiven(double from, double to,
            @NotNull(message = "drawers") @Size(max = 40, message = "at most 40 drawers") List<@NotNull(message = "a part's number") @Size(max = 40, message = "at most 40 letters") String> parts,
            int most) {
    }
}
