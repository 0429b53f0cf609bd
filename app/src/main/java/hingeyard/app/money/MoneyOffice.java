package hingeyard.app.money;

import hingeyard.app.booking.JobCard;
import hingeyard.app.face.Faces;
import hingeyard.app.money.JobAccounts.Told;
import hingeyard.app.problem.Refused;
import hingeyard.core.floor.Place;
import hingeyard.core.money.MoneyPaper;
import hingeyard.core.quantity.Scale;
import hingeyard.formats.MoneyCsv;
import hingeyard.formats.MoneyLedger;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The whole shop's money: who owes what, which documents there are, and the accountant's tables. */
@Service
class MoneyOffice {

    /** So many days are asked for at most: ten years, which the accountant keeps. */
    private static final int LONGEST_DAYS = 3_660;
    private static final int MOST_PAPERS = 500;

    /** What a table is asked for. */
    enum Table {
        DAYS,
        DOCUMENTS,
        PAYMENTS
    }

    /**
     * A job whose account is open.
     *
     * @param due     what is to be paid today; below 0 what is to be given back
     * @param left    what is left of all
     * @param said    what is to be paid, or what came otherwise since the invoice
     * @param invoice the one that stands; empty while none does
     * @param write   whether its invoice can be written now
     */
    record OpenJob(long job, long customerId, String customer, String bike, Place place, String due, boolean back, String left,
            String paid, String said, String invoice, boolean write) {
    }

    /** @param due what all customers are to pay today; what is to be given back is not taken off */
    record OpenMoney(String currency, String due, String back, List<OpenJob> jobs) {
    }

    private final JobAccounts accounts;
    private final MoneyBook book;
    private final Faces faces;

    MoneyOffice(JobAccounts accounts, MoneyBook book, Faces faces) {
        this.accounts = accounts;
        this.book = book;
        this.faces = faces;
    }

    /** The most that is due first; then what can be invoiced, then what is to come. @param customer empty for all */
    @Transactional(readOnly = true)
    OpenMoney open(Optional<Long> customer) {
        List<Told> all = accounts.open().stream().filter(t -> customer.map(c -> c == t.job().customerId()).orElse(true))
                .filter(t -> t.account().leftMinor() != 0 || t.account().mayInvoice().allowed() || t.account().otherwise().isPresent())
                .sorted(Comparator.comparingLong((Told t) -> -Math.abs(t.account().dueMinor()))
                        .thenComparing(t -> !t.account().mayInvoice().allowed()).thenComparingLong(t -> t.job().number()))
                .toList();
        return new OpenMoney(faces.now().currency(),
                Scale.money(all.stream().mapToLong(t -> Math.max(0, t.account().dueMinor())).sum()),
                Scale.money(all.stream().mapToLong(t -> Math.max(0, -t.account().dueMinor())).sum()),
                all.stream().map(MoneyOffice::line).toList());
    }

    private static OpenJob line(Told t) {
        long due = t.account().dueMinor();
        return new OpenJob(t.job().number(), t.job().customerId(), t.job().customer(), t.job().bike(), t.job().place(),
                Scale.money(Math.abs(due)), due < 0, Scale.money(t.account().leftMinor()), Scale.money(t.account().paidMinor()),
                t.account().otherwise().orElseGet(t.account()::said), t.account().standing().map(i -> i.number()).orElse(""),
                t.account().mayInvoice().allowed());
    }

    /** Newest first. */
    @Transactional(readOnly = true)
    List<MoneyPaper> papers(LocalDate from, LocalDate to) {
        stretch(from, to);
        return book.found(from, to, MOST_PAPERS);
    }

    private static void stretch(LocalDate from, LocalDate to) {
        if (to.isBefore(from) || from.plusDays(LONGEST_DAYS).isBefore(to)) {
            throw Refused.input("to", to.toString(), "from %s to ten years later".formatted(from));
        }
    }

    @Transactional(readOnly = true)
    String table(Table table, LocalDate from, LocalDate to) {
        stretch(from, to);
        String currency = faces.now().currency();
        return switch (table) {
            case DAYS -> MoneyCsv.days(currency, book.days(from, to));
            case DOCUMENTS -> MoneyCsv.papers(currency, book.lines(from, to));
            case PAYMENTS -> MoneyCsv.payments(currency, book.payments(from, to));
        };
    }

    /** One sentence for everything that does not add up, see {@link MoneyLedger}; empty when all does. */
    @Transactional(readOnly = true)
    List<String> audited() {
        return book.audited();
    }

    @Transactional(readOnly = true)
    byte[] pdf(String number) {
        return book.pdf(number);
    }

    /** Whom an invoice of this job would be for: as the customer's last one, else their name. */
    @Transactional(readOnly = true)
    String address(JobCard job) {
        return book.lastAddress(job.customerId()).map(l -> String.join("\n", l)).orElse(job.customer());
    }
}
