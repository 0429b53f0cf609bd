package hingeyard.core.install;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.install.HistoryChain.End;
import hingeyard.core.install.HistoryChain.Entry;
import hingeyard.core.install.HistoryChain.Linked;
import hingeyard.core.install.WorkTimes.Moment;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HistoryChainTest {

    private static final Instant NINE = Instant.parse("2026-03-24T09:00:00Z");

    private static List<Linked> chain(int length) {
        List<Linked> chain = new ArrayList<>();
        for (int i = 0; i < length; i++) {
            Entry entry = new Entry(404, "step-" + i, "TICKED", "detail " + i, "Tova", NINE.plusSeconds(i));
            chain.add(new Linked(entry, HistoryChain.hash(i == 0 ? Optional.empty() : Optional.of(chain.get(i - 1).hash()), entry)));
        }
        return chain;
    }

    @Test
    void aWholeChainIsWhole() {
        assertThat(HistoryChain.broken(chain(40))).isEmpty();
        assertThat(HistoryChain.broken(List.of())).isEmpty();
    }

    /** Any entry changed, taken out, doubled or moved is found, at the first place where it shows. */
    @Test
    void whateverIsDoneToAnEntryIsFound() {
        Random random = new Random(5);
        for (int round = 0; round < 400; round++) {
            List<Linked> chain = chain(12);
            int at = random.nextInt(11);
            Entry e = chain.get(at).entry();
            switch (random.nextInt(6)) {
                case 0 -> chain.set(at,
                        new Linked(new Entry(e.job(), e.step(), e.what(), e.detail() + "!", e.by(), e.at()), chain.get(at).hash()));
                case 1 ->
                    chain.set(at, new Linked(new Entry(e.job(), e.step(), e.what(), e.detail(), "Rian", e.at()), chain.get(at).hash()));
                case 2 -> chain.set(at,
                        new Linked(new Entry(e.job(), e.step(), e.what(), e.detail(), e.by(), e.at().plusMillis(1)), chain.get(at).hash()));
                case 3 -> chain.remove(at);
                case 4 -> chain.add(at, chain.get(at));
                default -> chain.add(at, chain.remove(at + 1));
            }
            assertThat(HistoryChain.broken(chain)).get().satisfies(first -> assertThat(first).isBetween(at, at + 1));
        }
    }

    private static End end(List<Linked> chain) {
        return new End(chain.size(), chain.get(chain.size() - 1).hash());
    }

    @Test
    void whatIsTakenOffTheEndIsMissed() {
        List<Linked> chain = chain(9);
        assertThat(HistoryChain.broken(chain, end(chain))).isEmpty();
        assertThat(HistoryChain.broken(List.of(), End.NOTHING)).isEmpty();
        assertThat(HistoryChain.broken(chain.subList(0, 7), end(chain))).contains(7);
        assertThat(HistoryChain.broken(List.of(), end(chain))).as("all of it").contains(0);
        assertThat(HistoryChain.broken(chain, End.NOTHING)).as("its end was taken away").contains(9);
    }

    /** What comes next follows from the end that was, so the gap stays in the chain for good. */
    @Test
    void aChainThatGoesOnAfterwardsShowsTheGap() {
        List<Linked> whole = chain(9);
        List<Linked> cut = new ArrayList<>(whole.subList(0, 8));
        Entry next = new Entry(404, "step-9", "TICKED", "", "Tova", NINE.plusSeconds(60));
        cut.add(new Linked(next, HistoryChain.hash(end(whole), next)));
        assertThat(HistoryChain.broken(cut)).contains(8);
        assertThat(HistoryChain.hash(End.NOTHING, next)).isEqualTo(HistoryChain.hash(Optional.empty(), next));
    }

    @Test
    void twoEntriesThatReadAlikeRunTogetherHaveHashesOfTheirOwn() {
        Entry one = new Entry(4, "a", "b|1:c", "", "d", NINE);
        Entry other = new Entry(4, "a", "b", "c|0:", "d", NINE);
        assertThat(HistoryChain.hash(Optional.empty(), one)).isNotEqualTo(HistoryChain.hash(Optional.empty(), other)).hasSize(64);
    }

    /** {@code +step person minute} begins, {@code -step person minute} ends. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"+a T 0, -a T 10 | 60 | T=10", "+a T 0, -a T 10, +b R 5, -b R 9 | 60 | R=4 T=10",
        "+a T 0 | 25 | T=25", "+a T 0, -a T 10, +a R 20, -a R 50 | 60 | R=30 T=10",
        "+a T 0, +b T 0, -a T 10, -b T 10 | 60 | T=20", "-a T 10 | 60 | ''", "+a T 0, +a R 10, -a R 15 | 60 | R=5 T=10", "'' | 60 | ''"})
    void timeRunsFromBeginningToEnd(String said, long now, String times) {
        List<Moment> moments = said.isBlank() ? List.of() : Arrays.stream(said.split(", ")).map(m -> m.split(" "))
                .map(m -> new Moment(m[0].substring(1), m[0].startsWith("+"), m[1], NINE.plusSeconds(60 * Long.parseLong(m[2])))).toList();
        Map<String, Duration> found = WorkTimes.of(moments, NINE.plusSeconds(60 * now));
        assertThat(found.entrySet().stream().map(e -> e.getKey() + "=" + e.getValue().toMinutes()).collect(Collectors.joining(" ")))
                .isEqualTo(times);
    }
}
