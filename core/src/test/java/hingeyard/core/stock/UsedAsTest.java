package hingeyard.core.stock;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class UsedAsTest {

    @ParameterizedTest
    @CsvSource({"axle-washer, true", "chain-9, true", "chain, false", "chain-9x, false", "rotor-six-bolt, true", "rotor, false",
        "bolt-m8, true", "bolt-m, false", "charger-13s, true", "charger-13, false",
        "sleeve-t47, true", "Axle-washer, false", "other, true", "freewheel-7, true", "freewheel, false"})
    void aWordIsKnownOrNot(String use, boolean known) {
        assertThat(UsedAs.known(use)).isEqualTo(known);
    }

    @ParameterizedTest
    @CsvSource({"axle-wosher, axle-washer", "chain, chain-#", "nonsense, other"})
    void whoeverMistypedIsToldWhatThereIs(String use, String like) {
        assertThat(UsedAs.like(use)).contains(like);
    }
}
