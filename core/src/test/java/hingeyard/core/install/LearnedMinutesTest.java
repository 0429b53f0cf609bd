package hingeyard.core.install;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.install.LearnedMinutes.OfStep;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LearnedMinutesTest {

    private static OfStep learned(String seconds, int book) {
        List<Integer> samples = Arrays.stream(seconds.split(" ")).map(Integer::valueOf).toList();
        return LearnedMinutes.of(Map.of("nut", samples), Map.of("nut", book)).of("nut");
    }

    /** The median, of an even number the mean of the middle two, to the next whole minute; one day that took for ever moves nothing. */
    @ParameterizedTest
    @CsvSource({"600 600 600 600 600,10", "60 120 180 240 300,3", "60 120 180 240 300 36000,4", "601 601 601 601 601,11",
        "300 60 240 120 180,3"})
    void isTheMedianOfFiveOrMore(String seconds, int minutes) {
        assertThat(learned(seconds, 5).minutes()).hasValue(minutes);
    }

    @Test
    void fewerThanFiveTeachNothing() {
        assertThat(learned("60 60 60 60", 1)).isEqualTo(new OfStep(Optional.empty(), 4, 0));
        assertThat(learned("60 60 60 60 60", 1)).isEqualTo(new OfStep(Optional.of(1), 5, 0));
    }

    /**
     * By the book ten minutes: under two nobody did it. What a tablet sends in one go, or somebody ticks to have it ticked, teaches
     * nothing.
     */
    @ParameterizedTest
    @CsvSource({"120 120 120 120 120,2,5,0", "119 120 120 120 120 120,2,5,1", "119 119 119 119 119,,0,5",
        "1 1 1 1 1 600 600 600 600 600,10,5,5", "0 0 0 0 600,,1,4"})
    void whatIsTooShortToBeTrueIsLeftOutAndCounted(String seconds, Integer minutes, int counted, int leftOut) {
        assertThat(learned(seconds, 10)).isEqualTo(new OfStep(Optional.ofNullable(minutes), counted, leftOut));
    }

    @Test
    void whatStandsInNoBookTeachesNothing() {
        assertThat(LearnedMinutes.of(Map.of("gone", List.of(600, 600, 600, 600, 600)), Map.of("nut", 10)).of("gone"))
                .isEqualTo(new OfStep(Optional.empty(), 0, 0));
        assertThat(LearnedMinutes.of(Map.of(), Map.of("nut", 10)).of("nut").minutes()).isEmpty();
    }
}
