package hingeyard.core.order;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.booking.JobPriority;
import hingeyard.core.booking.WorkingDays;
import hingeyard.core.order.EarliestDates.Date;
import hingeyard.core.order.EarliestDates.Ground;
import hingeyard.core.order.EarliestDates.Supply;
import hingeyard.core.order.EarliestDates.Want;
import hingeyard.core.stock.Promises.Rank;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EarliestDatesTest {

    /** A Monday. */
    private static final LocalDate TODAY = LocalDate.of(2026, 3, 2);

    /** {@code id:count:days} the bike came that many days after another; {@code !} before others. */
    private static Want want(String said) {
        String[] f = said.replace("!", "").split(":");
        return new Want(Long.parseLong(f[0]), Integer.parseInt(f[1]),
                new Rank(said.endsWith("!") ? JobPriority.FIRST : JobPriority.USUAL, TODAY.plusDays(Long.parseLong(f[2]))));
    }

    private static <T> List<T> each(String said, java.util.function.Function<String, T> one) {
        return said.isBlank() ? List.of() : Arrays.stream(said.split(" ")).map(one).toList();
    }

    private static Supply supply(String said) {
        String[] f = said.split("[@#]");
        return new Supply(TODAY.plusDays(Long.parseLong(f[1])), Integer.parseInt(f[0]), f[2]);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "1:2:0                 | ''               | 1 to order 7",
        "1:2:0                 | 2@3#A            | 1 on A 3",
        "1:2:0                 | 1@3#A            | 1 to order 7",
        "1:2:0                 | 1@3#A 1@9#B      | 1 on B 9",
        "1:2:0 2:1:1           | 2@3#A            | 1 on A 3; 2 to order 7",
        "1:2:0 2:1:1           | 2@3#A 5@9#B      | 1 on A 3; 2 on B 9",
        "1:2:5 2:1:1           | 2@3#A            | 2 on A 3; 1 to order 7",
        "1:2:0 2:1:1!          | 2@3#A            | 2 on A 3; 1 to order 7",
        "1:1:0                 | 1@-2#A           | 1 on A 0",
        "1:3:0 2:1:1           | 2@3#A            | 1 to order 7; 2 on A 3"})
    void whatComesIsGivenOutByRank(String wants, String coming, String dates) {
        List<Date> found = EarliestDates.of(each(wants, EarliestDatesTest::want), each(coming, EarliestDatesTest::supply), TODAY, 5);
        assertThat(found.stream()
                .map(d -> "%d %s %d".formatted(d.want().id(), d.ground() == Ground.TO_ORDER ? "to order" : "on " + d.order(),
                        d.on().toEpochDay() - TODAY.toEpochDay()))
                .collect(Collectors.joining("; "))).isEqualTo(dates);
    }

    /**
     * On any wants and supplies: nobody is promised a piece twice, the order they are named in is of no account, and who ranks before never
     * gets the same later than who wants no fewer.
     */
    @Test
    void noPieceIsPromisedTwiceAndRankCounts() {
        Random random = new Random(11);
        for (int round = 0; round < 4000; round++) {
            List<Want> wants = new ArrayList<>();
            for (int i = 0; i < random.nextInt(6); i++) {
                wants.add(new Want(i, 1 + random.nextInt(3),
                        new Rank(JobPriority.values()[random.nextInt(3)], TODAY.plusDays(random.nextInt(4)))));
            }
            List<Supply> coming = new ArrayList<>();
            for (int i = 0; i < random.nextInt(4); i++) {
                coming.add(new Supply(TODAY.plusDays(random.nextInt(15) - 2), 1 + random.nextInt(4), "O" + i));
            }
            List<Date> dates = EarliestDates.of(wants, coming, TODAY, 8);
            List<Want> shuffled = new ArrayList<>(wants);
            Collections.shuffle(shuffled, random);
            List<Supply> mixed = new ArrayList<>(coming);
            Collections.shuffle(mixed, random);
            assertThat(EarliestDates.of(shuffled, mixed, TODAY, 8)).isEqualTo(dates);
            assertThat(dates).hasSameSizeAs(wants);
            for (Date d : dates) {
                int until = dates.stream().filter(o -> o.ground() == Ground.ON_ORDER && !o.on().isAfter(d.on()))
                        .mapToInt(o -> o.want().count()).sum();
                int there = coming.stream().filter(s -> !s.on().isAfter(d.on())).mapToInt(Supply::count).sum();
                assertThat(d.ground() == Ground.TO_ORDER || until <= there).isTrue();
            }
            List<Date> onOrder = dates.stream().filter(d -> d.ground() == Ground.ON_ORDER).toList();
            assertThat(onOrder).isSortedAccordingTo((a, b) -> a.on().compareTo(b.on()));
        }
    }

    @ParameterizedTest
    @CsvSource({"2026-03-02, 0, 2026-03-02", "2026-03-02, 5, 2026-03-09", "2026-03-06, 1, 2026-03-09", "2026-03-07, 0, 2026-03-09",
        "2026-03-07, 1, 2026-03-09", "2026-03-05, 2, 2026-03-09"})
    void aLeadTimeCountsWorkingDays(LocalDate from, int days, LocalDate on) {
        assertThat(WorkingDays.after(from, days)).isEqualTo(on);
    }
}
