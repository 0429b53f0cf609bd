package hingeyard.core.fit.checks;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hingeyard.core.GivenBike;
import hingeyard.core.GivenKits;
import hingeyard.core.fit.FitCase;
import hingeyard.core.quantity.Mass;
import hingeyard.core.stock.Drawers;
import org.junit.jupiter.api.Test;

/** Motor 4.6 kg, battery 3.4 kg, bike 14.5 kg: with a rider of 77.5 kg they come to 100 kg. */
class AxleShareTest {

    private static double share(String kit, String bike, String rider, String cargo) {
        GivenBike given = GivenBike.of(bike);
        FitCase c = new FitCase(given.bike(), GivenKits.kit(kit), Drawers.empty(), given.rules());
        return AxleShare.of(c, Mass.ofKilograms("14.5"), Mass.ofKilograms(rider), Mass.ofKilograms(cargo)).orElseThrow();
    }

    @Test
    void aMotorInTheFrontWheelMovesItsOwnShareForward() {
        assertThat(share("front", "", "77.5", "0") - share("rear-cassette", "", "77.5", "0")).as("4.6 of 100 kg from axle to axle")
                .isCloseTo(0.046, within(1e-9));
    }

    @Test
    void aBatteryOnTheRackRestsOnTheRearWheel() {
        double onTube = share("front", "", "77.5", "0");
        double onRack = share("front hold=rack", "", "77.5", "0");
        assertThat(onTube - onRack).as("3.4 of 100 kg, from a little before the bracket").isBetween(0.034 * 0.4, 0.034 * 0.7);
    }

    /**
     * Without rider and load: 45 % of 14.5 kg, all of a motor in the front wheel, nothing of a battery on the rack: (6.525 + 4.6) / 22.5.
     */
    @Test
    void theBikeAloneByHand() {
        assertThat(share("front hold=rack", "", "0", "0")).isCloseTo(11.125 / 22.5, within(1e-9));
    }

    @Test
    void aLoadOnTheRackTakesFromTheFront() {
        assertThat(share("front", "", "77.5", "20")).as("the same moments over 120 kg").isCloseTo(share("front", "", "77.5", "0") / 1.2,
                within(1e-9));
    }

    @Test
    void threeWheelsAreNotParted() {
        GivenBike given = GivenBike.of("kind=delta-trike");
        assertThat(AxleShare.of(new FitCase(given.bike(), GivenKits.kit("front"), Drawers.empty(), given.rules()), Mass.ZERO, Mass.ZERO,
                Mass.ZERO)).isEmpty();
    }
}
