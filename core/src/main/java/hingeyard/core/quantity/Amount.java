package hingeyard.core.quantity;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * An amount of something that has no type of its own here: an angle, a stress, a share, a power.
 *
 * @param amount how much
 * @param unit   its unit: {@code °}, {@code N/mm²}, {@code %}, {@code W}, {@code Wh}, {@code km/h}…
 */
public record Amount(BigDecimal amount, String unit) implements Quantity {

    public Amount {
        amount = amount.signum() == 0 ? BigDecimal.ZERO : amount.stripTrailingZeros();
        if (amount.scale() < 0) {
            amount = amount.setScale(0, RoundingMode.UNNECESSARY);
        }
    }

    /** @param value computed; rounded half-up to {@code places} */
    public static Amount rounded(double value, int places, String unit) {
        return new Amount(BigDecimal.valueOf(value).setScale(places, RoundingMode.HALF_UP), unit);
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

    @Override
    public String toString() {
        return text();
    }
}
