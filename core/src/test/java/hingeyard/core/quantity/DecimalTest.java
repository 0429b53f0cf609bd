package hingeyard.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.api.Test;

class DecimalTest {

    @ParameterizedTest
    @CsvSource({"0, 3, 1, 0.0", "0, 3, 0, 0", "5, 3, 1, 0.005", "-5, 3, 0, -0.005", "73025, 3, 1, 73.025", "73000, 3, 1, 73.0",
        "73000, 3, 0, 73", "-123450, 3, 0, -123.45", "9, 0, 0, 9"})
    void isWrittenWithoutSuperfluousNoughts(long amount, int places, int least, String text) {
        assertThat(Decimal.text(amount, places, least)).isEqualTo(text);
    }

    @Test
    void saysTheSameNumberAsExactArithmetic() {
        Random random = new Random(5);
        for (int i = 0; i < 20_000; i++) {
            long amount = random.nextLong(-2_000_000, 2_000_000);
            assertThat(new BigDecimal(Decimal.text(amount, 3, i % 2))).isEqualByComparingTo(BigDecimal.valueOf(amount, 3));
        }
    }
}
