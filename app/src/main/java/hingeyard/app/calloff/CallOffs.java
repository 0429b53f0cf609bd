package hingeyard.app.calloff;

import hingeyard.app.arrival.Arrivals;
import hingeyard.app.bill.Bills;
import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.install.StepPlans;
import hingeyard.app.install.Steps;
import hingeyard.app.claim.Claim;
import hingeyard.app.claim.Claims;
import hingeyard.app.kit.Kits;
import hingeyard.app.live.LiveEvents;
import hingeyard.app.money.JobAccounts;
import hingeyard.app.match.Matches;
import hingeyard.app.problem.Refused;
import hingeyard.app.rules.RulesInForce;
import hingeyard.app.stock.Holds;
import hingeyard.app.stock.Holds.Want;
import hingeyard.app.stock.Returns;
import hingeyard.app.stock.Stock;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.bill.Agreement;
import hingeyard.core.bill.BillLine;
import hingeyard.core.bill.LastBill;
import hingeyard.core.booking.CallOff;
import hingeyard.core.condition.Found;
import hingeyard.core.explain.Ruling;
import hingeyard.core.floor.Place;
import hingeyard.core.install.Step;
import hingeyard.core.install.StepRun;
import hingeyard.core.install.StepState;
import hingeyard.core.install.TakeOff;
import hingeyard.core.stock.ReturnState;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Takes jobs back from where they are: steps that take the kit off, parts back in the state they are in, and a last bill. */
@Service
public class CallOffs {

    /**
     * @param said  what stays other than the bike came, in sentences
     * @param roles whose parts stay on the bike
     */
    record Stays(List<String> said, Set<String> roles) {
    }

    /**
     * What calling a job off now would bring.
     *
     * @param steps how many steps take the kit off
     * @param may   whether it may be called off now
     */
    public record TakingOff(int steps, int minutes, List<String> stays, Ruling may) {
    }

    /**
     * A line that had left its drawer.
     *
     * @param ordinal its place on the bill, from 0
     * @param mounted whether it, or something out of it, was on the bike
     * @param stays   whether it stays there
     */
    record Open(int ordinal, BillLine line, boolean opened, boolean mounted, boolean stays) {

        Ruling may(ReturnState state) {
            return state.may(opened, mounted, stays);
        }

        ReturnState usual() {
            return ReturnState.usual(opened, mounted, stays);
        }
    }

    /**
     * What the manager settles.
     *
     * @param states  of every line that had left its drawer, by its place on the bill
     * @param minutes that are charged
     * @param claimed damaged ones whose supplier is asked to answer for them, by their place on the bill
     */
    record Settled(Map<Integer, ReturnState> states, int minutes, String note, Set<Integer> claimed) {
    }

    private final CallOffRows rows;
    private final Jobs jobs;
    private final Bills bills;
    private final Steps steps;
    private final StepPlans plans;
    private final Matches matches;
    private final Arrivals arrivals;
    private final Holds holds;
    private final Returns returns;
    private final Stock stock;
    private final Kits kits;
    private final Claims claims;
    private final JobAccounts accounts;
    private final RulesInForce rules;
    private final LiveEvents live;
    private final ShopClock clock;
    private final JsonMapper json;

    CallOffs(CallOffRows rows, Jobs jobs, Bills bills, Steps steps, StepPlans plans, Matches matches, Arrivals arrivals, Holds holds,
            Returns returns, Stock stock, Kits kits, Claims claims, JobAccounts accounts, RulesInForce rules, LiveEvents live,
            ShopClock clock,
            JsonMapper json) {
        this.accounts = accounts;
        this.rows = rows;
        this.jobs = jobs;
        this.bills = bills;
        this.steps = steps;
        this.plans = plans;
        this.matches = matches;
        this.arrivals = arrivals;
        this.holds = holds;
        this.returns = returns;
        this.stock = stock;
        this.kits = kits;
        this.claims = claims;
        this.rules = rules;
        this.live = live;
        this.clock = clock;
        this.json = json;
    }

    /** Whether anything that was done on a job has to be put right before its kit can go back. */
    @Transactional(readOnly = true)
    public boolean mustComeOff(long number) {
        return TakeOff.needed(steps.runs(number));
    }

    @Transactional(readOnly = true)
    public TakingOff takingOff(long number) {
        JobCard job = jobs.card(number);
        Ruling may = mayBeCalledOff(job, steps.runs(number));
        if (!may.allowed() || !mustComeOff(number)) {
            return new TakingOff(0, 0, List.of(), may);
        }
        TakeOff.Plan plan = plans.takingOff(number, matches.report(number, job.kitCode().orElseThrow()));
        return new TakingOff(plan.steps().size(), plan.steps().stream().mapToInt(Step::minutes).sum(), plan.stays(), may);
    }

