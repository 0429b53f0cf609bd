package hingeyard.core.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.GivenKits;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import hingeyard.core.stock.PartFacts;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Sizes that no thing has are refused where the thing is made, so that no drawing and no sum ever meets one. */
class SizesTest {

    private static Battery pack(String length, String height) {
        Battery b = GivenKits.kit(GivenKits.families().get(0)).battery();
        return new Battery(b.code(), b.name(), b.cellsInSeries(), b.milliampereHours(), b.continuous(), b.cutOff(), b.mass(),
                Length.ofMillimetres(length), Length.ofMillimetres(height), b.casing(), b.plug(), b.charger());
    }

    @ParameterizedTest
    @CsvSource({"1500,1500,true", "380,0.001,true", "380,0,false", "0,110,false", "1500.1,110,false", "380,1500.1,false", "380,-1,false"})
    void aBatteryHasASize(String length, String height, boolean possible) {
        if (possible) {
            assertThat(pack(length, height).height()).isEqualTo(Length.ofMillimetres(height));
        } else {
            assertThatThrownBy(() -> pack(length, height)).isInstanceOf(IllegalArgumentException.class)
                    .hasMessageContaining("more than 0 and at most 1500");
        }
    }

    @ParameterizedTest
    @CsvSource({"1000,1000,true", "1000.1,1000,false", "100000000,200000000,false", "1,1000.1,false"})
    void aPieceLiesInADrawer(String thickness, String outer, boolean possible) {
        if (possible) {
            assertThatCode(() -> PieceSize.of(thickness, "0.1", "10", outer)).doesNotThrowAnyException();
        } else {
            assertThatThrownBy(() -> PieceSize.of(thickness, "0.1", "10", outer)).hasMessageContaining("at most 1000");
        }
    }

    @ParameterizedTest
    @CsvSource({"20000,2.40,true", "20000.1,2.40,false", "-1,2.40,false", "30,10000000.01,false"})
    void aPartIsCarriedAndPaidFor(String length, String price, boolean possible) {
        long minor = new java.math.BigDecimal(price).movePointRight(2).longValueExact();
        assertThat(made(() -> new PartFacts(Optional.of(Length.ofMillimetres(length)), Optional.empty(), Optional.empty(), minor, 0)))
                .isEqualTo(possible);
        assertThat(made(() -> PartFacts.ofSpan(new Band(Length.ofMillimetres("28"), Length.ofMillimetres("20000.1"))))).isFalse();
    }

    private static boolean made(Runnable make) {
        try {
            make.run();
            return true;
        } catch (IllegalArgumentException e) {
            return false;
        }
    }
}
