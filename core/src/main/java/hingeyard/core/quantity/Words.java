package hingeyard.core.quantity;

import java.math.BigDecimal;

/**
 * A property that is named, not measured: a standard, a material.
 *
 * @param text the property's name
 */
public record Words(String text) implements Quantity {

    @Override
    public String kind() {
        return "words";
    }

    @Override
    public BigDecimal amount() {
        return BigDecimal.ZERO;
    }

    @Override
    public String unit() {
        return "";
    }
}
