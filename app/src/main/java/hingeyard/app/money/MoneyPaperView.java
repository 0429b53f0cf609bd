package hingeyard.app.money;

import hingeyard.core.money.MoneyPaper;
import hingeyard.core.money.PaperKind;
import hingeyard.core.quantity.Scale;
import java.time.LocalDate;

/**
 * A closed document in a list.
 *
 * @param amount   of an invoice or a credit note with tax; of a receipt the money; below 0 what went out
 * @param corrects number of the document it takes back; empty where it takes none back
 */
record MoneyPaperView(String number, PaperKind kind, String name, LocalDate on, long job, String customer, String amount, String corrects,
        String reason, String by) {

    static MoneyPaperView of(MoneyPaper p) {
        return new MoneyPaperView(p.number(), p.kind(), p.name(), p.on(), p.job(), p.customer(), Scale.money(p.amountMinor()),
                p.corrects().orElse(""), p.reason(), p.by());
    }
}
