package hingeyard.core.money;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * A closed document: what was handed to a customer, word for word. It never changes; what was wrong with it is put right by another.
 *
 * @param number    in the row of its kind and year
 * @param on        the day it was written
 * @param customer  by name
 * @param to        name and address as the customer wants them on it, a line each
 * @param about     bike and work in a few lines
 * @param lines     before tax; none on a receipt
 * @param sums      what they come to; of nothing on a receipt
 * @param paidMinor what had been paid for the job before it was written
 * @param corrects  number of the invoice that a credit note takes back, or of the receipt that was wrong
 * @param reason    why it was credited or was wrong; a note on others; may be blank
 * @param handed    what came or was given back; on a receipt only
 * @param currency  its code
 * @param by        who wrote it
 */
public record MoneyPaper(PaperKind kind, String number, LocalDate on, long job, String customer, List<String> to, List<String> about,
        List<TaxedLine> lines, Sums sums, long paidMinor, Optional<String> corrects, String reason, Optional<Handed> handed,
        String currency, String by) {

    /**
     * Money that changed hands.
     *
     * @param amountMinor below 0 where it was given back
     * @param on          the day
     * @param leftMinor   what is left to pay for the job afterwards, by what was agreed or invoiced then
     */
    public record Handed(PaidHow how, long amountMinor, LocalDate on, long leftMinor) {
    }

    public MoneyPaper {
        to = List.copyOf(to);
        about = List.copyOf(about);
        lines = List.copyOf(lines);
        if (handed.isPresent() != (kind == PaperKind.RECEIPT)) {
            throw new IllegalArgumentException(
                    "%s %s: money that changed hands stands on a receipt and nowhere else".formatted(kind.label(),
                            number));
        }
    }

    /** What it is over: the sum of an invoice or a credit note, the money of a receipt. */
    public long amountMinor() {
        return handed.map(Handed::amountMinor).orElseGet(sums::totalMinor);
    }

    /** As it is spoken of: {@code Invoice 2026-0007}. */
    public String name() {
        return kind.label() + " " + number;
    }
}
