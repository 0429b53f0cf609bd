package hingeyard.core.quantity;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * A voltage in whole millivolts.
 *
 * @param millivolts the voltage in mV
 */
public record Voltage(long millivolts) implements Quantity, Comparable<Voltage> {

    public static Voltage ofVolts(String volts) {
        return new Voltage(new BigDecimal(volts).movePointRight(3).longValueExact());
    }

    public static Voltage ofMillivolts(long millivolts) {
        return new Voltage(millivolts);
    }

    public Voltage minus(Voltage other) {
        return new Voltage(Math.subtractExact(millivolts, other.millivolts));
    }

    public boolean isMoreThan(Voltage other) {
        return millivolts > other.millivolts;
    }

    @Override
    public String kind() {
        return "voltage";
    }

    @Override
    public BigDecimal amount() {
        BigDecimal exact = BigDecimal.valueOf(millivolts, 3).stripTrailingZeros();
        return exact.scale() < 0 ? exact.setScale(0, RoundingMode.UNNECESSARY) : exact;
    }

    @Override
    public String unit() {
        return "V";
    }

    @Override
    public String text() {
        return Decimal.text(millivolts, 3, 0) + " V";
    }

    /** {@link #text()} with a sign in front: {@code +5.4 V}. */
    public String signedText() {
        return (millivolts >= 0 ? "+" : "−") + new Voltage(Math.abs(millivolts)).text();
    }

    @Override
    public int compareTo(Voltage other) {
        return Long.compare(millivolts, other.millivolts);
    }

    @Override
    public String toString() {
        return text();
    }

    /** To a tenth of a volt, never said to be more than it is. */
    public Voltage told() {
        return new Voltage(Math.floorDiv(millivolts, 100) * 100);
    }
}
