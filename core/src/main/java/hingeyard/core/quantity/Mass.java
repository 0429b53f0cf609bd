package hingeyard.core.quantity;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * A mass in whole grams.
 *
 * @param grams the mass in g; may be negative, as a difference is
 */
public record Mass(long grams) implements Quantity, Comparable<Mass> {

    /** One pound in grams, by definition. */
    private static final BigDecimal POUND = new BigDecimal("453.59237");

    public static final Mass ZERO = new Mass(0);

    public static Mass ofKilograms(String kilograms) {
        return new Mass(new BigDecimal(kilograms).movePointRight(3).longValueExact());
    }

    public Mass plus(Mass other) {
        return new Mass(Math.addExact(grams, other.grams));
    }

    public Mass minus(Mass other) {
        return new Mass(Math.subtractExact(grams, other.grams));
    }

    /** To a tenth of a kilogram, as scales in a workshop show it. */
    public Mass told() {
        return new Mass(Math.floorDiv(grams + 50, 100) * 100);
    }

    public boolean isMoreThan(Mass other) {
        return grams > other.grams;
    }

    @Override
    public String kind() {
        return "mass";
    }

    @Override
    public BigDecimal amount() {
        BigDecimal exact = BigDecimal.valueOf(grams, 3).stripTrailingZeros();
        return exact.scale() < 0 ? exact.setScale(0) : exact;
    }

    @Override
    public String unit() {
        return "kg";
    }

    @Override
    public String text() {
        return Decimal.text(grams, 3, 0) + " kg";
    }

    @Override
    public String text(Units units) {
        return units == Units.METRIC ? text() : BigDecimal.valueOf(grams).divide(POUND, 1, RoundingMode.HALF_EVEN).toPlainString() + " lb";
    }

    public String signedText(Units units) {
        return (grams >= 0 ? "+" : "−") + new Mass(Math.abs(grams)).text(units);
    }

    /** {@link #text()} with a sign in front: {@code +5.4 kg}. */
    public String signedText() {
        return (grams >= 0 ? "+" : "−") + new Mass(Math.abs(grams)).text();
    }

    @Override
    public int compareTo(Mass other) {
        return Long.compare(grams, other.grams);
    }

    @Override
    public String toString() {
        return text();
    }
}
