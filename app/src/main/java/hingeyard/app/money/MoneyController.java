package hingeyard.app.money;

import hingeyard.app.booking.JobCard;
import hingeyard.app.command.Commands;
import hingeyard.app.face.Faces;
import hingeyard.app.money.JobAccounts.Told;
import hingeyard.app.person.SignedIn;
import hingeyard.app.problem.Refused;
import hingeyard.app.rules.RulesInForce;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.explain.Ruling;
import hingeyard.core.money.Invoiced;
import hingeyard.core.money.JobAccount;
import hingeyard.core.money.MoneyPaper;
import hingeyard.core.money.Owed;
import hingeyard.core.money.PaidHow;
import hingeyard.core.money.Payment;
import hingeyard.core.money.Sums;
import hingeyard.core.money.TaxedLine;
import hingeyard.core.quantity.Scale;
import hingeyard.core.rules.NumberRule;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Digits;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The money of one job. */
@RestController
@RequestMapping("/api/jobs/{number}/money")
class MoneyController {

    private static final int HUNDREDTHS = 2;

    /** @param back whether it is given back; @param on the day it changed hands */
    record PaymentGiven(
            @NotNull(message = "a sum of money") @DecimalMin(value = "0.01", message = "more than 0") @DecimalMax(value = "1000000", message = "at most 1,000,000") @Digits(integer = 7, fraction = 2, message = "a sum of money, at most 2 places") BigDecimal amount,
            boolean back, @NotNull(message = "CASH, CARD, TRANSFER or OTHER") PaidHow how, @NotNull(message = "a day") LocalDate on,
            Optional<@Size(max = 200, message = "at most 200 letters") String> note) {
    }

    record WrongEntry(
            @NotBlank(message = "what was wrong, 1 to 200 letters") @Size(max = 200, message = "at most 200 letters") String reason) {
    }

    /** @param each before tax; below 0 takes off */
    record FurtherLine(@NotBlank(message = "what it is, 1 to 200 letters") @Size(max = 200, message = "at most 200 letters") String text,
            @Min(value = 1, message = "1 to 999") @Max(value = TaxedLine.MOST, message = "1 to 999") int count,
            @NotNull(message = "a sum of money") @DecimalMin(value = "-1000000", message = "at least −1,000,000") @DecimalMax(value = "1000000", message = "at most 1,000,000") @Digits(integer = 7, fraction = 2, message = "a sum of money, at most 2 places") BigDecimal each,
            @NotNull(message = "0 to 40 %") @DecimalMin(value = "0", message = "0 to 40 %") @DecimalMax(value = "40", message = "0 to 40 %") @Digits(integer = 2, fraction = 2, message = "percent, at most 2 places") BigDecimal taxPercent) {

        TaxedLine read() {
            return new TaxedLine(text.strip(), count, each.movePointRight(HUNDREDTHS).longValueExact(), taxPercent);
        }
    }

    /** @param to name and address as they stand on it, a line each */
    record InvoiceGiven(@NotBlank(message = "whom it is for, 1 to 300 letters") @Size(max = 300, message = "at most 300 letters") String to,
            @NotNull(message = "a list, may be empty") @Size(max = 60, message = "at most 60 lines") List<@NotNull(message = "a line") @Valid FurtherLine> further,
            Optional<@Size(max = 300, message = "at most 300 letters") String> note) {
    }

    /** @param places of lines that are given back, from 0; empty for all that still stand */
    record CreditGiven(@NotBlank(message = "the invoice's number") @Size(max = 20, message = "the invoice's number") String invoice,
            @NotNull(message = "a list, may be empty") @Size(max = 500, message = "at most 500 lines") Set<@NotNull(message = "a line, from 0") Integer> places,
            @NotBlank(message = "why, 1 to 200 letters") @Size(max = 200, message = "at most 200 letters") String reason) {
    }

    /** @param credited whether it was given back */
    record MoneyLine(int place, String text, int count, String each, String taxPercent, String sum, boolean credited) {

        static List<MoneyLine> all(List<TaxedLine> lines, Set<Integer> credited) {
            return IntStream.range(0, lines.size()).mapToObj(i -> {
                TaxedLine l = lines.get(i);
                return new MoneyLine(i, l.text(), l.count(), Scale.money(l.eachMinor()), l.taxPercent().toPlainString(),
                        Scale.money(l.sumMinor()), credited.contains(i));
            }).toList();
        }
    }

    /** What stands together at one rate. @param net before tax */
    record TaxView(String percent, String net, String tax) {

        static List<TaxView> all(List<TaxedLine> lines) {
            return Sums.of(lines).taxes().stream()
                    .map(t -> new TaxView(t.percent().toPlainString(), Scale.money(t.netMinor()), Scale.money(t.taxMinor()))).toList();
        }
    }

    /** @param unpriced charged, and nobody named a price: it is named on the invoice */
    record OwedView(String what, List<MoneyLine> lines, List<TaxView> taxes, String total, String deposit, List<Owed.Unpriced> unpriced) {

