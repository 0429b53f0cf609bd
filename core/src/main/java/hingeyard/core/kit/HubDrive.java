package hingeyard.core.kit;

import hingeyard.core.bike.KitOutline;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.TorqueRange;
import java.util.List;
import java.util.Optional;

/**
 * A motor in a front hub.
 *
 * @param shoulderWidth axle shoulder to axle shoulder
 * @param rimOffset     how far the motor's rim lies from the middle between the shoulders, + to the right
 * @param axleDiameter  thread diameter of the axle
 * @param axleFlats     width across the axle's flats
 * @param innerWashersMost most washers inside the dropout on one side, so that the nut keeps its thread
 * @param beadSeat      bead-seat diameter of the rim it is laced into
 * @param shellRadius   radius of the motor
 * @param axleNut       torque of the axle nuts
 * @param armScrew      torque of the torque arm's clamp
 */
public record HubDrive(Length shoulderWidth, Length rimOffset, Length axleDiameter, Length axleFlats, Length innerWashersMost,
                       Length beadSeat, Length shellRadius, TorqueRange axleNut, TorqueRange armScrew) implements Drive {

    @Override
    public String family() {
        return "front-hub";
    }

    @Override
    public Optional<HubDrive> frontHub() {
        return Optional.of(this);
    }

    @Override
    public List<String> takesOff() {
        return List.of("Front wheel with its axle hardware");
    }

    @Override
    public KitOutline outline(Battery battery) {
        return new KitOutline(0, 0, shellRadius.inMillimetres(), 0, battery.length().inMillimetres(),
                battery.height().inMillimetres());
    }
}