    private static Ruling mayBeCalledOff(JobCard job, List<StepRun> runs) {
        if (job.calledOff().isPresent()) {
            return job.calledOff().get().mayGoOn(job.number());
        }
        if (job.place() == Place.GONE) {
            return Ruling.no("Job %d is with its customer: there is nothing to call off.".formatted(job.number()));
        }
        if (job.kitCode().isEmpty()) {
            return Ruling.no("Job %d has no bill: the bike leaves as it came, with a reason, from the yard.".formatted(job.number()));
        }
        return runs.stream().filter(r -> r.state() == StepState.RUNNING).findFirst()
                .map(r -> Ruling.no("%s is at '%s': they hand it over first.".formatted(r.doer().orElse("Somebody"), r.step().title())))
                .orElseGet(Ruling::yes);
    }

    /**
     * Calls a job off, or gives it another kit: its open steps go, those that take the kit off come.
     *
     * @param said who said so, on which day and in which way; empty where the shop itself decided
     */
    @Transactional
    public void callOff(long number, CallOff.Why why, String reason, Optional<Agreement> said, String by) {
        JobCard job = jobs.hold(number);
        Ruling may = mayBeCalledOff(job, steps.runs(number));
        if (!may.allowed()) {
            throw Refused.conflict(may.reason() + " Nothing was changed.");
        }
        CallOffRow row = new CallOffRow(number, job.kitCode().orElseThrow(), why, reason, said, by, clock.now());
        TakeOff.Plan plan = plans.takeOff(number, matches.report(number, row.kitCode), sentence(row), by);
        row.stays = json.writeValueAsString(new Stays(plan.stays(), plan.keeps()));
        rows.save(row);
        bills.freeUntouched(number, by);
        jobs.callOff(number, CallOff.COMING_OFF);
        live.jobChanged(number);
    }

    private static String sentence(CallOffRow row) {
        return row.why.label() + ": " + row.reason;
    }

    /** The job goes on after all, as long as nobody began to take its kit off. */
    @Transactional
    void goOn(long number, String reason, String by) {
        JobCard job = jobs.hold(number);
        CallOffRow row = openRow(number);
        Ruling may = mayGoOn(row, steps.runs(number));
        if (!may.allowed()) {
            throw Refused.conflict(may.reason() + " Nothing was changed.");
        }
        end(row, CallOffRow.Ended.UNDONE, reason, by);
        jobs.callOff(number, null);
        bills.holdAgain(number, by);
        plans.goOn(number, matches.report(number, job.kitCode().orElseThrow()), sentence(row), "goes on after all: " + reason, by);
        live.jobChanged(number);
    }

    private static Ruling mayGoOn(CallOffRow row, List<StepRun> runs) {
        if (!row.open()) {
            return Ruling.no("It is settled already.");
        }
        return runs.stream().filter(r -> TakeOff.isOf(r.step()) && r.state() != StepState.OPEN && r.state() != StepState.SKIPPED)
                .findFirst()
                .map(r -> Ruling.no("'%s' has been started: the removal can no longer be stopped.".formatted(r.step().title())))
                .orElseGet(Ruling::yes);
    }

    private void end(CallOffRow row, CallOffRow.Ended how, String note, String by) {
        row.ended = how;
        row.note = note;
        row.endedBy = by;
        row.endedAt = clock.now();
    }

    private CallOffRow openRow(long number) {
        return last(number).filter(CallOffRow::open).orElseThrow(() -> Refused.conflict("Job %d is not called off.".formatted(number)));
    }

    /** The last time this job was called off; empty when it never was. */
    @Transactional(readOnly = true)
    Optional<CallOffRow> last(long number) {
        return rows.findByJobIdOrderByIdDesc(number).stream().findFirst();
    }

    Stays stays(CallOffRow row) {
        return json.readValue(row.stays, Stays.class);
    }

    LastBill settlement(CallOffRow row) {
        return json.readValue(row.settlement, LastBill.class);
    }

    @Transactional(readOnly = true)
    Ruling mayGoOn(CallOffRow row) {
        return mayGoOn(row, steps.runs(row.jobId));
    }

    /** Whether it may be settled: everything that had to come off is off. */
    @Transactional(readOnly = true)
    Ruling maySettle(CallOffRow row) {
        if (!row.open()) {
            return Ruling.no("It is settled already.");
        }
        List<StepRun> left = steps.runs(row.jobId).stream().filter(r -> TakeOff.isOf(r.step()) && !r.finished()).toList();
        return left.isEmpty() ? Ruling.yes()
                : Ruling.no("%d step%s to do first: '%s'.".formatted(left.size(), left.size() == 1 ? "" : "s", left.get(0).step().title()));
    }

    /** Every line that had left its drawer. */
    @Transactional(readOnly = true)
    List<Open> open(CallOffRow row) {
        Set<String> on = new HashSet<>();
        // What came off with an earlier kit says nothing of this one.
        steps.runs(row.jobId).stream().filter(r -> r.state() != StepState.SKIPPED).map(StepRun::step).filter(TakeOff::isOf)
                .forEach(s -> on.addAll(s.dismounts()));
        Set<String> stays = stays(row).roles();
        on.addAll(stays);
        List<Bills.Laid> lines = bills.laid(row.jobId);
        boolean outOfBox = lines.stream().anyMatch(l -> l.line().source() == BillLine.Source.FROM_KIT && on.contains(l.line().role()));
        boolean opened = bills.boxOpened(row.jobId);
        Set<Want> outside = holds.outside(row.jobId);
        return lines.stream().filter(l -> l.line().source().reserved())
                .filter(l -> outside.contains(new Want(l.line().partNumber(), l.line().count(), l.line().role()))
                        || l.line().source() == BillLine.Source.KIT_BOX && opened)
                .map(l -> {
                    boolean box = l.line().source() == BillLine.Source.KIT_BOX;
                    return new Open(l.ordinal(), l.line(), box && opened, on.contains(l.line().role()) && !box || box && outOfBox,
                            stays.contains(l.line().role()));
                }).toList();
    }

