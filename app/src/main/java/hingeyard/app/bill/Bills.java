package hingeyard.app.bill;

import hingeyard.app.arrival.Arrivals;
import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.install.Steps;
import hingeyard.app.live.LiveEvents;
import hingeyard.app.match.Drawn;
import hingeyard.app.match.Matches;
import hingeyard.app.problem.Refused;
import hingeyard.app.stock.Holds;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.bill.Bill;
import hingeyard.core.bill.BillAssembler;
import hingeyard.core.bill.BillLine;
import hingeyard.core.bill.NotTaken;
import hingeyard.core.condition.Found;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitReport;
import hingeyard.core.floor.Place;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Makes bills, holds their parts, and takes them back while nothing has begun. */
@Service
public class Bills {

    private final BillRows bills;
    private final Jobs jobs;
    private final Matches matches;
    private final Holds holds;
    private final Arrivals arrivals;
    private final Steps steps;
    private final LiveEvents live;
    private final ShopClock clock;
    private final JsonMapper json;

    Bills(BillRows bills, Jobs jobs, Matches matches, Holds holds, Arrivals arrivals, Steps steps, LiveEvents live, ShopClock clock, JsonMapper json) {
        this.bills = bills;
        this.jobs = jobs;
        this.matches = matches;
        this.holds = holds;
        this.arrivals = arrivals;
        this.steps = steps;
        this.live = live;
        this.clock = clock;
        this.json = json;
    }

    /**
     * Makes the bill, reserves its parts and plans its steps, all or nothing.
     *
     * @param stamp     the state of the match that was looked at
     * @param consented ids of the checks whose trade-off the customer consented to
     * @param notTaken  remedies ticked off
     */
    @Transactional
    public void make(long number, String kitCode, String stamp, Set<String> consented, List<NotTaken> notTaken, String by) {
        jobs.hold(number);
        if (bills.inForce(number).isPresent()) {
            throw Refused.conflict("Job %d has a bill already. Take it back before another kit is chosen.".formatted(number));
        }
        arrivals.goOnOrRefuse(number);
        matches.refuseContradictions(number);
        FitReport report = matches.report(number, kitCode);
        check(report, stamp, consented);
        Bill bill = assembled(report, arrivals.of(List.of(number)).getOrDefault(number, List.of()), notTaken);
        holds.reserve(number, bill.lines().stream().filter(l -> l.source().reserved())
                .map(l -> new Holds.Want(l.partNumber(), l.count(), l.role())).toList(), by);
        Map<String, Drawn> drawings = new LinkedHashMap<>();
        report.findings().forEach(f -> f.exhibit().ifPresent(e -> drawings.put(f.checkId(), Drawn.of(e))));
        int revision = bills.findByJobIdOrderByRevision(number).size() + 1;
        BillRow row = new BillRow(number, revision, kitCode, by, clock.now(), json.writeValueAsString(drawings));
        for (BillLine line : bill.lines()) {
            row.lines.add(new BillLineRow(row.lines.size(), line));
        }
        bills.save(row);
        steps.plan(number, report);
        jobs.chooseKit(number, kitCode);
        live.jobChanged(number);
    }

    private static Bill assembled(FitReport report, List<Found> condition, List<NotTaken> notTaken) {
        try {
            return BillAssembler.assemble(report, condition, notTaken);
        } catch (IllegalArgumentException e) {
            throw Refused.conflict(e.getMessage() + " No bill was made.");
        }
    }

    private static void check(FitReport report, String stamp, Set<String> consented) {
        if (!report.goesOn()) {
            throw Refused.conflict("%s: %s. No bill was made.".formatted(report.kit().fullName(), report.headline()));
        }
        if (!Matches.stamp(report).equals(stamp)) {
            throw Refused.conflict("The match changed since you looked: a measure or a drawer is not what it was. Look again before the bill is made.");
        }
        List<String> open = report.findings().stream().filter(f -> f.verdict() == Verdict.TRADE_OFF && !consented.contains(f.checkId()))
                .map(Finding::title).toList();
        if (!open.isEmpty()) {
            throw Refused.conflict("Consent is missing for: " + String.join(", ", open) + ". No bill was made.");
        }
    }

    /** Takes the bill back while no step has begun: its parts are free again. */
    @Transactional
    public void withdraw(long number, String reason, String by) {
        JobCard job = jobs.hold(number);
        BillRow bill = bills.inForce(number).orElseThrow(() -> Refused.notFound("bill for job", number));
        if (steps.begun(number)) {
            throw Refused.conflict("Steps of job %d have begun: its bill can no longer be taken back.".formatted(number));
        }
        bill.withdrawnReason = reason;
        holds.release(number, by);
        steps.drop(number);
        jobs.chooseKit(number, null);
        if (job.place() == Place.STAND) {
            jobs.place(number, Place.RACK, null);
        }
        live.jobChanged(number);
    }

    /** A line that is no longer there is to be ordered; one that is there again is held again. */
    @EventListener
    void follow(Holds.Changed change) {
        bills.inForce(change.job()).ifPresent(bill -> bill.lines.stream().filter(l -> l.partNumber.equals(change.partNumber()) && l.role.equals(change.role()))
                .forEach(l -> l.source = !change.held() ? BillLine.Source.TO_ORDER : l.role.equals("kit-box") ? BillLine.Source.KIT_BOX : BillLine.Source.FROM_DRAWER));
    }

    /** Lays the job's parts of these numbers on its tray; of all numbers when none is named. Answers how many lines were picked. */
    @Transactional
    public int pick(long number, Set<String> parts, String by) {
        jobs.hold(number);
        BillRow bill = bills.inForce(number).orElseThrow(() -> Refused.notFound("bill for job", number));
        Set<String> all = bill.lines.stream().filter(l -> l.source.reserved()).map(l -> l.partNumber).collect(Collectors.toSet());
        int picked = holds.pick(number, parts.isEmpty() ? all : parts, by);
        if (picked == 0) {
            throw Refused.conflict("Nothing of this is still in its drawer for job %d.".formatted(number));
        }
        live.jobChanged(number);
        return picked;
    }

    @Transactional(readOnly = true)
    Optional<BillRow> inForce(long number) {
        return bills.inForce(number);
    }
}
