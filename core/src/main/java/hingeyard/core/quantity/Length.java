package hingeyard.core.quantity;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * A length in whole micrometres; may be negative, as a difference is.
 *
 * @param micrometres the length in µm
 */
public record Length(long micrometres) implements Quantity, Comparable<Length> {

    public static final Length ZERO = new Length(0);
    /** One inch: 25.4 mm exactly, by definition. */
    public static final Length INCH = new Length(25_400);

    public static Length ofMicrometres(long micrometres) {
        return new Length(micrometres);
    }

    /**
     * @param millimetres a decimal such as {@code "68.5"}; at most three places after the point
     * @throws ArithmeticException when the amount is finer than a micrometre
     * @throws NumberFormatException when it is no decimal
     */
    public static Length ofMillimetres(String millimetres) {
        return new Length(new BigDecimal(millimetres).movePointRight(3).longValueExact());
    }

    public static Length ofMillimetres(long millimetres) {
        return new Length(Math.multiplyExact(millimetres, 1000L));
    }

    /** @param millimetres rounded to the nearest micrometre; for computed geometry, not for limits */
    public static Length ofNearestMillimetres(double millimetres) {
        return new Length(Math.round(millimetres * 1000));
    }

    public Length plus(Length other) {
        return new Length(Math.addExact(micrometres, other.micrometres));
    }

    public Length minus(Length other) {
        return new Length(Math.subtractExact(micrometres, other.micrometres));
    }

    public Length times(long factor) {
        return new Length(Math.multiplyExact(micrometres, factor));
    }

    /** Half of this length, rounded towards zero to a whole micrometre. */
    public Length half() {
        return new Length(micrometres / 2);
    }

    public Length negated() {
        return new Length(Math.negateExact(micrometres));
    }

    public Length abs() {
        return micrometres < 0 ? negated() : this;
    }

    public boolean isNegative() {
        return micrometres < 0;
    }

    public boolean isLessThan(Length other) {
        return micrometres < other.micrometres;
    }

    public boolean isMoreThan(Length other) {
        return micrometres > other.micrometres;
    }

    public Length max(Length other) {
        return isLessThan(other) ? other : this;
    }

    public Length min(Length other) {
        return isMoreThan(other) ? other : this;
    }

    /** This length in millimetres, for geometry; exact to a double's 15 digits. */
    public double inMillimetres() {
        return micrometres / 1000.0;
    }

    @Override
    public String kind() {
        return "length";
    }

    @Override
    public BigDecimal amount() {
        BigDecimal exact = BigDecimal.valueOf(micrometres, 3).stripTrailingZeros();
        return exact.scale() < 0 ? exact.setScale(0, RoundingMode.UNNECESSARY) : exact;
    }

    @Override
    public String unit() {
        return "mm";
    }

    @Override
    public String text() {
        return Decimal.text(micrometres, 3, 1) + " mm";
    }

    /** {@link #text()} with a sign in front, also for a positive length: {@code +3.4 mm}. */
    public String signedText() {
        return (micrometres >= 0 ? "+" : "−") + abs().text();
    }

    @Override
    public int compareTo(Length other) {
        return Long.compare(micrometres, other.micrometres);
    }

    @Override
    public String toString() {
        return text();
    }
}
