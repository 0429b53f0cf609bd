package hingeyard.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.people.Absence;
import java.io.StringReader;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Calendars out and in, read back by a library that knows the format's rules. */
class CalendarTest {

    private static final Instant NOW = Instant.parse("2027-03-08T06:30:00Z");
    private static final LocalDate FROM = LocalDate.of(2027, 1, 1);
    private static final LocalDate TO = LocalDate.of(2029, 12, 31);

    private static String file(String... events) {
        return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//made up//EN\r\n" + String.join("", events) + "END:VCALENDAR\r\n";
    }

    private static String event(String... lines) {
        return "BEGIN:VEVENT\r\nUID:" + String.join("-", lines).hashCode() + "\r\nDTSTAMP:20260101T000000Z\r\n"
                + String.join("\r\n", lines) + "\r\nEND:VEVENT\r\n";
    }

    private static String value(VEvent event, String property) {
        return event.<Property>getProperty(property).orElseThrow().getValue();
    }

    @Test
    void whatIsWrittenIsACalendarByTheRulesAndSaysTheSame() throws Exception {
        String written = PlanCalendar.write("The shop", NOW, ZoneId.of("Europe/Berlin"),
                List.of(new PlanCalendar.Entry("412-mount", Instant.parse("2027-03-08T08:00:00Z"), Instant.parse("2027-03-08T09:30:00Z"),
                        "412: mounting; first, then – with a title that is so long that its line has to be folded at least once ü",
                        "Stand 3", "Tova\nhold point: axle nuts")),
                List.of(new PlanCalendar.WholeDays("closed-1", LocalDate.of(2027, 3, 26), LocalDate.of(2027, 3, 28), "closed: Easter")));
        Calendar read = new CalendarBuilder().build(new StringReader(written));
        assertThat(read.validate(true).getEntries()).isEmpty();
        List<VEvent> events = read.getComponents("VEVENT");
        assertThat(events).hasSize(2);
        assertThat(value(events.get(0), "SUMMARY")).contains("412: mounting; first, then – with").endsWith("ü");
        assertThat(Instant.from(events.get(0).getDateTimeStart().orElseThrow().getDate())).isEqualTo(Instant.parse("2027-03-08T08:00:00Z"));
        assertThat(value(events.get(0), "LOCATION")).isEqualTo("Stand 3");
        assertThat(value(events.get(0), "DESCRIPTION")).isEqualTo("Tova\nhold point: axle nuts");
        assertThat(events.get(1).getDateTimeEnd().orElseThrow().getDate()).isEqualTo(LocalDate.of(2027, 3, 29));
        assertThat(written.lines()).allMatch(l -> l.getBytes(java.nio.charset.StandardCharsets.UTF_8).length <= 75);
        assertThat(CalendarDays.read(written, FROM, TO).days())
                .containsExactly(new Absence(LocalDate.of(2027, 3, 26), LocalDate.of(2027, 3, 28), "closed: Easter"));
    }

    @Test
    void aPlanWithNothingInItIsACalendarAllTheSame() {
        assertThat(PlanCalendar.write("The shop", NOW, ZoneId.of("UTC"), List.of(), List.of())).startsWith("BEGIN:VCALENDAR")
                .contains("END:VCALENDAR");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "one day, no end | DTSTART;VALUE=DATE:20270517 | | 2027-05-17 to 2027-05-17",
        "the end is the day after | DTSTART;VALUE=DATE:20271224 | DTEND;VALUE=DATE:20271227 | 2027-12-24 to 2027-12-26",
        "so many days | DTSTART;VALUE=DATE:20271224 | DURATION:P3D | 2027-12-24 to 2027-12-26",
        "every year | DTSTART;VALUE=DATE:20200501 | RRULE:FREQ=YEARLY | 2027-05-01 to 2027-05-01 2028-05-01 to 2028-05-01 2029-05-01 to 2029-05-01",
        "but not one | DTSTART;VALUE=DATE:20270501 | RRULE:FREQ=YEARLY;COUNT=1 | 2027-05-01 to 2027-05-01",
        "long before | DTSTART;VALUE=DATE:20100501 | | ",
        "by the hour | DTSTART:20270501T100000Z | DTEND:20270501T110000Z | "})
    void daysAreReadAsTheyAreMeant(String title, String begins, String more, String days) {
        String text = file(more == null ? event("SUMMARY:" + title, begins) : event("SUMMARY:" + title, begins, more));
        CalendarDays.Read read = CalendarDays.read(text, FROM, TO);
        assertThat(read.days()).extracting(Absence::why).allMatch(title::equals);
        assertThat(String.join(" ", read.days().stream().map(d -> d.from() + " to " + d.to()).toList()))
                .isEqualTo(days == null ? "" : days);
        assertThat(read.leftOut()).hasSize(days == null ? 1 : 0).allMatch(l -> l.startsWith(title + ": "));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "BEGIN:VCALENDAR~VERSION:2.0~hello~END:VCALENDAR~ | no calendar file",
        "hello | no calendar file",
        "`` | no calendar file",
        "BEGIN:VCALENDAR~VERSION:2.0~BEGIN:VEVENT~UID:1~DTSTAMP:20260101T000000Z~DTSTART;VALUE=DATE:2027x101~END:VEVENT~END:VCALENDAR~ | no calendar file",
        "BEGIN:VCALENDAR~VERSION:2.0~BEGIN:VEVENT~UID:1~DTSTAMP:20260101T000000Z~DTSTART;VALUE=DATE:20270101~SUMMARY:Blink~RRULE:FREQ=SECONDLY~END:VEVENT~END:VCALENDAR~ | 'Blink' comes back more often than once a day",
        "BEGIN:VCALENDAR~VERSION:2.0~BEGIN:VEVENT~UID:1~DTSTAMP:20260101T000000Z~DTSTART;VALUE=DATE:00010101~SUMMARY:Always~RRULE:FREQ=DAILY~END:VEVENT~END:VCALENDAR~ | line 7, column 1: more than 400 days"}, quoteCharacter = '`')
    void whatIsNoCalendarOfAShopIsRefusedWhole(String text, String said) {
        assertThatThrownBy(() -> CalendarDays.read(text.replace("~", "\r\n"), FROM, TO)).isInstanceOf(UnreadableSheetException.class)
                .hasMessageContaining(said);
    }
}
