package hingeyard.core.bench;

import java.math.BigDecimal;

/** Holds what was given to its bounds. */
final class Given {

    private Given() {
    }

    /** @throws BenchFaultException unless the value is a number from {@code least} to {@code most} */
    static void within(String field, double value, double least, double most, String unit) {
        if (!(value >= least && value <= most)) {
            throw new BenchFaultException(field, plain(value) + " " + unit, "%s to %s %s".formatted(plain(least), plain(most), unit));
        }
    }

    /** As one writes it: {@code 0.1}, {@code 500}. */
    static String plain(double value) {
        return Double.isFinite(value) ? BigDecimal.valueOf(value).stripTrailingZeros().toPlainString() : String.valueOf(value);
    }
}
