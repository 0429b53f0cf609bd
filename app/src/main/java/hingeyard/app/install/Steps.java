package hingeyard.app.install;

import hingeyard.app.arrival.Arrivals;
import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.claim.Claims;
import hingeyard.app.problem.Refused;
import hingeyard.app.stock.Holds;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.bill.BillLine;
import hingeyard.core.explain.Ruling;
import hingeyard.core.floor.JobProgress;
import hingeyard.core.floor.Place;
import hingeyard.core.install.FigureWanted;
import hingeyard.core.install.Milestone;
import hingeyard.core.install.StepRules;
import hingeyard.core.install.StepRun;
import hingeyard.core.install.StepState;
import java.math.BigDecimal;
import java.sql.Timestamp;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Carries out what happens to steps. Every command holds the job, so two people on one bike take turns. */
@Service
public class Steps {

    private final StepRows steps;
    private final StepHistory history;
    private final StepFigureRows figures;
    private final Jobs jobs;
    private final Holds holds;
    private final Arrivals arrivals;
    private final Claims claims;
    private final ShopClock clock;
    private final NamedParameterJdbcTemplate jdbc;

    Steps(StepRows steps, StepHistory history, StepFigureRows figures, Jobs jobs, Holds holds, Arrivals arrivals, Claims claims, ShopClock clock, NamedParameterJdbcTemplate jdbc) {
        this.steps = steps;
        this.history = history;
        this.figures = figures;
        this.jobs = jobs;
        this.holds = holds;
        this.arrivals = arrivals;
        this.claims = claims;
        this.clock = clock;
        this.jdbc = jdbc;
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
        return steps.findByJobIdInOrderByJobIdAscOrdinalAsc(jobs).stream().collect(Collectors.groupingBy(r -> r.jobId, LinkedHashMap::new,
                Collectors.mapping(r -> new StepStand(r.run(), Optional.ofNullable(r.startedAt), Optional.ofNullable(r.stuckReason),
                        Optional.ofNullable(r.stuckSince)), Collectors.toList())));
    }

    /** What the floor needs to know of a job. */
    public static JobProgress progress(JobCard job, List<StepRun> runs, Ruling condition) {
        boolean powered = !runs.isEmpty() && runs.stream().filter(r -> r.step().reaches().contains(Milestone.POWERED)).allMatch(StepRun::finished);
        return new JobProgress(job.place() != Place.GATE, job.kitCode().isPresent(),
                runs.stream().anyMatch(r -> r.state() == StepState.RUNNING), powered, StepRules.allFinished(runs), condition);
    }

    @Transactional
    public void start(long job, String key, String by) {
        StepRow row = held(job, key, true);
        arrivals.goOnOrRefuse(job);
        rule(StepRules.mayStart(runs(job), key, claims.blockedRoles(job)));
        row.state = StepState.RUNNING;
        row.doer = by;
        row.startedAt = clock.now();
        row.stuckReason = null;
        row.stuckSince = null;
        history.happened(row, StepEvent.What.STARTED, "", by);
    }

    /** Leaves a step half done. @param note what is done, what is only hand-tight, what was found, what is missing */
    @Transactional
    public void pause(long job, String key, String note, String by) {
        StepRow row = held(job, key, false);
        rule(StepRules.mayPause(row.run(), by));
        row.state = StepState.PAUSED;
        row.handover = by + ": " + note;
        history.happened(row, StepEvent.What.PAUSED, note, by);
    }

    /** Opens a ticked step again: what it mounted lies on the job's tray, and nothing of what was recorded is lost. */
    @Transactional
    public void undo(long job, String key, String reason, boolean manager, String by) {
        StepRow row = held(job, key, true);
        rule(StepRules.mayUndo(runs(job), key, by, manager));
        holds.unmount(job, row.step().mounts(), by);
        markUnused(job, row.step().mounts());
        row.openAgain();
        history.happened(row, StepEvent.What.UNDONE, reason, by);
    }

    /**
     * Ticks a step with its figures. A figure outside its window is kept and leaves the step stuck.
     *
     * @throws Refused when a figure is missing, naming it and its window
     */
    @Transactional
    public void tick(long job, String key, Map<String, BigDecimal> read, String by) {
        StepRow row = held(job, key, true);
        rule(StepRules.mayTick(row.run(), by, onHand(job, row.step().mounts())));
        for (FigureWanted wanted : row.step().figures()) {
            if (read.get(wanted.key()) == null) {
                throw Refused.input(wanted.name(), "nothing", wanted.window());
            }
        }
        finish(row, read, by, "");
    }

