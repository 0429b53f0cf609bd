package hingeyard.app.install;

import hingeyard.app.arrival.Arrivals;
import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.claim.Claims;
import hingeyard.app.problem.Refused;
import hingeyard.app.stock.Holds;
import hingeyard.app.shop.Team;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.people.Skills;
import hingeyard.core.booking.CallOff;
import hingeyard.core.explain.Ruling;
import hingeyard.core.floor.JobProgress;
import hingeyard.core.floor.Place;
import hingeyard.core.install.Blocker;
import hingeyard.core.install.Milestone;
import hingeyard.core.install.Step;
import hingeyard.core.install.StepRules;
import hingeyard.core.install.StepRun;
import hingeyard.core.install.StepState;
import hingeyard.core.install.TakeOff;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Carries out what happens to steps. Every command holds the job, so two people on one bike take turns. */
@Service
public class Steps {

    private final StepRows steps;
    private final StepReading reading;
    private final StepHistory history;
    private final Blockers blockers;
    private final BatteryHolds batteryHolds;
    private final Jobs jobs;
    private final Holds holds;
    private final BilledParts lines;
    private final Arrivals arrivals;
    private final Claims claims;
    private final Team team;
    private final ShopClock clock;

    Steps(StepRows steps, StepReading reading, StepHistory history, Blockers blockers, BatteryHolds batteryHolds, Jobs jobs, Holds holds,
            BilledParts lines, Arrivals arrivals, Claims claims, Team team, ShopClock clock) {
        this.steps = steps;
        this.reading = reading;
        this.history = history;
        this.blockers = blockers;
        this.batteryHolds = batteryHolds;
        this.jobs = jobs;
        this.holds = holds;
        this.lines = lines;
        this.arrivals = arrivals;
        this.claims = claims;
        this.team = team;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public boolean begun(long job) {
        return runs(job).stream().anyMatch(r -> r.state() != StepState.OPEN);
    }

    @Transactional(readOnly = true)
    public List<StepRun> runs(long job) {
        return rows(job).stream().map(StepRow::run).toList();
    }

    /** Where these jobs' steps stand, by job. */
    @Transactional(readOnly = true)
    public Map<Long, List<StepStand>> of(Collection<Long> jobs) {
        return reading.of(jobs);
    }

    /** What the floor needs to know of a job. */
    public static JobProgress progress(JobCard job, List<StepRun> runs, Ruling condition) {
        boolean powered = !runs.isEmpty()
                && runs.stream().filter(r -> r.step().reaches().contains(Milestone.POWERED)).allMatch(StepRun::finished);
        return new JobProgress(job.place() != Place.GATE, job.kitCode().isPresent(),
                runs.stream().anyMatch(r -> r.state() == StepState.RUNNING), powered, StepRules.allFinished(runs),
                job.calledOff().filter(CallOff.COMING_OFF::equals).isPresent(), condition);
    }

    @Transactional
    public void start(long job, String key, boolean manager, String by) {
        StepRow row = held(job, key, true);
        if (!TakeOff.isOf(row.step())) {
            // A kit comes off a cracked frame too.
            arrivals.goOnOrRefuse(job);
        }
        rule(StepRules.mayStart(standing(job), key, claims.blockedRoles(job)));
        if (row.state == StepState.STUCK) {
            blockers.cleared(row, manager, by);
        }
        batteryHolds.ask(row, by);
        row.state = StepState.RUNNING;
        Skills skills = team.skills(by);
        Ruling alone = skills.alone(row.step().skill());
        row.takenBy(by, skills);
        row.startedAt = clock.now();
        row.stuckReason = null;
        row.stuckSince = null;
        history.happened(row, StepEvent.What.STARTED, alone.reason(), by);
    }

    /** Leaves a step half done. @param note what is done, what is only hand-tight, what was found, what is missing */
    @Transactional
    public void pause(long job, String key, String note, boolean manager, String by) {
        StepRow row = held(job, key, false);
        rule(StepRules.mayPause(row.run(), by, manager));
        String told = row.run().doer().filter(d -> !d.equals(by)).map(d -> "for %s: %s".formatted(d, note)).orElse(note);
        row.state = StepState.PAUSED;
        row.handover = by + (told.equals(note) ? ": " : " ") + told;
        history.happened(row, StepEvent.What.PAUSED, told, by);
    }

    /** Opens a ticked step again: what it mounted lies on the job's tray, and nothing of what was recorded is lost. */
    @Transactional
    public void undo(long job, String key, String reason, boolean manager, String by) {
        StepRow row = held(job, key, true);
        rule(StepRules.mayUndo(standing(job), key, by, manager));
        holds.unmount(job, row.step().mounts(), by);
        lines.markUnused(job, row.step().mounts());
        holds.consume(job, row.step().dismounts(), by);
        lines.markUsed(job, row.step().dismounts());
        row.openAgain();
        history.happened(row, StepEvent.What.UNDONE, reason, by);
    }

    /** Whether everything that reaches a milestone is finished; false while nothing is planned. */
    @Transactional(readOnly = true)
    public boolean reached(long job, Milestone milestone) {
        List<StepRun> reaching = runs(job).stream().filter(r -> r.step().reaches().contains(milestone)).toList();
        return !reaching.isEmpty() && reaching.stream().allMatch(StepRun::finished);
    }

    @Transactional
    public void stuck(long job, String key, Stop stop, String by) {
        StepRow row = held(job, key, true);
        if (row.state != StepState.RUNNING) {
            throw Refused.conflict("'%s' is not running; only a running step gets stuck.".formatted(row.step().title()));
        }
        getStuck(row, stop, by);
        history.happened(row, StepEvent.What.STUCK, stop.kind().label() + ": " + stop.what(), by);
    }

    /** Why a stuck step is stuck was found: that is what stops it now, and whose turn it is. */
    @Transactional
    public void found(long job, String key, Stop found, String by) {
        StepRow row = held(job, key, false);
        blockers.becomes(row, found);
        row.stuckReason = found.what();
        history.happened(row, StepEvent.What.FOUND, found.kind().label() + ": " + found.what(), by);
    }

    /** Leaves a step out. */
    @Transactional
    public void skip(long job, String key, String reason, String by) {
        StepRow row = held(job, key, false);
        rule(StepRules.maySkip(row.run()));
        row.state = StepState.SKIPPED;
        row.stuckReason = null;
        row.stuckSince = null;
        history.happened(row, StepEvent.What.SKIPPED, reason, by);
    }

    /** Puts a step to another place in the list. @param to its place afterwards, from 0 */
    @Transactional
    public void move(long job, String key, int to, String by) {
        StepRow row = held(job, key, false);
        List<StepRow> order = new ArrayList<>(rows(job));
        rule(StepRules.mayMove(order.stream().map(StepRow::run).toList(), key, to));
        order.removeIf(r -> r.stepKey.equals(key));
        order.add(to, row);
        for (int i = 0; i < order.size(); i++) {
            order.get(i).ordinal = i;
        }
        history.happened(row, StepEvent.What.MOVED, "to place " + (to + 1), by);
    }

    @Transactional
    public void inspect(long job, String key, String by) {
        StepRow row = toInspect(job, key, by);
        row.state = StepState.INSPECTED;
        row.inspectedBy = by;
        row.inspectedAt = clock.now();
        history.happened(row, StepEvent.What.INSPECTED, "", by);
    }

    private StepRow toInspect(long job, String key, String by) {
        StepRow row = held(job, key, false);
        rule(StepRules.mayInspect(row.run(), history.hands(job).getOrDefault(key, Set.of()), by, team.skills(by)));
        return row;
    }

    /**
     * The second person does not accept a hold point: it is to be done again. What it mounted lies on the job's tray, what was read stays
     * written down.
     *
     * @param photo a picture of it
     */
    @Transactional
    public void refuse(long job, String key, String found, Optional<Long> photo, String by) {
        StepRow row = toInspect(job, key, by);
        holds.unmount(job, row.step().mounts(), by);
        lines.markUnused(job, row.step().mounts());
        row.doneAt = null;
        row.workedSeconds = null;
        getStuck(row,
                new Stop(Blocker.Kind.NOT_ACCEPTED, "%s does not accept it: %s".formatted(by, found), "", "", photo, Optional.empty()), by);
        history.happened(row, StepEvent.What.NOT_ACCEPTED, found, by);
    }

    void getStuck(StepRow row, Stop stop, String by) {
        row.state = StepState.STUCK;
        row.stuckReason = stop.what();
        row.stuckSince = clock.now();
        blockers.raise(row, stop, by);
    }

    StepRow held(long number, String key, boolean hands) {
        JobCard job = jobs.hold(number);
        if (hands && job.place() != Place.STAND && job.place() != Place.STRIP) {
            throw Refused.conflict("Job %d is at %s: put the bike on a stand first.".formatted(number, job.place().label()));
        }
        return steps.findByJobIdAndStepKey(number, key).orElseThrow(() -> Refused.notFound("step", key));
    }

    /** Every step of a job that is held, as it is written down: what this transaction changed is written first. */
    private List<StepRun> standing(long job) {
        steps.flush();
        return reading.of(List.of(job)).getOrDefault(job, List.of()).stream().map(StepStand::run).toList();
    }

    static void rule(Ruling ruling) {
        if (!ruling.allowed()) {
            throw Refused.conflict(ruling.reason());
        }
    }

    List<StepRow> rows(long job) {
        return steps.findByJobIdOrderByOrdinal(job);
    }
}
