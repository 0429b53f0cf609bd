package hingeyard.app.bill;

import hingeyard.app.arrival.Arrivals;
import hingeyard.app.arrival.WorkBegun;
import hingeyard.app.bill.BillMaker.Made;
import hingeyard.app.bill.BillMaker.Said;
import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.command.BulkInsert;
import hingeyard.app.install.StepPlans;
import hingeyard.app.install.Steps;
import hingeyard.app.live.LiveEvents;
import hingeyard.app.problem.Refused;
import hingeyard.app.stock.Holds.Want;
import hingeyard.app.stock.Holds;
import hingeyard.app.stock.Returns;
import hingeyard.app.stock.Stock;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.bill.Agreement;
import hingeyard.core.bill.Bill;
import hingeyard.core.bill.BillLine.Source;
import hingeyard.core.bill.BillLine;
import hingeyard.core.bill.Charges;
import hingeyard.core.bill.NotTaken;
import hingeyard.core.bill.StandIn;
import hingeyard.core.explain.Making;
import hingeyard.core.explain.Ruling;
import hingeyard.core.floor.Place;
import hingeyard.core.install.StepState;
import hingeyard.core.kit.PieceSize;
import hingeyard.core.quantity.Length;
import hingeyard.core.stock.DrawerPart;
import hingeyard.core.stock.ReturnState;
import jakarta.persistence.EntityManager;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.springframework.context.event.EventListener;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Makes bills, holds their parts, and takes them back while nothing has begun. */
@Service
public class Bills {

    /**
     * What was agreed on.
     *
     * @param stamp     the state of the match that was looked at
     * @param consented ids of the checks whose trade-off the customer consented to
     * @param notTaken  remedies ticked off
     * @param waits     whether the job waits for what is short; else a shortage is refused
     * @param agreement who agreed, when and how; empty where nobody was asked, which no trade-off of its own may be
     */
    public record Agreed(String stamp, Set<String> consented, List<NotTaken> notTaken, boolean waits, Optional<Agreement> agreement) {
    }

    static final String KIT_BOX = "kit-box";

    private final BillRows bills;
    private final BillMaker maker;
    private final Jobs jobs;
    private final Holds holds;
    private final Stock stock;
    private final Returns returns;
    private final Arrivals arrivals;
    private final Steps steps;
    private final WorkBegun work;
    private final StepPlans plans;
    private final LiveEvents live;
    private final ShopClock clock;
    private final JsonMapper json;
    private final JdbcTemplate jdbc;
    private final EntityManager entities;
    private final ApplicationEventPublisher events;

    Bills(BillRows bills, BillMaker maker, Jobs jobs, Holds holds, Stock stock, Returns returns, Arrivals arrivals, Steps steps,
            WorkBegun work,
            StepPlans plans, LiveEvents live, ShopClock clock, JsonMapper json, JdbcTemplate jdbc, EntityManager entities,
            ApplicationEventPublisher events) {
        this.events = events;
        this.bills = bills;
        this.maker = maker;
        this.jobs = jobs;
        this.holds = holds;
        this.stock = stock;
        this.returns = returns;
        this.arrivals = arrivals;
        this.steps = steps;
        this.work = work;
        this.plans = plans;
        this.live = live;
        this.clock = clock;
        this.json = json;
        this.jdbc = jdbc;
        this.entities = entities;
    }

    /** Makes the bill, reserves its parts and plans its steps, all or nothing. Answers its revision. */
    @Transactional
    public int make(long number, String kitCode, Agreed agreed, String by) {
        return make(number, kitCode, agreed, made -> made, by);
    }

    /** @param offered the bill as it was offered, for the one that is made now: the customer pays what was offered */
    int make(long number, String kitCode, Agreed agreed, UnaryOperator<Made> offered, String by) {
        jobs.holdGoingOn(number);
        if (bills.inForce(number).isPresent()) {
            throw Refused.conflict("Job %d has a bill already. Take it back before another kit is chosen.".formatted(number));
        }
        arrivals.goOnOrRefuse(number);
        Made made = maker.made(number, kitCode, Said.nothingBut(agreed.notTaken()));
        BillMaker.check(made, agreed.stamp(), agreed.consented());
        BillMaker.agreedTo(made, agreed.consented(), agreed.agreement());
        Set<Want> missing = holds.reserve(number, wants(made.bill()), mayWait(made.bill(), agreed.waits()), by);
        int revision = save(number, offered.apply(made), missing, agreed, List.of(), "", List.of(), Map.of(), by);
        plans.plan(number, made.report(), by);
        jobs.chooseKit(number, kitCode);
        live.jobChanged(number);
        return revision;
    }

