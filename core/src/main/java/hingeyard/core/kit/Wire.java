package hingeyard.core.kit;

import hingeyard.core.quantity.Current;
import hingeyard.core.quantity.Length;
import java.util.NavigableMap;
import java.util.TreeMap;

/**
 * Copper wire, there and back.
 *
 * @param gauge  AWG 8 to 22, even
 * @param length one way
 */
public record Wire(int gauge, Length length) {

    /** Resistance of copper at 20 °C in µΩ/m, by gauge. */
    private static final NavigableMap<Integer, Long> RESISTANCE = new TreeMap<>();
    /** Screening currents in A for bundled leads; finer wire carries signals only. */
    private static final NavigableMap<Integer, Long> CARRIES = new TreeMap<>();

    static {
        long[][] table = {{8, 2060, 60}, {10, 3280, 40}, {12, 5210, 30}, {14, 8290, 20}, {16, 13_200, 13}, {18, 21_000, 8}, {20, 33_300, 5},
            {22, 53_000, 3}};
        for (long[] row : table) {
            RESISTANCE.put((int) row[0], row[1]);
            CARRIES.put((int) row[0], row[2]);
        }
    }

    public Wire {
        if (!RESISTANCE.containsKey(gauge)) {
            throw new IllegalArgumentException("wire gauge AWG " + gauge + ": known are " + RESISTANCE.keySet());
        }
    }

    /** Screening current. */
    public Current carries() {
        return new Current(CARRIES.get(gauge) * 1000);
    }

    /** Voltage lost there and back, 2·l·I·r, in volts. */
    public double dropAt(Current current) {
        return 2 * length.inMillimetres() / 1000 * current.inAmperes() * RESISTANCE.get(gauge) / 1e6;
    }

    /** The thinnest gauge that keeps drop and screening current; 8 when none does. */
    public int gaugeFor(Current current, double mostDrop) {
        for (int thinner : RESISTANCE.descendingKeySet()) {
            Wire wire = new Wire(thinner, length);
            if (wire.dropAt(current) <= mostDrop && !wire.carries().isLessThan(current)) {
                return thinner;
            }
        }
        return RESISTANCE.firstKey();
    }
}
