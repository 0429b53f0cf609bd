package hingeyard.app.plan;

import hingeyard.app.face.Faces;
import hingeyard.app.person.SignedIn;
import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.people.Absence;
import hingeyard.core.plan.DayAhead;
import hingeyard.core.plan.OwnDay;
import hingeyard.core.plan.PlacedLeg;
import hingeyard.core.plan.StockDay;
import hingeyard.core.plan.Worker;
import hingeyard.formats.MorningPdf;
import hingeyard.formats.MorningPdf.Morning;
import hingeyard.formats.MorningPdf.OnStand;
import hingeyard.formats.MorningPdf.Person;
import hingeyard.formats.MorningPdf.Turn;
import hingeyard.formats.PlanCsv;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The plan on paper and as a table. */
@RestController
class PlanPapersController {

    /** A paper is printed for one of the days that are shown. */
    private static final int DAYS = 21;
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm");
    private static final DateTimeFormatter PRINTED = DateTimeFormatter.ofPattern("EEE d MMM, HH:mm", Locale.UK);

    private final Ahead ahead;
    private final StockDayController stock;
    private final ShopClock clock;
    private final Faces faces;

    PlanPapersController(Ahead ahead, StockDayController stock, ShopClock clock, Faces faces) {
        this.faces = faces;
        this.ahead = ahead;
        this.stock = stock;
        this.clock = clock;
    }

    /** A line for each leg. */
    @GetMapping(path = "/api/plan/plan.csv", produces = "text/csv;charset=UTF-8")
    ResponseEntity<String> table() {
        return sent("plan.csv", PlanCsv.write(ahead.now().plan()));
    }

    /** A day by person and by stand, today where none is named. */
    @GetMapping(path = "/api/plan/morning.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> morning(@RequestParam(name = "date") Optional<LocalDate> date) {
        Ahead.Planned now = ahead.now();
        LocalDate today = now.question().now().toLocalDate();
        LocalDate day = date.orElse(today);
        if (day.isBefore(today) || !day.isBefore(today.plusDays(DAYS))) {
            throw Refused.input("date", day.toString(), "a day from %s to %s".formatted(today, today.plusDays(DAYS - 1L)));
        }
        DayAhead of = DayAhead.of(now.question(), now.plan(), DAYS).stream().filter(d -> d.date().equals(day)).findFirst().orElseThrow();
        List<Person> people = now.question().workers().stream().filter(w -> w.does() || works(now, w.name(), day))
                .map(w -> person(now, w, day)).toList();
        List<Integer> free = now.question().stands().stream().map(s -> s.number())
                .filter(n -> of.standing().stream().noneMatch(s -> s.stand() == n)).toList();
        return sent("morning-%s.pdf".formatted(day), MorningPdf.write(faces.letterhead(), new Morning(day, people,
                of.standing().stream().map(s -> new OnStand(s.stand(), s.job(), bike(now, s.job()), said(now, s, day))).toList(), free,
                of.promised().stream().map(j -> "%d %s, %s%s".formatted(j, bike(now, j), now.jobs().get(j).customer(), finish(now, j, day)))
                        .toList(),
                stock.day(now).trays().stream().filter(t -> !t.wanted().toLocalDate().isAfter(day)).map(PlanPapersController::tray)
                        .toList(),
                "Printed %s by %s".formatted(PRINTED.format(LocalDateTime.ofInstant(clock.now(), clock.zone())), SignedIn.name()))));
    }

    private static boolean works(Ahead.Planned now, String name, LocalDate day) {
        return now.plan().legs().stream().anyMatch(l -> l.person().equals(name) && DayAhead.minutes(l, day) > 0);
    }

    private static String bike(Ahead.Planned now, long job) {
        return now.jobs().get(job).bike();
    }

    private static Person person(Ahead.Planned now, Worker worker, LocalDate day) {
        OwnDay own = OwnDay.of(now.question(), now.plan(), worker.name(), day, now.steps());
        List<Turn> turns = new ArrayList<>();
        for (OwnDay.Turn t : own.turns()) {
            Turn read = turn(now, t);
            Turn last = turns.isEmpty() ? null : turns.get(turns.size() - 1);
            // One bike in the same place, one thing after the other: one line.
            boolean goesOn = last != null && last.job() == read.job() && last.where().equals(read.where()) && last.to().equals(read.from());
            if (goesOn) {
                turns.set(turns.size() - 1, new Turn(last.from(), read.to(), read.job(), read.bike(), last.what() + ", " + read.what(),
                        read.where(), Stream.concat(last.notes().stream(), read.notes().stream()).distinct().toList()));
            } else {
                turns.add(read);
            }
        }
        String away = worker.away(day).map(Absence::why).map(w -> w.isBlank() ? "the whole day" : w).orElse("");
        return new Person(worker.name(), away, turns);
    }

    /** Everyday tools hang at the stand; what the shop has few of is fetched. */
    private static Turn turn(Ahead.Planned now, OwnDay.Turn turn) {
        List<String> notes = new ArrayList<>();
        PlacedLeg leg = turn.leg();
        if (!leg.leg().tools().isEmpty()) {
            notes.add("Fetch: " + leg.leg().tools().stream().sorted().collect(Collectors.joining("; ")));
        }
        if (!turn.holds().isEmpty()) {
            notes.add("Hold point%s: %s. %s".formatted(turn.holds().size() == 1 ? "" : "s", String.join("; ", turn.holds()),
                    turn.lookers().isEmpty() ? "Nobody is in then who may look." : "Call " + String.join(" or ", turn.lookers()) + "."));
        }
        return new Turn(turn.from().toLocalTime(), turn.to().toLocalTime(), leg.job(), bike(now, leg.job()), leg.leg().title(),
                leg.stand().map(s -> "stand " + s).orElse(leg.leg().place().label()), notes);
    }

    private static String said(Ahead.Planned now, DayAhead.Standing standing, LocalDate day) {
        return standing.hands().isEmpty() ? standing.waits().map(w -> "waits for " + w.what()).orElse("rests on its stand")
                : now.plan().of(standing.job()).stream().filter(l -> DayAhead.minutes(l, day) > 0)
                        .map(l -> "%s from %s: %s".formatted(l.person(), TIME.format(l.worked().stream()
                                .filter(s -> s.from().toLocalDate().equals(day)).findFirst().orElseThrow().from()), l.leg().title()))
                        .collect(Collectors.joining("; "));
    }

    private static String finish(Ahead.Planned now, long job, LocalDate day) {
        return now.plan().finish(job).map(f -> f.toLocalDate().isAfter(day) ? ": late, finished " + PRINTED.format(f)
                : ": finished " + (f.toLocalDate().equals(day) ? TIME.format(f) : PRINTED.format(f))).orElse(": not planned");
    }

    private static String tray(StockDay.Tray tray) {
        return "%d for %s, %s: %d of %d parts picked".formatted(tray.job(), tray.person(), PRINTED.format(tray.wanted()),
                tray.laid().laid(),
                tray.laid().lines());
    }

    private static <T> ResponseEntity<T> sent(String name, T body) {
        return ResponseEntity.ok().header(HttpHeaders.CONTENT_DISPOSITION, ContentDisposition.inline().filename(name).build().toString())
                .body(body);
    }
}
