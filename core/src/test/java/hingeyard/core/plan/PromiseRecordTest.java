package hingeyard.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Map;
import org.junit.jupiter.api.Test;

class PromiseRecordTest {

    private static final LocalDate DAY = LocalDate.of(2027, 3, 8);

    @Test
    void countsWhatIsFinishedByTheDayThatWasTold() {
        Map<Long, LocalDate> promised = Map.of(1L, DAY, 2L, DAY, 3L, DAY, 4L, DAY);
        PromiseRecord record = PromiseRecord.of(promised, Map.of(1L, DAY, 2L, DAY.minusDays(3), 3L, DAY.plusDays(1), 9L, DAY));
        assertThat(record).isEqualTo(new PromiseRecord(3, 2));
        assertThat(record.sentence()).isEqualTo("2 of 3 promised days kept so far.");
        assertThat(PromiseRecord.of(Map.of(1L, DAY), Map.of(1L, DAY)).sentence()).isEqualTo("1 of 1 promised day kept so far.");
        assertThat(PromiseRecord.of(promised, Map.of()).sentence()).isEmpty();
    }
}
