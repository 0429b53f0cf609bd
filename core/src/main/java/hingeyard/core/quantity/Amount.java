package hingeyard.core.quantity;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.stream.DoubleStream;

/**
 * An amount of something that has no type of its own here: an angle, a stress, a share, a power.
 *
 * @param amount how much
 * @param unit   its unit: {@code °}, {@code N/mm²}, {@code %}, {@code W}, {@code Wh}, {@code km/h}…
 */
public record Amount(BigDecimal amount, String unit) implements Quantity {

    /** One mile in kilometres, by definition. */
    private static final BigDecimal MILE = new BigDecimal("1.609344");
    /** One pound in kilograms, by definition. */
    private static final BigDecimal POUND = new BigDecimal("0.45359237");
    /** One square inch in square millimetres, by definition. */
    private static final BigDecimal SQUARE_INCH = new BigDecimal("645.16");
    private static final double[] TENS = {1, 10, 100, 1e3, 1e4, 1e5, 1e6};

    public Amount {
        amount = amount.signum() == 0 ? BigDecimal.ZERO : amount.stripTrailingZeros();
        if (amount.scale() < 0) {
            amount = amount.setScale(0, RoundingMode.UNNECESSARY);
        }
    }

    /**
     * @param value  computed; rounded half-up, away from nought
     * @param places 0 to 6
     */
    public static Amount rounded(double value, int places, String unit) {
        double scaled = value * TENS[places];
        long whole = (long) Math.floor(scaled);
        double rest = scaled - whole;
        // Far from a tie binary and decimal rounding agree; near one, or for very large values, the decimal's digits decide.
        boolean plain = Math.abs(scaled) < 1e9 && Math.abs(rest - 0.5) > 1e-5;
        return new Amount(plain ? BigDecimal.valueOf(rest > 0.5 ? whole + 1 : whole, places)
                : BigDecimal.valueOf(value).setScale(places, RoundingMode.HALF_UP), unit);
    }

    /**
     * As {@link #rounded}, with as many places more as it takes for the said number to lie on the same side of every limit as the value:
     * nobody reads
     * "70 of 70" where 70.4 was too much.
     *
     * @param finest the most places, 0 to 6
     */
    public static Amount beside(double value, int places, int finest, String unit, double... limits) {
        for (int p = places; p < finest; p++) {
            Amount said = rounded(value, p, unit);
            if (DoubleStream.of(limits).allMatch(l -> value <= l == said.amount().doubleValue() <= l)) {
                return said;
            }
        }
        return rounded(value, finest, unit);
    }

    public static Amount of(long value, String unit) {
        return new Amount(BigDecimal.valueOf(value), unit);
    }

    @Override
    public String kind() {
        return "amount";
    }

    @Override
    public String text() {
        String said = amount.toPlainString().replace('-', '−');
        return unit.equals("°") ? said + unit : said + " " + unit;
    }

    /** Speeds, distances, masses and sections; every other unit has no sister in inches. */
    @Override
    public String text(Units units) {
        if (units == Units.METRIC) {
            return text();
        }
        return switch (unit) {
            case "km" -> amount.divide(MILE, 0, RoundingMode.HALF_UP).toPlainString() + " mi";
            case "km/h" -> amount.divide(MILE, 0, RoundingMode.HALF_UP).toPlainString() + " mph";
            case "mm²" -> amount.divide(SQUARE_INCH, 2, RoundingMode.HALF_UP).toPlainString() + " in²";
            case "kg" -> amount.divide(POUND, 1, RoundingMode.HALF_UP).toPlainString() + " lb";
            default -> text();
        };
    }

    @Override
    public String toString() {
        return text();
    }
}
