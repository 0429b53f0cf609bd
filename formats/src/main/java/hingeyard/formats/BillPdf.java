package hingeyard.formats;

import hingeyard.core.bill.BillLine;
import hingeyard.core.bill.Signature;
import hingeyard.core.bill.BillLine.Source;
import hingeyard.core.bill.Charges;
import hingeyard.core.quantity.Scale;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;

/** A quote to sign, or a bill that was agreed on, on paper: what it costs, what was consented to one by one, what is handed back. */
public final class BillPdf {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);
    private static final String CAUTION = "An electric drive changes how a bike brakes, steers and is used by law. Frame, fork and kit makers' limits and local rules stand above this paper. "
            + "Lithium batteries: only the charger that belongs to it, never unattended, never when damaged.";

    private BillPdf() {
    }

    public static byte[] write(BillFile file) {
        boolean quote = file.validUntil().isPresent();
        String title = Paper.escaped(file.title().replaceAll("[\"\\\\\n]", " "));
        return Paper.pdf("""
                <html><head><style>
                @page { size: A4; margin: 14mm 13mm 16mm 13mm; @bottom-left { content: "Job %1$d, %2$s, %3$s"; font: 8pt 'Yard' } @bottom-right { content: counter(page) " of " counter(pages); font: 8pt 'Yard' } }
                body { margin: 0; font-family: 'Yard', 'Wide'; font-size: 9.5pt; color: #14211d; line-height: 1.3 }
                h1 { font-size: 19pt; margin: 0 } h2 { font-size: 11.5pt; margin: 4mm 0 0.5mm 0; border-bottom: 0.4mm solid #14211d } p { margin: 0.8mm 0 }
                .soft { color: #4a5852 } .bike { float: right; width: 72mm; text-align: right }
                table { width: 100%%; border-collapse: collapse } td { border-top: 0.15mm solid #b9c2ba; padding: 0.6mm 2mm 0.6mm 0; vertical-align: top }
                .n { text-align: right; white-space: nowrap; width: 18mm } .c { text-align: right; width: 9mm; padding-right: 3mm }
                .total td { border-top: 0.5mm solid #14211d; font-weight: 700; font-size: 11pt }
                .caution { border: 0.5mm solid #14211d; padding: 1.5mm 2.5mm; margin: 4mm 0; font-weight: 700 }
                .agree { page-break-inside: avoid } .box { width: 26mm; border-bottom: 0.3mm solid #14211d }
                .sign { margin-top: 11mm; page-break-inside: avoid } .sign td { border-top: 0.4mm solid #14211d; padding-top: 1mm; width: 50%% }
                </style></head><body>
                <div class="bike">%4$s</div>
                <h1>%3$s</h1>
                <p><b>%5$s</b></p>
                <p>Job %1$d, %6$s</p>%7$s
                <p class="soft">Made by %8$s%9$s</p>
                <div style="clear: both"></div>
                %10$s%11$s%12$s%13$s
                <div class="caution">%14$s</div>
                %15$s
                </body></html>""".formatted(file.job(), DAY.format(file.on()), title, BikeSvg.write(file.drawing(), file.paint(), 70, 40),
                Paper.escaped(file.kitName()), Paper.escaped(file.customer()),
                paragraphs(file.bikeLines(), "soft"), Paper.escaped(file.by()), stands(file), changes(file.changes()), priced(file),
                charges(file.charges()), further(file, quote), Paper.escaped(CAUTION),
                quote ? signature() : file.signature().map(s -> signed(file, s)).orElse("")));
    }

    private static String signed(BillFile file, Signature name) {
        return """
                <p class="signed"><svg xmlns="http://www.w3.org/2000/svg" width="180" height="60" viewBox="0 0 %d %d"><path d="%s" fill="none"
                  stroke="#14211d" stroke-width="4" stroke-linecap="round" stroke-linejoin="round"/></svg><br/>%s</p>""".formatted(
                Signature.WIDTH, Signature.HEIGHT, name.path(), Paper.escaped(file.agreedBy()));
    }

    private static String stands(BillFile file) {
        return file.validUntil().map(day -> "; this quote stands until <b>" + DAY.format(day) + "</b>"
                + (file.ready().isBlank() ? "" : "</p><p><b>" + Paper.escaped(file.ready()) + "</b>"))
                .orElse(file.agreedBy().isBlank() ? "" : "; agreed by " + Paper.escaped(file.agreedBy()));
    }

    private static String changes(List<String> changes) {
        return changes.isEmpty() ? "" : "<h2>Other than in the revision before</h2>" + paragraphs(changes, "");
    }

    private static String priced(BillFile file) {
        StringBuilder said = new StringBuilder("<h2>Kit and parts</h2><table>");
        file.bill().lines().stream().filter(BillLine::charged)
                .forEach(l -> said.append(row(l, l.priceMinor() == 0 ? "on request" : Scale.money(l.priceMinor()),
                        l.priceMinor() == 0 ? "" : Scale.money(l.priceMinor() * l.count()))));
        return said.append("</table>").toString();
    }

    private static String row(BillLine l, String each, String sum) {
        return "<tr><td class=\"c\">%d</td><td>%s<br/><span class=\"soft\">%s</span></td><td class=\"n\">%s</td><td class=\"n\">%s</td></tr>"
                .formatted(l.count(), Paper.escaped(l.name()),
                        Paper.escaped(l.reason()), each, sum);
    }

    private static String charges(Charges c) {
        StringBuilder said = new StringBuilder("<h2>What it costs</h2><table>");
        sum(said, "Kit and parts", c.partsMinor());
        sum(said, "Labour, %d min at %s an hour".formatted(c.minutes(), c.anHour().toPlainString()), c.labourMinor());
        sum(said, "Tax, %s %%".formatted(c.taxPercent().toPlainString()), c.taxMinor());
        said.append("<tr class=\"total\"><td>Total</td><td class=\"n\">").append(Scale.money(c.totalMinor())).append("</td></tr>");
        sum(said, "Deposit on approval, %s %% of the total".formatted(c.depositPercent().toPlainString()), c.depositMinor());
        said.append("</table>");
        if (!c.unpriced().isEmpty()) {
            said.append("<p><b>Without a price yet, on top:</b> ").append(Paper.escaped(String.join(", ", c.unpriced()))).append("</p>");
        }
        return said.toString();
    }

    private static void sum(StringBuilder said, String what, long minor) {
        said.append("<tr><td>").append(Paper.escaped(what)).append("</td><td class=\"n\">").append(Scale.money(minor)).append("</td></tr>");
    }

    private static String further(BillFile file, boolean quote) {
        StringBuilder said = new StringBuilder();
        consents(said, file, quote);
        group(said, file, "Work found at the arrival check", Source.WITH_JOB);
        group(said, file, "Out of the kit's box", Source.FROM_KIT);
        group(said, file, "Left out", Source.NOT_TAKEN);
        group(said, file, "Used up", Source.CONSUMABLE);
        group(said, file, "Your own, moved over", Source.MOVED_OVER);
        group(said, file, "Parts handed back", Source.HANDED_BACK);
        return said.toString();
    }

    private static void consents(StringBuilder said, BillFile file, boolean quote) {
        List<BillLine> lines = file.bill().from(Source.CONSENTED).toList();
        if (lines.isEmpty()) {
            return;
        }
        said.append(quote ? "<h2>Trade-offs: each is agreed by itself</h2><table>" : "<h2>Trade-offs that were consented to</h2><table>");
        lines.forEach(l -> said.append("<tr class=\"agree\"><td><b>").append(Paper.escaped(l.name())).append("</b><br/>")
                .append(Paper.escaped(l.reason())).append("</td>")
                .append(quote ? "<td class=\"box\"><span class=\"soft\">I agree</span></td>" : "").append("</tr>"));
        said.append("</table>");
    }

    private static void group(StringBuilder said, BillFile file, String title, Source source) {
        List<BillLine> lines = file.bill().from(source).toList();
        if (!lines.isEmpty()) {
            said.append("<h2>").append(Paper.escaped(title)).append("</h2><table>");
            lines.forEach(l -> said.append(
                    "<tr><td class=\"c\">%d</td><td style=\"width: 62mm\">%s</td><td class=\"soft\">%s</td></tr>".formatted(l.count(),
                            Paper.escaped(l.name()), source == Source.FROM_KIT && l.checkId().isEmpty() ? "" : Paper.escaped(l.reason()))));
            said.append("</table>");
        }
    }

    private static String signature() {
        return "<table class=\"sign\"><tr><td>Day, customer's signature</td><td>For the shop</td></tr></table>";
    }

    private static String paragraphs(List<String> lines, String style) {
        StringBuilder said = new StringBuilder();
        lines.stream().filter(l -> !l.isBlank())
                .forEach(l -> said.append("<p class=\"").append(style).append("\">").append(Paper.escaped(l)).append("</p>"));
        return said.toString();
    }

}
