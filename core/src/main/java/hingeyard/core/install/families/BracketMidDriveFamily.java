package hingeyard.core.install.families;

import static hingeyard.core.install.Milestone.BASELINE_TAKEN;
import static hingeyard.core.install.Milestone.CRANKS_OFF;
import static hingeyard.core.install.Milestone.DRIVE_TRAIN_ON;
import static hingeyard.core.install.Milestone.DRY_FIT_GO;
import static hingeyard.core.install.Milestone.LINES_LAID;
import static hingeyard.core.install.Milestone.MOTOR_CLAMPED;
import static hingeyard.core.install.Milestone.MOTOR_HELD;
import static hingeyard.core.install.Milestone.MOTOR_HUNG;
import static hingeyard.core.install.Milestone.MOTOR_INSPECTED;
import static hingeyard.core.install.Milestone.MOUNT_BARE;
import static hingeyard.core.install.Milestone.PLATE_ON;
import static hingeyard.core.install.Milestone.WAY_CLEAR;

import hingeyard.core.fit.FitReport;
import hingeyard.core.install.FigureWanted;
import hingeyard.core.install.Posture;
import hingeyard.core.install.Step;
import hingeyard.core.install.StepFamily;
import hingeyard.core.install.Zone;
import hingeyard.core.kit.BracketDrive;
import java.util.List;
import java.util.stream.Stream;

/** A mid-drive through the bottom bracket shell, held by a tooth plate. */
final class BracketMidDriveFamily implements StepFamily {

    private static final List<Step> STRIP = strip();

    @Override
    public String id() {
        return "bracket-mid-drive";
    }

    @Override
    public boolean concerns(FitReport match) {
        return match.kit().drive().bracket().isPresent();
    }

    @Override
    public List<Step> steps(FitReport match) {
        BracketDrive drive = match.kit().drive().bracket().orElseThrow();
        return Stream.of(STRIP, motor(drive), driveTrain(drive)).flatMap(List::stream).toList();
    }

    private static List<Step> strip() {
        return List.of(
                Step.called("pedals-cranks-off", "Pedals and cranks off")
                        .text("Left pedal first: its thread is left-handed, so it comes off clockwise. Dust caps and crank bolts out, then the puller "
                                + "with the tip that matches the spindle, screwed in by hand until it stops, before it is put under load. Bag and label.")
                        .at(Posture.CLAMP, Zone.BRACKET).work("general", 1, 10)
                        .tools("pedal spanner 15", "hex 8", "crank puller, square or splined tip")
                        .careful("A puller that is only half screwed in tears the crank's thread out.")
                        .needs(BASELINE_TAKEN).reaches(CRANKS_OFF).step(),
                Step.called("bracket-out", "Bracket cups out, shell bare")
                        .text("Right cup of a 1.37 in × 24 shell is left-handed: it comes out clockwise. Take out any guide screw that reaches into the "
                                + "shell. Clean the threads, scrape paint off both faces and look for cracks round the welds.")
                        .at(Posture.CLAMP, Zone.BRACKET).work("general", 1, 15)
                        .tools("bracket tool for the cup's kind", "brush", "rag")
                        .needs(CRANKS_OFF).reaches(MOUNT_BARE).step(),
                Step.called("dry-fit", "Dry fit: motor in by hand, go or no go")
                        .text("Slide the motor in without spacers' nuts, swing it up to the tube and sight along the chainstay. Measure the least gap "
                                + "between gearbox and chainstay. Too little: stop here, the kit can still go back.")
                        .at(Posture.CLAMP, Zone.BRACKET).work("general", 1, 10).tools("caliper", "torch")
                        .careful("Hold the motor: it is heavy and swings down.")
                        .record(FigureWanted.of("stay-gap", "Least gap, gearbox to chainstay", "mm", "2", "40", "caliper"))
                        .needs(MOUNT_BARE).reaches(DRY_FIT_GO).drawing("bracket-stack").step(),
                Step.called("derailleur-off", "Front derailleur and its shifter off")
                        .text("Cable cut at the anchor, derailleur, shifter and housing off, bagged and labelled to be handed back. Chain opened at its "
                                + "closing link and hung out of the way.")
                        .at(Posture.CLAMP, Zone.BARS, Zone.BRACKET).work("general", 1, 15)
                        .tools("hex 4, 5", "cable cutter", "closing-link pliers")
                        .needs(DRY_FIT_GO).reaches(WAY_CLEAR).step(),
                Step.called("lines-flat", "Lay what runs under the shell")
                        .text("Gear cable and hoses flat, side by side, where the motor will not sit on them. Anything internal goes in now, before the "
                                + "motor closes the way.")
                        .at(Posture.CLAMP, Zone.BRACKET, Zone.LOOM).work("general", 1, 10).tools("ties", "tape")
                        .careful("Pinched now means stripped down again later: run a finger along every line.")
                        .needs(WAY_CLEAR).reaches(LINES_LAID).step());
    }