    /** What a bill holds or waits for. */
    static List<Want> wants(Bill bill) {
        return bill.lines().stream().filter(l -> l.source().reserved() || l.source() == Source.TO_ORDER && !l.partNumber().isEmpty())
                .map(l -> new Want(l.partNumber(), l.count(), l.role())).toList();
    }

    /**
     * What of it may be waited for: what the match said is to be ordered was seen by whoever agreed; the rest only when the job waits for
     * anything.
     */
    static Set<Want> mayWait(Bill bill, boolean all) {
        return Set
                .copyOf(wants(new Bill(bill.kitCode(), bill.lines().stream().filter(l -> all || l.source() == Source.TO_ORDER).toList())));
    }

    /**
     * Stores a bill as the job's next revision and answers which.
     *
     * @param before lines of the revision before: what was mounted or made stays so where it is the same piece
     * @param asked  lines of trade-offs that were consented to before, by their check: their consent stays whose it is
     */
    int save(long number, Made made, Set<Want> missing, Agreed agreed, List<StandIn> standIns, String reason, List<BillLineRow> before,
            Map<String, BillLineRow> asked, String by) {
        BillRow row = new BillRow(number, bills.revisions(number) + 1, made.report().kit().code(), by, clock.now(),
                json.writeValueAsString(made.drawings()));
        row.charges = json.writeValueAsString(made.charges());
        row.notTaken = json.writeValueAsString(agreed.notTaken());
        row.standIns = json.writeValueAsString(standIns);
        row.byHand = json.writeValueAsString(made.byHand());
        row.agreed(agreed.agreement());
        row.reason = reason;
        bills.saveAndFlush(row);
        // Whoever asks for the bill now reads it with its lines.
        List<Object[]> lines = new ArrayList<>();
        for (BillLine line : made.bill().lines()) {
            Source source = !line.partNumber().isEmpty() && line.charged()
                    ? source(line.role(), !missing.contains(new Want(line.partNumber(), line.count(), line.role()))) : line.source();
            Optional<BillLineRow> same = before.stream().filter(l -> l.isLike(line)).findFirst();
            Instant usedAt = same.map(l -> l.usedAt).orElse(null);
            Optional<BillLineRow> there = same.filter(l -> l.source == Source.MADE && line.source() == Source.TO_MAKE);
            BillLineRow consent = asked.get(line.checkId());
            Optional<Agreement> now = line.source() == Source.CONSENTED && consent == null ? agreed.agreement() : Optional.empty();
            boolean kept = line.source() == Source.CONSENTED && consent != null;
            lines.add(new Object[]{row.id, lines.size(), there.isPresent() ? Source.MADE.name() : source.name(), line.partNumber(),
                line.name(), line.count(), line.reason(),
                line.checkId(), line.role(), line.place(), line.priceMinor(),
                usedAt == null ? null : Timestamp.from(usedAt),
                kept ? consent.agreedBy : now.map(Agreement::who).orElse(null),
                kept ? consent.agreedOn : now.map(Agreement::on).orElse(null),
                (kept ? Optional.ofNullable(consent.agreedWay) : now.map(Agreement::way)).map(Enum::name).orElse(null),
                line.making().map(Making::text).orElse(null), there.map(l -> Timestamp.from(l.madeAt)).orElse(null),
                there.map(l -> l.madeBy).orElse(null), line.thick().map(Length::micrometres).orElse(null)});
        }
        BulkInsert.into(jdbc,
                "bill_line (bill_id, ordinal, source, part_number, name, count, reason, check_id, role, place, price_minor, used_at, agreed_by, agreed_on, agreed_way, making, made_at, made_by, thick_um)",
                lines);
        entities.detach(row);
        events.publishEvent(new BillChanged(number));
        return row.revision;
    }

    private static Source source(String role, boolean held) {
        return !held ? Source.TO_ORDER : role.equals(KIT_BOX) ? Source.KIT_BOX : Source.FROM_DRAWER;
    }

    /** Takes the bill back while no step is under way or done: its parts are free again, but for a box that was opened. */
    @Transactional
    public void withdraw(long number, String reason, String by) {
        JobCard job = jobs.holdGoingOn(number);
        BillRow bill = inForceOrRefuse(number);
        if (steps.begun(number)) {
            throw Refused.conflict("Steps of job %d have begun: its bill can no longer be taken back.".formatted(number));
        }
        bill.withdrawnReason = reason;
        boxBack(number, ReturnState.usual(boxOpened(number)), reason, by);
        holds.release(number, by);
        plans.drop(number, "the bill is taken back: " + reason, by);
        jobs.chooseKit(number, null);
        events.publishEvent(new BillChanged(number));
        if (job.place() == Place.STAND) {
            jobs.place(number, Place.RACK, null);
        }
        live.jobChanged(number);
    }

