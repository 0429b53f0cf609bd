package hingeyard.core.quantity;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * A tightening torque in whole millinewton-metres.
 *
 * @param millinewtonMetres the torque in mN·m; not negative
 */
public record Torque(long millinewtonMetres) implements Quantity, Comparable<Torque> {

    /** One foot-pound-force in N·m: 0.3048 m × 4.4482216152605 N, both by definition. */
    private static final BigDecimal FOOT_POUND = new BigDecimal("1.3558179483");

    public Torque {
        if (millinewtonMetres < 0) {
            throw new IllegalArgumentException("torque " + millinewtonMetres + " mN·m: must be 0 or more");
        }
    }

    public static Torque ofNewtonMetres(String newtonMetres) {
        return new Torque(new BigDecimal(newtonMetres).movePointRight(3).longValueExact());
    }

    /** In foot-pounds-force, rounded half-up to one place. */
    public BigDecimal inFootPounds() {
        return BigDecimal.valueOf(millinewtonMetres, 3).divide(FOOT_POUND, 1, RoundingMode.HALF_UP);
    }

    @Override
    public String kind() {
        return "torque";
    }

    @Override
    public BigDecimal amount() {
        BigDecimal exact = BigDecimal.valueOf(millinewtonMetres, 3).stripTrailingZeros();
        return exact.scale() < 0 ? exact.setScale(0, RoundingMode.UNNECESSARY) : exact;
    }

    @Override
    public String unit() {
        return "N·m";
    }

    @Override
    public String text() {
        return amount().toPlainString() + " N·m";
    }

    /** Both: wrenches of either scale hang on the wall. */
    @Override
    public String text(Units units) {
        return units == Units.METRIC ? text() : text() + " (" + inFootPounds().toPlainString() + " ft·lb)";
    }

    @Override
    public int compareTo(Torque other) {
        return Long.compare(millinewtonMetres, other.millinewtonMetres);
    }

    @Override
    public String toString() {
        return text();
    }
}
