package hingeyard.core.kit;

import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.KitOutline;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.TorqueRange;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A motor for a frame made for it: three pins, everything led through the frame.
 *
 * @param pinSpacing  front pin to rear pin
 * @param pinDiameter of the pins
 * @param lines       diameters of the kit's own leads that share the passage under the motor
 * @param pins        torque of the pins' bolts
 * @param leftHandNut whether the drive sprocket's nut has a left-hand thread
 * @param bodyReach   bracket centre to the body's centre
 * @param bodyRadius  radius of the body
 */
public record FrameDrive(Length pinSpacing, Length pinDiameter, List<Length> lines, TorqueRange pins, boolean leftHandNut, Length bodyReach,
        Length bodyRadius)
        implements
            Drive {

    public FrameDrive {
        lines = List.copyOf(lines);
        Span.within("pins apart", pinSpacing, 10, 400);
        Span.within("pin's diameter", pinDiameter, 1, 40);
        lines.forEach(line -> Span.within("line at", line, 0, 400));
        Span.within("motor's body from the bracket", bodyReach, 0, 500);
        Span.within("motor's body radius", bodyRadius, 0, 300);
    }

    @Override
    public String family() {
        return "frame-mid-drive";
    }

    @Override
    public Optional<FrameDrive> frameMade() {
        return Optional.of(this);
    }

    @Override
    public Map<String, TorqueRange> torques() {
        return Map.of("pins", pins);
    }

    @Override
    public List<String> takesOff(FrameSurvey bike) {
        return List.of();
    }

    @Override
    public KitOutline outline(Battery battery) {
        return new KitOutline(bodyReach.inMillimetres(), bodyRadius.inMillimetres(), 0, 0, battery.length().inMillimetres(),
                battery.height().inMillimetres());
    }
}