        static OwedView of(Owed owed) {
            return new OwedView(owed.what(), MoneyLine.all(owed.lines(), Set.of()), TaxView.all(owed.lines()),
                    Scale.money(owed.totalMinor()),
                    Scale.money(owed.depositMinor()), owed.unpriced());
        }
    }

    /**
     * The invoice that stands. @param taxes of what of it still stands; @param standing what of it is still to be paid, were nothing paid
     */
    record InvoiceStanding(String number, List<MoneyLine> lines, List<TaxView> taxes, String total, String standing) {

        static InvoiceStanding of(Invoiced i) {
            return new InvoiceStanding(i.number(), MoneyLine.all(i.lines(), i.credited()), TaxView.all(i.standing()),
                    Scale.money(i.totalMinor()),
                    Scale.money(i.standingMinor()));
        }
    }

    /** @param wrong whether it was taken back, or takes one back */
    record PaymentView(String receipt, String amount, boolean back, String how, LocalDate on, boolean wrong, String note, String by) {
    }

    /**
     * @param owed      by what was agreed; empty while there is no bill
     * @param due       what is to be paid today; below 0 what is to be given back
     * @param left      what is left of all
     * @param said      the same in words
     * @param otherwise what came otherwise since the invoice was written
     * @param to        whom an invoice would be for
     */
    record JobMoney(JobCard job, String currency, Optional<OwedView> owed, String paid, String left, String due, String said,
            Optional<String> otherwise, Ruling mayInvoice, Optional<InvoiceStanding> invoice, List<PaymentView> payments,
            List<MoneyPaperView> papers, String to, String taxPercent, LocalDate today) {
    }

    private final JobAccounts accounts;
    private final MoneyOffice office;
    private final Counter counter;
    private final Faces faces;
    private final RulesInForce rules;
    private final ShopClock clock;
    private final Commands commands;

    MoneyController(JobAccounts accounts, MoneyOffice office, Counter counter, Faces faces, RulesInForce rules, ShopClock clock,
            Commands commands) {
        this.accounts = accounts;
        this.office = office;
        this.counter = counter;
        this.faces = faces;
        this.rules = rules;
        this.clock = clock;
        this.commands = commands;
    }

    @GetMapping
    JobMoney money(@PathVariable(name = "number") long number) {
        Told told = accounts.of(number);
        JobAccount account = told.account();
        List<MoneyPaper> papers = told.papers().stream().map(MoneyBook.Filed::paper).toList();
        return new JobMoney(told.job(), faces.now().currency(), account.owed().map(OwedView::of), Scale.money(account.paidMinor()),
                Scale.money(account.leftMinor()), Scale.money(account.dueMinor()), account.said(), account.otherwise(),
                account.mayInvoice(), account.standing().map(InvoiceStanding::of),
                account.payments().stream().map(p -> view(p, papers)).toList(), papers.stream().map(MoneyPaperView::of).toList(),
                office.address(told.job()), rules.now().value(NumberRule.TAX).toPlainString(), clock.today());
    }

    private static PaymentView view(Payment p, List<MoneyPaper> papers) {
        MoneyPaper receipt = papers.stream().filter(m -> m.number().equals(p.receipt())).findFirst().orElseThrow();
        return new PaymentView(p.receipt(), Scale.money(Math.abs(p.amountMinor())), p.amountMinor() < 0, p.how().label(), p.on(), p.wrong(),
                receipt.reason(), receipt.by());
    }

    @PostMapping("/payments")
    JobMoney pay(@PathVariable(name = "number") long number, @Valid @RequestBody PaymentGiven given,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(number, key, () -> counter.take(number, given.amount().movePointRight(HUNDREDTHS).longValueExact(), given.back(),
                given.how(), given.on(), given.note().orElse("").strip(), SignedIn.name()));
    }

    /** An entry was wrong; the money itself did not move. */
    @PostMapping("/payments/{receipt}/wrong")
    JobMoney wrong(@PathVariable(name = "number") long number, @PathVariable(name = "receipt") String receipt,
            @Valid @RequestBody WrongEntry wrong, @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(number, key, () -> counter.wrong(number, receipt, wrong.reason().strip(), SignedIn.name()));
    }

    @PostMapping("/invoices")
    JobMoney invoice(@PathVariable(name = "number") long number, @Valid @RequestBody InvoiceGiven given,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        List<String> to = given.to().lines().map(String::strip).filter(l -> !l.isEmpty()).toList();
        if (to.size() > 8) {
            throw Refused.input("to", to.size() + " lines", "at most 8 lines");
        }
        return done(number, key, () -> counter.invoice(number, to, given.further().stream().map(FurtherLine::read).toList(),
                given.note().orElse("").strip(), SignedIn.name()));
    }

    @PostMapping("/credits")
    JobMoney credit(@PathVariable(name = "number") long number, @Valid @RequestBody CreditGiven given,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(number, key, () -> counter.credit(number, given.invoice().strip(), given.places(), given.reason().strip(),
                SignedIn.name()));
    }

    private JobMoney done(long number, String key, Runnable work) {
        commands.once(key, Boolean.class, () -> {
            work.run();
            return true;
        });
        return money(number);
    }
}
