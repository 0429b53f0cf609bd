package hingeyard.core.bench;

import java.util.Optional;

/**
 * One of the packs that feed a bike.
 *
 * @param series   cells in series, 7 to 24
 * @param ampHours capacity, A·h, 1 to 100
 * @param charge   per cent at the beginning, 0 to 100
 * @param ohms     inside, Ω, 0.005 to 2; empty where nobody knows: 0.10 Ω · s/13 · 10 A·h/capacity
 * @param rated    the current its maker allows for long, A, 1 to 200
 */
public record BatteryPack(int series, double ampHours, double charge, Optional<Double> ohms, double rated) {

    private static final double USUAL_OHMS = 0.10;
    private static final double USUAL_SERIES = 13;
    private static final double USUAL_AMP_HOURS = 10;

    public BatteryPack {
        Given.within("series", series, 7, 24, "cells");
        Given.within("ampHours", ampHours, 1, 100, "A·h");
        Given.within("charge", charge, 0, 100, "%");
        ohms.ifPresent(o -> Given.within("ohms", o, 0.005, 2, "Ω"));
        Given.within("rated", rated, 1, 200, "A");
    }

    /** Ω inside the pack, as stated or by its size. */
    public double resistance() {
        return ohms.orElse(USUAL_OHMS * series / USUAL_SERIES * USUAL_AMP_HOURS / ampHours);
    }

    /** Volts at rest at this charge in per cent. */
    public double restVolts(double percent) {
        return series * CellCharge.voltsAt(percent);
    }

    /** Volts when full. */
    public double fullVolts() {
        return restVolts(100);
    }
}
