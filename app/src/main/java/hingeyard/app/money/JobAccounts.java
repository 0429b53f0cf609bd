package hingeyard.app.money;

import hingeyard.app.bill.BillChanged;
import hingeyard.app.bill.Bills;
import hingeyard.app.bill.Bills.Laid;
import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.money.MoneyBook.Filed;
import hingeyard.core.bill.Bill;
import hingeyard.core.bill.Charges;
import hingeyard.core.bill.LastBill;
import hingeyard.core.money.JobAccount;
import hingeyard.core.money.Owed;
import hingeyard.core.money.Payment;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/** What each job asks, has been paid and leaves open. */
@Service
public class JobAccounts {

    /** One job's account with its documents. */
    record Told(JobCard job, JobAccount account, List<Filed> papers) {
    }

    private final MoneyBook book;
    private final Bills bills;
    private final SettledJobs settled;
    private final Jobs jobs;

    JobAccounts(MoneyBook book, Bills bills, SettledJobs settled, Jobs jobs) {
        this.book = book;
        this.bills = bills;
        this.settled = settled;
        this.jobs = jobs;
    }

    /** With every line of what is owed. */
    @Transactional(readOnly = true)
    Told of(long number) {
        JobCard job = jobs.card(number);
        Optional<Owed> bill = bills.charges(number)
                .map(c -> Owed.by(new Bill("", bills.laid(number).stream().map(Laid::line).toList()), c));
        return told(job, bill, settled.lastBills(List.of(number)).getOrDefault(number, List.of()),
                book.papers(List.of(number)).getOrDefault(number, List.of()),
                book.payments(List.of(number)).getOrDefault(number, List.of()));
    }

    /** Those of all jobs that are not closed, without the lines of their bills. */
    @Transactional(readOnly = true)
    List<Told> open() {
        return of(book.open());
    }

    private List<Told> of(Collection<Long> numbers) {
        Map<Long, Charges> charges = bills.charges(numbers);
        Map<Long, List<LastBill>> last = settled.lastBills(numbers);
        Map<Long, List<Filed>> papers = book.papers(numbers);
        Map<Long, List<Payment>> payments = book.payments(numbers);
        return jobs.cards(numbers).stream().map(job -> told(job, Optional.ofNullable(charges.get(job.number())).map(Owed::inShort),
                last.getOrDefault(job.number(), List.of()), papers.getOrDefault(job.number(), List.of()),
                payments.getOrDefault(job.number(), List.of()))).toList();
    }

    private Told told(JobCard job, Optional<Owed> bill, List<LastBill> last, List<Filed> papers, List<Payment> payments) {
        Optional<Owed> owed = Stream.concat(last.stream().map(Owed::by), bill.stream()).reduce(Owed::and);
        return new Told(job, new JobAccount(job.number(), job.place(), owed, book.invoices(papers), payments), papers);
    }

    /** What was paid for a job so far, hundredths. */
    @Transactional(readOnly = true)
    public long paidMinor(long number) {
        return book.payments(List.of(number)).getOrDefault(number, List.of()).stream().mapToLong(Payment::amountMinor).sum();
    }

    /** Before it is saved, and after all else was: whatever made, changed or ended the bill may open or close the account. */
    @TransactionalEventListener(phase = TransactionPhase.BEFORE_COMMIT)
    void billChanged(BillChanged changed) {
        watch(changed.job());
    }

    void watch(long number) {
        of(List.of(number)).forEach(t -> book.open(number, !t.account.closed()));
    }
}
