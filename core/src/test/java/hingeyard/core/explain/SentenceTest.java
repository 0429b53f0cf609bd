package hingeyard.core.explain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.quantity.Length;
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
        assertThat(Sentence.of(template, values)).isEqualTo(String.format(template, values));
    }

    @Test
    void refusesWhatFormatRefuses() {
        assertThatThrownBy(() -> Sentence.of("%s and %s", "one")).isInstanceOf(java.util.IllegalFormatException.class);
        assertThatThrownBy(() -> Sentence.of("%d", "no number")).isInstanceOf(java.util.IllegalFormatException.class);
    }
}
