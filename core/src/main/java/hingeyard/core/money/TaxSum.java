package hingeyard.core.money;

import java.math.BigDecimal;

/** What comes together at one rate of tax, in hundredths. */
public record TaxSum(BigDecimal percent, long netMinor, long taxMinor) {

    public long grossMinor() {
        return netMinor + taxMinor;
    }
}
