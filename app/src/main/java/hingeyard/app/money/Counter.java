package hingeyard.app.money;

import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.face.Faces;
import hingeyard.app.live.LiveEvents;
import hingeyard.app.money.JobAccounts.Told;
import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.explain.Ruling;
import hingeyard.core.money.Invoiced;
import hingeyard.core.money.JobAccount;
import hingeyard.core.money.MoneyPaper;
import hingeyard.core.money.MoneyPaper.Handed;
import hingeyard.core.money.PaidHow;
import hingeyard.core.money.PaperKind;
import hingeyard.core.money.Payment;
import hingeyard.core.money.Sums;
import hingeyard.core.money.TaxedLine;
import hingeyard.core.quantity.Scale;
import hingeyard.formats.Letterhead;
import hingeyard.formats.MoneyPdf;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Takes money in and gives it back, writes invoices and credit notes. Each writes its paper in the same moment: what is on the ledger was
 * handed over, and the numbers run without a gap.
 */
@Service
public class Counter {

    private final JobAccounts accounts;
    private final MoneyBook book;
    private final Jobs jobs;
    private final Faces faces;
    private final LiveEvents live;
    private final ShopClock clock;

    Counter(JobAccounts accounts, MoneyBook book, Jobs jobs, Faces faces, LiveEvents live, ShopClock clock) {
        this.accounts = accounts;
        this.book = book;
        this.jobs = jobs;
        this.faces = faces;
        this.live = live;
        this.clock = clock;
    }

    /** What a paper is begun with: nothing of it is saved until it is filed. */
    private record Begun(Told told, Letterhead head) {
    }

    /** Two people at one job come one after the other, each seeing what the other did. */
    private Begun begun(long number) {
        jobs.hold(number);
        return new Begun(accounts.of(number), faces.letterhead());
    }

    private MoneyPaper filed(Begun begun, MoneyPaper paper, long byMinor) {
        long number = paper.job();
        book.file(paper, begun.told.job().customerId(), byMinor, MoneyPdf.write(begun.head, paper));
        accounts.watch(number);
        live.jobChanged(number);
        return paper;
    }

    private static List<String> about(JobCard job) {
        return List.of(job.bike() + ", " + job.frame(), job.jobKindLabel());
    }

    /**
     * Money comes, or is given back.
     *
     * @param amountMinor more than 0, in hundredths
     * @param back        whether it goes out
     */
    @Transactional
    public MoneyPaper take(long number, long amountMinor, boolean back, PaidHow how, LocalDate on, String note, String by) {
        Begun begun = begun(number);
        JobAccount account = begun.told.account();
        hold("amount", Scale.money(amountMinor), back ? account.mayGiveBack(amountMinor) : account.mayTake(amountMinor));
        hold("on", on.toString(), JobAccount.mayBeOn(on, clock.today()));
        long amount = back ? -amountMinor : amountMinor;
        return filed(begun, receipt(begun, Optional.empty(), note, new Handed(how, amount, on, account.leftMinor() - amount), by), 0);
    }

    private static void hold(String field, String given, Ruling ruling) {
        if (!ruling.allowed()) {
            throw Refused.input(field, given, ruling.reason());
        }
    }

    private MoneyPaper receipt(Begun begun, Optional<String> corrects, String note, Handed handed, String by) {
        JobCard job = begun.told.job();
        return new MoneyPaper(PaperKind.RECEIPT, book.next(PaperKind.RECEIPT, clock.today()), clock.today(), job.number(), job.customer(),
                List.of(job.customer()), about(job), List.of(), new Sums(List.of()), begun.told.account().paidMinor(), corrects, note,
                Optional.of(handed), begun.head.currency(), by);
    }

    /** An entry was wrong: another takes it back, and both stay. */
    @Transactional
    public MoneyPaper wrong(long number, String receipt, String reason, String by) {
        Begun begun = begun(number);
        JobAccount account = begun.told.account();
        Payment payment = account.payments().stream().filter(p -> p.receipt().equals(receipt)).findFirst()
                .orElseThrow(() -> Refused.notFound("receipt of job " + number, receipt));
        Ruling may = account.mayBeWrong(payment);
        if (!may.allowed()) {
            throw Refused.conflict(may.reason());
        }
        return filed(begun, receipt(begun, Optional.of(receipt), reason, new Handed(payment.how(), -payment.amountMinor(), clock.today(),
                account.leftMinor() + payment.amountMinor()), by), 0);
    }

    /**
     * The final invoice.
     *
     * @param to      name and address, a line each
     * @param further what had no price, and what comes on top or off
     */
    @Transactional
    public MoneyPaper invoice(long number, List<String> to, List<TaxedLine> further, String note, String by) {
        Begun begun = begun(number);
        JobAccount account = begun.told.account();
        Ruling may = account.mayInvoice();
        if (!may.allowed()) {
            throw Refused.conflict(may.reason() + " Nothing was written.");
        }
        List<TaxedLine> lines;
        try {
            lines = account.invoice(further);
        } catch (IllegalArgumentException cannot) {
            throw Refused.input("further", further.size() + " lines", cannot.getMessage());
        }
        JobCard job = begun.told.job();
        return filed(begun, new MoneyPaper(PaperKind.INVOICE, book.next(PaperKind.INVOICE, clock.today()), clock.today(), number,
                job.customer(), to, about(job), lines, Sums.of(lines), account.paidMinor(), Optional.empty(), note, Optional.empty(),
                begun.head.currency(), by), account.owed().orElseThrow().totalMinor());
    }

    /** @param places of the invoice's lines that are given back, from 0; empty for all that still stand */
    @Transactional
    public MoneyPaper credit(long number, String invoice, Set<Integer> places, String reason, String by) {
        Begun begun = begun(number);
        JobAccount account = begun.told.account();
        Invoiced written = account.invoices().stream().filter(i -> i.number().equals(invoice)).findFirst()
                .orElseThrow(() -> Refused.notFound("invoice of job " + number, invoice));
        if (written.over()) {
            throw Refused.conflict("Invoice %s was credited whole already.".formatted(invoice));
        }
        Set<Integer> given = places.isEmpty() ? written.left() : places;
        Invoiced.Credit credit;
        try {
            credit = written.credit(given);
        } catch (IllegalArgumentException cannot) {
            throw Refused.input("places", given.toString(), "places of lines of invoice %s that still stand: %s".formatted(invoice,
                    written.left()));
        }
        JobCard job = begun.told.job();
        MoneyPaper first = book.paperOf(invoice);
        MoneyPaper paper = filed(begun, new MoneyPaper(PaperKind.CREDIT_NOTE, book.next(PaperKind.CREDIT_NOTE, clock.today()),
                clock.today(), number, first.customer(), first.to(), about(job), credit.lines(), credit.sums(), account.paidMinor(),
                Optional.of(invoice), reason, Optional.empty(), first.currency(), by), 0);
        book.credited(invoice, given, paper.number());
        accounts.watch(number);
        return paper;
    }
}
