package hingeyard.app.live;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.TreeSet;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class GapsTest {

    private static final Instant NOW = Instant.parse("2026-05-04T08:00:00Z");

    @Test
    void aNumberThatIsLateByThirteenSecondsIsStillAskedFor() {
        Gaps gaps = new Gaps(Duration.ofMinutes(10), 1_000);
        gaps.restart(100);
        gaps.seen(101, NOW);
        gaps.seen(104, NOW);
        assertThat(gaps.missing(NOW.plusSeconds(13))).containsExactlyInAnyOrder(102L, 103L);
        gaps.seen(103, NOW.plusSeconds(13));
        assertThat(gaps.missing(NOW.plusSeconds(599))).containsExactly(102L);
        assertThat(gaps.missing(NOW.plusSeconds(601))).as("whoever took it ended without it").isEmpty();
        assertThat(gaps.last()).isEqualTo(104);
    }

    @Test
    void neverMoreAreAskedForThanOneQuestionHolds() {
        Gaps gaps = new Gaps(Duration.ofMinutes(10), 50);
        gaps.restart(0);
        gaps.seen(1_000, NOW);
        gaps.seen(2_000, NOW);
        assertThat(gaps.missing(NOW)).hasSize(50).contains(1_999L).doesNotContain(999L);
    }

    /** Whatever the order of commits: every number that comes is asked for until it came, and none again afterwards. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void whateverTheOrderEveryNumberIsToldOnce(long seed) {
        Random chance = new Random(seed);
        List<Long> order = new ArrayList<>(LongStream.rangeClosed(1, 300).boxed().toList());
        for (int i = 0; i < order.size(); i++) {
            int other = Math.min(order.size() - 1, i + chance.nextInt(20));
            order.set(i, order.set(other, order.get(i)));
        }
        Gaps gaps = new Gaps(Duration.ofMinutes(10), 1_000);
        gaps.restart(0);
        TreeSet<Long> committed = new TreeSet<>();
        List<Long> told = new ArrayList<>();
        for (long id : order) {
            committed.add(id);
            if (chance.nextInt(4) == 0) {
                look(gaps, committed, told);
            }
        }
        look(gaps, committed, told);
        assertThat(told).doesNotHaveDuplicates().hasSize(300);
        assertThat(gaps.missing(NOW)).isEmpty();
    }

    private static void look(Gaps gaps, TreeSet<Long> committed, List<Long> told) {
        var missing = gaps.missing(NOW);
        long last = gaps.last();
        committed.stream().filter(id -> id > last || missing.contains(id)).forEach(id -> {
            gaps.seen(id, NOW);
            told.add(id);
        });
    }
}
