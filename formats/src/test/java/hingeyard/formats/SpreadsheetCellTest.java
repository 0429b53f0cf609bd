package hingeyard.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpreadsheetCellTest {

    @ParameterizedTest
    @CsvSource(quoteCharacter = '"', value = {"=1+1,'=1+1", "+49 30,'+49 30", "-x,'-x", "@sum,'@sum", "-1.5,-1.5", "+3,+3", "5 mm,5 mm",
        "'quoted','quoted'",
        "'=1,''=1"})
    void whatASpreadsheetWouldComputeStandsBehindAnApostrophe(String text, String cell) {
        assertThat(SpreadsheetCell.written(text)).isEqualTo(cell);
        assertThat(SpreadsheetCell.read(cell)).isEqualTo(text);
    }

    @Test
    void anythingComesBackAsItWas() {
        Random chance = new Random(7);
        for (int i = 0; i < 20_000; i++) {
            String text = chance.ints(chance.nextInt(6), 0, 8).mapToObj(c -> String.valueOf("'=+-@1x ".charAt(c)))
                    .collect(Collectors.joining());
            String cell = SpreadsheetCell.written(text);
            assertThat(SpreadsheetCell.read(cell)).as(text).isEqualTo(text);
            assertThat(cell).satisfiesAnyOf(c -> assertThat(c).doesNotMatch("(?s)[=+\\-@].*"),
                    c -> assertThat(c).matches("[+-]?\\d+(\\.\\d+)?"));
        }
    }
}
