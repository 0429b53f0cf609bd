package hingeyard.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.Cases;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class LengthParserTest {

    static Stream<Arguments> lengths() {
        return Cases.of("/hingeyard/core/quantity/lengths.txt");
    }

    @ParameterizedTest
    @MethodSource("lengths")
    void reads(String text, String micrometres) {
        if (micrometres.equals("refused")) {
            assertThatThrownBy(() -> LengthParser.parse(text)).isInstanceOf(UnreadableQuantityException.class)
                    .hasMessageContaining("'" + text + "'").hasMessageContaining("Understood");
        } else {
            assertThat(LengthParser.parse(text)).isEqualTo(Length.ofMicrometres(Long.parseLong(micrometres)));
        }
    }

    @Test
    void readsBackWhatItPrints() {
        for (long um = -200_000; um < 2_000_000; um += 3_217) {
            Length length = Length.ofMicrometres(um);
            assertThat(LengthParser.parse(length.text())).isEqualTo(length);
        }
    }
}
