package hingeyard.core.bench;

import java.math.BigDecimal;

/** Holds what was given to its bounds. */
public final class Given {

    private Given() {
    }

    /** @throws BenchFaultException unless the value is a number from {@code least} to {@code most} */
    public static void within(String field, double value, double least, double most, String unit) {
        if (!(value >= least && value <= most)) {
            throw new BenchFaultException(field, plain(value) + " " + unit, "%s to %s %s".formatted(bound(least), bound(most), unit));
        }
    }

    /** A bound that was computed, without the digits that no measure has. */
    private static String bound(double value) {
        return plain(Math.round(value * 1e4) / 1e4);
    }

    /** As one writes it: {@code 0.1}, {@code 500}. */
    public static String plain(double value) {
        return Double.isFinite(value) ? BigDecimal.valueOf(value).stripTrailingZeros().toPlainString() : String.valueOf(value);
    }
}
