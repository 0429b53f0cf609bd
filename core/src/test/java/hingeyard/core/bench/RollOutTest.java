package hingeyard.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RollOutTest {

    /**
     * What is usually printed in a speedometer's paper for these tyres, in whole millimetres; the rule is within two in a hundred of it.
     */
    @ParameterizedTest
    @CsvSource({"622, 28, 2136", "622, 37, 2190", "622, 47, 2250", "559, 50, 2055", "507, 47, 1890", "406, 47, 1540", "349, 37, 1325",
        "305, 47, 1230"})
    void theRuleIsNearWhatTyresRoll(int bead, int width, double printed) {
        assertThat(new RollOut(bead, width, Optional.empty(), Optional.empty()).circumference()).isCloseTo(printed,
                within(printed * 0.025));
    }

    @Test
    void whatWasRolledIsTheTruthAndTheDisplayIsHeldAgainstIt() {
        RollOut rolled = new RollOut(622, 47, Optional.of(new RollOut.Rolled(6_630, 3)), Optional.of(2_250.0));
        assertThat(rolled.circumference()).isEqualTo(2_210);
        assertThat(rolled.marked()).isCloseTo(Math.PI * 716 * 0.99, within(1e-9));
        assertThat(rolled.speedError().orElseThrow()).isCloseTo(100 * (2_250.0 / 2_210 - 1), within(1e-9)).isPositive();
        assertThat(new RollOut(622, 47, Optional.empty(), Optional.empty()).speedError()).isEmpty();
    }

    @Test
    void whatIsNoWheelIsNamed() {
        assertThatThrownBy(() -> new RollOut(99, 47, Optional.empty(), Optional.empty())).hasMessageContaining("beadSeat: 99 mm");
        assertThatThrownBy(() -> new RollOut(622, 14, Optional.empty(), Optional.empty())).hasMessageContaining("width: 14 mm");
        assertThatThrownBy(() -> new RollOut(622, 40, Optional.empty(), Optional.of(Double.NaN))).hasMessageContaining("set: NaN mm");
        assertThatThrownBy(() -> new RollOut.Rolled(100, 3)).hasMessageContaining("rolled: 100.0 mm in 3 turns");
        assertThatThrownBy(() -> new RollOut.Rolled(6_000, 0)).hasMessageContaining("turns: 0");
    }

    /** By levers: the same hand force on a longer arm. */
    @ParameterizedTest
    @CsvSource({"40, 300, 0, 40, 40", "40, 300, 100, 30, 53.333333", "50, 400, 40, 45.454545, 55"})
    void aWrenchWithSomethingBetweenIsSetToLess(double torque, double length, double extension, double setting, double uncorrected) {
        WrenchExtension wrench = new WrenchExtension(torque, length, extension);
        assertThat(wrench.setting()).isCloseTo(setting, within(1e-5));
        assertThat(wrench.uncorrected()).isCloseTo(uncorrected, within(1e-5));
        double force = setting / (length / 1000);
        assertThat(force * (length + extension) / 1000).isCloseTo(torque, within(1e-4));
    }

    @Test
    void poundsAreExact() {
        assertThat(WrenchExtension.FOOT_POUND).isCloseTo(4.4482216152605 * 0.3048, within(1e-15));
        assertThat(WrenchExtension.INCH_POUND).isCloseTo(4.4482216152605 * 0.0254, within(1e-15));
        assertThatThrownBy(() -> new WrenchExtension(0, 300, 0)).hasMessageContaining("torque: 0.0 N·m");
        assertThatThrownBy(() -> new WrenchExtension(10, 30, 0)).hasMessageContaining("length: 30.0 mm");
        assertThatThrownBy(() -> new WrenchExtension(10, 300, Double.NaN)).hasMessageContaining("extension: NaN mm");
    }

    /** A display with a list of sizes: the nearest by name, and how much it tells too much; pulses of one magnet. */
    @ParameterizedTest
    @CsvSource({"622, 47, 28, 0", "559, 47, 26, 0", "584, 57, 28, 2.58", "559, 57, 27.5, 0.74", "349, 37, 16, -5.7", "305, 30, 16, 9.3"})
    void theNearestSizeOfAList(int bead, int width, String inches, double off) {
        RollOut.Listed listed = new RollOut(bead, width, Optional.empty(), Optional.empty()).listed();
        assertThat(listed.inches()).isEqualTo(inches);
        assertThat(listed.off()).isCloseTo(off, within(0.1));
    }

    @Test
    void oneMagnetIsCountedOnceATurn() {
        assertThat(new RollOut(622, 47, Optional.of(new RollOut.Rolled(2_500, 1)), Optional.empty()).pulses()).isEqualTo(400);
    }
}
