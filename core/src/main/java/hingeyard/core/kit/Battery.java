package hingeyard.core.kit;

import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Voltage;
import java.util.Map;

/**
 * A lithium pack.
 *
 * @param name          what it is called
 * @param cellsInSeries cells in series, 1 to 24
 * @param length        side outline along the tube
 * @param height        side outline across the tube
 */
public record Battery(String name, int cellsInSeries, Length length, Length height) {

    private static final Map<Integer, Voltage> SOLD_AS = Map.of(7, volts(24), 10, volts(36), 13, volts(48), 14, volts(52),
            16, volts(60), 20, volts(72));

    public Battery {
        if (cellsInSeries < 1 || cellsInSeries > 24) {
            throw new IllegalArgumentException("cells in series " + cellsInSeries + ": allowed 1 to 24");
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
}
