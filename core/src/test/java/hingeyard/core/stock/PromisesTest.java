package hingeyard.core.stock;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.stock.Promises.Promise;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PromisesTest {

    /** {@code id:count}, parted by blanks. */
    private static List<Promise> promises(String said) {
        return said.isBlank() ? List.of() : Arrays.stream(said.split(" ")).map(p -> p.split(":")).map(p -> new Promise(Long.parseLong(p[0]), Integer.parseInt(p[1]))).toList();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"1:2 2:1 3:1 | 4 | ''", "1:2 2:1 3:1 | 3 | 3:1", "3:1 1:2 2:1 | 2 | 3:1 2:1", "1:2 2:3 | 4 | 2:3", "1:2 2:3 | 0 | 2:3 1:2", "'' | 0 | ''"})
    void theNewestIsBrokenWholeUntilTheRestIsCovered(String made, int onHand, String broken) {
        assertThat(Promises.broken(promises(made), onHand)).isEqualTo(promises(broken));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"1:2 2:1 | 3 | 1:2 2:1", "2:1 1:2 | 2 | 1:2", "1:2 2:1 | 1 | 2:1", "1:2 2:1 | 0 | ''"})
    void theOldestIsKeptAgainAndALargeOneKeepsNobodyWaiting(String broken, int free, String kept) {
        assertThat(Promises.keptAgain(promises(broken), free)).isEqualTo(promises(kept));
    }
}
