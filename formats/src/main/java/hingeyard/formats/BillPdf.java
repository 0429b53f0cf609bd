package hingeyard.formats;

import hingeyard.core.bill.BillLine;
import hingeyard.core.bill.Signature;
import hingeyard.core.bill.BillLine.Source;
import hingeyard.core.bill.Charges;
import hingeyard.core.quantity.Scale;
import java.time.format.DateTimeFormatter;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;

/** A quote to sign, or a bill that was agreed on, on paper: what it costs, what was consented to one by one, what is handed back. */
public final class BillPdf {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);
    private static final String CAUTION = "An electric drive changes how a bike brakes, steers and is used by law. Frame, fork and kit makers' limits and local rules stand above this paper. "
            + "Lithium batteries: only the charger that belongs to it, never unattended, never when damaged.";

    /** Of these the customer reads why. */
    private static final Set<Source> TOLD = EnumSet.of(Source.WITH_JOB, Source.NOT_TAKEN, Source.MOVED_OVER, Source.HANDED_BACK);

    private BillPdf() {
    }

    /** @param head the shop whose quote or bill it is, with its currency and terms */
    public static byte[] write(Letterhead head, BillFile file) {
        boolean quote = file.validUntil().isPresent();
        return Paper.pdf(Paper.sheet(head, "%s, job %d".formatted(file.title(), file.job()),
                "Job %d, %s, %s".formatted(file.job(), DAY.format(file.on()), file.title()),
                ".group { page-break-inside: avoid } .agree { page-break-inside: avoid } .box { width: 26mm; border-bottom: 0.3mm solid #14211d }",
                """
                        <div class="bike">%4$s</div>
                        <h1>%3$s</h1>
                        <p><b>%5$s</b></p>
                        <p>%2$s · Job %1$d, %6$s</p>%7$s
                        <p class="soft">Made by %8$s%9$s</p>
                        <div style="clear: both"></div>
                        %10$s%11$s%12$s
                        <div class="caution">%14$s</div>
                        %13$s%15$s%16$s
                        """.formatted(file.job(), DAY.format(file.on()), Paper.escaped(file.title()),
                        BikeSvg.write(file.drawing(), file.paint(), 70, 40), Paper.escaped(file.kitName()), Paper.escaped(file.customer()),
                        paragraphs(file.bikeLines(), "soft"), Paper.escaped(file.by()), stands(file), changes(file.changes()),
                        priced(file, head.currency()), charges(file.charges(), head.currency()), further(file, quote),
                        Paper.escaped(CAUTION), terms(head), quote ? signature() : file.signature().map(g -> signed(file, g)).orElse(""))));
    }

    private static String terms(Letterhead head) {
        return head.terms().isBlank() ? "" : "<h2>Terms</h2>" + paragraphs(head.terms().lines().toList(), "");
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

    private static String priced(BillFile file, String currency) {
        StringBuilder said = new StringBuilder("<h2>Kit and parts</h2><table>").append(columns(currency));
        file.bill().lines().stream().filter(BillLine::charged)
                .forEach(l -> said.append(row(l, l.priceMinor() == 0 ? "on request" : Scale.money(l.priceMinor()),
                        l.priceMinor() == 0 ? "" : Scale.money(l.priceMinor() * l.count()))));
        return said.append("</table>").toString();
    }

    private static String columns(String currency) {
        return "<tr class=\"soft\"><td></td><td></td><td class=\"n\">each, %1$s</td><td class=\"n\">together, %1$s</td></tr>"
                .formatted(currency);
    }

    /** Why a part is needed is the shop's to know; its figures stand on the screen and in the bill's other forms. */
    private static String row(BillLine l, String each, String sum) {
        return "<tr><td class=\"c\">%d</td><td>%s</td><td class=\"n\">%s</td><td class=\"n\">%s</td></tr>".formatted(l.count(),
                Paper.escaped(l.name()), each, sum);
    }

    private static String charges(Charges c, String currency) {
        StringBuilder said = new StringBuilder("<h2>What it costs</h2><table>");
        sum(said, "Kit and parts", c.partsMinor());
        sum(said, "Labour, %d min at %s %s an hour".formatted(c.minutes(), c.anHour().toPlainString(), currency), c.labourMinor());
        sum(said, "Tax, %s %%".formatted(c.taxPercent().toPlainString()), c.taxMinor());
        said.append("<tr class=\"total\"><td>Total</td><td class=\"n\">").append(currency).append(" ").append(Scale.money(c.totalMinor()))
                .append("</td></tr>");
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

    /** Each heading with what it heads, and the last two together: no page carries a line or two alone. */
    private static String further(BillFile file, boolean quote) {
        StringBuilder said = new StringBuilder();
        consents(said, file, quote);
        List<String> groups = Stream.of(group(file, "Work found at the arrival check", Source.WITH_JOB),
                group(file, "Out of the kit's box", Source.FROM_KIT), group(file, "Left out", Source.NOT_TAKEN),
                group(file, "Used up", Source.CONSUMABLE), group(file, "Your own, moved over", Source.MOVED_OVER),
                group(file, "Parts handed back", Source.HANDED_BACK)).filter(g -> !g.isEmpty()).toList();
        int last = Math.max(0, groups.size() - 2);
        groups.subList(0, last).forEach(said::append);
        return said.append("<div class=\"group\">").append(String.join("", groups.subList(last, groups.size()))).append("</div>")
                .toString();
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

    private static String group(BillFile file, String title, Source source) {
        List<BillLine> lines = file.bill().from(source).toList();
        StringBuilder said = new StringBuilder();
        if (!lines.isEmpty()) {
            said.append("<div class=\"group\"><h2>").append(Paper.escaped(title)).append("</h2><table>");
            lines.forEach(l -> said.append(
                    "<tr><td class=\"c\">%d</td><td style=\"width: 62mm\">%s</td><td class=\"soft\">%s</td></tr>".formatted(l.count(),
                            Paper.escaped(l.name()), TOLD.contains(source) ? Paper.escaped(l.reason()) : "")));
            said.append("</table></div>");
        }
        return said.toString();
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
