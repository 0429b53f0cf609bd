package hingeyard.core.stock;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.GivenKits;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What was asked for, and what is other: a shortlist goes by it. */
class DrawersUsesTest {

    private static final Drawers DRAWERS = GivenKits.drawers(
            "S10 bracket-spacer 4 t=1.0 i=34 o=42;S25 bracket-spacer 2 t=2.5 i=34 o=42;W10 axle-washer 3 t=1.0 i=12.2 o=22;A90 torque-arm 1 len=90");

    @Test
    void tellsEveryUseThatIsAskedForAlsoWhereNothingLies() {
        List<String> asked = new ArrayList<>();
        Drawers telling = DRAWERS.telling(asked::add);
        telling.usedAs("bracket-spacer");
        telling.find("torque-arm", 1, p -> true);
        telling.find("no-such-use", 1, p -> true);
        assertThat(asked).containsExactly("bracket-spacer", "torque-arm", "no-such-use");
        assertThat(telling.withFree(Map.of("S10", 1)).usedAs("axle-washer")).hasSize(1);
        assertThat(asked).as("also after something moved").endsWith("axle-washer");
    }

    @Test
    void namesTheUsesOfWhichNotTheSameLiesThere() {
        assertThat(DRAWERS.otherThan(DRAWERS)).isEmpty();
        assertThat(DRAWERS.otherThan(new Drawers(DRAWERS.parts()))).as("read anew, nothing moved").isEmpty();
        assertThat(DRAWERS.withFree(Map.of("S25", 0)).otherThan(DRAWERS)).containsExactly("bracket-spacer");
        assertThat(DRAWERS.otherThan(DRAWERS.withMore(Map.of("W10", 1, "A90", 2)))).containsExactlyInAnyOrder("axle-washer", "torque-arm");
        assertThat(DRAWERS.otherThan(Drawers.empty())).containsExactlyInAnyOrder("bracket-spacer", "axle-washer", "torque-arm");
        assertThat(Drawers.empty().otherThan(DRAWERS)).containsExactlyInAnyOrder("bracket-spacer", "axle-washer", "torque-arm");
    }
}
