package hingeyard.core.bay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.bike.Point;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a battery and its tube may be, at the bounds. */
class PackTest {

    private static Pack pack(double length, double height, double rail, double slots) {
        return new Pack(length, height, rail, List.of(), slots, new Pack.Removal(0, true, 0), Room.NONE, List.of());
    }

    @ParameterizedTest
    @CsvSource({"360, 88, 0, 0, true", "0.1, 0.1, 12, 20, true", "0, 88, 12, 20, false", "360, 0, 12, 20, false",
        "360, 88, -0.1, 20, false", "360, 88, 12, -0.1, false", "NaN, 88, 12, 20, false"})
    void aCaseHasLengthAndHeight(double length, double height, double rail, double slots, boolean allowed) {
        if (allowed) {
            assertThat(pack(length, height, rail, slots).rail()).isEqualTo(rail);
        } else {
            assertThatThrownBy(() -> pack(length, height, rail, slots)).isInstanceOf(IllegalArgumentException.class)
                    .hasMessageContaining("lengths must be more than 0");
        }
    }

    /** A tube that leans both ways: along it one goes a whole millimetre a millimetre. */
    @ParameterizedTest
    @CsvSource({"0, 0, 300, 400", "100, -50, -200, 350", "40, 10, 40, 210"})
    void alongATubeIsOneLong(double fromX, double fromY, double toX, double toY) {
        Carrier carrier = new Carrier(new Tube("tube", new Point(fromX, fromY), new Point(toX, toY), 17), new Point(0, 1), List.of());
        Point along = carrier.along();
        assertThat(Math.hypot(along.x(), along.y())).isCloseTo(1, org.assertj.core.data.Offset.offset(1e-12));
        assertThat(fromX + along.x() * carrier.length()).isCloseTo(toX, org.assertj.core.data.Offset.offset(1e-9));
        assertThat(fromY + along.y() * carrier.length()).isCloseTo(toY, org.assertj.core.data.Offset.offset(1e-9));
    }

    @Test
    void aDrawingOfBeforeTheHandWasAskedForHasNoReach() {
        BayDrawing old = new BayDrawing("Battery", null, List.of(), "held", null, null);
        assertThat(old.exhibit()).isEqualTo("bay-drawing");
        assertThat(old.reach()).isEmpty();
        assertThat(old.noteInInches()).isEqualTo("held");
        assertThat(new BayDrawing("Battery", null, List.of(), "at 10 mm", "at 0.394 in", List.of(new Point(1, 2))).noteInInches())
                .isEqualTo("at 0.394 in");
    }
}
