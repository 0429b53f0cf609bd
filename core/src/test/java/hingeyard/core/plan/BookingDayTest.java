package hingeyard.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.booking.ShopDays;
import hingeyard.core.booking.StandCapacity.Outlook;
import hingeyard.core.people.WorkingHours;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class BookingDayTest {

    private static final int DAYS = 28;

    private static List<BookingDay> days(PlanQuestion question, int quarterDays) {
        return BookingDay.of(question, Planner.plan(question, 20), Spread.USUAL, quarterDays, DAYS);
    }

    @Test
    void anEmptyShopIsGoodOnEveryOpenDay() {
        List<BookingDay> days = days(new RandomShops(51).soundShop(3, 3, 0), 4);
        assertThat(days).hasSize(DAYS).filteredOn(d -> d.outlook() == Outlook.CLOSED).hasSize(8)
                .allMatch(d -> d.sentence().equals("The shop is closed.")).allMatch(d -> d.promise().isEmpty());
        assertThat(days).filteredOn(d -> d.outlook() != Outlook.CLOSED).allMatch(d -> d.outlook() == Outlook.GOOD)
                .allSatisfy(d -> assertThat(d.promise().orElseThrow().safe()).isAfter(d.date()));
        // Wednesday: a kit is chosen by Thursday, and a day of work with what may come between is done on Friday.
        assertThat(days.get(0).sentence()).isEqualTo(
                "Good: work begins on Thu 11 Mar. Ready, and safe to promise, on Fri 12 Mar.");
    }

    @Test
    void aFullShopSaysWhenSomebodyIsFreeAndFillsNobodysDayTwice() {
        PlanQuestion question = new RandomShops(52).soundShop(2, 2, 40);
        Plan plan = Planner.plan(question, 20);
        List<BookingDay> days = BookingDay.of(question, plan, Spread.USUAL, 8, DAYS);
        assertThat(days).extracting(BookingDay::outlook).contains(Outlook.FULL);
        for (BookingDay day : days) {
            if (day.outlook() == Outlook.CLOSED) {
                continue;
            }
            assertThat(day.startsOn()).isAfter(day.date());
            // What is said is what planning it in by hand gives, and nobody else moves for it.
            List<PlanJob> jobs = new java.util.ArrayList<>(question.jobs());
            jobs.add(new PlanJob(9_999, hingeyard.core.booking.JobPriority.USUAL, java.util.Optional.empty(), java.util.Optional.empty(),
                    java.util.Optional.empty(), hingeyard.core.quantity.Mass.ZERO, Pin.NONE,
                    Legs.usual(8, List.of(new Wait(Wait.Kind.ARRIVAL, "the bike", day.date().atTime(8, 0), true),
                            new Wait(Wait.Kind.CHOICE, "a kit", question.days().openFrom(day.date().plusDays(1)).atTime(8, 0), false)))));
            PlanQuestion with = question.withJobs(jobs);
            Plan then = Planner.again(with, plan, 0);
            assertThat(PlanJudge.faults(with, then)).isEmpty();
            assertThat(then.of(9_999).get(0).start().toLocalDate()).isEqualTo(day.startsOn());
            assertThat(PlanDifference.of(question, plan, then)).extracting(PlanDifference.Moved::job).containsExactly(9_999L);
        }
    }

    @Test
    void aShopWithoutHoursSaysSo() {
        PlanQuestion question = new RandomShops(53).soundShop(1, 1, 0);
        PlanQuestion nobody = question.withWorkers(List.of(new Worker("P0", question.workers().get(0).skills(), new WorkingHours(Map.of()),
                List.of())));
        assertThat(days(nobody, 2).get(0).sentence())
                .isEqualTo("Nobody who does steps has hours entered. Enter hours, or who learns what is missing.");
    }

    @Test
    void aClosedDayIsToldWithItsReason() {
        PlanQuestion question = new RandomShops(54).soundShop(2, 2, 0);
        LocalDate day = question.now().toLocalDate().plusDays(1);
        PlanQuestion closed = new PlanQuestion(question.now(), new ShopDays(EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY),
                Map.of(day, "stocktaking")), question.stands(), question.workers(), List.of());
        assertThat(days(closed, 2).get(1).sentence()).isEqualTo("The shop is closed: stocktaking.");
        assertThat(days(closed, 2).get(0).startsOn()).isEqualTo(day.plusDays(1));
    }
}
