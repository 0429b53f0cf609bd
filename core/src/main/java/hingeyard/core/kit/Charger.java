package hingeyard.core.kit;

import hingeyard.core.quantity.Current;
import hingeyard.core.quantity.Voltage;

/**
 * The charger that comes with a battery.
 *
 * @param output  where it stops
 * @param current what it gives
 * @param fits    whether its plug is the battery's charge port
 */
public record Charger(Voltage output, Current current, boolean fits) {

    public Charger {
        if (output.millivolts() < 1_000 || current.milliamperes() < 100) {
            throw new IllegalArgumentException("charger of %s and %s: must be at least 1 V and 0.1 A".formatted(output, current));
        }
    }
}
