package hingeyard.core.kit;

import hingeyard.core.bike.CaliperMount;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.KitOutline;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.TorqueRange;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A motor unit on the brake mount that drives a gear ring on the rotor.
 *
 * @param mounts                     the frame mounts there are brackets for
 * @param backlashLeast,backlashMost the gear's window
 * @param hoseSlack                  how much the moved caliper takes of the hose
 * @param sweep                      how far the unit stands beyond the caliper, which linkage and hose must pass
 * @param studs                      torque of the studs
 */
public record RotorGearDrive(List<MountVariant> mounts, Length backlashLeast, Length backlashMost, Length hoseSlack, Length sweep,
        TorqueRange studs) implements Drive {

    /**
     * @param caliperMount frame mount
     * @param nativeRotor  the mount's own rotor size
     * @param rotor        the rotor size it makes
     */
    public record MountVariant(CaliperMount caliperMount, Length nativeRotor, Length rotor) {
        public MountVariant {
            Span.within("mount's own rotor", nativeRotor, 80, 300);
            Span.within("rotor it makes", rotor, 80, 300);
        }
    }

    public RotorGearDrive {
        mounts = List.copyOf(mounts);
        Span.inOrder("backlash", backlashLeast, backlashMost);
        Span.within("backlash from", backlashLeast, 0, 20);
        Span.within("backlash to", backlashMost, 0, 20);
        Span.within("hose's slack", hoseSlack, 0, 1_000);
        Span.within("sweep", sweep, 0, 500);
    }

    @Override
    public String family() {
        return "rotor-gear";
    }

    @Override
    public Optional<RotorGearDrive> rotorGear() {
        return Optional.of(this);
    }

    @Override
    public Map<String, TorqueRange> torques() {
        return Map.of("studs", studs);
    }

    @Override
    public List<String> takesOff(FrameSurvey bike) {
        return List.of("Rear rotor with its screws", "Rear caliper's adapter");
    }

    @Override
    public KitOutline outline(Battery battery) {
        return new KitOutline(0, 0, 0, 70, battery.length().inMillimetres(), battery.height().inMillimetres());
    }
}
