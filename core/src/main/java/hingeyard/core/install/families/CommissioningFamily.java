package hingeyard.core.install.families;

import hingeyard.core.fit.FitReport;
import hingeyard.core.install.FigureWanted;
import hingeyard.core.install.Milestone;
import hingeyard.core.install.Posture;
import hingeyard.core.install.Step;
import hingeyard.core.install.StepFamily;
import hingeyard.core.install.Zone;
import java.util.List;

/** First power, functions, ride, and the second look at every critical fastener. */
final class CommissioningFamily implements StepFamily {

    private static final List<Step> STEPS = made();

    @Override
    public String id() {
        return "commissioning";
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
                Step.called("first-power", "First power, driven wheel free")
                        .text("Driven wheel off the ground. Battery in, switch on, compare the display's volts with the meter. Assist 0: the throttle must be "
                                + "dead in many kits; that is no fault.")
                        .at(Posture.CLAMP, Zone.BATTERY_BAY, Zone.BARS).work("electrics", 1, 10).batteryIn().tools("meter")
                        .careful("Wheel clear, hands off, lowest level.")
                        .record(FigureWanted.of("volts-off", "Display and meter apart by", "V", "0", "0.5", "meter"))
                        .mounts("battery").needs(Milestone.LOOM_CLOSED).reaches(Milestone.POWERED).step(),
                Step.called("functions", "Functions: pedal stop, levers, levels")
                        .text("Assist 1 upwards, rising. Stop pedalling: the motor stops. Each brake lever alone cuts the motor at speed. Walk assist stays "
                                + "at walking pace. Lights on.")
                        .at(Posture.CLAMP, Zone.BARS, Zone.REAR_WHEEL, Zone.FRONT_WHEEL).work("electrics", 1, 15).batteryIn().tools("stopwatch")
                        .careful("Pinch and entanglement at the powered wheel: nobody reaches in.")
                        .record(FigureWanted.of("pedal-stop", "Motor stops after pedalling ends", "s", "0", "0.5", "stopwatch"))
                        .needs(Milestone.POWERED).reaches(Milestone.FUNCTIONS_PROVEN).step(),
                Step.called("ride", "Test ride")
                        .text("Empty place, lowest level first, then brakes with the motor pulling, then a slope. Feel motor and controller by hand "
                                + "afterwards. Write down the distance.")
                        .at(Posture.ON_WHEELS, Zone.FRONT_WHEEL, Zone.REAR_WHEEL, Zone.BRACKET).work("general", 1, 20).batteryIn().tools("helmet")
                        .record(FigureWanted.of("ride-km", "Ridden", "km", "1", "30", "display"))
                        .needs(Milestone.FUNCTIONS_PROVEN).reaches(Milestone.RIDDEN).step(),
                Step.called("sign-off", "All critical torques again, sign off")
                        .text("Every fastener with a figure once more, battery out. Paint marks whole. Settings written down, papers and keys together, parts "
                                + "handed back in their bags.")
                        .at(Posture.CLAMP, Zone.FRONT_WHEEL, Zone.REAR_WHEEL, Zone.BRACKET, Zone.BARS, Zone.BATTERY_BAY).work("general", 1, 20)
                        .tools("torque wrenches 2–25 and 20–120", "paint marker")
                        .hold("Paint marks whole, brakes bite, wheels run free, loom clear of everything that turns. Papers complete.")
                        .needs(Milestone.RIDDEN).step());
    }
}
