package hingeyard.core.bill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SignatureTest {

    @Test
    void isReadKeptAndDrawnStrokeByStroke() {
        Signature name = Signature.read("10,20 110,40 200,60;300,0 300,200");
        assertThat(name.strokes()).hasSize(2);
        assertThat(name.path()).isEqualTo("M10 20L110 40L200 60M300 0L300 200");
        assertThat(Signature.read(name.text())).isEqualTo(name);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "10,20                  | strokes of two points",
        "10,20 x,y              | strokes of two points",
        "10,20 30,40;           | strokes of two points",
        "10,20  300,40          | strokes of two points",
        "-1,20 300,40           | strokes of two points",
        "10,20 601,40           | on a field of 600 by 200",
        "10,201 300,40          | on a field of 600 by 200",
        "10,20 12,22;50,50 52,51 | a name",
        "0,0 149,0              | a name"})
    void whatIsNoNameIsRefusedWithWhatIsWrong(String text, String why) {
        assertThatThrownBy(() -> Signature.read(text)).isInstanceOf(IllegalArgumentException.class).hasMessageContaining(why);
    }

    @Test
    void theShortestWayIsALimitItself() {
        assertThat(Signature.read("0,0 150,0").strokes()).hasSize(1);
    }

    @Test
    void whatIsTooLongOrTooManyIsRefusedInNoTime() {
        String line = "0,0 150,0";
        String many = IntStream.range(0, 60).mapToObj(i -> line).collect(Collectors.joining(";"));
        assertThat(Signature.read(many).strokes()).hasSize(60);
        assertThatThrownBy(() -> Signature.read(many + ";" + line)).hasMessageContaining("at most 60 strokes");
        String longest = "0,0 200,0" + " 9,9".repeat((Signature.LONGEST - 9) / 4);
        assertThat(Signature.read(longest).text()).isEqualTo(longest);
        assertThatThrownBy(() -> Signature.read(longest + " 9,9")).hasMessageContaining("20000 letters");
        assertThatThrownBy(() -> Signature.read("1,1 ".repeat(4_900) + "x")).hasMessageContaining("strokes of two points");
    }

    @Test
    void whateverIsDrawnComesBackAsItWas() {
        Random random = new Random(11);
        for (int turn = 0; turn < 300; turn++) {
            String text = IntStream.rangeClosed(0, random.nextInt(8)).mapToObj(s -> IntStream.rangeClosed(0, 3 + random.nextInt(30))
                    .mapToObj(i -> random.nextInt(Signature.WIDTH + 1) + "," + random.nextInt(Signature.HEIGHT + 1))
                    .collect(Collectors.joining(" "))).collect(Collectors.joining(";"));
            assertThat(Signature.read(text).text()).isEqualTo(text);
            assertThat(Signature.read(text).path()).matches("(M\\d+ \\d+(L\\d+ \\d+)+)+");
        }
    }
}
