package hingeyard.core.kit;

import hingeyard.core.quantity.Current;
import hingeyard.core.quantity.Voltage;
import java.util.List;
import java.util.Optional;

/**
 * A motor controller's ratings.
 *
 * @param rated        the voltages it is rated for, as batteries are sold (36, 48, 52 V…)
 * @param maximumInput the most it may ever see at its plug
 * @param lowCutOff    where it stops drawing
 * @param limit        the most it draws
 * @param settableTo   the lowest limit its display can set; empty when it cannot
 * @param plug         its supply plug
 * @param supply       its supply lead, battery to controller: length and gauge count for the drop
 * @param lights       its light output
 * @param fuse         the weakest fuse or switch between battery and controller; empty when there is none
 * @param combiner     whether it joins two batteries through diodes instead of driving a motor
 */
public record Controller(List<Voltage> rated, Voltage maximumInput, Voltage lowCutOff, Current limit, Optional<Current> settableTo,
        Plug plug, Wire supply,
        Optional<LightOutput> lights, Optional<Current> fuse, boolean combiner) {

    /** @param voltage,most what it gives to the lights */
    public record LightOutput(Voltage voltage, Current most) {
    }

    public Controller {
        rated = List.copyOf(rated);
        if (rated.isEmpty()) {
            throw new IllegalArgumentException("controller: rated voltages missing, at least one is needed");
        }
        if (lowCutOff.millivolts() >= maximumInput.millivolts()) {
            throw new IllegalArgumentException(
                    "controller's low cut-off of %s: must lie below its maximum input of %s".formatted(lowCutOff, maximumInput));
        }
        settableTo.filter(least -> least.milliamperes() > limit.milliamperes()).ifPresent(least -> {
            throw new IllegalArgumentException("controller settable to %s: must not be more than its limit of %s".formatted(least, limit));
        });
    }
}
