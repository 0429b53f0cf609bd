package hingeyard.core.install;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.install.HistoryChain.End;
import hingeyard.core.install.HistoryChain.Entry;
import hingeyard.core.install.HistoryChain.Fault;
import hingeyard.core.install.HistoryChain.Linked;
import hingeyard.core.install.HistoryChain.Mark;
import hingeyard.core.install.HistoryChain.Marked;
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
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HistoryChainTest {

    private static final Instant NINE = Instant.parse("2026-03-24T09:00:00Z");

    private static final String KEY = "a key of thirty-two signs or more";
    private static final HistoryChain CHAIN = new HistoryChain(KEY);
    private static final HistoryChain ANOTHER = new HistoryChain("another key of thirty-two signs ..");

    private static List<Entry> entries(int from, int to) {
        return IntStream.range(from, to).mapToObj(i -> new Entry(404, "step-" + i, "TICKED", "detail " + i, "Tova", NINE.plusSeconds(i)))
                .toList();
    }

    /** Entries that follow from what goes before them. */
    private static List<Linked> linked(HistoryChain chain, End before, List<Entry> entries) {
        List<Linked> linked = new ArrayList<>();
        End end = before;
        for (Entry entry : entries) {
            linked.add(new Linked(entry, chain.hash(end, entry)));
            end = new End(end.entries() + 1, linked.get(linked.size() - 1).hash());
        }
        return linked;
    }

    private static List<Linked> chain(int length) {
        return linked(CHAIN, End.NOTHING, entries(0, length));
    }

    private static End end(List<Linked> chain) {
        return chain.isEmpty() ? End.NOTHING : new End(chain.size(), chain.get(chain.size() - 1).hash());
    }

    private static Optional<Marked> marked(Mark what, End end) {
        return Optional.of(new Marked(end, CHAIN.mark(what, 404, end)));
    }

    private static Optional<Integer> broken(List<Linked> chain, End end) {
        return CHAIN.fault(404, chain, marked(Mark.END, end), Optional.empty()).map(Fault::at);
    }

    @Test
    void aWholeChainIsWhole() {
        assertThat(broken(chain(40), end(chain(40)))).isEmpty();
        assertThat(CHAIN.fault(404, List.of(), Optional.empty(), Optional.empty())).isEmpty();
    }

    /** Any entry changed, taken out, doubled or moved is found, at the first place where it shows. */
    @Test
    void whateverIsDoneToAnEntryIsFound() {
        Random random = new Random(5);
        for (int round = 0; round < 400; round++) {
            List<Linked> chain = chain(12);
            End end = end(chain);
            int at = random.nextInt(11);
            Linked was = chain.get(at);
            Entry e = was.entry();
            switch (random.nextInt(6)) {
                case 0 -> chain.set(at, new Linked(new Entry(e.job(), e.step(), e.what(), e.detail() + "!", e.by(), e.at()), was.hash()));
                case 1 -> chain.set(at, new Linked(new Entry(e.job(), e.step(), e.what(), e.detail(), "Rian", e.at()), was.hash()));
                case 2 -> chain.set(at,
                        new Linked(new Entry(e.job(), e.step(), e.what(), e.detail(), e.by(), e.at().plusMillis(1)), was.hash()));
                case 3 -> chain.remove(at);
                case 4 -> chain.add(at, chain.get(at));
                default -> chain.add(at, chain.remove(at + 1));
            }
            assertThat(broken(chain, end)).get().satisfies(first -> assertThat(first).isBetween(at, at + 1));
        }
    }

    @Test
    void whatIsTakenOffTheEndIsMissed() {
        List<Linked> chain = chain(9);
        assertThat(broken(chain.subList(0, 7), end(chain))).contains(7);
        assertThat(broken(List.of(), end(chain))).as("all of it").contains(0);
        assertThat(CHAIN.fault(404, chain, Optional.empty(), Optional.empty()).map(Fault::at)).as("its end was taken away").contains(9);
        assertThat(CHAIN.fault(404, chain, Optional.empty(), Optional.empty()).orElseThrow().said())
                .isEqualTo("it goes to entry 9, and only 0 are written down beside it");
    }

    /** What comes next follows from the end that was, so the gap stays in the chain for good. */
    @Test
    void aChainThatGoesOnAfterwardsShowsTheGap() {
        List<Linked> whole = chain(9);
        List<Linked> cut = new ArrayList<>(whole.subList(0, 8));
        cut.addAll(linked(CHAIN, end(whole), entries(9, 10)));
        assertThat(broken(cut, end(cut))).contains(8);
    }

    /** Whoever may write everything in the database, but has not the key, writes nothing that holds. */
    @Test
    void aHistoryWrittenAnewWithAnotherKeyIsNone() {
        List<Linked> forged = linked(ANOTHER, End.NOTHING, entries(0, 5));
        assertThat(
                CHAIN.fault(404, forged, Optional.of(new Marked(end(forged), ANOTHER.mark(Mark.END, 404, end(forged)))), Optional.empty())
                        .map(Fault::at))
                .contains(0);
        List<Linked> cut = chain(9).subList(0, 5);
        assertThat(CHAIN.fault(404, cut, Optional.of(new Marked(end(cut), ANOTHER.mark(Mark.END, 404, end(cut)))), Optional.empty())
                .orElseThrow()).as("cut short, with an end that says so")
                .isEqualTo(new Fault(5, "how far it goes was written down with another key"));
        assertThat(CHAIN.fault(404, cut, Optional.of(new Marked(end(cut), CHAIN.mark(Mark.SEAL, 404, end(cut)))), Optional.empty()))
                .as("a seal's mark is no end's").isPresent();
        assertThat(CHAIN.fault(404, cut, Optional.of(new Marked(end(cut), CHAIN.mark(Mark.END, 405, end(cut)))), Optional.empty()))
                .as("nor another job's").isPresent();
        End all = HistoryChain.sealed(entries(0, 5));
        Optional<Marked> forgedSeal = Optional.of(new Marked(all, ANOTHER.mark(Mark.SEAL, 404, all)));
        assertThat(CHAIN.fault(404, chain(5), marked(Mark.END, end(chain(5))), forgedSeal)).as("all of it called older than the key")
                .contains(new Fault(0, "what was written before there was a key is sealed with another"));
    }

    @ParameterizedTest(name = "{0} from before, {1} since")
    @CsvSource({"3, 4", "1, 0", "0, 6", "7, 1"})
    void whatWasWrittenBeforeThereWasAKeyIsSealed(int before, int since) {
        End sealed = HistoryChain.sealed(entries(0, before));
        List<Linked> chain = new ArrayList<>(entries(0, before).stream().map(e -> new Linked(e, "")).toList());
        chain.addAll(linked(CHAIN, sealed, entries(before, before + since)));
        End end = since == 0 ? sealed : end(chain);
        Optional<Marked> seal = marked(Mark.SEAL, sealed);
        assertThat(CHAIN.fault(404, chain, marked(Mark.END, end), seal)).isEmpty();
        for (int at = 0; at < chain.size(); at++) {
            List<Linked> changed = new ArrayList<>(chain);
            Entry e = chain.get(at).entry();
            changed.set(at, new Linked(new Entry(404, e.step(), "SKIPPED", e.detail(), e.by(), e.at()), chain.get(at).hash()));
            assertThat(CHAIN.fault(404, changed, marked(Mark.END, end), seal)).as("entry %d", at).isPresent();
            List<Linked> without = new ArrayList<>(chain);
            without.remove(at);
            assertThat(CHAIN.fault(404, without, marked(Mark.END, end), seal)).as("without entry %d", at).isPresent();
        }
        if (before > 0) {
            assertThat(CHAIN.fault(404, chain, marked(Mark.END, end), Optional.empty())).as("its seal taken away").isPresent();
        }
    }

    @Test
    void twoEntriesThatReadAlikeRunTogetherHaveHashesOfTheirOwn() {
        Entry one = new Entry(4, "a", "b|1:c", "", "d", NINE);
        Entry other = new Entry(4, "a", "b", "c|0:", "d", NINE);
        assertThat(CHAIN.hash(End.NOTHING, one)).isNotEqualTo(CHAIN.hash(End.NOTHING, other)).hasSize(64);
        assertThat(HistoryChain.sealed(List.of(one))).isNotEqualTo(HistoryChain.sealed(List.of(other)));
    }

    @Test
    void aKeyThatCanBeGuessedIsNone() {
        assertThatThrownBy(() -> new HistoryChain("short")).hasMessage("the history's key has 5 characters; at least 32 are wanted");
    }

    /** By another tool: echo -n 'KEY|0|0|000…' | openssl dgst -sha256 -hmac. */
    @Test
    void itIsTheHashEverybodyComputes() {
        assertThat(CHAIN.mark(Mark.KEY, 0, End.NOTHING)).isEqualTo("2bdcca92b4318f791c4151759ea59666a2ab6e2561c703c3b9ef80fabdfbfbcf");
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
