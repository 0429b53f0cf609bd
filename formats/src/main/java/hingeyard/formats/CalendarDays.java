package hingeyard.formats;

import hingeyard.core.people.Absence;
import hingeyard.formats.UnreadableSheetException.Fault;
import java.io.IOException;
import java.io.StringReader;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.temporal.Temporal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Period;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.RRule;
import net.fortuna.ical4j.model.property.Summary;

/** Whole days out of a calendar file (RFC 5545): holidays, absences. */
public final class CalendarDays {

    /** More days than that are no calendar of one shop. */
    private static final int MOST = 400;
    private static final int MOST_EVENTS = 500;
    private static final int LONGEST_TITLE = 60;
    private static final Set<String> BY_DAYS = Set.of("DAILY", "WEEKLY", "MONTHLY", "YEARLY");

    /**
     * What was read.
     *
     * @param days    in order; those that meet are told apart as the file has them
     * @param leftOut what is not about whole days, or lies outside, a line each
     */
    public record Read(List<Absence> days, List<String> leftOut) {
    }

    private CalendarDays() {
    }

    /**
     * @param from,to days outside are left out
     * @throws UnreadableSheetException naming the line and the reason, where it is no calendar or one that cannot be counted out
     */
    public static Read read(String text, LocalDate from, LocalDate to) {
        Calendar calendar = parsed(text);
        List<Absence> days = new ArrayList<>();
        List<String> leftOut = new ArrayList<>();
        List<VEvent> events = calendar.getComponents("VEVENT");
        if (events.size() > MOST_EVENTS) {
            throw refused(0, "%d events; a calendar of at most %d is needed".formatted(events.size(), MOST_EVENTS));
        }
        for (VEvent event : events) {
            String title = title(event);
            Optional<Temporal> begins = event.getDateTimeStart().map(s -> s.getDate());
            if (begins.filter(LocalDate.class::isInstance).isEmpty()) {
                leftOut.add("%s: %s; only whole days are taken".formatted(title.isEmpty() ? "without a title" : title,
                        begins.map(b -> "at a time of day").orElse("without a beginning")));
                continue;
            }
            List<Absence> own = occurrences(event, title, from, to);
            if (own.isEmpty()) {
                leftOut.add("%s: not between %s and %s".formatted(title.isEmpty() ? begins.get().toString() : title, from, to));
            }
            days.addAll(own);
            if (days.size() > MOST) {
                throw refused(lineOf(text, event), "more than %d days; a calendar with fewer is needed".formatted(MOST));
            }
        }
        days.sort(Comparator.comparing(Absence::from).thenComparing(Absence::to));
        return new Read(List.copyOf(days), List.copyOf(leftOut));
    }

    private static Calendar parsed(String text) {
        try {
            return new CalendarBuilder().build(new StringReader(text));
        } catch (ParserException e) {
            throw new UnreadableSheetException(List.of(new Fault(Math.max(0, e.getLineNo()), 1, "",
                    "this is no calendar file: " + Optional.ofNullable(e.getMessage()).orElse("it cannot be read"))), e);
        } catch (IOException | RuntimeException e) {
            throw new UnreadableSheetException(List.of(new Fault(0, 0, "", "this is no calendar file that can be read")), e);
        }
    }

    private static List<Absence> occurrences(VEvent event, String title, LocalDate from, LocalDate to) {
        Optional<RRule<?>> rule = event.getProperty("RRULE");
        if (rule.isPresent() && !BY_DAYS.contains(String.valueOf(rule.get().getRecur().getFrequency()))) {
            throw refused(0, "'%s' comes back more often than once a day".formatted(title));
        }
        try {
            return event.calculateRecurrenceSet(new Period<Temporal>(from, to.plusDays(1))).stream()
                    .map(p -> new Absence((LocalDate) p.getStart(), last((LocalDate) p.getStart(), (LocalDate) p.getEnd()), title))
                    .filter(a -> !a.to().isBefore(from) && !a.from().isAfter(to)).limit(MOST + 1L).toList();
        } catch (DateTimeException | ClassCastException | IllegalArgumentException e) {
            throw new UnreadableSheetException(
                    List.of(new Fault(0, 0, "", "the days of '%s' cannot be counted out".formatted(title))), e);
        }
    }

    /** The end is the day after the last; one without an end is a day. */
    private static LocalDate last(LocalDate first, LocalDate end) {
        return end.isAfter(first) ? end.minusDays(1) : first;
    }

    private static Optional<String> said(VEvent event) {
        return event.<Summary>getProperty("SUMMARY").map(Summary::getValue);
    }

    private static String title(VEvent event) {
        String said = said(event).orElse("").replaceAll("\\p{Cntrl}", " ").strip();
        return said.length() <= LONGEST_TITLE ? said : said.substring(0, LONGEST_TITLE - 1).strip() + "…";
    }

    /** The line its title stands in; 0 where it has none. */
    private static int lineOf(String text, VEvent event) {
        String said = said(event).orElse("");
        int at = said.isEmpty() ? -1 : text.indexOf(said);
        return at < 0 ? 0 : (int) text.substring(0, at).lines().count();
    }

    private static UnreadableSheetException refused(int line, String why) {
        return new UnreadableSheetException(List.of(new Fault(line, line == 0 ? 0 : 1, "", why)), null);
    }
}
