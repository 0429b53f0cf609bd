package hingeyard.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class ScaleTest {

    /** What is said back can be entered again; metric to the places that are said, imperial to one of its last place. */
    @ParameterizedTest
    @EnumSource(Scale.class)
    void whatIsSaidIsUnderstoodAgain(Scale scale) {
        Random random = new Random(scale.ordinal());
        double metricPlace = switch (scale) {
            case DISTANCE, SPEED, WIND -> 50;
            default -> 0;
        };
        double imperialPlace = switch (scale) {
            case MASS, WIND -> 454;
            case DISTANCE, SPEED -> 161;
            default -> 1;
        };
        for (int turn = 0; turn < 500; turn++) {
            long base = random.nextInt(400_000);
            assertThat((double) scale.parse(scale.text(base))).as(scale.text(base)).isCloseTo(base, within(metricPlace));
            assertThat((double) scale.parse(scale.imperialText(base))).as(scale.imperialText(base)).isCloseTo(base, within(imperialPlace));
        }
    }

    @ParameterizedTest
    @EnumSource(Scale.class)
    void whatIsEnteredWithoutAUnitIsReadAsItIsSaidWithoutOne(Scale scale) {
        assertThat(scale.parse(scale.amount(42_000))).isEqualTo(42_000);
        assertThat(scale.parse("0")).isZero();
    }

    @ParameterizedTest
    @CsvSource({"MASS, 1 lb, 454", "MASS, 0.5 g, 0", "MASS, 1.5 g, 2", "CLIMB, 1 ft, 0", "CLIMB, 2 ft, 1", "SPEED, 15.5 mph, 24945"})
    void finerAmountsAreRoundedHalfEven(Scale scale, String said, long base) {
        assertThat(scale.parse(said)).isEqualTo(base);
    }

    @Test
    void nothingIsNotUnderstood() {
        for (Scale scale : Scale.values()) {
            for (String nothing : new String[]{null, "", "  ", "kg", "1,2,3", "1e5", "١٢"}) {
                assertThatThrownBy(() -> scale.parse(nothing)).as(scale + " " + nothing).isInstanceOf(UnreadableQuantityException.class)
                        .hasMessageContaining("Understood:");
            }
        }
    }
}
