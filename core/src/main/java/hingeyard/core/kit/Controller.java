package hingeyard.core.kit;

import hingeyard.core.quantity.Voltage;
import java.util.List;

/**
 * A motor controller's supply ratings.
 *
 * @param rated        the voltages it is rated for, as batteries are sold (36, 48, 52 V…)
 * @param maximumInput the most it may ever see at its plug
 * @param lowCutOff    where it stops drawing
 */
public record Controller(List<Voltage> rated, Voltage maximumInput, Voltage lowCutOff) {

    public Controller {
        rated = List.copyOf(rated);
        if (rated.isEmpty()) {
            throw new IllegalArgumentException("controller: rated voltages missing, at least one is needed");
        }
    }
}
