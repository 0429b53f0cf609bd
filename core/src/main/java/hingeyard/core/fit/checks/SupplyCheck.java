package hingeyard.core.fit.checks;

import hingeyard.core.bike.Measure;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Kit;
import java.util.List;

/** What lies between a battery that the kit brings and whatever draws on it. */
abstract class SupplyCheck extends MeasuredCheck {

    SupplyCheck(String id, String title, Measure... measures) {
        super(id, title, measures);
    }

    @Override
    public final boolean concerns(Kit kit) {
        return BatteryBayCheck.bringsBattery(kit);
    }

    @Override
    final List<Measure> needed(FitCase c) {
        return Draw.needed(c);
    }
}
