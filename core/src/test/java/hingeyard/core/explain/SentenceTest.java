package hingeyard.core.explain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.quantity.Length;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class SentenceTest {

    static Stream<Object[]> sentences() {
        return Stream.of(new Object[] {"nothing to fill in", new Object[0]}, new Object[] {"%s", new Object[] {Length.ofMillimetres("3.4")}},
                new Object[] {"%s takes %d of %s.", new Object[] {"It", 3, null}}, new Object[] {"%d%% of %d", new Object[] {90, 12L}},
                new Object[] {"%.1f° and %s", new Object[] {2.86, "more"}}, new Object[] {"%5s|%-5s|%03d", new Object[] {"a", "b", 7}}, new Object[] {"100 %%", new Object[0]},
                new Object[] {"%s, and one value too many", new Object[] {"a", "b"}});
    }

    @ParameterizedTest
    @MethodSource("sentences")
    void saysWhatFormatSays(String template, Object[] values) {
        assertThat(Sentence.of(template, values)).hasToString(String.format(template, values)).isEqualTo(Sentence.plain(String.format(template, values)));
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
        Sentence sentence = Sentence.of("It takes %s.", Sentence.later(() -> "%s mm".formatted(asked.incrementAndGet())));
        assertThat(asked).hasValue(0);
        assertThat(sentence).hasToString("It takes 1 mm.").hasToString("It takes 1 mm.");
        assertThat(asked).hasValue(1);
        assertThat(sentence.length()).isEqualTo(14);
        assertThat(sentence.subSequence(3, 8)).hasToString("takes");
        assertThat(sentence.charAt(0)).isEqualTo('I');
    }

    @Test
    void sameTextIsTheSameSentence() {
        assertThat(Sentence.of("%d mm", 3)).isEqualTo(Sentence.plain("3 mm")).hasSameHashCodeAs(Sentence.plain("3 mm")).isNotEqualTo(Sentence.plain("4 mm"));
        assertThat(Sentence.plain(Sentence.plain("x"))).hasToString("x");
    }
}
