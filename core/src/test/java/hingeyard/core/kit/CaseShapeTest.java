package hingeyard.core.kit;

import static hingeyard.core.Given.mm;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.GivenKits;
import hingeyard.core.kit.CaseShape.Corner;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CaseShapeTest {

    private static List<Corner> corners(String said) {
        return said == null ? List.of()
                : Arrays.stream(said.split(" ")).map(c -> c.split("/")).map(c -> new Corner(mm(c[0]), mm(c[1]))).toList();
    }

    @ParameterizedTest
    @CsvSource({"0, 0/0 300/0, enclose something", "0, 0/0 100/0 300/0, enclose something", "0, 0/0 300/-1 300/80, must not be negative",
        "91, , from 0 to 90", "-1, , from 0 to 90"})
    void refusesWhatIsNoSide(int swing, String outline, String why) {
        assertThatThrownBy(() -> new CaseShape(KeySide.BESIDE, swing, corners(outline))).hasMessageContaining(why);
    }

    /** The pack is 360 by 88. */
    @ParameterizedTest
    @CsvSource({"wedge=88.1, 88.1 mm", "pack=300;wedge=40, 360.0 mm"})
    void aCornerLiesInsideTheCase(String kit, String names) {
        assertThatThrownBy(() -> GivenKits.kit("front " + kit)).hasMessageContaining("outline's corner").hasMessageContaining(names);
    }
}
