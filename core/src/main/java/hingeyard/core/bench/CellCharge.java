package hingeyard.core.bench;

/**
 * How full a lithium cell is by its voltage at rest, and the other way: open-circuit volts at charges of 0, 5, 10, 20 … 100 %, straight
 * between them (usual
 * cobalt-based cells, rested).
 */
public final class CellCharge {

    private static final double[] PERCENT = {0, 5, 10, 20, 30, 40, 50, 60, 70, 80, 90, 100};
    private static final double[] VOLTS = {3.00, 3.30, 3.45, 3.58, 3.64, 3.69, 3.75, 3.83, 3.92, 4.01, 4.09, 4.20};

    private CellCharge() {
    }

    /** @return charge in per cent, 0 to 100, at this voltage of one cell; 0 below 3.00 V, 100 above 4.20 V */
    public static double percentAt(double volts) {
        return between(VOLTS, PERCENT, volts);
    }

    /** @return volts of one cell at this charge in per cent; the ends beyond 0 and 100 */
    public static double voltsAt(double percent) {
        return between(PERCENT, VOLTS, percent);
    }

    private static double between(double[] from, double[] to, double at) {
        if (at <= from[0]) {
            return to[0];
        }
        for (int i = 1; i < from.length; i++) {
            if (at <= from[i]) {
                return to[i - 1] + (to[i] - to[i - 1]) * (at - from[i - 1]) / (from[i] - from[i - 1]);
            }
        }
        return to[to.length - 1];
    }
}
