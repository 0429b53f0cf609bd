package hingeyard.app.demo;

import hingeyard.app.bill.Quotes;
import hingeyard.app.claim.Claim.Fault;
import hingeyard.app.command.Commands;
import hingeyard.app.match.Matches;
import hingeyard.app.order.Orders;
import hingeyard.app.order.Orders.Ordered;
import hingeyard.app.order.Suppliers;
import hingeyard.app.plan.JobPlans;
import hingeyard.app.receiving.KitChecks;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.order.SimulatedSupplier;
import hingeyard.core.order.SimulatedSupplier.Mood;
import hingeyard.core.order.SimulatedSupplier.Wanted;
import hingeyard.core.receiving.KitCheck.Numbered;
import hingeyard.core.plan.Pin;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Tells what the office did: quotes, orders, boxes opened, at earlier instants and through the shop's own services. */
@Component
class DemoOffice {

    private static final String MANAGER = "Orla M.";
    private static final String KEEPER = "Ines V.";

    private final Quotes quotes;
    private final Matches matches;
    private final Orders orders;
    private final Suppliers suppliers;
    private final KitChecks checks;
    private final Commands commands;
    private final JobPlans plans;
    private final ShopClock clock;

    DemoOffice(Quotes quotes, Matches matches, Orders orders, Suppliers suppliers, KitChecks checks, Commands commands, JobPlans plans,
            ShopClock clock) {
        this.quotes = quotes;
        this.matches = matches;
        this.orders = orders;
        this.suppliers = suppliers;
        this.checks = checks;
        this.commands = commands;
        this.plans = plans;
        this.clock = clock;
    }

    void quote(Instant at, long job, String kit) {
        at(at, () -> quotes.write(job, kit, Matches.stamp(matches.report(job, kit)), List.of(), "", MANAGER));
    }

    /** What the customer was told on the phone. */
    void promise(Instant at, long job, LocalDate day) {
        at(at, () -> plans.say(job, 0, Optional.of(day), Pin.NONE, MANAGER));
    }

    void mark(Instant at, long job, String item, int good, String note, String by) {
        at(at, () -> checks.mark(job, item, good, Fault.MISSING, note, by));
    }

    void number(Instant at, long job, Numbered what, String serial, String by) {
        at(at, () -> checks.number(job, what, serial, by));
    }

    /** @param parts {@code number=count}, parted by {@code ;} */
    void order(Instant at, String supplier, String parts, int leadDays, Mood mood) {
        List<Ordered> lines = Arrays.stream(parts.split(";")).map(p -> p.split("=")).map(p -> new Ordered(p[0], Integer.parseInt(p[1])))
                .toList();
        long[] number = new long[1];
        at(at, () -> number[0] = orders.send(supplier, lines, KEEPER));
        at(at.plusSeconds(7200), () -> orders.answered(number[0], SimulatedSupplier.answer(number[0], supplier,
                lines.stream().map(l -> new Wanted(l.part(), l.count(), leadDays)).toList(), mood, clock.today()), KEEPER));
    }

    /** What was ordered came, all of it. */
    void came(Instant at, String supplier) {
        at(at, () -> orders.openOf(supplier).forEach((number, open) -> orders.received(number,
                open.stream().map(o -> new Orders.Came(o.part(), o.count(), "", List.of(), Optional.empty(), "")).toList(), KEEPER)));
    }

    void supplier(Instant at, String name, int leadDays, String note) {
        at(at, () -> suppliers.change(name, leadDays, note, 0, KEEPER));
    }

    private void at(Instant at, Runnable work) {
        clock.at(at, () -> commands.once(null, Boolean.class, () -> {
            work.run();
            return true;
        }));
    }
}
