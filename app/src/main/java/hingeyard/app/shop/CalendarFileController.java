package hingeyard.app.shop;

import hingeyard.app.wiring.ShopClock;
import hingeyard.formats.CalendarDays;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Reads a calendar file for whoever enters absences or holidays; keeps nothing of it. */
@RestController
class CalendarFileController {

    private static final int MOST_LETTERS = 400_000;
    private static final int YEARS = 3;

    record CalendarGiven(
            @NotBlank(message = "a calendar file's text") @Size(max = MOST_LETTERS, message = "at most 400000 letters") String text) {
    }

    /** @param to the last of the days */
    record DaysRead(LocalDate from, LocalDate to, String why) {
    }

    /** @param leftOut what is not about whole days, or lies outside, a line each */
    record CalendarRead(List<DaysRead> days, List<String> leftOut) {
    }

    private final ShopClock clock;

    CalendarFileController(ShopClock clock) {
        this.clock = clock;
    }

    /** The whole days in it, from today on; each goes where whoever asked puts it, and is saved with that. */
    @PostMapping("/api/shop/calendar-file")
    CalendarRead read(@Valid @RequestBody CalendarGiven given) {
        CalendarDays.Read read = CalendarDays.read(given.text(), clock.today(), clock.today().plusYears(YEARS));
        return new CalendarRead(read.days().stream().map(d -> new DaysRead(d.from(), d.to(), d.why())).toList(), read.leftOut());
    }
}
