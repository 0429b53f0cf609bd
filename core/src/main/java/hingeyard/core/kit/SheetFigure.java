package hingeyard.core.kit;

import hingeyard.core.quantity.Current;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Mass;
import hingeyard.core.quantity.Torque;
import hingeyard.core.quantity.TorqueRange;
import hingeyard.core.quantity.Voltage;
import java.math.BigDecimal;

/**
 * How large a figure on a maker's sheet may be, by what it measures. Wider than any kit a bicycle carries, so that only a slip of the pen
 * or
 * a wrong unit is refused, and narrow enough that no sum, drawing or paper made from it breaks. Limits of the shop's own judgement.
 */
public enum SheetFigure {
    /** Offsets go either way; the longest thing on a bike is a lead from end to end of a long-tail. */
    LENGTH("-6000", "6000", "mm"),
    /** The highest a pack of 24 cells is charged to is 100.8 V. */
    VOLTAGE("0", "120", "V"),
    /** More than any bicycle's wire and connector carries. */
    CURRENT("0", "200", "A"),
    /** A cargo bike's whole kit with two packs weighs under 40 kg. */
    MASS("0", "100", "kg"),
    /** An axle nut takes up to 60 N·m, a motor at the wheel gives up to 200. */
    TORQUE("0", "400", "N·m"),
    /** Continuous and peak power at the shaft. */
    POWER("1", "10000", "W"),
    /** No-load turns per minute and volt, of wheel or chainring. */
    TURNS_PER_VOLT("0.1", "100", "min⁻¹/V"),
    /** What a motor is still pushing at; 0 is no limit set. */
    SPEED("0", "120", "km/h"),
    /** Somebody walks beside it. */
    WALK_SPEED("0", "12", "km/h"),
    /** Pieces in a box. */
    COUNT("1", "1000", "pieces");

    private final BigDecimal least;
    private final BigDecimal greatest;
    private final String unit;

    SheetFigure(String least, String greatest, String unit) {
        this.least = new BigDecimal(least);
        this.greatest = new BigDecimal(greatest);
        this.unit = unit;
    }

    public BigDecimal least() {
        return least;
    }

    public BigDecimal greatest() {
        return greatest;
    }

    /** @throws IllegalArgumentException naming the figure and what is allowed */
    public void ask(String what, BigDecimal value) {
        if (value.compareTo(least) < 0 || value.compareTo(greatest) > 0) {
            throw new IllegalArgumentException(
                    "%s %s %s: a sheet's may be %s to %s %s"
                            .formatted(what, value.stripTrailingZeros().toPlainString(), unit, least, greatest, unit)
                            .strip());
        }
    }

    /** @throws IllegalArgumentException naming the figure and what is allowed */
    public void ask(String what, double value) {
        ask(what, BigDecimal.valueOf(value));
    }

    /** The length, when a sheet may say it. */
    public static Length asked(Length length) {
        LENGTH.ask("a length of", BigDecimal.valueOf(length.micrometres(), 3));
        return length;
    }

    /** The voltage, when a sheet may say it. */
    public static Voltage asked(Voltage voltage) {
        VOLTAGE.ask("a voltage of", BigDecimal.valueOf(voltage.millivolts(), 3));
        return voltage;
    }

    /** The current, when a sheet may say it. */
    public static Current asked(Current current) {
        CURRENT.ask("a current of", BigDecimal.valueOf(current.milliamperes(), 3));
        return current;
    }

    /** The mass, when a sheet may say it. */
    public static Mass asked(Mass mass) {
        MASS.ask("a mass of", BigDecimal.valueOf(mass.grams(), 3));
        return mass;
    }

    /** The torque, when a sheet may say it. */
    public static Torque asked(Torque torque) {
        TORQUE.ask("a torque of", BigDecimal.valueOf(torque.millinewtonMetres(), 3));
        return torque;
    }

    /** The range, when a sheet may say both its ends. */
    public static TorqueRange asked(TorqueRange range) {
        asked(range.least());
        asked(range.greatest());
        return range;
    }
}
