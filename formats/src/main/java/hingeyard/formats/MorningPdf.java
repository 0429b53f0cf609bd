package hingeyard.formats;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** The morning's paper: the day by person on the left, by stand on the right, on one sheet across. */
public final class MorningPdf {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM yyyy", Locale.ENGLISH);
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm");

    /**
     * A turn of somebody at a bike.
     *
     * @param where stand, bench or strip
     * @param notes what to fetch, whom to call; a line each
     */
    public record Turn(LocalTime from, LocalTime to, long job, String bike, String what, String where, List<String> notes) {
    }

    /** @param away why they are not in; empty where they are */
    public record Person(String name, String away, List<Turn> turns) {
    }

    /** @param said who is at it, or what it waits for */
    public record OnStand(int stand, long job, String bike, String said) {
    }

    /**
     * @param promised what is promised for this day, a line each
     * @param trays    trays that are still to be picked for it, a line each
     * @param printed  when and by whom
     */
    public record Morning(LocalDate date, List<Person> people, List<OnStand> stands, List<Integer> free, List<String> promised,
            List<String> trays, String printed) {
    }

    private MorningPdf() {
    }

    /** @param shop whose morning it is */
    public static byte[] write(Letterhead shop, Morning of) {
        return Paper.pdf("""
                <html lang="en"><head><title>%2$s</title><style>
                @page { size: A4 landscape; margin: 11mm 12mm 12mm 12mm; @bottom-right { content: counter(page) " of " counter(pages); font: 8pt 'Yard' } @bottom-left { content: "%1$s"; font: 8pt 'Yard' } }
                body { margin: 0; font-family: 'Yard', 'Wide'; font-size: 9.5pt; color: #14211d; line-height: 1.25 }
                h1 { font-size: 19pt; margin: 0 0 2mm 0 } p { margin: 0.8mm 0 } h2 { font-size: 12pt; margin: 3mm 0 0.5mm 0; border-bottom: 0.5mm solid #14211d; page-break-after: avoid }
                table { width: 100%%; border-collapse: collapse } td { border-top: 0.15mm solid #b9c2ba; padding: 0.8mm 2mm 0.8mm 0; vertical-align: top }
                tr { page-break-inside: avoid } .t { width: 23mm; white-space: nowrap; font-weight: 700 } .w { width: 22mm; font-weight: 700 } .s { width: 9mm; font-size: 13pt; font-weight: 700 }
                .soft { color: #4a5852 } .box { display: inline-block; width: 3.2mm; height: 3.2mm; border: 0.35mm solid #14211d; margin-right: 1.5mm }
                .half { width: 49%%; vertical-align: top; border: none; padding: 0 } .gap { width: 2%%; border: none }
                </style></head><body>
                <h1>%2$s</h1>
                <table><tr><td class="half">%3$s</td><td class="gap"></td><td class="half">%4$s</td></tr></table>
                </body></html>""".formatted(Paper.escaped(shop.foot(of.printed())), DAY.format(of.date()),
                of.people().stream().map(MorningPdf::person).collect(Collectors.joining()), right(of)));
    }

    private static String person(Person person) {
        StringBuilder said = new StringBuilder("<h2>").append(Paper.escaped(person.name())).append("</h2>");
        if (!person.away().isEmpty()) {
            return said.append("<p class=\"soft\">Away: ").append(Paper.escaped(person.away())).append("</p>").toString();
        }
        if (person.turns().isEmpty()) {
            return said.append("<p class=\"soft\">Nothing planned.</p>").toString();
        }
        said.append("<table>");
        person.turns().forEach(t -> said.append("<tr><td class=\"t\">%s–%s</td><td><b>%d</b> %s<br/>%s%s</td><td class=\"w\">%s</td></tr>"
                .formatted(TIME.format(t.from()), TIME.format(t.to()), t.job(), Paper.escaped(t.bike()), Paper.escaped(t.what()),
                        t.notes().stream().map(n -> "<br/><span class=\"soft\">" + Paper.escaped(n) + "</span>")
                                .collect(Collectors.joining()),
                        Paper.escaped(t.where()))));
        return said.append("</table>").toString();
    }

    private static String right(Morning of) {
        StringBuilder said = new StringBuilder("<h2>Stands</h2><table>");
        of.stands().forEach(s -> said.append("<tr><td class=\"s\">%d</td><td><b>%d</b> %s<br/><span class=\"soft\">%s</span></td></tr>"
                .formatted(s.stand(), s.job(), Paper.escaped(s.bike()), Paper.escaped(s.said()))));
        said.append("</table>");
        if (!of.free().isEmpty()) {
            said.append("<p>Free all day: ").append(of.free().stream().map(String::valueOf).collect(Collectors.joining(", ")))
                    .append("</p>");
        }
        return said.append(listed("Promised for today", of.promised(), "Nothing is promised for today."))
                .append(listed("Trays to pick", of.trays(), "Every tray that is wanted today is picked.")).toString();
    }

    private static String listed(String title, List<String> lines, String none) {
        return "<h2>" + title + "</h2>" + (lines.isEmpty() ? "<p class=\"soft\">" + none + "</p>"
                : lines.stream().map(l -> "<p><span class=\"box\"></span>" + Paper.escaped(l) + "</p>").collect(Collectors.joining()));
    }
}
