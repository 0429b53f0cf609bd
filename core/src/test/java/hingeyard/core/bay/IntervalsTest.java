package hingeyard.core.bay;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Seeds;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class IntervalsTest {

    private static boolean has(Intervals intervals, double x) {
        return intervals.parts().stream().anyMatch(p -> p[0] <= x && x <= p[1]);
    }

    static IntStream seeds() {
        return Seeds.first(100);
    }

    /** Against asking every tenth of a millimetre by itself. */
    @ParameterizedTest
    @MethodSource("seeds")
    void whatIsTakenOutIsGoneAndNothingElse(int seed) {
        Random random = new Random(seed);
        Intervals left = Intervals.of(0, 100);
        List<double[]> out = new ArrayList<>();
        for (int i = 0; i < random.nextInt(6); i++) {
            double from = random.nextInt(1200) / 10.0 - 10;
            double to = from + random.nextInt(400) / 10.0;
            left = left.without(from, to);
            out.add(new double[]{from, to});
        }
        for (int i = 0; i <= 1000; i++) {
            double x = i / 10.0;
            assertThat(has(left, x)).as("seed %d at %s", seed, x).isEqualTo(out.stream().noneMatch(o -> o[0] < x && x < o[1]));
        }
        for (double[] part : left.parts()) {
            assertThat(part[0]).isLessThanOrEqualTo(part[1]);
        }
    }

    @Test
    void lowestAndWithin() {
        Intervals two = Intervals.of(0, 50).without(10, 20);
        assertThat(two.lowest()).contains(0.0);
        assertThat(two.within(12, 40).lowest()).contains(20.0);
        assertThat(two.within(12, 18).lowest()).isEmpty();
        assertThat(two.without(Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY).lowest()).isEmpty();
        assertThat(Intervals.of(5, 4).lowest()).as("a tube shorter than the pack").isEmpty();
    }
}
