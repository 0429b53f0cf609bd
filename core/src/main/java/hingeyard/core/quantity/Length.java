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
     * @throws ArithmeticException   when the amount is finer than a micrometre
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

    /** As a sentence says it: without a nought that no tool has told. */
    @Override
    public String text(Units units) {
        return units == Units.METRIC ? Decimal.text(micrometres, 3, 0).replace('-', '−') + " mm" : inches().replace('-', '−') + " in";
    }

    /** Decimal inches to a thousandth, as a caliper shows them; without the unit. */
    String inches() {
        BigDecimal exact = BigDecimal.valueOf(micrometres).divide(BigDecimal.valueOf(INCH.micrometres), 3, RoundingMode.HALF_EVEN)
                .stripTrailingZeros();
        return (exact.scale() < 0 ? exact.setScale(0, RoundingMode.UNNECESSARY) : exact).toPlainString();
    }

    /** Inches and a fraction to 1/64, as a tape shows them: {@code 24 3/16 in}. */
    public String tapeInches() {
        long sixtyFourths = Math.round(Math.abs(micrometres) * 64.0 / INCH.micrometres());
        long whole = sixtyFourths / 64;
        long over = sixtyFourths % 64;
        long under = 64;
        while (over > 0 && over % 2 == 0) {
            over /= 2;
            under /= 2;
        }
        String fraction = over == 0 ? "" : over + "/" + under;
        return (micrometres < 0 ? "−" : "")
                + (whole == 0 && over > 0 ? fraction : over == 0 ? String.valueOf(whole) : whole + " " + fraction) + " in";
    }

    /**
     * With as many digits as a caliper could tell: to the tenth of a millimetre from 1 mm on, to the hundredth below; never said to be more
     * than it is. For computed
     * lengths; what is marked or published keeps its own digits.
     */
    public Length told() {
        long step = Math.abs(micrometres) < 1000 ? 10 : 100;
        return new Length(Math.floorDiv(micrometres, step) * step);
    }

    /** {@link #text()} with a sign in front, also for a positive length: {@code +3.4 mm}. */
    public String signedText() {
        return (micrometres >= 0 ? "+" : "−") + abs().text();
    }

    public String signedText(Units units) {
        return (micrometres >= 0 ? "+" : "−") + abs().text(units);
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
