package hingeyard.core.stock;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SerialNumbersTest {

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"3 | '' | ''", "2 | A1 B2 | ''", "2 | A1 | 1 numbers for 2 pieces",
        "1 | A1 B2 | 2 numbers for 1 pieces", "2 | A1 a1 | Number a1 stands there twice"})
    void everyPieceHasItsNumberOrNoneHas(int pieces, String serials, String why) {
        var ruling = SerialNumbers.mayComeIn(pieces, serials.isEmpty() ? List.of() : Arrays.asList(serials.split(" ")));
        assertThat(ruling.allowed()).isEqualTo(why.isEmpty());
        assertThat(ruling.reason()).startsWith(why);
    }
}
