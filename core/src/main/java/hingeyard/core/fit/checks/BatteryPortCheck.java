package hingeyard.core.fit.checks;

import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.BatteryHold;
import hingeyard.core.kit.Kit;

/** Do water and heat leave the battery alone? */
final class BatteryPortCheck extends MeasuredCheck {

    BatteryPortCheck() {
        super("battery-port", "Water and heat");
    }

    @Override
    public boolean concerns(Kit kit) {
        return BatteryBayCheck.bringsBattery(kit) && kit.battery().casing().hold() != BatteryHold.FRAME_BAY;
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        finding.kit(Leaf.of(c.kit().battery().casing().portCapped() ? "port capped or facing down" : "port open, facing up"))
                .bike(Leaf.of("rain, spray, washing"));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        if (c.kit().battery().casing().portCapped()) {
            return finding.margin(Margin.said("capped")).is(Verdict.FITS,
                    "The charge port is capped or faces down. Run the leads downwards and mount the controller in moving air.");
        }
        return finding.margin(Margin.said("cap"))
                .remedy(Needs.drawerOrBuy(c, "port-cap", 1, p -> true, "port-cap", "Cap for the charge port"))
                .is(Verdict.FITS_WITH, "The charge port faces up: fit a cap, and run the leads downwards.");
    }
}
