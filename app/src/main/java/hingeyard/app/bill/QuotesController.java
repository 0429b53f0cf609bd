package hingeyard.app.bill;

import hingeyard.app.booking.JobNotices;
import hingeyard.app.command.Commands;
import hingeyard.app.person.SignedIn;
import hingeyard.app.problem.Refused;
import hingeyard.app.stock.Stock;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.bill.StandIn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Set;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Quotes of a job, and what is settled line by line on its bill: parts that stand in, parts that get a name. */
@RestController
@RequestMapping("/api/jobs/{number}")
class QuotesController {

    record NewQuote(@NotBlank(message = "a kit's code") String kitCode, @NotBlank(message = "the match that was looked at") String stamp,
            @NotNull(message = "a list, may be empty") List<BillController.@Valid TickedOff> notTaken) {
    }

    record Approval(@NotNull(message = "a list, may be empty") Set<String> consented,
            @NotNull(message = "who agreed, when and how") @Valid AgreementGiven agreement, boolean waits) {
    }

    record QuoteWithdrawal(
            @NotBlank(message = "a reason, 1 to 400 letters") @Size(max = 400, message = "at most 400 letters") String reason) {
    }

    /**
     * @param ordinal the line's place on the bill, from 0
     * @param there   whether the part lies there, measured; false takes it back
     */
    record MadeLine(@NotNull(message = "a line of the bill, from 0") Integer ordinal, @NotNull(message = "true or false") Boolean there) {
    }

    /** @param ordinal the line that is short; @param part what stands in */
    record TakeStandIn(int ordinal, @NotBlank(message = "a part's number") String part) {
    }

    /** @param ordinal the line without a number; @param part what it is */
    record NameLine(int ordinal, @NotBlank(message = "a part's number") String part) {
    }

    private final Quotes quotes;
    private final Bills bills;
    private final Revisions revisions;
    private final BillTeller teller;
    private final Stock stock;
    private final ShopClock clock;
    private final JobNotices notices;
    private final Commands commands;
    private final ReadyDay ready;

    QuotesController(Quotes quotes, Bills bills, Revisions revisions, BillTeller teller, Stock stock, ShopClock clock, JobNotices notices,
            Commands commands, ReadyDay ready) {
        this.quotes = quotes;
        this.bills = bills;
        this.revisions = revisions;
        this.teller = teller;
        this.stock = stock;
        this.clock = clock;
        this.notices = notices;
        this.commands = commands;
        this.ready = ready;
    }

    @PostMapping("/quotes")
    BillTeller.BillAnswer write(@PathVariable(name = "number") long number, @Valid @RequestBody NewQuote quote,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        // Before the command begins: a plan that is made anew takes its time and holds nothing meanwhile.
        String when = ready.ofJob(number).orElse("");
        return done(number, key, () -> quotes.write(number, quote.kitCode(), quote.stamp(), BillController.TickedOff.all(quote.notTaken()),
                when, SignedIn.name()));
    }

    @PostMapping("/quotes/{ordinal}/approval")
    BillTeller.BillAnswer approve(@PathVariable(name = "number") long number, @PathVariable(name = "ordinal") int ordinal,
            @Valid @RequestBody Approval approval,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(number, key,
                () -> quotes.approve(number, ordinal, approval.consented(), approval.agreement().read(clock.today()), approval.waits(),
                        SignedIn.name()));
    }

    @PostMapping("/quotes/{ordinal}/withdrawal")
    BillTeller.BillAnswer withdraw(@PathVariable(name = "number") long number, @PathVariable(name = "ordinal") int ordinal,
            @Valid @RequestBody QuoteWithdrawal withdrawal,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(number, key, () -> quotes.withdraw(number, ordinal, withdrawal.reason().strip()));
    }

    @PostMapping("/bill/stand-ins")
    BillTeller.BillAnswer standIn(@PathVariable(name = "number") long number, @Valid @RequestBody TakeStandIn take,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(number, key, () -> {
            BillLineRow line = bills.inForceOrRefuse(number).lines.stream().filter(l -> l.ordinal == take.ordinal()).findFirst()
                    .orElseThrow(() -> Refused.notFound("line", take.ordinal()));
            Stock.Alternative other = stock.alternatives(Set.of(line.partNumber)).stream()
                    .filter(a -> a.number().equals(take.part()) && a.does(line.count)).findFirst()
                    .orElseThrow(() -> Refused.input("part", take.part(),
                            "parts that may stand in for %s, by its sheet, as thick as it is where that counts, and of which %d are free"
                                    .formatted(line.partNumber, line.count)));
            revisions.standIn(number,
                    new StandIn(line.role, line.partNumber, other.number(), other.name(), other.place(), other.when(), SignedIn.name()));
        });
    }

    @PostMapping("/bill/names")
    BillTeller.BillAnswer name(@PathVariable(name = "number") long number, @Valid @RequestBody NameLine name,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(number, key, () -> bills.name(number, name.ordinal(), name.part(), stock.row(name.part()).name(), SignedIn.name()));
    }

    @PostMapping("/bill/made")
    BillTeller.BillAnswer made(@PathVariable(name = "number") long number, @Valid @RequestBody MadeLine line,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(number, key, () -> bills.made(number, line.ordinal(), line.there(), SignedIn.name()));
    }

    @PostMapping("/notices/{id}/seen")
    BillTeller.BillAnswer seen(@PathVariable(name = "number") long number, @PathVariable(name = "id") long id,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(number, key, () -> notices.seen(number, id, SignedIn.name()));
    }

    private BillTeller.BillAnswer done(long number, String key, Runnable work) {
        commands.once(key, Boolean.class, () -> {
            work.run();
            return true;
        });
        return teller.answer(number);
    }
}
