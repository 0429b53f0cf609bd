package hingeyard.formats;

import hingeyard.core.bike.BikeDrawing;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Origin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitReport;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** A whole match on paper, with every figure and where it came from: fit for arguing with a supplier. */
public final class MatchPdf {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);
    private static final Map<Verdict, String> SAID = Map.of(Verdict.FITS, "fits", Verdict.FITS_WITH, "fits with parts or work",
            Verdict.TRADE_OFF, "trade-off, wants consent",
            Verdict.MEASURE, "measure first", Verdict.NO_FIT, "does not fit");
    private static final Map<Origin, String> FROM = Map.of(Origin.MEASURED, "measured", Origin.PUBLISHED, "published", Origin.COMPUTED,
            "computed", Origin.LIMIT, "limit",
            Origin.SHOP_RULE, "shop rule");

    /**
     * Who and what the match is about.
     *
     * @param lines   bike, frame number, need, one line each
     * @param drawing the bike with the kit
     * @param paint   the frame's colour, {@code #rrggbb}
     * @param notes   what the shop learned on frames like this, one sentence each
     * @param caution what stands above this paper
     */
    public record Head(long job, String customer, List<String> lines, BikeDrawing drawing, String paint, LocalDate on, List<String> notes,
            String caution) {
    }

    private MatchPdf() {
    }

    /** @param shop whose match it is */
    public static byte[] write(Letterhead shop, Head head, FitReport report) {
        StringBuilder said = new StringBuilder();
        report.findings().forEach(f -> said.append(finding(f, head.paint())));
        String kit = report.kit().fullName();
        return Paper.pdf(Paper.sheet(shop, "%s, job %d".formatted(kit, head.job()),
                "Job %d, %s, %s".formatted(head.job(), DAY.format(head.on()), kit), """
                        h2 { margin: 0; border: 0 } .word { float: right; font-weight: 700 } .no { color: #a83215 }
                        .finding { border-top: 0.35mm solid #14211d; padding: 1.6mm 0 2.2mm 0; page-break-inside: avoid }
                        table { font-size: 8.5pt } td { padding: 0.5mm 2mm 0.5mm 0 }
                        .amount { text-align: right; font-weight: 700; white-space: nowrap } .from { width: 50mm; color: #4a5852 }""", """
                        <div class="bike">%3$s</div>
                        <h1>%2$s</h1>
                        <p><b>%4$s</b></p>
                        <p>Job %1$d, %5$s</p>%6$s
                        <p class="soft">Battery: %7$s</p>
                        <div style="clear: both"></div>
                        <div class="caution">%8$s</div>
                        %9$s%10$s
                        """.formatted(head.job(), Paper.escaped(kit), BikeSvg.write(head.drawing(), head.paint(), 70, 40),
                        Paper.escaped(report.headline()), Paper.escaped(head.customer()), lines(head.lines()),
                        Paper.escaped(report.kit().battery().name()), Paper.escaped(head.caution()), said, notes(head.notes()))));
    }

    private static String lines(List<String> lines) {
        StringBuilder said = new StringBuilder();
        lines.stream().filter(l -> !l.isBlank()).forEach(l -> said.append("<p class=\"soft\">").append(Paper.escaped(l)).append("</p>"));
        return said.toString();
    }

    private static String notes(List<String> notes) {
        return notes.isEmpty() ? "" : "<div class=\"finding\"><h2>Fit notes of the shop</h2>" + lines(notes) + "</div>";
    }

    private static String finding(Finding f, String paint) {
        StringBuilder said = new StringBuilder(
                "<div class=\"finding\"><div class=\"word%s\">%s</div><h2>%s</h2>".formatted(f.verdict() == Verdict.NO_FIT ? " no" : "",
                        SAID.get(f.verdict()), Paper.escaped(f.title())));
        said.append("<p>").append(Paper.escaped(f.sentence())).append("</p>");
        if (!f.overridable() && f.verdict() == Verdict.NO_FIT) {
            said.append("<p><b>Nobody may override this.</b></p>");
        }
        if (f.margin().flips()) {
            said.append("<p>The measuring uncertainty could turn this verdict.</p>");
        }
        said.append("<table>");
        row(said, "The bike", f.bike().detail(), f.bike().says());
        row(said, "The kit", f.kit().detail(), f.kit().says());
        row(said, "Margin", "", f.margin().text());
        for (Figure figure : f.figures()) {
            row(said, figure.label(), FROM.get(figure.origin()) + ", " + figure.source(), figure.amount().text());
        }
        said.append("</table>");
        f.exhibit().ifPresent(e -> said.append(ExhibitPaper.html(e, paint)));
        for (Remedy remedy : f.remedies()) {
            said.append("<p>→ ").append(Paper.escaped(remedy.text()))
                    .append(remedy.part().map(p -> p.partNumber().isEmpty() ? "" : Paper.escaped(" [" + p.partNumber() + "]")).orElse(""))
                    .append(remedy.work().map(w -> " (%d min, %s)".formatted(w.minutes(), Paper.escaped(w.skill()))).orElse(""))
                    .append("</p>");
        }
        return said.append("</div>").toString();
    }

    private static void row(StringBuilder said, String label, String from, String amount) {
        if (!amount.isBlank()) {
            said.append("<tr><td>").append(Paper.escaped(label)).append("</td><td class=\"from\">").append(Paper.escaped(from))
                    .append("</td><td class=\"amount\">")
                    .append(Paper.escaped(amount)).append("</td></tr>");
        }
    }
}
