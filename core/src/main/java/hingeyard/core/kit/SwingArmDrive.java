package hingeyard.core.kit;

import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.KitOutline;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.TorqueRange;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A folding trike's rear arm with the motor in its wheel.
 *
 * @param pivotWidth  between the faces it turns in
 * @param axle        the pivot's axle
 * @param foldTakes   what the battery mount takes of the gap the folded wheel has
 * @param pivot       torque of the pivot bolts
 * @param shellRadius radius of the motor
 * @param shockEye    bolt of the shock it takes over; empty for an arm without one
 * @param steerCable  bare cable it wants of each hand, from the last stop; empty for an arm that does not steer
 */
public record SwingArmDrive(Length pivotWidth, Length axle, Length foldTakes, TorqueRange pivot, Length shellRadius,
        Optional<Length> shockEye, Optional<Length> steerCable)
        implements
            Drive {

    public SwingArmDrive {
        Span.within("pivot's width", pivotWidth, 10, 500);
        Span.within("axle", axle, 1, 300);
        Span.within("room taken from the fold", foldTakes, 0, 1_000);
        Span.within("motor's radius", shellRadius, 10, 300);
        shockEye.ifPresent(eye -> Span.within("shock's eye", eye, 1, 600));
        steerCable.ifPresent(cable -> Span.within("steering cable", cable, 0, 3_000));
    }

    @Override
    public String family() {
        return "swing-arm";
    }

    @Override
    public Optional<SwingArmDrive> swingArm() {
        return Optional.of(this);
    }

    @Override
    public Map<String, TorqueRange> torques() {
        return Map.of("pivot", pivot);
    }

    @Override
    public List<String> takesOff(FrameSurvey bike) {
        return List.of("Rear arm with its wheel");
    }

    @Override
    public KitOutline outline(Battery battery) {
        return new KitOutline(0, 0, 0, shellRadius.inMillimetres(), battery.length().inMillimetres(), battery.height().inMillimetres());
    }
}
