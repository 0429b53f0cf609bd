package hingeyard.app.demo;

import hingeyard.app.bill.Bills;
import hingeyard.app.money.Counter;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.bill.Charges;
import hingeyard.core.money.PaidHow;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** What was paid so far: most deposits, one of them wrongly entered at first, and one invoice. */
@Component
class DemoMoney {

    private static final String MANAGER = "Orla M.";

    private final Counter counter;
    private final Bills bills;
    private final ShopClock clock;

    DemoMoney(Counter counter, Bills bills, ShopClock clock) {
        this.counter = counter;
        this.bills = bills;
        this.clock = clock;
    }

    void tell(Instant now) {
        // In the order in which it came: their receipts are numbered so.
        deposit(now, 430, 90, PaidHow.CARD);
        deposit(now, 401, 70, PaidHow.TRANSFER);
        deposit(now, 402, 68, PaidHow.CARD);
        deposit(now, 434, 62, PaidHow.CASH);
        deposit(now, 432, 60, PaidHow.CARD);
        deposit(now, 404, 44, PaidHow.CARD);
        deposit(now, 405, 30, PaidHow.CASH);
        deposit(now, 407, 26, PaidHow.TRANSFER);
        clock.at(now.minus(Duration.ofHours(5)), () -> {
            String receipt = counter.take(406, 25_000, false, PaidHow.CASH, clock.today(), "", MANAGER).number();
            counter.wrong(406, receipt, "paid by card, not in cash", MANAGER);
            counter.take(406, 25_000, false, PaidHow.CARD, clock.today(), "the rest on Friday", MANAGER);
        });
        clock.at(now.minus(Duration.ofMinutes(20)),
                () -> counter.invoice(402, List.of("Pelle Duarte", "Lock house 3", "Sundry Wharf"), List.of(), "", MANAGER));
    }

    private void deposit(Instant now, long job, long hoursAgo, PaidHow how) {
        Optional<Charges> charges = bills.charges(job);
        clock.at(now.minus(Duration.ofHours(hoursAgo)),
                () -> counter.take(job, charges.orElseThrow().depositMinor(), false, how, clock.today(), "deposit", MANAGER));
    }
}
