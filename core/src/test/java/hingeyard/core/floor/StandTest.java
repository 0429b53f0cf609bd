package hingeyard.core.floor;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.quantity.Mass;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StandTest {

    private static final Stand LIGHT = stand(1, "30");
    private static final Stand HEAVY = stand(5, "90");
    private static final Stand UNSAID = new Stand(2, "", Stand.Holding.CLAMP, Optional.empty());

    private static Stand stand(int number, String kilograms) {
        return new Stand(number, "", Stand.Holding.CLAMP, Optional.of(Mass.ofKilograms(kilograms)));
    }

    @ParameterizedTest
    @CsvSource({"29.9,true", "30,true", "30.001,false", "90,false"})
    void aStandCarriesWhatItIsRatedForAndNotAGramMore(String kilograms, boolean carried) {
        assertThat(LIGHT.mayCarry(Optional.of(Mass.ofKilograms(kilograms)), Mass.ZERO, List.of(LIGHT, HEAVY, UNSAID)).allowed())
                .isEqualTo(carried);
    }

    @Test
    void whatItDoesNotCarryIsSaidWithTheStandThatDoes() {
        Optional<Mass> bike = Optional.of(Mass.ofKilograms("34"));
        Mass kit = Mass.ofKilograms("7.5");
        assertThat(LIGHT.mayCarry(bike, kit, List.of(LIGHT, UNSAID, HEAVY)).reason())
                .isEqualTo("Stand 1 is rated for 30 kg and the bike weighs 41.5 kg with its kit. Rated for it: stand 5.");
        assertThat(LIGHT.mayCarry(bike, kit, List.of(LIGHT, UNSAID)).reason()).endsWith("No stand of the shop is rated for that.");
        assertThat(LIGHT.mayCarry(bike, Mass.ZERO, List.of(LIGHT)).reason()).contains("weighs 34 kg.").doesNotContain("kit");
        assertThat(LIGHT.mayCarry(Optional.of(Mass.ofKilograms("25")), kit, List.of(LIGHT)).allowed()).as("the kit counts").isFalse();
    }

    @Test
    void whatNobodyEnteredOrWeighedRulesNothingOut() {
        assertThat(UNSAID.mayCarry(Optional.of(Mass.ofKilograms("200")), Mass.ZERO, List.of(UNSAID)).allowed()).isTrue();
        assertThat(LIGHT.mayCarry(Optional.empty(), Mass.ofKilograms("90"), List.of(LIGHT)).allowed()).isTrue();
    }
}
