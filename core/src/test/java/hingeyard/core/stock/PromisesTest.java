package hingeyard.core.stock;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.booking.JobPriority;
import hingeyard.core.stock.Promises.Promise;
import hingeyard.core.stock.Promises.Rank;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PromisesTest {

    private static final LocalDate DAY = LocalDate.of(2026, 3, 2);

    /** {@code id:count}, parted by blanks; a third figure is how many days later the bike came, {@code !} marks a job before others. */
    private static List<Promise> promises(String said) {
        return said.isBlank() ? List.of()
                : Arrays.stream(said.split(" ")).map(p -> p.replace("!", "").split(":"))
                        .map(p -> new Promise(Long.parseLong(p[0]), Integer.parseInt(p[1]),
                                new Rank(said.contains(String.join(":", p) + "!") ? JobPriority.FIRST : JobPriority.USUAL,
                                        DAY.plusDays(p.length > 2 ? Long.parseLong(p[2]) : 0))))
                        .toList();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"1:2 2:1 3:1 | 4 | ''", "1:2 2:1 3:1 | 3 | 3:1", "3:1 1:2 2:1 | 2 | 3:1 2:1", "1:2 2:3 | 4 | 2:3",
        "1:2 2:3 | 0 | 2:3 1:2", "'' | 0 | ''", "1:1:5 2:1:0 | 1 | 1:1:5", "1:1:0 2:1:5! | 1 | 1:1:0"})
    void whoIsServedLastLosesWholeUntilTheRestIsCovered(String made, int onHand, String broken) {
        assertThat(Promises.broken(promises(made), onHand)).isEqualTo(promises(broken));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"1:2 2:1 | 3 | 1:2 2:1", "2:1 1:2 | 2 | 1:2", "1:2 2:1 | 1 | 2:1", "1:2 2:1 | 0 | ''",
        "1:1:5 2:1:0 | 1 | 2:1:0", "1:1:0 2:1:5! | 1 | 2:1:5!"})
    void whoIsServedFirstIsKeptAgainAndALargeOneKeepsNobodyWaiting(String broken, int free, String kept) {
        assertThat(Promises.keptAgain(promises(broken), free)).isEqualTo(promises(kept));
    }
}
