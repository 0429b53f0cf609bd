package hingeyard.core.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.quantity.Current;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlugTest {

    private static Plug plug(PlugKind kind, int pins, String colour, boolean male) {
        return new Plug(kind, pins, colour, male, Current.ofAmperes("30"));
    }

    /** Shape, pins, colour and opposite halves: all four, or they do not go together. */
    @ParameterizedTest
    @CsvSource({"BLADE_PAIR, 2, '', true, BLADE_PAIR, 2, '', false, true", "BLADE_PAIR, 2, '', true, BLADE_PAIR, 2, '', true, false",
        "BLADE_PAIR, 2, '', true, BULLET_PAIR, 2, '', false, false",
        "MOULDED, 5, green, true, MOULDED, 5, green, false, true", "MOULDED, 5, green, true, MOULDED, 5, red, false, false",
        "MOULDED, 5, green, true, MOULDED, 3, green, false, false"})
    void halvesGoTogetherOrNot(PlugKind kind, int pins, String colour, boolean male, PlugKind otherKind, int otherPins, String otherColour,
            boolean otherMale, boolean together) {
        Plug one = plug(kind, pins, colour, male);
        Plug other = plug(otherKind, otherPins, otherColour, otherMale);
        assertThat(one.mates(other)).isEqualTo(together);
        assertThat(other.mates(one)).as("either way round").isEqualTo(together);
    }

    @Test
    void everyHalfMatesWithItsCounterpartAndNeverWithItself() {
        for (PlugKind kind : PlugKind.values()) {
            for (boolean male : List.of(true, false)) {
                Plug plug = plug(kind, 2, "", male);
                assertThat(plug.mates(plug.counterpart())).isTrue();
                assertThat(plug.mates(plug)).isFalse();
                assertThat(plug.counterpart().counterpart()).isEqualTo(plug);
                assertThat(plug.text()).contains("30 A");
            }
        }
    }

    @Test
    void anAdapterGoesOnEitherWayRound() {
        Plug blade = plug(PlugKind.BLADE_PAIR, 2, "", true);
        Plug ring = plug(PlugKind.RING_POST, 2, "", false);
        Adapter adapter = new Adapter(blade, ring, Current.ofAmperes("20"));
        assertThat(adapter.openEnd(blade.counterpart())).isEqualTo(ring);
        assertThat(adapter.openEnd(ring.counterpart())).isEqualTo(blade);
        assertThat(adapter.openEnd(plug(PlugKind.BARREL, 2, "", true))).isNull();
    }

    @Test
    void refusesWhatNoPlugCanBe() {
        assertThatThrownBy(() -> plug(PlugKind.MOULDED, 0, "green", true)).hasMessageContaining("pins 0").hasMessageContaining("1 to 20");
        assertThatThrownBy(() -> plug(PlugKind.MOULDED, 21, "green", true)).hasMessageContaining("21");
        assertThatThrownBy(() -> new Plug(PlugKind.BARREL, 2, "", true, Current.ofAmperes("0"))).hasMessageContaining("more than 0");
    }
}
