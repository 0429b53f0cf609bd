package hingeyard.core.quantity;

import java.math.BigDecimal;

/**
 * A number of things.
 *
 * @param value how many
 * @param unit  of what, for example {@code teeth}; may be empty
 */
public record Count(long value, String unit) implements Quantity {

    @Override
    public String kind() {
        return "count";
    }

    @Override
    public BigDecimal amount() {
        return BigDecimal.valueOf(value);
    }

    @Override
    public String text() {
        return unit.isEmpty() ? Long.toString(value) : value + " " + unit;
    }
}
