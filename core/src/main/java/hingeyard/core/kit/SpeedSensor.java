package hingeyard.core.kit;

import hingeyard.core.quantity.Length;

/**
 * A sensor on the chainstay that sees a magnet on a spoke.
 *
 * @param least,greatest how far from the stay the spoke may pass
 */
public record SpeedSensor(Length least, Length greatest) {

    public SpeedSensor {
        Span.inOrder("speed sensor's reach", least, greatest);
    }
}