    /**
     * The kit of a job that has begun goes back: what was mounted comes off and lies free again, what was done stays written down, and the
     * bike waits in the rack.
     *
     * @param said in what state the box is; empty for what it is taken as when nobody looks
     * @throws Refused for a box that was opened and is said to be as new
     */
    @Transactional
    public void giveBack(long number, String reason, Optional<ReturnState> said, String by) {
        JobCard job = jobs.holdGoingOn(number);
        BillRow bill = inForceOrRefuse(number);
        if (steps.runs(number).stream().anyMatch(r -> r.state() == StepState.RUNNING)) {
            throw Refused.conflict("Somebody is at a step of job %d: hands off before its kit goes back.".formatted(number));
        }
        boolean opened = boxOpened(number);
        ReturnState box = said.orElse(ReturnState.usual(opened));
        if (!box.comesBack()) {
            throw Refused.input("box", box.label(), "the state in which it comes back");
        }
        Ruling ruling = box.may(opened);
        if (!ruling.allowed()) {
            throw Refused.conflict("box", box.label(), ruling.reason() + " Nothing was given back.");
        }
        boxBack(number, box, reason, by);
        holds.unmount(number, bill.lines.stream().filter(l -> l.usedAt != null).map(l -> l.role).collect(Collectors.toSet()), by);
        bill.withdrawnReason = reason;
        holds.release(number, by);
        plans.kitGoesBack(number, reason, by);
        jobs.chooseKit(number, null);
        events.publishEvent(new BillChanged(number));
        if (job.place() == Place.STAND || job.place() == Place.STRIP) {
            jobs.place(number, Place.RACK, null);
        }
        live.jobChanged(number);
    }

    /** A line of the bill in force. @param ordinal its place on it, from 0 */
    public record Laid(int ordinal, BillLine line) {
    }

    /** What the bill in force comes to, at the rates it was agreed at; empty for one of before there were prices. */
    @Transactional(readOnly = true)
    public Optional<Charges> charges(long number) {
        return bills.inForce(number).map(b -> b.charges).map(c -> json.readValue(c, Charges.class));
    }

    /** The same of many; a job without a bill in force, or with one of before there were prices, is not among them. */
    @Transactional(readOnly = true)
    public Map<Long, Charges> charges(Collection<Long> numbers) {
        return numbers.isEmpty() ? Map.of() : bills.charges(numbers).stream()
                .collect(Collectors.toMap(r -> (Long) r[0], r -> json.readValue((String) r[1], Charges.class)));
    }

    @Transactional(readOnly = true)
    public List<Laid> laid(long number) {
        return bills.inForce(number).map(b -> b.lines.stream().map(l -> new Laid(l.ordinal, l.line())).toList()).orElse(List.of());
    }

    /** A job that does not go on needs nothing more: what it has not touched is free for others at once. */
    @Transactional
    public void freeUntouched(long number, String by) {
        holds.releaseUntouched(number, boxOpened(number) ? Set.of(KIT_BOX) : Set.of(), by);
    }

    /** It goes on after all: it holds what its bill says again, or waits for what others took meanwhile. */
    @Transactional
    public void holdAgain(long number, String by) {
        BillRow bill = inForceOrRefuse(number);
        List<Want> wants = wants(bill.bill());
        Set<Want> missing = holds.exchange(number, wants, Set.copyOf(wants), by);
        bill.lines.stream().filter(l -> wants.contains(new Want(l.partNumber, l.count, l.role)))
                .forEach(l -> l.source = source(l.role, !missing.contains(new Want(l.partNumber, l.count, l.role))));
    }

    /** Everything that had left its drawer is settled: the rest is free again, and the bill is a thing of the past. */
    @Transactional
    public void end(long number, String reason, String by) {
        jobs.hold(number);
        BillRow bill = inForceOrRefuse(number);
        bill.withdrawnReason = reason;
        holds.release(number, by);
        jobs.chooseKit(number, null);
        events.publishEvent(new BillChanged(number));
        live.jobChanged(number);
    }

    private void boxBack(long number, ReturnState box, String reason, String by) {
        if (!box.free()) {
            returns.setAside(number, KIT_BOX, box, reason, by);
        }
    }

    /** Whether a job's kit left its box: somebody looked into it at the bench, or began the step that checks it. */
    @Transactional(readOnly = true)
    public boolean boxOpened(long number) {
        return jobs.boxOpened(number) || work.begun(number, KIT_BOX);
    }

