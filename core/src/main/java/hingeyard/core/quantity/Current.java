package hingeyard.core.quantity;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * An electric current in whole milliamperes.
 *
 * @param milliamperes the current in mA; may be negative, as a difference is
 */
public record Current(long milliamperes) implements Quantity, Comparable<Current> {

    public static Current ofAmperes(String amperes) {
        return new Current(new BigDecimal(amperes).movePointRight(3).longValueExact());
    }

    public Current minus(Current other) {
        return new Current(Math.subtractExact(milliamperes, other.milliamperes));
    }

    public boolean isLessThan(Current other) {
        return milliamperes < other.milliamperes;
    }

    public Current min(Current other) {
        return isLessThan(other) ? this : other;
    }

    /** In amperes, for physics. */
    public double inAmperes() {
        return milliamperes / 1000.0;
    }

    @Override
    public String kind() {
        return "current";
    }

    @Override
    public BigDecimal amount() {
        BigDecimal exact = BigDecimal.valueOf(milliamperes, 3).stripTrailingZeros();
        return exact.scale() < 0 ? exact.setScale(0, RoundingMode.UNNECESSARY) : exact;
    }

    @Override
    public String unit() {
        return "A";
    }

    @Override
    public String text() {
        return Decimal.text(milliamperes, 3, 0) + " A";
    }

    /** {@link #text()} with a sign in front: {@code +5 A}. */
    public String signedText() {
        return (milliamperes >= 0 ? "+" : "−") + new Current(Math.abs(milliamperes)).text();
    }

    @Override
    public int compareTo(Current other) {
        return Long.compare(milliamperes, other.milliamperes);
    }

    @Override
    public String toString() {
        return text();
    }

    /** To a tenth of an ampere, never said to be more than it is. */
    public Current told() {
        return new Current(Math.floorDiv(milliamperes, 100) * 100);
    }
}
