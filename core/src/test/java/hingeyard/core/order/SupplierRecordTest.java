package hingeyard.core.order;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.order.OrderLine.Happening;
import hingeyard.core.order.OrderLine.Kind;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SupplierRecordTest {

    private static final Instant START = Instant.parse("2026-03-02T09:00:00Z");
    private static final LocalDate DAY = LocalDate.of(2026, 3, 2);

    /** {@code ordered count, expected after days: pieces@day, …} for one line. */
    private static OrderLine line(String said) {
        String[] head = said.strip().split(":");
        String[] ordered = head[0].strip().split(" ");
        List<Happening> happened = new ArrayList<>();
        happened.add(at(Kind.ORDERED, Integer.parseInt(ordered[0]), Integer.parseInt(ordered[1]), 0));
        for (String came : head.length == 1 ? new String[0] : head[1].strip().split(" ")) {
            String[] one = came.substring(1).split("@");
            happened.add(at(came.startsWith("+") ? Kind.RECEIVED : Kind.CANCELLED, Integer.parseInt(one[0]), Integer.parseInt(one[1]),
                    Integer.parseInt(one[1])));
        }
        return new OrderLine("P", happened);
    }

    private static Happening at(Kind kind, int count, int on, int after) {
        return new Happening(kind, count, Optional.of(DAY.plusDays(on)), 0, "", "Ines", START.plus(after, ChronoUnit.DAYS));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "''                                    | 0 | 0 | ''",
        "4 5                                   | 0 | 0 | ''",
        "4 5: +3@4                             | 0 | 0 | ''",
        "4 5: +4@5                             | 1 | 1 | 5",
        "4 5: +4@6                             | 1 | 0 | 6",
        "4 5: +3@4 +1@9                        | 1 | 0 | 9",
        "4 5: +3@4 -1@6                        | 1 | 1 | 4",
        "4 5: -4@2                             | 0 | 0 | ''",
        "4 5: +4@3; 2 5: +2@5; 1 5: +1@12      | 3 | 2 | 5",
        "4 5: +4@3; 2 5: +2@8                  | 2 | 1 | 3"})
    void whatCameWholeTellsHowTheWordWasKept(String lines, int came, int onTime, String usual) {
        SupplierRecord record = SupplierRecord
                .of(Arrays.stream(lines.split(";")).filter(l -> !l.isBlank()).map(SupplierRecordTest::line).toList());
        assertThat(record)
                .isEqualTo(new SupplierRecord(came, onTime, usual.isEmpty() ? Optional.empty() : Optional.of(Integer.valueOf(usual))));
        assertThat(record.text()).startsWith(came == 0 ? "Nothing came" : came + (came == 1 ? " line came" : " lines came"));
    }
}
