package hingeyard.core.fit.checks;

import hingeyard.core.fit.FitCheck;
import java.util.List;

/** Every check, in the order in which a match is read. */
public final class FitCheckCatalogue {

    private FitCheckCatalogue() {
    }

    public static List<FitCheck> all() {
        return List.of(
                new ShellStandardCheck(),
                new BracketStackCheck(),
                new ForkMaterialCheck(),
                new ForkDropoutCheck(),
                new ForkSlotCheck(),
                new ForkWidthCheck(),
                new FrontWheelSizeCheck(),
                new ControllerVoltageCheck());
    }
}
