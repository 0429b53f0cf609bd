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

    /** @param head the shop whose bill it is, with its currency */
    public static byte[] write(Letterhead head, Sheet s) {
        return Paper
                .pdf(Paper.sheet(head, "Last bill, job %d".formatted(s.job), "Job %d, %s, last bill".formatted(s.job, DAY.format(s.on)), "",
                        """
                        <h1>Last bill</h1>
                        <p><b>%3$s</b></p>
                        <p>%2$s · Job %1$d, %4$s</p>
                        <p class="soft">%5$s</p>
                        <p>%6$s</p>
                        <p class="soft">Settled by %7$s</p>
                        %8$s%9$s%10$s
                        <div class="caution">%11$s</div>
                        <table class="sign"><tr><td>Day, customer's signature</td><td>For the shop</td></tr></table>
                        """.formatted(s.job, DAY.format(s.on), Paper.escaped(s.kitName + ": removed"), Paper.escaped(s.customer),
                                Paper.escaped(s.bike), Paper.escaped(reason(s)), Paper.escaped(s.by), lines(s.bill, head.currency()),
                                sums(s.bill, head.currency()), stays(s), Paper.escaped(CAUTION))));
    }

    private static String reason(Sheet s) {
        String why = s.why.substring(0, 1).toUpperCase(Locale.ENGLISH) + s.why.substring(1);
        return "%s: %s%s".formatted(why, s.reason, s.said.isBlank() ? "" : " (" + s.said + ")");
    }

    private static String lines(LastBill bill, String currency) {
        if (bill.lines().isEmpty()) {
            return "<h2>Parts</h2><p>No parts were picked.</p>";
        }
        StringBuilder said = new StringBuilder(
                "<h2>Parts and their condition</h2><table><tr class=\"soft\"><td></td><td></td><td></td><td class=\"n\">%s</td></tr>"
                        .formatted(currency));
        bill.lines().forEach(l -> said.append("<tr><td class=\"c\">%d</td><td>%s</td><td class=\"soft\">%s</td><td class=\"n\">%s</td></tr>"
                .formatted(l.line().count(), Paper.escaped(l.line().name()), Paper.escaped(l.state().label()),
                        l.state().comesBack() ? "not charged" : Scale.money(l.sumMinor()))));
        return said.append("</table>").toString();
    }

    private static String sums(LastBill b, String currency) {
        StringBuilder said = new StringBuilder("<h2>Last bill</h2><table>");
        sum(said, "Parts not returned", b.partsMinor());
        sum(said, "Labour, %d of %d min at %s %s an hour".formatted(b.minutes(), b.workMinutes(), b.anHour().toPlainString(), currency),
                b.labourMinor());
        sum(said, "Tax, %s %%".formatted(b.taxPercent().toPlainString()), b.taxMinor());
        sum(said, "Total", b.totalMinor());
        sum(said, "Already paid", -b.depositMinor());
        long balance = b.balanceMinor();
        return said.append("<tr class=\"total\"><td>").append(balance < 0 ? "To give back" : "To pay").append("</td><td class=\"n\">")
                .append(currency).append(" ").append(Scale.money(Math.abs(balance))).append("</td></tr></table>").toString();
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
