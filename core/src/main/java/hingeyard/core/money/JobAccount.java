package hingeyard.core.money;

import hingeyard.core.explain.Ruling;
import hingeyard.core.floor.Place;
import hingeyard.core.quantity.Scale;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * What is asked, invoiced, paid and open for one job, in hundredths of the shop's money, and what may be done about it now.
 *
 * @param job      its number
 * @param place    where its bike is
 * @param owed     by what was agreed; empty while there is no bill in force
 * @param invoices in order
 * @param payments in order
 */
public record JobAccount(long job, Place place, Optional<Owed> owed, List<Invoiced> invoices, List<Payment> payments) {

    /** How far back a payment may be entered. */
    static final int LONGEST_AGO_DAYS = 180;

    public JobAccount {
        invoices = List.copyOf(invoices);
        payments = List.copyOf(payments);
    }

    /** The invoice that still stands, in whole or in part; there is one at most. */
    public Optional<Invoiced> standing() {
        return invoices.stream().filter(i -> !i.over()).findFirst();
    }

    public long paidMinor() {
        return payments.stream().mapToLong(Payment::amountMinor).sum();
    }

    /** What is to be paid in all: by the invoice that stands, else by what was agreed. */
    public long owedMinor() {
        return standing().map(Invoiced::standingMinor).orElseGet(() -> owed.map(Owed::totalMinor).orElse(0L));
    }

    /** What of it has not been paid; below 0 what is to be given back. */
    public long leftMinor() {
        return owedMinor() - paidMinor();
    }

    /** What is to be paid today: all that is left of an invoice or of what was settled, else what is missing of the deposit. */
    public long dueMinor() {
        if (standing().isPresent() || owed.isEmpty() || owed.get().ended()) {
            return leftMinor();
        }
        return leftMinor() < 0 ? leftMinor() : Math.max(0, Math.min(leftMinor(), owed.get().depositMinor() - paidMinor()));
    }

    /** In words: what is to be paid today, and by what. */
    public String said() {
        long due = dueMinor();
        if (due < 0) {
            return "%s to give back".formatted(Scale.money(-due));
        }
        if (due == 0) {
            return paidMinor() > 0 && leftMinor() == 0 ? "paid in full" : "nothing to pay now";
        }
        return "%s to pay%s".formatted(Scale.money(due),
                standing().map(i -> " of invoice " + i.number()).orElse(owed.map(o -> o.ended() ? "" : " as deposit").orElse("")));
    }

    /** Whether nothing more is to come of it: what is agreed now is invoiced and paid, or nothing was. */
    public boolean closed() {
        return leftMinor() == 0 && (standing().isPresent() || owedMinor() == 0) && otherwise().isEmpty();
    }

    /** What came otherwise since the invoice was written; empty where it still says what was agreed. */
    public Optional<String> otherwise() {
        if (owed.isEmpty()) {
            return standing().map(i -> "Invoice %s is valid, but the job no longer has a bill. Credit the invoice.".formatted(i.number()));
        }
        return standing().flatMap(i -> owed.filter(o -> o.totalMinor() != i.byMinor())
                .map(o -> "Invoice %s was written for a bill of %s; %s now comes to %s. Credit the invoice and write a new one.".formatted(
                        i.number(), Scale.money(i.byMinor()), o.what(), Scale.money(o.totalMinor()))));
    }

    /** Whether so much may be taken in. @param amountMinor in hundredths */
    public Ruling mayTake(long amountMinor) {
        if (amountMinor <= 0) {
            return Ruling.no("more than 0");
        }
        if (leftMinor() <= 0) {
            return Ruling.no(owed.isEmpty() && standing().isEmpty() ? "nothing: job %d has no bill and no invoice".formatted(job)
                    : "nothing: %s"
                            .formatted(leftMinor() == 0 ? "it is paid in full" : Scale.money(-leftMinor()) + " is to be given back"));
        }
        return amountMinor > leftMinor() ? Ruling.no("at most %s, so much is left to pay".formatted(Scale.money(leftMinor())))
                : Ruling.yes();
    }

    /** Whether so much may be given back: what was paid over what is owed. @param amountMinor in hundredths */
    public Ruling mayGiveBack(long amountMinor) {
        if (amountMinor <= 0) {
            return Ruling.no("more than 0");
        }
        if (leftMinor() >= 0) {
            return Ruling.no("nothing: no more was paid than is owed");
        }
        return amountMinor > -leftMinor() ? Ruling.no("at most %s, so much was paid too much".formatted(Scale.money(-leftMinor())))
                : Ruling.yes();
    }

    /** Whether an entry may be taken back as wrong. More was never given back than had come. */
    public Ruling mayBeWrong(Payment payment) {
        if (payment.wrong()) {
            return Ruling.no("Receipt %s was taken back already, or takes one back itself.".formatted(payment.receipt()));
        }
        return paidMinor() - payment.amountMinor() < 0
                ? Ruling.no(
                        "Money was given back since receipt %s: were it wrong, more would have gone out than came. Take that entry back first."
                                .formatted(payment.receipt()))
                : Ruling.yes();
    }

    /** Whether money can have changed hands on that day. */
    public static Ruling mayBeOn(LocalDate on, LocalDate today) {
        if (on.isAfter(today)) {
            return Ruling.no("today or earlier");
        }
        return on.isBefore(today.minusDays(LONGEST_AGO_DAYS)) ? Ruling.no("at most %d days ago".formatted(LONGEST_AGO_DAYS))
                : Ruling.yes();
    }

    /** Whether the final invoice may be written now. */
    public Ruling mayInvoice() {
        Optional<Invoiced> standing = standing();
        if (standing.isPresent()) {
            return Ruling.no("Invoice %s is valid. Credit it before you write another.".formatted(standing.get().number()));
        }
        if (owed.isEmpty()) {
            return Ruling.no("Job %d has no bill: nothing was agreed that could be invoiced.".formatted(job));
        }
        if (!owed.get().ended() && place != Place.RAIL && place != Place.GONE) {
            return Ruling.no(
                    "The bike is not finished: its bill may still change. The invoice is written when the bike hangs on the rail. A deposit may be taken now.");
        }
        return Ruling.yes();
    }

    /**
     * The lines of the invoice: what was agreed, what had no price, and what comes on top or off.
     *
     * @throws IllegalArgumentException saying what is missing or cannot be
     */
    public List<TaxedLine> invoice(List<TaxedLine> further) {
        Owed agreed = owed.orElseThrow();
        List<TaxedLine> lines = new ArrayList<>(agreed.lines());
        lines.addAll(further);
        List<String> missing = agreed.unpriced().stream()
                .filter(u -> further.stream().noneMatch(f -> f.text().equals(u.name()) && f.count() == u.count())).map(Owed.Unpriced::name)
                .toList();
        if (!missing.isEmpty()) {
            throw new IllegalArgumentException("a price, 0 or more, for " + missing.stream().collect(Collectors.joining(", ")));
        }
        if (lines.isEmpty() || Sums.of(lines).totalMinor() < 0) {
            throw new IllegalArgumentException(
                    lines.isEmpty() ? "one line or more: nothing was agreed that is paid" : "lines that come to 0 or more together");
        }
        return List.copyOf(lines);
    }
}
