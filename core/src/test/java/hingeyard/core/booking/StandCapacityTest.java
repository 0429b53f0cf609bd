package hingeyard.core.booking;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.booking.StandCapacity.Day;
import hingeyard.core.booking.StandCapacity.Load;
import hingeyard.core.booking.StandCapacity.Outlook;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class StandCapacityTest {

    private static final LocalDate TUESDAY = LocalDate.of(2026, 3, 24);

    private static List<Load> standing(int count, int quarters) {
        return new ArrayList<>(Collections.nCopies(count, new Load(TUESDAY.minusDays(3), true, quarters)));
    }

    @Test
    void anEmptyShopIsGoodEveryWorkingDay() {
        List<Day> days = StandCapacity.outlook(TUESDAY, 7, ShopDays.WORKING_WEEK, 6, List.of(), 4);
        assertThat(days).extracting(Day::outlook).containsExactly(Outlook.GOOD, Outlook.GOOD, Outlook.GOOD, Outlook.GOOD, Outlook.CLOSED,
                Outlook.CLOSED,
                Outlook.GOOD);
        assertThat(days.get(0)).satisfies(d -> {
            assertThat(d.freeStands()).isEqualTo(6);
            assertThat(d.startsOn()).isEqualTo(TUESDAY);
            assertThat(d.readyOn()).isEqualTo(TUESDAY);
        });
    }

    @Test
    void twoStandsWithThreeDaysEachMakeATuesdayThinAndAFridayGood() {
        List<Day> days = StandCapacity.outlook(TUESDAY, 4, ShopDays.WORKING_WEEK, 2, standing(2, 12), 4);
        assertThat(days).extracting(Day::outlook).containsExactly(Outlook.THIN, Outlook.THIN, Outlook.GOOD, Outlook.GOOD);
        assertThat(days.get(0).startsOn()).isEqualTo(LocalDate.of(2026, 3, 27));
        assertThat(days.get(0).sentence()).isEqualTo("Thin: it waits in the rack until Fri 27 Mar.");
        assertThat(days.get(0).freeStands()).isZero();
    }

    @Test
    void aFullWeekIsFullAndReachesOverTheWeekend() {
        List<Day> days = StandCapacity.outlook(TUESDAY, 2, ShopDays.WORKING_WEEK, 1, standing(1, 20), 4);
        assertThat(days.get(0).outlook()).isEqualTo(Outlook.FULL);
        assertThat(days.get(0).startsOn()).isEqualTo(LocalDate.of(2026, 3, 31));
    }

    @Test
    void awaitedBikesTakeStandsFromTheDayTheyCome() {
        List<Load> loads = List.of(new Load(TUESDAY.plusDays(1), false, 8), new Load(TUESDAY.plusDays(1), false, 8));
        List<Day> days = StandCapacity.outlook(TUESDAY, 3, ShopDays.WORKING_WEEK, 2, loads, 4);
        assertThat(days).extracting(Day::arrivals).containsExactly(0, 2, 0);
        assertThat(days).extracting(Day::freeStands).containsExactly(2, 0, 0);
    }

    @Test
    void aClosedDayTakesNobodyAndMovesWhatWouldHaveBeenDoneOnIt() {
        ShopDays shop = new ShopDays(Set.of(DayOfWeek.TUESDAY, DayOfWeek.WEDNESDAY, DayOfWeek.SATURDAY),
                Map.of(TUESDAY.plusDays(1), "stocktaking", TUESDAY.plusDays(2), "never open anyway"));
        List<Day> days = StandCapacity.outlook(TUESDAY, 5, shop, 1, List.of(), 8);
        assertThat(days).extracting(Day::outlook).containsExactly(Outlook.GOOD, Outlook.CLOSED, Outlook.CLOSED, Outlook.CLOSED,
                Outlook.GOOD);
        // Two days of work: Tuesday and, as Wednesday is closed, Saturday.
        assertThat(days.get(0).readyOn()).isEqualTo(TUESDAY.plusDays(4));
        assertThat(days.get(1).sentence()).isEqualTo("The shop is closed: stocktaking.");
        assertThat(days.get(2).sentence()).isEqualTo("The shop is closed.");
        assertThat(days.get(1).startsOn()).isEqualTo(TUESDAY.plusDays(4));
    }

    @Test
    void aShopThatIsNeverOpenIsNoShop() {
        assertThatThrownBy(() -> new ShopDays(Set.of(), Map.of())).hasMessageContaining("at least one");
        Map<LocalDate, String> ever = TUESDAY.datesUntil(TUESDAY.plusYears(11)).collect(Collectors.toMap(d -> d, d -> "away"));
        assertThat(new ShopDays(Set.of(DayOfWeek.TUESDAY), ever).openFrom(TUESDAY)).isEqualTo(TUESDAY);
    }

    @Test
    void moreStandsNeverMakeADayWorseAndOrderDoesNotMatter() {
        Random random = new Random(5);
        for (int turn = 0; turn < 200; turn++) {
            List<Load> loads = new ArrayList<>();
            for (int i = random.nextInt(30); i > 0; i--) {
                loads.add(new Load(TUESDAY.plusDays(random.nextInt(10)), random.nextInt(4) == 0, 1 + random.nextInt(8)));
            }
            List<Day> few = StandCapacity.outlook(TUESDAY, 10, ShopDays.WORKING_WEEK, 3, loads, 4);
            List<Day> many = StandCapacity.outlook(TUESDAY, 10, ShopDays.WORKING_WEEK, 4, loads, 4);
            for (int i = 0; i < few.size(); i++) {
                assertThat(many.get(i).startsOn()).isBeforeOrEqualTo(few.get(i).startsOn());
            }
            assertThat(few).allSatisfy(d -> assertThat(d.readyOn()).isAfterOrEqualTo(d.startsOn()));
        }
        assertThatThrownBy(() -> StandCapacity.outlook(TUESDAY, 1, ShopDays.WORKING_WEEK, 0, List.of(), 4))
                .hasMessageContaining("at least 1");
    }
}
