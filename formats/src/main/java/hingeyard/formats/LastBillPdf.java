package hingeyard.formats;

import hingeyard.core.bill.LastBill;
import hingeyard.core.quantity.Scale;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;

/** The last bill of a job whose kit came off again, on paper: what is paid, in which state what came back, and what stays on the bike. */
public final class LastBillPdf {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);
    private static final String CAUTION = "Everything this job fitted has been removed. Frame, fork and parts makers' limits stand above this paper. "
            + "Have the bolts and brakes checked again after the first rides.";

    private LastBillPdf() {
    }

    /**
     * @param bike  in a few words, with its frame's number
     * @param said  whose word it was, when and how; blank where the shop decided
     * @param stays what stays other than the bike came
     * @param note  may be blank
     */
    public record Sheet(long job, String customer, String bike, String kitName, LocalDate on, String by, String why, String reason,
            String said, List<String> stays, String note, LastBill bill) {

        public Sheet {
            stays = List.copyOf(stays);
        }
    }

    public static byte[] write(Sheet s) {
        return Paper.pdf("""
                <html><head><style>
                @page { size: A4; margin: 14mm 13mm 16mm 13mm; @bottom-left { content: "Job %1$d, %2$s, last bill"; font: 8pt 'Yard' } @bottom-right { content: counter(page) " of " counter(pages); font: 8pt 'Yard' } }
                body { margin: 0; font-family: 'Yard', 'Wide'; font-size: 9.5pt; color: #14211d; line-height: 1.3 }
                h1 { font-size: 19pt; margin: 0 } h2 { font-size: 11.5pt; margin: 4mm 0 0.5mm 0; border-bottom: 0.4mm solid #14211d } p { margin: 0.8mm 0 }
                .soft { color: #4a5852 }
                table { width: 100%%; border-collapse: collapse } td { border-top: 0.15mm solid #b9c2ba; padding: 0.6mm 2mm 0.6mm 0; vertical-align: top }
                .n { text-align: right; white-space: nowrap; width: 20mm } .c { text-align: right; width: 9mm; padding-right: 3mm }
                .total td { border-top: 0.5mm solid #14211d; font-weight: 700; font-size: 11pt }
                .caution { border: 0.5mm solid #14211d; padding: 1.5mm 2.5mm; margin: 4mm 0; font-weight: 700 }
                .sign { margin-top: 11mm; page-break-inside: avoid } .sign td { border-top: 0.4mm solid #14211d; padding-top: 1mm; width: 50%% }
                </style></head><body>
                <h1>Last bill</h1>
                <p><b>%3$s</b></p>
                <p>Job %1$d, %4$s</p>
                <p class="soft">%5$s</p>
                <p>%6$s</p>
                <p class="soft">Settled by %7$s, %2$s</p>
                %8$s%9$s%10$s
                <div class="caution">%11$s</div>
                <table class="sign"><tr><td>Day, customer's signature</td><td>For the shop</td></tr></table>
                </body></html>""".formatted(s.job, DAY.format(s.on), Paper.escaped(s.kitName + ": removed"),
                Paper.escaped(s.customer), Paper.escaped(s.bike), Paper.escaped(reason(s)), Paper.escaped(s.by), lines(s.bill),
                sums(s.bill),
                stays(s), Paper.escaped(CAUTION)));
    }

    private static String reason(Sheet s) {
        String why = s.why.substring(0, 1).toUpperCase(Locale.ENGLISH) + s.why.substring(1);
        return "%s: %s%s".formatted(why, s.reason, s.said.isBlank() ? "" : " (" + s.said + ")");
    }

    private static String lines(LastBill bill) {
        if (bill.lines().isEmpty()) {
            return "<h2>Parts</h2><p>No parts were picked.</p>";
        }
        StringBuilder said = new StringBuilder("<h2>Parts and their condition</h2><table>");
        bill.lines().forEach(l -> said.append("<tr><td class=\"c\">%d</td><td>%s</td><td class=\"soft\">%s</td><td class=\"n\">%s</td></tr>"
                .formatted(l.line().count(), Paper.escaped(l.line().name()), Paper.escaped(l.state().label()),
                        l.state().comesBack() ? "not charged" : Scale.money(l.sumMinor()))));
        return said.append("</table>").toString();
    }

    private static String sums(LastBill b) {
        StringBuilder said = new StringBuilder("<h2>Last bill</h2><table>");
        sum(said, "Parts not returned", b.partsMinor());
        sum(said, "Labour, %d of %d min at %s an hour".formatted(b.minutes(), b.workMinutes(), b.anHour().toPlainString()),
                b.labourMinor());
        sum(said, "Tax, %s %%".formatted(b.taxPercent().toPlainString()), b.taxMinor());
        sum(said, "Total", b.totalMinor());
        sum(said, "Already paid", -b.depositMinor());
        long balance = b.balanceMinor();
        return said.append("<tr class=\"total\"><td>").append(balance < 0 ? "To give back" : "To pay").append("</td><td class=\"n\">")
                .append(Scale.money(Math.abs(balance))).append("</td></tr></table>").toString();
    }

    private static void sum(StringBuilder said, String what, long minor) {
        said.append("<tr><td>").append(Paper.escaped(what)).append("</td><td class=\"n\">").append(minor < 0 ? "− " : "")
                .append(Scale.money(Math.abs(minor))).append("</td></tr>");
    }

    private static String stays(Sheet s) {
        StringBuilder said = new StringBuilder();
        if (!s.stays.isEmpty()) {
            said.append("<h2>Changes that stay on the bike</h2>");
            s.stays.forEach(line -> said.append("<p>").append(Paper.escaped(line)).append("</p>"));
        }
        if (!s.note.isBlank()) {
            said.append("<h2>Note</h2><p>").append(Paper.escaped(s.note)).append("</p>");
        }
        return said.toString();
    }
}
