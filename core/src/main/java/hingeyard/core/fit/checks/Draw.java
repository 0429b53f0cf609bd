package hingeyard.core.fit.checks;

import hingeyard.core.bike.Measure;
import hingeyard.core.bike.WholeMeasures;
import hingeyard.core.fit.FitCase;
import hingeyard.core.quantity.Current;
import java.util.List;

/**
 * What is drawn through a kit's plugs and leads: its controller's limit; through a combiner, which limits nothing, what the controller on
 * the bike draws.
 */
final class Draw {

    private static final long MILLI = 1000;

    private Draw() {
    }

    static List<Measure> needed(FitCase c) {
        return c.kit().controller().combiner() ? List.of(WholeMeasures.CONTROLLER_AMPERES) : List.of();
    }

    static Current of(FitCase c) {
        return c.kit().controller().combiner() ? new Current(c.survey().number(WholeMeasures.CONTROLLER_AMPERES).orElseThrow() * MILLI)
                : c.kit().controller().limit();
    }
}
