package hingeyard.core.install.families;

import hingeyard.core.bike.WheelEnd;
import hingeyard.core.fit.FitReport;
import hingeyard.core.install.Milestone;
import hingeyard.core.install.Posture;
import hingeyard.core.install.Step;
import hingeyard.core.install.StepFamily;
import hingeyard.core.install.Zone;
import java.util.List;

/** A mount that has no list of its own yet: its maker's instructions, with the match's parts and drawings, and a hold point before it gets power. */
final class OtherMountFamily implements StepFamily {

    private static final List<Step> STEPS = made();

    @Override
    public String id() {
        return "other-mount";
    }

    @Override
    public boolean concerns(FitReport match) {
        boolean frontHub = match.kit().drive().hub().filter(h -> h.end() == WheelEnd.FRONT).isPresent();
        return match.kit().drive().bracket().isEmpty() && !frontHub;
    }

    /** Always the same: made once. */
    @Override
    public List<Step> steps(FitReport match) {
        return STEPS;
    }

    private static List<Step> made() {
        return List.of(
                Step.called("place-bare", "The drive's place bare, dry fit")
                        .text("Take off what the bill hands back, photograph it and its order first. Hold the drive in its place dry: every clearance the match promised is there, "
                                + "or it is marked stuck now.")
                        .at(Posture.CLAMP, Zone.REAR_WHEEL, Zone.BRACKET).work("general", 1, 25).tools("caliper", "camera")
                        .needs(Milestone.BASELINE_TAKEN).reaches(Milestone.MOUNT_BARE, Milestone.DRY_FIT_GO, Milestone.WAY_CLEAR, Milestone.LINES_LAID).step(),
                Step.called("mount-drive", "Drive mounted as its maker says")
                        .text("By the maker's instructions in the box, with the washers, shims and parts of the bill and every torque from the kit's sheet. Nothing is forced.")
                        .at(Posture.CLAMP, Zone.REAR_WHEEL, Zone.BRACKET).work("general", 2, 60).tools("torque wrench 2–25", "torque wrench 20–120")
                        .careful("Heavy parts, turning parts: two people, fingers clear.")
                        .mounts("motor", "motor-wheel", "axle-washer-left", "axle-washer-right", "torque-arm", "safety-washer", "freewheel-washer", "cogs", "rotor-shim", "caliper-washer", "gear-shim")
                        .needs(Milestone.DRY_FIT_GO)
                        .hold("Second person against the kit's sheet: every fastener with a figure is tight and marked, nothing rubs, everything turns and folds as before.")
                        .reaches(Milestone.MOTOR_HUNG, Milestone.MOTOR_CLAMPED, Milestone.MOTOR_INSPECTED).step(),
                Step.called("train-and-brakes", "Chain, gears and brakes again")
                        .text("Every gear, limit screws, chain to length. Brakes bite well before the bar, rotor and rim run free.")
                        .at(Posture.CLAMP, Zone.REAR_WHEEL, Zone.FRONT_WHEEL).work("brakes and hydraulics", 1, 20).tools("hex 5", "chain tool")
                        .careful("No grease and no bare fingers on track, rotor or pads.")
                        .mounts("pedal-sensor", "speed-sensor").needs(Milestone.MOTOR_INSPECTED).reaches(Milestone.DRIVE_TRAIN_ON, Milestone.BRAKES_SET).step());
    }
}