    /** Minutes of work by the book: what is done of the list, what is put right, and what was mended at arrival. */
    @Transactional(readOnly = true)
    int workMinutes(long number) {
        Collection<Found> found = arrivals.of(List.of(number)).getOrDefault(number, List.of());
        return steps.runs(number).stream().filter(r -> r.state() == StepState.DONE || r.state() == StepState.INSPECTED)
                .mapToInt(r -> r.step().minutes()).sum() + found.stream().mapToInt(Found::minutesSpent).sum();
    }

    /** As they were agreed with the bill; by the shop's rules of today for a bill of before there were prices. */
    @Transactional(readOnly = true)
    LastBill.Rates rates(long number) {
        return bills.charges(number).map(LastBill.Rates::of).orElseGet(() -> LastBill.Rates.of(rules.now()));
    }

    /** What would be paid if it were settled so; nothing is changed. */
    @Transactional(readOnly = true)
    LastBill reckoned(long number, Settled settled) {
        return reckoned(openRow(number), settled);
    }

    private LastBill reckoned(CallOffRow row, Settled settled) {
        int worked = workMinutes(row.jobId);
        if (settled.minutes > worked) {
            throw Refused.input("minutes", String.valueOf(settled.minutes), "0 to %d, so many were worked by the book".formatted(worked));
        }
        List<LastBill.Line> lines = new ArrayList<>();
        List<Open> left = open(row);
        settled.claimed.stream().filter(c -> left.stream().noneMatch(o -> o.ordinal == c)).findFirst().ifPresent(c -> {
            throw Refused.input("claimed", String.valueOf(c), "places of lines that had left their drawer");
        });
        for (Open open : left) {
            ReturnState state = settled.states.get(open.ordinal);
            if (state == null) {
                throw Refused.input("states", "nothing for " + open.line.name(), "in which state it is");
            }
            Ruling ruling = open.may(state);
            if (!ruling.allowed()) {
                throw Refused.conflict("states", state.label(), "%s: %s Nothing was settled.".formatted(open.line.name(), ruling.reason()));
            }
            if (settled.claimed.contains(open.ordinal) && state != ReturnState.DAMAGED) {
                throw Refused.input("claimed", open.line.name() + ", " + state.label(), "only what comes back damaged");
            }
            lines.add(new LastBill.Line(open.line, state));
        }
        return LastBill.of(lines, worked, settled.minutes, accounts.paidMinor(row.jobId),
                rates(row.jobId));
    }

    /** It keeps nothing waiting: the job it came with goes on without it. */
    private void claim(JobCard job, CallOffRow row, BillLine line, String by) {
        boolean box = line.source() == BillLine.Source.KIT_BOX;
        claims.raise(new Claim.Raised(Optional.of(job.number()), jobs.box(job.number()), Optional.empty(),
                box ? kits.kit(row.kitCode).maker() : stock.supplier(line.partNumber()), line.partNumber(), line.name(), line.count(),
                Claim.Fault.DAMAGED, "", false, "came back damaged: " + row.reason), by);
    }

    /**
     * Settles a job whose kit is off: everything goes back in the state it is in, and the last bill is kept.
     *
     * @throws Refused for a line whose state is not said or may not be, naming it
     */
    @Transactional
    void settle(long number, Settled settled, String by) {
        JobCard job = jobs.hold(number);
        CallOffRow row = openRow(number);
        Ruling may = maySettle(row);
        if (!may.allowed()) {
            throw Refused.conflict(may.reason() + " Nothing was settled.");
        }
        LastBill bill = reckoned(row, settled);
        open(row).stream().filter(o -> settled.claimed.contains(o.ordinal)).forEach(o -> claim(job, row, o.line, by));
        for (LastBill.Line line : bill.lines()) {
            returns.settle(number, new Want(line.line().partNumber(), line.line().count(), line.line().role()), line.state(), row.reason,
                    by);
        }
        row.settlement = json.writeValueAsString(bill);
        end(row, CallOffRow.Ended.SETTLED, settled.note, by);
        bills.end(number, sentence(row), by);
        boolean over = row.why == CallOff.Why.CUSTOMER;
        jobs.callOff(number, over ? CallOff.OVER : null);
        if (!over) {
            plans.kitGoesBack(number, sentence(row), by);
            if (job.place() == Place.STAND || job.place() == Place.STRIP) {
                jobs.place(number, Place.RACK, null);
            }
        }
        live.jobChanged(number);
    }
}
