package hingeyard.core.install;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class RedoTest {

    private static Step.Builder step(String key, Phase phase, Zone zone) {
        return Step.called(key, key).in(phase).at(Posture.ANY, zone);
    }

    private static final Step SPACERS = step("spacers", Phase.MOUNT, Zone.BRACKET).mounts(List.of("bracket-stack-drive")).step();
    private static final Step LOOK = step("look", Phase.MOUNT, Zone.BRACKET).after(List.of("spacers")).step();
    private static final Step NUT = step("nut", Phase.MOUNT, Zone.BRACKET).after(List.of("look", "spacers"))
            .record(new FigureWanted("torque", "Nut", "N·m", new java.math.BigDecimal(85), new java.math.BigDecimal(95), "wrench")).step();
    private static final Step HOLD = step("hold", Phase.MOUNT, Zone.BRACKET).after(List.of("nut")).hold("Rock it.").step();
    private static final Step CRANKS = step("cranks", Phase.TRAIN, Zone.BRACKET).mounts(List.of("cranks")).step();
    private static final Step BARS = step("bars", Phase.BARS, Zone.BARS).mounts(List.of("display")).step();
    private static final Step BATTERY = step("battery", Phase.BATTERY, Zone.BATTERY_BAY).mounts(List.of("battery-rail")).step();
    private static final Step TYRE = step("tyre", Phase.WHEEL, Zone.BENCH).mounts(List.of("tyre")).step();
    private static final Step WHEEL_IN = step("wheel-in", Phase.MOUNT, Zone.FRONT_WHEEL).mounts(List.of("motor")).step();
    private static final Step RETORQUE = Step.called("retorque", "retorque").in(Phase.CLOSE)
            .at(Posture.ANY, Zone.BRACKET, Zone.FRONT_WHEEL, Zone.BARS).guards("Screws settle.").step();
    private static final List<Step> ALL = List.of(SPACERS, LOOK, NUT, HOLD, CRANKS, BARS, BATTERY, TYRE, WHEEL_IN, RETORQUE);

    @Test
    void whatWasTightenedOverAnotherPartIsTightenedAgain() {
        assertThat(Redo.of(ALL, Set.of("bracket-stack-drive")))
                .as("nut, inspection and what sits on top; not the bars, not what was only looked at")
                .containsExactly("spacers", "nut", "hold", "cranks", "retorque");
    }

    @Test
    void aWheelMadeReadyOnTheBenchComesOutAgain() {
        assertThat(Redo.of(ALL, Set.of("tyre"))).containsExactly("tyre", "wheel-in", "retorque");
    }

    @Test
    void whatNothingStandsOnIsAlone() {
        assertThat(Redo.of(ALL, Set.of("battery-rail"))).containsExactly("battery");
        assertThat(Redo.of(ALL, Set.of("no-such-role"))).isEmpty();
        assertThat(Redo.of(ALL, Set.of())).isEmpty();
    }

    /** What comes before a change is true still. */
    @Test
    void nothingBeforeItIsDoneAgain() {
        assertThat(Redo.of(ALL, Set.of("cranks"))).containsExactly("cranks", "retorque");
    }
}