    private static List<Step> motor(BracketDrive drive) {
        return List.of(
                Step.called("motor-on-spacers", "Hang the motor on its spacers")
                        .text("Grease in the shell. Drive-side spacers on the axle tube in the drawn order, motor in from the drive side, then the "
                                + "other-side spacers as drawn. Count them against the drawing before going on.")
                        .at(Posture.CLAMP, Zone.BRACKET).work("general", 1, 10).tools("grease", "caliper")
                        .mounts("bracket-stack-drive", "bracket-stack-other", "motor")
                        .careful("No force: if it does not slide, something is in the shell.")
                        .needs(LINES_LAID).reaches(MOTOR_HUNG).drawing("bracket-stack").step(),
                Step.called("tooth-plate", "Tooth plate on, screws started")
                        .text("Plate with its teeth towards the shell, both screws with their lock washers started by hand and left a little loose. The "
                                + "plate must lie flat: daylight under it means a shim or facing.")
                        .at(Posture.CLAMP, Zone.BRACKET).work("general", 1, 5).tools("hex 5")
                        .needs(MOTOR_HUNG).mounts("tooth-plate", "plate-screws").reaches(PLATE_ON).step(),
                Step.called("swing-up", "Swing the motor up, screws firm")
                        .text("Push the motor up until it is just short of the tube and its cables, hold it there, tighten both screws alternately. "
                                + "Measure the gap that is left under the tube.")
                        .at(Posture.CLAMP, Zone.BRACKET).work("general", 1, 8).tools("hex 5", "torque wrench 2–25", "feeler or caliper")
                        .fasten(ShopTable.published("plate screws", drive.plateScrews(), "lock washer, dry"))
                        .careful("Cables under the tube: leave them free, or they are the cushion that wears through.")
                        .record(FigureWanted.of("tube-gap", "Gap under the tube", "mm", "1", "15", "caliper"))
                        .needs(PLATE_ON).reaches(MOTOR_HELD).step(),
                Step.called("lock-nut", "Tighten the lock nut")
                        .text("Hold the motor up. Spin the nut on by hand: it must turn freely for several turns before the spanner touches it, or it is "
                                + "cross-threaded. Then to the figure, in one steady pull.")
                        .at(Posture.CLAMP, Zone.BRACKET).work("general", 1, 8)
                        .tools("lock-ring spanner for the notched nut", "torque wrench 20–120")
                        .fasten(ShopTable.published("lock nut", drive.lockNut(), "dry"))
                        .record(new FigureWanted("nut-torque", "Lock nut", "N·m", drive.lockNut().least().amount(), drive.lockNut().greatest().amount(), "torque wrench"))
                        .mounts("lock-nut").needs(MOTOR_HELD).reaches(MOTOR_CLAMPED).drawing("bracket-stack").step(),
                Step.called("second-nut", "Second nut, paint mark")
                        .text("Thin nut over the lock nut, tightened against it while the first is held. A line of paint across both nuts and the plate "
                                + "shows at a glance later whether anything moved.")
                        .at(Posture.CLAMP, Zone.BRACKET).work("general", 1, 6)
                        .tools("two lock-ring spanners", "torque wrench 20–120", "paint marker")
                        .fasten(ShopTable.published("second nut", drive.secondNut(), "dry"))
                        .mounts("second-nut").needs(MOTOR_CLAMPED)
                        .hold("Rock the motor hard by hand, lever in the chainring bolts: nothing moves. Spacers as drawn, paint across both nuts, no cable pinched.")
                        .reaches(MOTOR_INSPECTED).step());
    }

    private static List<Step> driveTrain(BracketDrive drive) {
        return List.of(
                Step.called("chainring", "Chainring on")
                        .text("Offset to the inside. All screws started by hand before any is tight, then crosswise in two passes.")
                        .at(Posture.CLAMP, Zone.BRACKET).work("general", 1, 8).tools("hex 4", "torque wrench 2–25")
                        .fasten(ShopTable.published("chainring screws", drive.chainringScrews(), "medium locker"))
                        .mounts("chainring").needs(MOTOR_INSPECTED).reaches(DRIVE_TRAIN_ON).step(),
                Step.called("cranks-pedals", "Cranks and pedals on")
                        .text("Crank R to the drive side, crank L to the other, opposite one another. Pedal threads greased and started by hand; the "
                                + "left pedal tightens counter-clockwise.")
                        .at(Posture.CLAMP, Zone.BRACKET).work("general", 1, 10)
                        .tools("hex 8", "pedal spanner 15", "torque wrench 20–120", "grease")
                        .fasten(ShopTable.of("crank bolts", "35", "45", "grease on the thread"))
                        .fasten(ShopTable.of("right pedal", "35", "40", "grease"))
                        .fasten(ShopTable.leftHand("left pedal", "35", "40", "grease"))
                        .mounts("cranks").needs(MOTOR_INSPECTED).reaches(DRIVE_TRAIN_ON).step(),
                Step.called("speed-sensor", "Speed sensor and magnet")
                        .text("Sensor on the left chainstay, magnet on the nearest spoke, arrow to arrow. Turn the wheel ten turns by hand and count the "
                                + "pulses on the tester or display.")
                        .at(Posture.CLAMP, Zone.REAR_WHEEL).work("electrics", 1, 10).tools("screwdriver PH1", "ties", "feeler gauge")
                        .record(FigureWanted.of("pulses", "Pulses in ten turns", "", "10", "10", "count"))
                        .mounts("speed-sensor").needs(MOTOR_INSPECTED).reaches(DRIVE_TRAIN_ON).step(),
                Step.called("chain", "Chain to length")
                        .text("Round the new chainring and the largest cog, past the derailleur, plus one full link; even links. Closing link for this "
                                + "number of gears. Shift through all of them.")
                        .at(Posture.CLAMP, Zone.REAR_WHEEL, Zone.BRACKET).work("general", 1, 12)
                        .tools("chain tool", "closing-link pliers", "wear gauge").needs(MOTOR_INSPECTED).reaches(DRIVE_TRAIN_ON).step());
    }
}
