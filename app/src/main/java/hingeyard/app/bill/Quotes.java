package hingeyard.app.bill;

import hingeyard.app.bill.BillMaker.Made;
import hingeyard.app.bill.Bills.Agreed;
import hingeyard.app.booking.Jobs;
import hingeyard.app.live.LiveEvents;
import hingeyard.app.problem.Refused;
import hingeyard.app.rules.RulesInForce;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.bill.Agreement;
import hingeyard.core.bill.Bill;
import hingeyard.core.bill.BillDifference.Change;
import hingeyard.core.bill.BillDifference;
import hingeyard.core.bill.BillLine;
import hingeyard.core.bill.Charges;
import hingeyard.core.bill.NotTaken;
import hingeyard.core.rules.NumberRule;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/**
 * Offers to customers: what a job would take and cost, word for word as it was said, for as long as it stands. Approval makes it the job's
 * bill.
 */
@Service
public class Quotes {

    private final QuoteRows quotes;
    private final Bills bills;
    private final BillMaker maker;
    private final BillPapers papers;
    private final Jobs jobs;
    private final RulesInForce rules;
    private final LiveEvents live;
    private final ShopClock clock;
    private final JsonMapper json;

    Quotes(QuoteRows quotes, Bills bills, BillMaker maker, BillPapers papers, Jobs jobs, RulesInForce rules, LiveEvents live,
            ShopClock clock,
            JsonMapper json) {
        this.quotes = quotes;
        this.bills = bills;
        this.maker = maker;
        this.papers = papers;
        this.jobs = jobs;
        this.rules = rules;
        this.live = live;
        this.clock = clock;
        this.json = json;
    }

    /**
     * Writes a quote; nothing is reserved by it. Answers its number within the job.
     *
     * @param ready when the job would be ready, as the customer reads it; blank where that is not known
     */
    @Transactional
    public int write(long number, String kitCode, String stamp, List<NotTaken> notTaken, String ready, String by) {
        jobs.holdGoingOn(number);
        Made made = maker.made(number, kitCode, BillMaker.Said.nothingBut(notTaken));
        if (!made.stamp().equals(stamp)) {
            throw Refused.conflict(
                    "The match changed since you looked: a measure or a drawer is not what it was. Look again before the quote is written.");
        }
        QuoteRow row = new QuoteRow(number, quotes.findByJobIdOrderByOrdinal(number).size() + 1, kitCode, stamp, by, clock.now(),
                clock.today().plusDays(rules.now().value(NumberRule.QUOTE_DAYS).longValue()));
        row.ready = ready;
        row.bill = json.writeValueAsString(made.bill());
        row.charges = json.writeValueAsString(made.charges());
        row.notTaken = json.writeValueAsString(notTaken);
        quotes.save(row);
        papers.keep(row, made.bill(), made.charges());
        live.jobChanged(number);
        return row.ordinal;
    }

    /**
     * The customer takes it: it becomes the job's bill, with the quote's prices.
     *
     * @param waits whether the job waits for what is short by now
     */
    @Transactional
    public void approve(long number, int ordinal, Set<String> consented, Agreement agreement, boolean waits, String by) {
        jobs.holdGoingOn(number);
        QuoteRow quote = open(number, ordinal);
        if (quote.validUntil.isBefore(clock.today())) {
            throw Refused.conflict(
                    "Quote %d stood until %s. Write a new one: prices and drawers may have moved.".formatted(ordinal, quote.validUntil));
        }
        quote.revision = bills.make(number, quote.kitCode,
                new Agreed(quote.stamp, consented, notTaken(quote), waits, Optional.of(agreement)),
                made -> offered(quote, made), by);
    }

    /**
     * The customer pays what was offered, also where a price moved since; where the job takes something else by now, the offer no longer
     * stands.
     */
    private Made offered(QuoteRow quote, Made made) {
        Bill offered = bill(quote);
        List<Change> other = BillDifference.between(offered, made.bill()).changes();
        if (!other.isEmpty()) {
            throw Refused.conflict(
                    "What the job takes is no longer what quote %d says: %s. Write a new one. No bill was made.".formatted(quote.ordinal,
                            other.stream().map(Change::text).collect(Collectors.joining("; "))));
        }
        Map<String, Long> prices = offered.lines().stream().filter(l -> !l.partNumber().isEmpty())
                .collect(Collectors.toMap(BillLine::partNumber, BillLine::priceMinor, Math::max));
        return new Made(made.report(), made.drawers(), made.bill().priced(part -> prices.getOrDefault(part, 0L)), charges(quote),
                made.byHand());
    }

    @Transactional
    public void withdraw(long number, int ordinal, String reason) {
        jobs.hold(number);
        open(number, ordinal).withdrawnReason = reason;
        live.jobChanged(number);
    }

    private QuoteRow open(long number, int ordinal) {
        QuoteRow quote = one(number, ordinal);
        if (quote.revision != null || quote.withdrawnReason != null) {
            throw Refused.conflict(quote.revision != null
                    ? "Quote %d is approved: it is revision %s of the bill.".formatted(ordinal, BillRow.letter(quote.revision))
                    : "Quote %d was taken back: %s".formatted(ordinal, quote.withdrawnReason));
        }
        return quote;
    }

    @Transactional(readOnly = true)
    QuoteRow one(long number, int ordinal) {
        return quotes.findByJobIdAndOrdinal(number, ordinal).orElseThrow(() -> Refused.notFound("quote", ordinal));
    }

    @Transactional(readOnly = true)
    List<QuoteRow> all(long number) {
        return quotes.findByJobIdOrderByOrdinal(number);
    }

    Bill bill(QuoteRow quote) {
        return json.readValue(quote.bill, Bill.class);
    }

    Charges charges(QuoteRow quote) {
        return json.readValue(quote.charges, Charges.class);
    }

    List<NotTaken> notTaken(QuoteRow quote) {
        return Arrays.asList(json.readValue(quote.notTaken, NotTaken[].class));
    }
}
