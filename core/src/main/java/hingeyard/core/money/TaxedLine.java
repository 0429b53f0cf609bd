package hingeyard.core.money;

import java.math.BigDecimal;

/**
 * One line of an invoice or a credit note, before tax.
 *
 * @param text       what it is, as the customer reads it
 * @param count      1 to 999
 * @param eachMinor  of one, in hundredths; below 0 takes off
 * @param taxPercent 0 to 40, at most two places
 */
public record TaxedLine(String text, int count, long eachMinor, BigDecimal taxPercent) {

    /** So many of one thing. */
    public static final int MOST = 999;
    /** One costs, or takes off, at most a million. */
    public static final long DEAREST_MINOR = 100_000_000;
    /** No tax is higher. */
    public static final BigDecimal HIGHEST_TAX = BigDecimal.valueOf(40);
    private static final int PLACES = 2;

    /** @throws IllegalArgumentException for a line out of these bounds, saying which */
    public TaxedLine {
        taxPercent = taxPercent.signum() == 0 ? BigDecimal.ZERO : taxPercent.stripTrailingZeros();
        if (taxPercent.scale() < 0) {
            taxPercent = taxPercent.setScale(0);
        }
        if (text.isBlank() || count < 1 || count > MOST || Math.abs(eachMinor) > DEAREST_MINOR || taxPercent.signum() < 0
                || taxPercent.compareTo(HIGHEST_TAX) > 0 || taxPercent.scale() > PLACES) {
            throw new IllegalArgumentException(
                    "line '%s', %d of %d hundredths at %s %%: a text, 1 to %d of at most %d, 0 to %s %% with at most 2 places"
                            .formatted(text, count, eachMinor, taxPercent.toPlainString(), MOST, DEAREST_MINOR, HIGHEST_TAX));
        }
    }

    public long sumMinor() {
        return Math.multiplyExact(eachMinor, (long) count);
    }

    /** The same, given back. */
    TaxedLine back() {
        return new TaxedLine(text, count, -eachMinor, taxPercent);
    }
}
