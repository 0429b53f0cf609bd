package hingeyard.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.booking.ShopDays;
import hingeyard.core.people.WorkingHours;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Now is Friday 12 March 2027, 13:00; the shop is open Monday to Friday, and on Mondays from nine. */
class WaitDaysTest {

    private static final LocalDateTime NOW = LocalDateTime.of(2027, 3, 12, 13, 0);

    private static WaitDays days(LocalDate here) {
        return new WaitDays(NOW, ShopDays.WORKING_WEEK,
                new WorkingHours(Map.of(DayOfWeek.MONDAY, new WorkingHours.Span(LocalTime.of(9, 0), LocalTime.of(17, 0)))), here);
    }

    @ParameterizedTest
    @CsvSource({"2027-03-12, 2027-03-15T09:00", "2027-03-15, 2027-03-16T08:00", "2027-03-13, 2027-03-15T09:00"})
    void whatNobodySaidTheEndOfEndsWhenTheShopOpensNext(LocalDate here, LocalDateTime until) {
        assertThat(days(here).supposed(Wait.Kind.CHOICE, "a kit")).isEqualTo(new Wait(Wait.Kind.CHOICE, "a kit", until, false));
    }

    @ParameterizedTest
    @CsvSource({"2027-03-15, 2027-03-15T09:00, true", "2027-03-14, 2027-03-15T09:00, true", "2027-03-11, 2027-03-15T09:00, false"})
    void aBikeIsAwaitedOnItsDayOrNobodyKnowsWhen(LocalDate expected, LocalDateTime until, boolean known) {
        Wait wait = days(NOW.toLocalDate()).arrival(expected);
        assertThat(wait.until()).isEqualTo(until);
        assertThat(wait.known()).isEqualTo(known);
        assertThat(wait.what()).isEqualTo(known ? "the bike" : "the bike, which was expected before today");
    }

    @ParameterizedTest
    @CsvSource({"2027-03-16, true, 2027-03-16T12:00, true", "2027-03-16, false, 2027-03-16T12:00, false",
        "2027-03-12, true, 2027-03-15T12:00, false", "2027-03-13, true, 2027-03-15T12:00, true",
        "2027-03-01, true, 2027-03-15T12:00, false"})
    void aPartIsThereAtNoonOfItsDayAndOneThatIsOverdueOnTheNextAtTheEarliest(LocalDate on, boolean said, LocalDateTime until,
            boolean known) {
        assertThat(days(NOW.toLocalDate()).part("1 × screw", on, said)).isEqualTo(new Wait(Wait.Kind.PART, "1 × screw", until, known));
    }
}
