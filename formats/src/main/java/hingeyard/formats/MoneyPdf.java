package hingeyard.formats;

import hingeyard.core.money.MoneyPaper;
import hingeyard.core.money.MoneyPaper.Handed;
import hingeyard.core.money.PaperKind;
import hingeyard.core.money.TaxSum;
import hingeyard.core.money.TaxedLine;
import hingeyard.core.quantity.Scale;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** Invoices, credit notes and receipts on paper. */
public final class MoneyPdf {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);

    private MoneyPdf() {
    }

    /** @param head the shop whose paper it is, with its tax number and terms */
    public static byte[] write(Letterhead head, MoneyPaper p) {
        String title = "%s %s".formatted(p.kind().label(), p.number());
        return Paper.pdf(Paper.sheet(head, title, "%s, %s, job %d".formatted(title, DAY.format(p.on()), p.job()),
                ".to { margin: 6mm 0 8mm 0; min-height: 22mm } .sums { margin-top: 3mm; page-break-inside: avoid } .v { white-space: nowrap; text-align: right; width: 16mm }",
                """
                        <div class="to">%1$s</div>
                        <h1>%2$s</h1>
                        <p>%3$s · Job %4$d</p>
                        %5$s%6$s%7$s%8$s
                        """.formatted(paragraphs(p.to()), Paper.escaped(title), DAY.format(p.on()), p.job(), paragraphs(p.about()),
                        p.corrects().map(c -> "<p><b>%s</b></p>".formatted(Paper.escaped(corrects(p, c)))).orElse(""),
                        p.handed().map(h -> handed(p, h)).orElseGet(() -> priced(p)), terms(head, p))));
    }

    private static String corrects(MoneyPaper p, String number) {
        return p.kind() == PaperKind.CREDIT_NOTE ? "Takes back lines of invoice %s: %s".formatted(number, p.reason())
                : "Receipt %s was wrong: %s".formatted(number, p.reason());
    }

    private static String priced(MoneyPaper p) {
        String lines = p.lines().stream().map(l -> line(l)).collect(Collectors.joining());
        return """
                <h2>%1$s</h2><table><tr class="soft"><td></td><td></td><td class="v">tax</td><td class="n">each, %2$s</td><td class="n">together, %2$s</td></tr>%3$s</table>
                <div class="sums"><table>%4$s<tr class="total"><td>%5$s</td><td class="n">%2$s %6$s</td></tr>%7$s</table></div>%8$s
                """.formatted(p.kind() == PaperKind.CREDIT_NOTE ? "Given back" : "Work and parts", p.currency(), lines,
                sums(p.sums().taxes()), p.kind() == PaperKind.CREDIT_NOTE ? "Credited" : "Total", money(p.sums().totalMinor()), open(p),
                p.kind() == PaperKind.INVOICE && !p.reason().isBlank() ? "<p>" + Paper.escaped(p.reason()) + "</p>" : "");
    }

    private static String line(TaxedLine l) {
        return "<tr><td class=\"c\">%d</td><td>%s</td><td class=\"v\">%s&#160;%%</td><td class=\"n\">%s</td><td class=\"n\">%s</td></tr>"
                .formatted(l.count(), Paper.escaped(l.text()), l.taxPercent().toPlainString(), money(l.eachMinor()), money(l.sumMinor()));
    }

    private static String sums(List<TaxSum> taxes) {
        return taxes.stream().map(t -> row("Before tax, at %s %%".formatted(t.percent().toPlainString()), t.netMinor())
                + row("Tax, %s %%".formatted(t.percent().toPlainString()), t.taxMinor())).collect(Collectors.joining());
    }

    private static String open(MoneyPaper p) {
        if (p.kind() != PaperKind.INVOICE) {
            return "";
        }
        long left = p.sums().totalMinor() - p.paidMinor();
        return (p.paidMinor() == 0 ? "" : row("Paid before", -p.paidMinor()))
                + "<tr class=\"total\"><td>%s</td><td class=\"n\">%s %s</td></tr>".formatted(left < 0 ? "To give back" : "To pay",
                        p.currency(), money(Math.abs(left)));
    }

    private static String handed(MoneyPaper p, Handed h) {
        boolean back = h.amountMinor() < 0;
        return """
                <h2>%s</h2><table><tr><td><b>%s, %s</b></td><td class="n"><b>%s %s</b></td></tr>%s</table>%s
                <table class="sign"><tr><td>Day, customer's signature</td><td>For the shop: %s</td></tr></table>
                """.formatted(p.corrects().isPresent() ? "Entry taken back" : back ? "Money given back" : "Money received",
                DAY.format(h.on()), h.how().label(), p.currency(), money(Math.abs(h.amountMinor())),
                p.corrects().isPresent() ? ""
                        : row(h.leftMinor() < 0 ? "Still to give back" : "Left to pay after it", Math.abs(h.leftMinor())),
                p.corrects().isPresent() || p.reason().isBlank() ? "" : "<p>" + Paper.escaped(p.reason()) + "</p>", Paper.escaped(p.by()));
    }

    private static String row(String what, long minor) {
        return "<tr><td>%s</td><td class=\"n\">%s</td></tr>".formatted(Paper.escaped(what), money(minor));
    }

    private static String money(long minor) {
        return (minor < 0 ? "− " : "") + Scale.money(Math.abs(minor));
    }

    private static String terms(Letterhead head, MoneyPaper p) {
        return head.terms().isBlank() || p.kind() != PaperKind.INVOICE ? "" : "<h2>Terms</h2>" + paragraphs(head.terms().lines().toList());
    }

    private static String paragraphs(List<String> lines) {
        return lines.stream().filter(l -> !l.isBlank()).map(l -> "<p>" + Paper.escaped(l) + "</p>").collect(Collectors.joining());
    }
}
