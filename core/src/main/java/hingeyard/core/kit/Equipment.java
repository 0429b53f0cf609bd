package hingeyard.core.kit;

import hingeyard.core.quantity.Mass;
import java.util.List;
import java.util.Optional;

/**
 * What a kit brings besides its drive, controller and battery.
 *
 * @param motor       the motor's figures; empty for a kit without one
 * @param sensing     how it learns that the rider pedals; empty where the kit has nothing to do with it
 * @param speedSensor empty when the motor measures the speed itself
 * @param cutOff      empty where the kit has nothing to do with it
 * @param cockpit     what goes on the bars
 * @param leads       the loom
 * @param pages       the display's settings
 * @param mass        without battery
 * @param priceMinor  in hundredths of the shop's money, box with battery
 */
public record Equipment(Optional<Motor> motor, Optional<PedalSensing> sensing, Optional<SpeedSensor> speedSensor, Optional<CutOff> cutOff,
        List<CockpitItem> cockpit,
        List<Lead> leads, List<DisplayPage> pages, Mass mass, long priceMinor) {

    public Equipment {
        cockpit = List.copyOf(cockpit);
        leads = List.copyOf(leads);
        pages = List.copyOf(pages);
        if (priceMinor < 0) {
            throw new IllegalArgumentException("price " + priceMinor + ": must be 0 or more");
        }
    }

    public static Equipment none() {
        return new Equipment(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), List.of(), List.of(), List.of(),
                Mass.ZERO, 0);
    }

    public boolean throttle() {
        return cockpit.stream().anyMatch(i -> i.kind().throttle());
    }
}