    private void finish(StepRow row, Map<String, BigDecimal> read, String by, String where) {
        long job = row.jobId;
        for (FigureWanted wanted : row.step().figures()) {
            BigDecimal value = read.get(wanted.key());
            figures.save(new StepFigure(row.id, wanted.key(), value, wanted.passes(value), by, clock.now()));
        }
        Ruling judged = StepRules.judge(row.step(), read);
        if (judged.allowed()) {
            row.state = StepState.DONE;
            row.handover = null;
            row.doneAt = clock.now();
            holds.consume(job, row.step().mounts(), by);
            markUsed(job, row.step().mounts());
            history.happened(row, StepEvent.What.TICKED, where, by);
        } else {
            getStuck(row, judged.reason());
            history.happened(row, StepEvent.What.REFUSED, judged.reason(), by);
        }
    }

    /**
     * What reaches this milestone was done at the kit check, before the bike was on a stand.
     *
     * @param read figures recorded there
     */
    @Transactional
    public void doneAtReceiving(long job, Milestone milestone, Map<String, BigDecimal> read, String by) {
        for (StepRow row : rows(job)) {
            if (!row.step().reaches().contains(milestone) || row.run().finished()) {
                continue;
            }
            if (!onHand(job, row.step().mounts())) {
                throw Refused.conflict("The kit's box of job %d is still to come: it cannot be checked yet.".formatted(job));
            }
            row.state = StepState.RUNNING;
            row.doer = by;
            row.startedAt = row.startedAt == null ? clock.now() : row.startedAt;
            finish(row, read, by, "at the kit check");
        }
    }

    /** Whether everything that reaches a milestone is finished; false while nothing is planned. */
    @Transactional(readOnly = true)
    public boolean reached(long job, Milestone milestone) {
        List<StepRun> reaching = runs(job).stream().filter(r -> r.step().reaches().contains(milestone)).toList();
        return !reaching.isEmpty() && reaching.stream().allMatch(StepRun::finished);
    }

    @Transactional
    public void stuck(long job, String key, String reason, String by) {
        StepRow row = held(job, key, true);
        if (row.state != StepState.RUNNING) {
            throw Refused.conflict("'%s' is not running; only a running step gets stuck.".formatted(row.step().title()));
        }
        getStuck(row, reason);
        history.happened(row, StepEvent.What.STUCK, reason, by);
    }

    @Transactional
    public void inspect(long job, String key, String by) {
        StepRow row = held(job, key, false);
        rule(StepRules.mayInspect(row.run(), by));
        row.state = StepState.INSPECTED;
        row.inspectedBy = by;
        row.inspectedAt = clock.now();
        history.happened(row, StepEvent.What.INSPECTED, "", by);
    }

    private void getStuck(StepRow row, String reason) {
        row.state = StepState.STUCK;
        row.stuckReason = reason;
        row.stuckSince = clock.now();
    }

    private StepRow held(long number, String key, boolean hands) {
        JobCard job = jobs.hold(number);
        if (hands && job.place() != Place.STAND && job.place() != Place.STRIP) {
            throw Refused.conflict("Job %d is at %s: put the bike on a stand first.".formatted(number, job.place().label()));
        }
        return rows(number).stream().filter(r -> r.stepKey.equals(key)).findFirst().orElseThrow(() -> Refused.notFound("step", key));
    }

    private boolean onHand(long job, Set<String> roles) {
        return roles.isEmpty() || Boolean.TRUE.equals(jdbc.queryForObject("""
                SELECT COUNT(*) = 0 FROM bill_line l JOIN bill b ON b.id = l.bill_id
                WHERE b.job_id = :job AND b.withdrawn_reason IS NULL AND l.source = :toOrder AND l.role IN (:roles)""",
                Map.of("job", job, "toOrder", BillLine.Source.TO_ORDER.name(), "roles", roles), Boolean.class));
    }

    private void markUsed(long job, Set<String> roles) {
        if (!roles.isEmpty()) {
            jdbc.update("""
                    UPDATE bill_line l JOIN bill b ON b.id = l.bill_id SET l.used_at = :now
                    WHERE b.job_id = :job AND b.withdrawn_reason IS NULL AND l.role IN (:roles)""",
                    Map.of("job", job, "now", Timestamp.from(clock.now()), "roles", roles));
        }
    }

    private void markUnused(long job, Set<String> roles) {
        if (!roles.isEmpty()) {
            jdbc.update("UPDATE bill_line l JOIN bill b ON b.id = l.bill_id SET l.used_at = NULL WHERE b.job_id = :job AND b.withdrawn_reason IS NULL AND l.role IN (:roles)", Map.of("job", job, "roles", roles));
        }
    }

    private static void rule(Ruling ruling) {
        if (!ruling.allowed()) {
            throw Refused.conflict(ruling.reason());
        }
    }

    List<StepRow> rows(long job) {
        return steps.findByJobIdOrderByOrdinal(job);
    }

    @Transactional(readOnly = true)
    Map<Long, List<StepFigure>> figures(List<StepRow> of) {
        return figures.findByStepIdInOrderById(of.stream().map(r -> r.id).toList()).stream().collect(Collectors.groupingBy(f -> f.stepId));
    }
}
