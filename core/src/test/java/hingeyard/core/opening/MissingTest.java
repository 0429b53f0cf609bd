package hingeyard.core.opening;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class MissingTest {

    /** technicians, hands, hours, people, comeIn, parts, counted, boxes, kits, suppliers, wrenches, address. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            an empty shop, its manager at the stand | 1 1 1 1 1  0  0 0 0 0 0 y | KITS PARTS SUPPLIERS SECOND_PERSON WRENCHES
            its manager in the office               | 0 1 0 1 1  0  0 0 0 0 0 n | KITS PARTS SUPPLIERS TECHNICIANS SECOND_PERSON WRENCHES ADDRESS
            with both sets, nothing counted         | 1 1 1 1 1 70  0 0 3 0 0 y | COUNTED BOXES SUPPLIERS SECOND_PERSON WRENCHES
            somebody new without a password         | 1 2 1 2 1 70 70 1 3 1 1 y | CODES
            technicians without hours               | 2 2 0 2 2 70 70 1 3 1 1 y | HOURS
            one of two technicians with hours       | 2 2 1 2 2 70 70 1 3 1 1 y | ''
            two people, one at the stand            | 1 2 1 2 2  1  1 1 1 1 1 y | ''
            nobody but the stock keeper             | 0 0 0 1 1  1  1 1 1 1 1 y | TECHNICIANS SECOND_PERSON
            a wrench that is overdue                | 1 2 1 2 2  1  1 1 1 1 0 y | WRENCHES
            """)
    void whatAFirstBikeWouldStopAt(String shop, String has, String missing) {
        String[] n = has.strip().split("\\s+");
        int[] c = Arrays.stream(n).limit(11).mapToInt(Integer::parseInt).toArray();
        List<Missing> found = Missing.of(new ShopHas(c[0], c[1], c[2], c[3], c[4], c[5], c[6], c[7], c[8], c[9], c[10], n[11].equals("y")));
        assertThat(found.stream().map(Missing::name).collect(Collectors.joining(" "))).as(shop).isEqualTo(missing.strip());
    }

    @ParameterizedTest
    @EnumSource(Missing.class)
    void eachSaysWhatItIsAndWhatFor(Missing missing) {
        assertThat(missing.what()).matches("[A-Z].*[a-z]");
        assertThat(missing.why()).matches("[A-Z].*\\.");
    }

    /** What can only be missing beside something else is never told twice over. */
    @Test
    void nothingIsToldTwice() {
        ShopHas nothing = new ShopHas(0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, false);
        assertThat(Missing.of(nothing)).doesNotContain(Missing.COUNTED, Missing.BOXES, Missing.HOURS, Missing.CODES).hasSize(7);
    }
}
