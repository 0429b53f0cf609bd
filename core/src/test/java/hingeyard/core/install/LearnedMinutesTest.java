package hingeyard.core.install;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LearnedMinutesTest {

    /** The median, of an even number the mean of the middle two, to the next whole minute; one day that took for ever moves nothing. */
    @ParameterizedTest
    @CsvSource({"600 600 600 600 600,10", "60 120 180 240 300,3", "60 120 180 240 300 36000,4", "1 1 1 1 1,1", "601 601 601 601 601,11", "300 60 240 120 180,3"})
    void isTheMedianOfFiveOrMore(String seconds, int minutes) {
        List<Integer> samples = Arrays.stream(seconds.split(" ")).map(Integer::valueOf).toList();
        assertThat(LearnedMinutes.of(Map.of("nut", samples)).of("nut")).hasValue(minutes);
    }

    @Test
    void fewerThanFiveTeachNothing() {
        LearnedMinutes four = LearnedMinutes.of(Map.of("nut", List.of(60, 60, 60, 60)));
        assertThat(four.of("nut")).isEqualTo(OptionalInt.empty());
        Step nut = Step.called("nut", "Nut").work("general", 1, 8).step();
        assertThat(four.on(List.of(nut))).containsExactly(nut);
        LearnedMinutes five = LearnedMinutes.of(Map.of("nut", List.of(720, 720, 720, 720, 720)));
        assertThat(five.on(List.of(nut)).get(0).minutes()).isEqualTo(12);
    }
}
