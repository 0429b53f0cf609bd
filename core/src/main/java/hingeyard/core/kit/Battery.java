package hingeyard.core.kit;

import hingeyard.core.quantity.Current;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Mass;
import hingeyard.core.quantity.Voltage;
import java.util.Map;

/**
 * A lithium pack.
 *
 * @param code             part number it is stocked under
 * @param name             what it is called
 * @param cellsInSeries    cells in series, 1 to 24
 * @param milliampereHours capacity
 * @param continuous       current it gives for as long as it lasts
 * @param cutOff           where its own electronics switch off
 * @param mass             with its case
 * @param length           side outline along the tube, more than 0 and at most 1.5 m
 * @param height           side outline across the tube, as bounded
 * @param casing           hold, rail and port
 * @param plug             its supply plug
 * @param charger          the one it comes with
 */
public record Battery(String code, String name, int cellsInSeries, long milliampereHours, Current continuous, Voltage cutOff, Mass mass,
        Length length,
        Length height, BatteryCase casing, Plug plug, Charger charger) {

    private static final Map<Integer, Voltage> SOLD_AS = Map.of(7, volts(24), 10, volts(36), 13, volts(48), 14, volts(52),
            16, volts(60), 20, volts(72));

    /** No frame holds a longer one. */
    private static final Length LARGEST = Length.ofMillimetres(1_500);

    public Battery {
        if (cellsInSeries < 1 || cellsInSeries > 24) {
            throw new IllegalArgumentException("cells in series " + cellsInSeries + ": allowed 1 to 24");
        }
        if (milliampereHours < 1_000 || milliampereHours > 200_000) {
            throw new IllegalArgumentException("capacity " + milliampereHours + " mAh: allowed 1000 to 200000");
        }
        if (cutOff.millivolts() >= 4_200L * cellsInSeries) {
            throw new IllegalArgumentException("battery's cut-off of %s: must lie below its full %s, %d cells of 4.2 V".formatted(cutOff,
                    Voltage.ofMillivolts(4_200L * cellsInSeries), cellsInSeries));
        }
        if (length.micrometres() <= 0 || length.isMoreThan(LARGEST) || height.micrometres() <= 0 || height.isMoreThan(LARGEST)) {
            throw new IllegalArgumentException(
                    "battery of %s by %s: each must be more than 0 and at most %s".formatted(length, height, LARGEST));
        }
        for (CaseShape.Corner corner : casing.outline()) {
            if (corner.along().isMoreThan(length) || corner.up().isMoreThan(height)) {
                throw new IllegalArgumentException("outline's corner at %s, %s: allowed up to %s along and %s up".formatted(corner.along(),
                        corner.up(), length, height));
            }
        }
    }

    private static Voltage volts(int volts) {
        return Voltage.ofMillivolts(volts * 1000L);
    }

    /** 3.6 V a cell. */
    public Voltage nominal() {
        return Voltage.ofMillivolts(3_600L * cellsInSeries);
    }

    /** 4.2 V a cell. */
    public Voltage full() {
        return Voltage.ofMillivolts(4_200L * cellsInSeries);
    }

    /** 3.0 V a cell. */
    public Voltage empty() {
        return Voltage.ofMillivolts(3_000L * cellsInSeries);
    }

    /** The round voltage such packs are sold under, {@link #nominal()} where there is none. */
    public Voltage soldAs() {
        return SOLD_AS.getOrDefault(cellsInSeries, nominal());
    }

    /** Nominal voltage × capacity, watt-hours. */
    public double wattHours() {
        return nominal().millivolts() / 1000.0 * milliampereHours / 1000.0;
    }
}
