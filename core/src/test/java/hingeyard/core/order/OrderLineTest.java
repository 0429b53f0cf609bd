package hingeyard.core.order;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.order.OrderLine.Happening;
import hingeyard.core.order.OrderLine.Kind;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OrderLineTest {

    private static final LocalDate DAY = LocalDate.of(2026, 3, 2);

    /**
     * {@code o10@5} ordered 10 for day 5; {@code c4@6#1} confirmed by answer 1; {@code x#1} another part offered; {@code r3} came;
     * {@code n2} no longer wanted.
     */
    private static OrderLine line(String said) {
        List<Happening> happened = new ArrayList<>();
        for (String one : said.split(" ")) {
            Kind kind = switch (one.charAt(0)) {
                case 'o' -> Kind.ORDERED;
                case 'c' -> Kind.CONFIRMED;
                case 'x' -> Kind.OTHER_OFFERED;
                case 'r' -> Kind.RECEIVED;
                default -> Kind.CANCELLED;
            };
            String[] answer = one.substring(1).split("#");
            String[] countDay = answer[0].split("@");
            happened.add(new Happening(kind, countDay[0].isEmpty() ? 0 : Integer.parseInt(countDay[0]),
                    countDay.length > 1 ? Optional.of(DAY.plusDays(Long.parseLong(countDay[1]))) : Optional.empty(),
                    answer.length > 1 ? Integer.parseInt(answer[1]) : 0, "", "Ines", Instant.EPOCH));
        }
        return new OrderLine("P", happened);
    }

    private static String coming(OrderLine line) {
        return line.coming().stream().map(c -> c.count() + "@" + (c.on().toEpochDay() - DAY.toEpochDay())).collect(Collectors.joining(" "));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "o10@5                              | SENT             | 10 | 10@5     | 0 | 0",
        "o10@5 c10@5#1                      | CONFIRMED        | 10 | 10@5     | 0 | 0",
        "o10@5 c4@5#1 c6@12#1               | CONFIRMED        | 10 | 4@5 6@12 | 0 | 7",
        "o10@5 c4@5#1                       | PARTLY_CONFIRMED | 10 | 4@5      | 6 | 0",
        "o10@5 c4@5#1 c10@9#2               | CONFIRMED        | 10 | 10@9     | 0 | 4",
        "o10@5 x#1                          | OTHER_OFFERED    | 10 | ''       | 10| 0",
        "o10@5 x#1 c10@8#2                  | CONFIRMED        | 10 | 10@8     | 0 | 3",
        "o10@5 c4@5#1 c6@12#1 r3            | PARTLY_RECEIVED  | 7  | 1@5 6@12 | 0 | 7",
        "o10@5 c4@5#1 c6@12#1 r7            | PARTLY_RECEIVED  | 3  | 3@12     | 0 | 7",
        "o10@5 c10@5#1 r10                  | RECEIVED         | 0  | ''       | 0 | 0",
        "o10@5 c4@5#1 n6                    | CONFIRMED        | 4  | 4@5      | 0 | 0",
        "o10@5 c4@5#1 n6 r4                 | RECEIVED         | 0  | ''       | 0 | 0",
        "o10@5 n10                          | CANCELLED        | 0  | ''       | 0 | 0",
        "o10@5 c4@5#1 c6@12#1 n2            | CONFIRMED        | 8  | 4@5 4@12 | 0 | 7",
        "o10@5 r12                          | RECEIVED         | -2 | ''       | 0 | 0"})
    void whatBecameOfALineFollowsFromWhatHappenedToIt(String happened, OrderLine.State state, int open, String coming, int unpromised,
            int late) {
        OrderLine line = line(happened);
        assertThat(line.state()).isEqualTo(state);
        assertThat(line.open()).isEqualTo(open);
        assertThat(coming(line)).isEqualTo(coming);
        assertThat(line.unpromised()).isEqualTo(unpromised);
        assertThat(line.daysLate()).isEqualTo(late);
        assertThat(state.label()).isNotBlank();
    }

    @ParameterizedTest
    @CsvSource({"o10@5 c10@5#1 r10@7, 2", "o10@5 c10@8#1 r10@7, 0", "o10@5 r10@9, 4", "o10@5 c4@5#1 c6@12#1 r4@5 r6@13, 1",
        "o10@5 c10@5#1 c10@9#2 r10@9, 0", "o10@5 c10@5#1 r4@9, ", "o10 r10@3, ", "o10@5 r10, "})
    void aWordIsBrokenByTheDaysTheLastPieceCameLater(String happened, Integer days) {
        assertThat(line(happened).daysBroken()).isEqualTo(Optional.ofNullable(days));
    }

    /** Whatever happens, in whatever order: never more is coming than is open, and what has no day is the rest. */
    @Test
    void neverMoreIsComingThanIsOpen() {
        Random random = new Random(7);
        for (int round = 0; round < 3000; round++) {
            int ordered = 1 + random.nextInt(12);
            StringBuilder said = new StringBuilder("o" + ordered + "@5");
            for (int answer = 1, left = ordered; answer <= random.nextInt(3); answer++) {
                int first = random.nextInt(ordered + 1);
                said.append(first > 0 ? " c" + first + "@" + random.nextInt(20) + "#" + answer : " x#" + answer);
                if (first < ordered && random.nextBoolean()) {
                    said.append(" c").append(ordered - first).append("@").append(random.nextInt(20)).append("#").append(answer);
                }
                int came = random.nextInt(left + 1);
                said.append(came > 0 ? " r" + came : "");
                left -= came;
                int not = random.nextInt(left + 1);
                said.append(not > 0 ? " n" + not : "");
                left -= not;
            }
            OrderLine line = line(said.toString());
            int coming = line.coming().stream().mapToInt(OrderLine.Coming::count).sum();
            assertThat(line.open()).as(said.toString()).isBetween(0, ordered);
            assertThat(coming + line.unpromised()).as(said.toString()).isEqualTo(line.open());
            assertThat(line.coming()).as(said.toString()).allMatch(c -> c.count() > 0)
                    .isSortedAccordingTo((a, b) -> a.on().compareTo(b.on()));
        }
    }
}
