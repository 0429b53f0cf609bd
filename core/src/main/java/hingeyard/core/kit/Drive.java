package hingeyard.core.kit;

import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.KitOutline;
import hingeyard.core.quantity.TorqueRange;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The driving part of a kit, by how it is mounted. A check asks for the mount it is about. */
public sealed interface Drive permits BracketDrive, FrameDrive, HubDrive, RotorGearDrive, RollerDrive, SwingArmDrive, NoDrive {

    /** The step family that mounts it, kebab-case. */
    String family();

    /** The mount through the bottom bracket shell, when it has one. */
    default Optional<BracketDrive> bracket() {
        return Optional.empty();
    }

    /** The pins of a frame made for it, when it hangs in some. */
    default Optional<FrameDrive> frameMade() {
        return Optional.empty();
    }

    /** The hub, when the motor is one. */
    default Optional<HubDrive> hub() {
        return Optional.empty();
    }

    /** The unit on the brake mount, when it is one. */
    default Optional<RotorGearDrive> rotorGear() {
        return Optional.empty();
    }

    /** The roller on the tyre, when it is one. */
    default Optional<RollerDrive> roller() {
        return Optional.empty();
    }

    /** The rear arm of a folding trike, when it is one. */
    default Optional<SwingArmDrive> swingArm() {
        return Optional.empty();
    }

    /** What it is for, when it brings no motor. */
    default Optional<NoDrive> none() {
        return Optional.empty();
    }

    /** Whether the bike's own pedals drive through it, so that a coaster brake or a fixed cog would have to. */
    default boolean throughThePedals() {
        return bracket().isPresent() || frameMade().isPresent();
    }

    /** Whether it turns backwards with the pedals: the version for a coaster brake. */
    default boolean turnsBackwards() {
        return false;
    }

    /** Whether it is a drive at all. */
    default boolean motorised() {
        return none().isEmpty();
    }

    /** The torques its maker publishes, by the fastener's name, kebab-case. */
    default Map<String, TorqueRange> torques() {
        return Map.of();
    }

    /** What comes off the bike for it and is handed back. */
    List<String> takesOff(FrameSurvey bike);

    /** What of the bike's own is moved over to it. */
    default List<MovedOver> movesOver(FrameSurvey bike) {
        return List.of();
    }

    /** What it adds to the side elevation, with this battery. */
    KitOutline outline(Battery battery);
}
