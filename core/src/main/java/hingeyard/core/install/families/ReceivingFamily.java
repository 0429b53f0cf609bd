package hingeyard.core.install.families;

import hingeyard.core.fit.FitReport;
import hingeyard.core.install.FigureWanted;
import hingeyard.core.install.Milestone;
import hingeyard.core.install.Posture;
import hingeyard.core.install.Step;
import hingeyard.core.install.StepFamily;
import hingeyard.core.install.Zone;
import hingeyard.core.kit.Battery;
import java.util.List;

/** Before anything comes off the bike: the box, the bench, the baseline. */
final class ReceivingFamily implements StepFamily {

    @Override
    public String id() {
        return "receiving";
    }

    @Override
    public boolean concerns(FitReport match) {
        return true;
    }

    @Override
    public List<Step> steps(FitReport match) {
        Battery battery = match.kit().battery();
        return List.of(
                Step.called("kit-check", "Check the box against its list")
                        .text("Lay everything out beside the contents list and tick each line. Write down the serial numbers of motor, battery and "
                                + "display, and the key number. What is missing or another size than ordered is marked stuck now, not later.")
                        .at(Posture.ANY, Zone.BENCH).work("general", 1, 15).tools("contents list", "caliper")
                        .mounts("kit-box").reaches(Milestone.BOX_CHECKED).step(),
                Step.called("bench-power", "Run the kit on the bench")
                        .text("Motor, controller, display and battery joined on the bench, motor strapped down. Read the battery at its plug with the "
                                + "meter, switch on once, let it turn at the lowest level, switch off. A dead part goes back clean.")
                        .at(Posture.ANY, Zone.BENCH).work("electrics", 1, 15).batteryIn().tools("meter", "strap")
                        .careful("Hands, hair and sleeves away from the turning motor.",
                                "A swollen, dented or wet battery is not connected: it goes to the quarantine place.")
                        .record(new FigureWanted("battery-volts", "Battery at its plug", "V", battery.empty().amount(), battery.full().amount(), "meter"))
                        .needs(Milestone.BOX_CHECKED).reaches(Milestone.BENCH_PROVEN).step(),
                Step.called("baseline", "Record the bike as it came")
                        .text("Brakes, gears, wheel true, play in head and hubs, existing damage. Photograph both sides. The bike leaves no worse than "
                                + "it came, and this is the proof.")
                        .at(Posture.ON_WHEELS, Zone.FRONT_WHEEL, Zone.REAR_WHEEL, Zone.BARS).work("general", 1, 10).tools("camera")
                        .needs(Milestone.BENCH_PROVEN).reaches(Milestone.BASELINE_TAKEN).step());
    }
}
