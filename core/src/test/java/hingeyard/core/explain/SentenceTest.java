package hingeyard.core.explain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Mass;
import hingeyard.core.quantity.Torque;
import hingeyard.core.quantity.Units;
import hingeyard.core.quantity.Voltage;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class SentenceTest {

    static Stream<Object[]> sentences() {
        return Stream.of(new Object[]{"nothing to fill in", new Object[0]}, new Object[]{"%s", new Object[]{Length.ofMillimetres("3.4")}},
                new Object[]{"%s takes %d of %s.", new Object[]{"It", 3, null}}, new Object[]{"%d%% of %d", new Object[]{90, 12L}},
                new Object[]{"%.1f° and %s", new Object[]{2.86, "more"}}, new Object[]{"%5s|%-5s|%03d", new Object[]{"a", "b", 7}},
                new Object[]{"100 %%", new Object[0]},
                new Object[]{"%s, and one value too many", new Object[]{"a", "b"}});
    }

    @ParameterizedTest
    @MethodSource("sentences")
    void saysWhatFormatSays(String template, Object[] values) {
        Object[] said = Stream.of(values).map(v -> v instanceof Length l ? l.text(Units.METRIC) : v).toArray();
        assertThat(Sentence.of(template, values)).hasToString(String.format(template, said))
                .isEqualTo(Sentence.plain(String.format(template, said)));
    }

    @Test
    void refusesWhatFormatRefuses() {
        assertThatThrownBy(() -> Sentence.of("%s and %s", "one").toString()).isInstanceOf(java.util.IllegalFormatException.class);
        assertThatThrownBy(() -> Sentence.of("%d", "no number").toString()).isInstanceOf(java.util.IllegalFormatException.class);
    }

    /** A shortlist says hundreds of thousands of sentences and opens a dozen. */
    @Test
    void composesWhenItIsReadAndOnce() {
        AtomicInteger asked = new AtomicInteger();
        Sentence sentence = Sentence.of("It takes %s.", Sentence.later(units -> "%s mm".formatted(asked.incrementAndGet())));
        assertThat(asked).hasValue(0);
        assertThat(sentence).hasToString("It takes 1 mm.").hasToString("It takes 1 mm.");
        assertThat(asked).hasValue(1);
        assertThat(sentence.length()).isEqualTo(14);
        assertThat(sentence.subSequence(3, 8)).hasToString("takes");
        assertThat(sentence.charAt(0)).isEqualTo('I');
    }

    /** Whoever chose inches reads inches, also inside a sentence inside a sentence; what is named by its size keeps its name. */
    @Test
    void saysItInTheUnitsSomebodyReads() {
        Sentence inner = Sentence.of("a band of %s", new Band(Length.ofMillimetres("25.4"), Length.ofMillimetres("50.8")));
        Sentence sentence = Sentence.of("%s of %s, %s, %s and %s at %d%%, %s", Length.ofMillimetres("2.54"), inner, Mass.ofKilograms("2"),
                Torque.ofNewtonMetres("8"), Voltage.ofVolts("48"), 3,
                Sentence.later(units -> units == Units.METRIC ? "metric" : "imperial"));
        assertThat(sentence).hasToString("2.54 mm of a band of 25.4–50.8 mm, 2 kg, 8 N·m and 48 V at 3%, metric");
        assertThat(sentence.in(Units.IMPERIAL)).isEqualTo("0.1 in of a band of 1–2 in, 4.4 lb, 8 N·m (5.9 ft·lb) and 48 V at 3%, imperial");
        assertThat(sentence.in(Units.METRIC)).isEqualTo(sentence.toString());
        assertThat(Sentence.plain("7 mm as marked").in(Units.IMPERIAL)).isEqualTo("7 mm as marked");
    }

    @Test
    void sameTextIsTheSameSentence() {
        assertThat(Sentence.of("%d mm", 3)).isEqualTo(Sentence.plain("3 mm")).hasSameHashCodeAs(Sentence.plain("3 mm"))
                .isNotEqualTo(Sentence.plain("4 mm"));
        assertThat(Sentence.plain(Sentence.plain("x"))).hasToString("x");
    }
}
