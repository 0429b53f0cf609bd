package hingeyard.core.privacy;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.explain.Ruling;
import hingeyard.core.privacy.Erasure.Standing;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ErasureTest {

    private static List<Long> numbers(String list) {
        return list == null ? List.of() : Stream.of(list.split(" ")).map(Long::valueOf).toList();
    }

    /** Erased before, open jobs, open accounts, what is said; nothing said where it may be done. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            no  |         |         |
            yes |         |         | It was erased before.
            yes | 7       | 7       | It was erased before.
            no  | 412     |         | Job 412 is not finished: hand the bike over, or call it off, first.
            no  | 418 412 |         | Jobs 412, 418 are not finished: hand the bike over, or call it off, first.
            no  |         | 406     | Job 406 is not settled: see to payments and invoice first.
            no  | 412     | 406     | Job 412 is not finished: hand the bike over, or call it off, first.
            """)
    void nothingIsErasedThatIsStillNeeded(String erased, String jobs, String money, String said) {
        Ruling ruling = Erasure.may(new Standing(erased.equals("yes"), numbers(jobs), numbers(money), 0));
        assertThat(ruling.allowed()).isEqualTo(said == null);
        assertThat(ruling.reason()).isEqualTo(said == null ? "" : said);
    }

    @ParameterizedTest
    @CsvSource({"0, None of their entries holds", "1, One of their entries holds", "3, 3 of their entries hold"})
    void whatCannotGoIsCounted(int entries, String said) {
        assertThat(Erasure.stays(new Standing(false, List.of(), List.of(), entries))).hasSize(4).anyMatch(s -> s.contains(said));
    }

    @Test
    void eachIsASentence() {
        assertThat(Stream.concat(Erasure.GOES.stream(), Erasure.stays(new Standing(false, List.of(), List.of(), 2)).stream()))
                .allMatch(s -> s.endsWith(".") && s.matches("[A-Z].*"));
    }
}