    /** A line that is no longer there is to be ordered; one that is there again is held again. */
    @EventListener
    void follow(Holds.Changed change) {
        bills.inForce(change.job())
                .ifPresent(bill -> bill.lines.stream().filter(l -> l.partNumber.equals(change.partNumber()) && l.role.equals(change.role()))
                        .forEach(l -> l.source = source(l.role, change.held())));
    }

    /** Lays the job's parts of these numbers on its tray; of all numbers when none is named. Answers how many lines were picked. */
    @Transactional
    public int pick(long number, Set<String> parts, String by) {
        jobs.holdGoingOn(number);
        BillRow bill = inForceOrRefuse(number);
        Set<String> all = bill.lines.stream().filter(l -> l.source.reserved()).map(l -> l.partNumber).collect(Collectors.toSet());
        int picked = holds.pick(number, parts.isEmpty() ? all : parts, by);
        if (picked == 0) {
            throw Refused.conflict("Nothing of this is still in its drawer for job %d.".formatted(number));
        }
        live.jobChanged(number);
        return picked;
    }

    /**
     * A line that was to be bought without a number is this part: the job holds it, or waits for it.
     *
     * @param ordinal the line's place on the bill, from 0
     */
    @Transactional
    public void name(long number, int ordinal, String part, String partName, String by) {
        jobs.holdGoingOn(number);
        BillRow bill = inForceOrRefuse(number);
        BillLineRow line = bill.lines.stream().filter(l -> l.ordinal == ordinal && l.source.waitedFor() && l.partNumber.isEmpty())
                .findFirst()
                .orElseThrow(() -> Refused.notFound("line without a part's number", ordinal));
        Optional<Length> size = stock.drawersFor(number).parts().stream().filter(p -> p.number().equals(part)).findFirst()
                .flatMap(DrawerPart::size).map(PieceSize::thickness);
        if (!StandIn.fills(line.howThick(), size)) {
            throw Refused.input("part", part, "a part that is %s thick: another is another stack, which no check has seen"
                    .formatted(line.howThick().orElseThrow()));
        }
        line.partNumber = part;
        line.name = partName + ", for: " + line.name;
        // Found instead of made: nobody has to make it any more.
        line.making = null;
        line.thick = null;
        // Made anew, the bill has this part here again: naming it is no difference.
        List<StandIn> named = new ArrayList<>(Arrays.asList(json.readValue(bill.standIns, StandIn[].class)));
        named.add(new StandIn(line.role, "", part, line.name, "", "found for it", by));
        bill.standIns = json.writeValueAsString(named);
        Want want = new Want(part, line.count, line.role);
        line.source = source(line.role, !holds.reserve(number, List.of(want), Set.of(want), by).contains(want));
        live.jobChanged(number);
    }

    /**
     * A part that the shop makes lies there, measured; or it does not after all.
     *
     * @param ordinal the line's place on the bill, from 0
     * @throws Refused for a line that is not made here, that is so already, or that is mounted
     */
    @Transactional
    public void made(long number, int ordinal, boolean there, String by) {
        jobs.holdGoingOn(number);
        BillLineRow line = inForceOrRefuse(number).lines.stream().filter(l -> l.ordinal == ordinal && l.source.made()).findFirst()
                .orElseThrow(() -> Refused.notFound("line of a part made here", ordinal));
        if ((line.source == Source.MADE) == there) {
            throw Refused.conflict(there ? "'%s' is made already, %s said so.".formatted(line.name, line.madeBy)
                    : "'%s' is still to be made.".formatted(line.name));
        }
        if (line.usedAt != null) {
            throw Refused.conflict("'%s' is mounted: its step is undone first.".formatted(line.name));
        }
        line.source = there ? Source.MADE : Source.TO_MAKE;
        line.madeAt = there ? clock.now() : null;
        line.madeBy = there ? by : null;
        live.jobChanged(number);
    }

    BillRow inForceOrRefuse(long number) {
        return bills.inForce(number).orElseThrow(() -> Refused.notFound("bill for job", number));
    }

    @Transactional(readOnly = true)
    Optional<BillRow> inForce(long number) {
        return bills.inForce(number);
    }

    /** The bill in force, as it was agreed on. */
    @Transactional(readOnly = true)
    public Optional<Bill> agreed(long number) {
        return bills.inForce(number).map(BillRow::bill);
    }

    /** The bill in force as papers print it: what was consented to says who, when and how. */
    @Transactional(readOnly = true)
    public Optional<Bill> printed(long number) {
        return bills.inForce(number).map(BillRow::billAsAgreed);
    }

    /** Every revision there was, the first one first. */
    @Transactional(readOnly = true)
    List<BillRow> all(long number) {
        return bills.withLines(number);
    }
}
