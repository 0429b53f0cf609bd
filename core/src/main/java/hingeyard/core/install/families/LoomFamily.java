package hingeyard.core.install.families;

import hingeyard.core.fit.FitReport;
import hingeyard.core.install.Milestone;
import hingeyard.core.install.Posture;
import hingeyard.core.install.Step;
import hingeyard.core.install.StepFamily;
import hingeyard.core.install.Zone;
import java.util.List;

/** Battery rail, bars and loom, the same for every kit so far. */
final class LoomFamily implements StepFamily {

    private static final List<Step> STEPS = made();

    @Override
    public String id() {
        return "loom";
    }

    @Override
    public boolean concerns(FitReport match) {
        return true;
    }

    /** Always the same: made once. */
    @Override
    public List<Step> steps(FitReport match) {
        return STEPS;
    }

    private static List<Step> made() {
        return List.of(
                Step.called("battery-rail", "Battery rail on, pull test")
                        .text("Rail dry on the bosses first: the screws' heads must pass under the battery. Locker, then to the figure. Battery in, locked, "
                                + "pull hard, shake; battery out again.")
                        .at(Posture.CLAMP, Zone.BATTERY_BAY).work("general", 1, 15).tools("hex 4", "torque wrench 2–25")
                        .fasten(ShopTable.of("rail screws", "3", "4", "medium locker"))
                        .careful("No drilling near the battery; no holes in a frame unless its maker allows them.")
                        .mounts("battery-rail").needs(Milestone.DRY_FIT_GO).reaches(Milestone.RAIL_ON).drawing("battery-bay").step(),
                Step.called("bars", "Display, levers and throttle on the bars")
                        .text("Everything loose first. Reach and sweep checked with the rider's levers, then locked. The throttle springs back by itself in "
                                + "every position of the bars.")
                        .at(Posture.CLAMP, Zone.BARS).work("electrics", 1, 20).tools("hex 3, 4, 5", "torque wrench 2–25")
                        .fasten(ShopTable.of("lever clamps", "3", "5", "dry; paste on carbon"))
                        .mounts("display", "levers", "throttle").needs(Milestone.BASELINE_TAKEN).reaches(Milestone.LOOM_CLOSED).step(),
                Step.called("loom", "Close the loom")
                        .text("Every plug arrow to arrow, pushed to its line. Slack for full lock both ways. No tie at a plug, ends trimmed flush, spare lead "
                                + "stowed and not cut. Controller in moving air, plugs down.")
                        .at(Posture.CLAMP, Zone.LOOM, Zone.BARS).work("electrics", 1, 30).tools("ties", "side cutters", "loom wrap")
                        .careful("Battery out while plugs are joined.")
                        .mounts("loom").needs(Milestone.RAIL_ON, Milestone.MOTOR_INSPECTED, Milestone.DRIVE_TRAIN_ON).reaches(Milestone.LOOM_CLOSED).step());
    }
}
