package hingeyard.core.install.families;

import static hingeyard.core.install.Milestone.ARM_ON;
import static hingeyard.core.install.Milestone.BASELINE_TAKEN;
import static hingeyard.core.install.Milestone.BRAKES_SET;
import static hingeyard.core.install.Milestone.DRIVE_TRAIN_ON;
import static hingeyard.core.install.Milestone.DRY_FIT_GO;
import static hingeyard.core.install.Milestone.LINES_LAID;
import static hingeyard.core.install.Milestone.MOTOR_CLAMPED;
import static hingeyard.core.install.Milestone.MOTOR_HUNG;
import static hingeyard.core.install.Milestone.MOTOR_INSPECTED;
import static hingeyard.core.install.Milestone.MOUNT_BARE;
import static hingeyard.core.install.Milestone.WHEEL_READY;

import hingeyard.core.bike.WheelEnd;
import hingeyard.core.fit.FitReport;
import hingeyard.core.install.FigureWanted;
import hingeyard.core.install.Posture;
import hingeyard.core.install.Step;
import hingeyard.core.install.StepFamily;
import hingeyard.core.install.Zone;
import hingeyard.core.kit.HubDrive;
import hingeyard.core.quantity.Length;
import java.util.List;

/** A motor in the front wheel. */
final class FrontHubFamily implements StepFamily {

    private static final Length SLOT_PLAY = Length.ofMicrometres(200);

    @Override
    public String id() {
        return "front-hub";
    }

    @Override
    public boolean concerns(FitReport match) {
        return match.kit().drive().hub().filter(h -> h.end() == WheelEnd.FRONT).isPresent();
    }

    @Override
    public List<Step> steps(FitReport match) {
        HubDrive hub = match.kit().drive().hub().orElseThrow();
        return List.of(
                Step.called("wheel-out", "Front wheel out")
                        .text("Photograph the axle hardware on both sides with the order of its washers, then out with the wheel. Hardware bagged, "
                                + "wheel tagged to be handed back.")
                        .at(Posture.CLAMP, Zone.FRONT_WHEEL).work("wheels", 1, 6).tools("open spanner 15", "camera")
                        .needs(BASELINE_TAKEN).reaches(MOUNT_BARE).step(),
                Step.called("slots", "Dropouts bare, slots measured")
                        .text("Clean both dropouts, no paint where the axle's flats will bear. Measure each slot at its mouth and at its end. Steel that "
                                + "is a few hundredths tight has its paint and burr dressed, never more.")
                        .at(Posture.CLAMP, Zone.FRONT_WHEEL).work("wheels", 1, 8).tools("caliper", "scraper", "magnet")
                        .careful("A dent, crack or weld on the blade: stuck, and the manager looks at it.")
                        .record(new FigureWanted("slot", "Narrower slot", "mm", hub.axle().flats().amount(), hub.axle().flats().plus(SLOT_PLAY).amount(), "caliper"))
                        .needs(MOUNT_BARE).reaches(DRY_FIT_GO).step(),
                Step.called("tyre-over", "Rim tape, tube and tyre over")
                        .text("Tape the right way round and as wide as the rim's inside. Tube a little inflated, valve first, tyre with its arrow "
                                + "forward, bead seated evenly all round, then to pressure.")
                        .at(Posture.ANY, Zone.BENCH).work("wheels", 1, 15).tools("tyre levers", "pump with gauge")
                        .mounts("motor-wheel").needs(DRY_FIT_GO).reaches(WHEEL_READY).step(),
                Step.called("wheel-in", "Motor wheel in, washers as drawn")
                        .text("Inner washers on the axle as drawn, tabbed ones into the slot. Cable on the left, leaving downward. Axle flats home in "
                                + "both slots: push down while the bike's weight rests on it.")
                        .at(Posture.CLAMP, Zone.FRONT_WHEEL).work("wheels", 2, 10).tools("caliper")
                        .mounts("axle-washer-left", "axle-washer-right", "motor")
                        .careful("Heavy wheel: a second person holds the bike.", "A narrow fork is never bent wide; eased apart only as the match says.")
                        .needs(WHEEL_READY).reaches(MOTOR_HUNG).drawing("fork-width").step(),
                Step.called("torque-arm", "Torque arm on and tied")
                        .text("Safety washers outside into the recess, arm over the axle's flats, its end along the blade, clamp closed round the blade with "
                                + "its rubber under it.")
                        .at(Posture.CLAMP, Zone.FRONT_WHEEL).work("wheels", 1, 10).tools("hex 4", "torque wrench 2–25")
                        .fasten(ShopTable.published("arm clamp screw", hub.armScrew(), "medium locker"))
                        .mounts("torque-arm").needs(MOTOR_HUNG).reaches(ARM_ON).step(),
                Step.called("axle-nuts", "Axle nuts, alternately")
                        .text("Two spanners, a quarter turn each side in turn, so that the axle stays home in both slots. Then each side to the figure. "
                                + "Pull the wheel down hard and look at both slots again.")
                        .at(Posture.CLAMP, Zone.FRONT_WHEEL).work("wheels", 1, 8)
                        .tools("open spanner 18, two", "torque wrench 20–120", "paint marker")
                        .fasten(ShopTable.published("axle nuts", hub.axleNut(), "dry, new nuts"))
                        .record(new FigureWanted("nut-left", "Left axle nut", "N·m", hub.axleNut().least().amount(), hub.axleNut().greatest().amount(), "torque wrench"))
                        .record(new FigureWanted("nut-right", "Right axle nut", "N·m", hub.axleNut().least().amount(), hub.axleNut().greatest().amount(), "torque wrench"))
                        .mounts("axle-hardware").needs(ARM_ON)
                        .hold("Pull and push the wheel in both slots, flats home, safety washers in their recess, arm tight on the blade, cable free at full lock.")
                        .reaches(MOTOR_CLAMPED, MOTOR_INSPECTED).step(),
                Step.called("front-brake", "Front brake again")
                        .text("Pads wholly on the braking track or caliper centred on the rotor, wheel turned: no rub. Lever reaches its point well before "
                                + "the bar.")
                        .at(Posture.CLAMP, Zone.FRONT_WHEEL, Zone.BARS).work("brakes and hydraulics", 1, 12).tools("hex 5", "torque wrench 2–25")
                        .fasten(ShopTable.of("pad or caliper bolts", "6", "8", "dry"))
                        .careful("No grease and no bare fingers on track, rotor or pads.")
                        .needs(MOTOR_INSPECTED).reaches(BRAKES_SET).step(),
                Step.called("pedal-sensor", "Pedal sensor on")
                        .text("Split ring on the spindle with its arrow forward, sensor facing it square. Turn the cranks slowly: the light blinks only "
                                + "forward.")
                        .at(Posture.CLAMP, Zone.BRACKET).work("electrics", 1, 20).tools("screwdriver PH1", "ties", "feeler gauge")
                        .record(FigureWanted.of("ring-gap", "Gap, sensor to magnet ring", "mm", "0.5", "3", "feeler gauge"))
                        .mounts("pedal-sensor").needs(BASELINE_TAKEN).reaches(LINES_LAID, DRIVE_TRAIN_ON).step());
    }
}
