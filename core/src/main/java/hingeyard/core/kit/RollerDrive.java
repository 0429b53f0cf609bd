package hingeyard.core.kit;

import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.KitOutline;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.TorqueRange;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A roller on the rear tyre, clamped to the seat tube.
 *
 * @param tubeLeast,tubeMost tube diameters the clamp takes
 * @param armLeast,armMost   tyre's top to clamp, at the wanted contact angle
 * @param clamp              torque of the clamp's rods
 */
public record RollerDrive(Length tubeLeast, Length tubeMost, Length armLeast, Length armMost, TorqueRange clamp) implements Drive {

    public RollerDrive {
        Span.inOrder("tubes", tubeLeast, tubeMost);
        Span.inOrder("arm", armLeast, armMost);
        Span.within("tubes from", tubeLeast, 5, 200);
        Span.within("tubes up to", tubeMost, 5, 200);
        Span.within("arm from", armLeast, 0, 1_000);
        Span.within("arm up to", armMost, 0, 1_000);
    }

    @Override
    public String family() {
        return "friction-roller";
    }

    @Override
    public Optional<RollerDrive> roller() {
        return Optional.of(this);
    }

    @Override
    public Map<String, TorqueRange> torques() {
        return Map.of("clamp", clamp);
    }

    @Override
    public List<String> takesOff(FrameSurvey bike) {
        return List.of();
    }

    @Override
    public KitOutline outline(Battery battery) {
        return new KitOutline(0, 0, 0, 0, battery.length().inMillimetres(), battery.height().inMillimetres());
    }
}
