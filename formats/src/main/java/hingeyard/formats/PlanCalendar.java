package hingeyard.formats;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.XProperty;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;

/**
 * The plan as a calendar (RFC 5545) that any calendar program subscribes to. Times are told in UTC, so that no zone has to be explained.
 */
public final class PlanCalendar {

    /**
     * Work, or a bike on a stand.
     *
     * @param id      the same as long as it is the same work
     * @param title   in a few words; names no customer: whoever has the address reads it
     * @param details further lines, may be empty
     */
    public record Entry(String id, Instant from, Instant to, String title, String place, String details) {
    }

    /** Days as wholes: closed ones, absences, promised days. */
    public record WholeDays(String id, LocalDate from, LocalDate to, String title) {
    }

    private PlanCalendar() {
    }

    /**
     * @param name of the calendar
     * @param now  when it was made
     * @param zone the shop's
     */
    public static String write(String name, Instant now, ZoneId zone, List<Entry> entries, List<WholeDays> days) {
        Calendar calendar = new Calendar().withProdId("-//Hinge Yard//The plan//EN").withDefaults().getFluentTarget();
        calendar.add(new XProperty("X-WR-CALNAME", text(name)));
        calendar.add(new XProperty("X-WR-TIMEZONE", zone.getId()));
        for (Entry entry : entries) {
            VEvent event = new VEvent(entry.from(), entry.to(), text(entry.title()));
            event.replace(new DtStamp(now));
            event.add(new Uid(entry.id() + "@hinge-yard.invalid"));
            if (!entry.place().isBlank()) {
                event.add(new Location(text(entry.place())));
            }
            if (!entry.details().isBlank()) {
                event.add(new Description(text(entry.details())));
            }
            calendar.add(event);
        }
        for (WholeDays day : days) {
            // The end of whole days is the day after the last.
            VEvent event = new VEvent(day.from(), day.to().plusDays(1), text(day.title()));
            event.replace(new DtStamp(now));
            event.add(new Uid(day.id() + "@hinge-yard.invalid"));
            calendar.add(event);
        }
        StringWriter written = new StringWriter();
        try {
            // What has nothing in it is a calendar all the same, although the format asks for one entry at least.
            new CalendarOutputter(!entries.isEmpty() || !days.isEmpty()).output(calendar, written);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return written.toString();
    }

    /** Without control signs, which no calendar may hold. */
    private static String text(String said) {
        return said.replaceAll("[\\p{Cntrl}&&[^\n\t]]", "");
    }
}
