package hingeyard.app.install;

import hingeyard.app.arrival.Arrivals;
import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.claim.Claims;
import hingeyard.app.live.LiveEvents;
import hingeyard.app.problem.Refused;
import hingeyard.app.stock.Holds;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.bill.BillLine;
import hingeyard.core.explain.Ruling;
import hingeyard.core.fit.FitReport;
import hingeyard.core.floor.JobProgress;
import hingeyard.core.floor.Place;
import hingeyard.core.install.FigureWanted;
import hingeyard.core.install.HistoryChain;
import hingeyard.core.install.Milestone;
import hingeyard.core.install.Step;
import hingeyard.core.install.StepPlanner;
import hingeyard.core.install.StepRules;
import hingeyard.core.install.StepRun;
import hingeyard.core.install.StepState;
import hingeyard.core.install.WorkTimes;
import hingeyard.formats.SheetJson;
import java.math.BigDecimal;
import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Plans steps and carries out what happens to them. Every command holds the job, so two people on one bike take turns. */
@Service
public class Steps {

    private final StepRows steps;
    private final StepEventRows events;
    private final StepFigureRows figures;
    private final StepPlanner planner;
    private final Jobs jobs;
    private final Holds holds;
    private final Arrivals arrivals;
    private final Claims claims;
    private final LiveEvents live;
    private final ShopClock clock;
    private final NamedParameterJdbcTemplate jdbc;

    Steps(StepRows steps, StepEventRows events, StepFigureRows figures, StepPlanner planner, Jobs jobs, Holds holds, Arrivals arrivals, Claims claims, LiveEvents live,
          ShopClock clock, NamedParameterJdbcTemplate jdbc) {
        this.steps = steps;
        this.events = events;
        this.figures = figures;
        this.planner = planner;
        this.jobs = jobs;
        this.holds = holds;
        this.arrivals = arrivals;
        this.claims = claims;
        this.live = live;
        this.clock = clock;
        this.jdbc = jdbc;
    }

    /** Plans the steps of a match that has just been billed. */
    @Transactional
    public void plan(long job, FitReport match) {
        List<Step> planned = planner.plan(match).steps();
        // Thirty rows in one go: saved one by one each waits for the number of the one before.
        jdbc.getJdbcTemplate().batchUpdate("INSERT INTO step (job_id, ordinal, step_key, body, state, version) VALUES (?, ?, ?, ?, ?, 0)", IntStream.range(0, planned.size())
                .mapToObj(i -> new Object[] {job, i, planned.get(i).key(), SheetJson.write(planned.get(i)), StepState.OPEN.name()}).toList());
    }

    /**
     * Plans the steps anew after a revision of the bill. What is done stays done, unless it mounts something that changed: then it is to be done again. Steps that nobody
     * began and that are no longer wanted go.
     *
     * @param changed roles whose parts are others now
     * @param why     as the steps' history says it
     */
    @Transactional
    public void replan(long job, FitReport match, Set<String> changed, String why, String by) {
        Map<String, StepRow> known = rows(job).stream().collect(Collectors.toMap(r -> r.stepKey, r -> r, (a, b) -> a, LinkedHashMap::new));
        int ordinal = 0;
        for (Step step : planner.plan(match).steps()) {
            StepRow row = known.remove(step.key());
            if (row == null) {
                steps.save(new StepRow(job, ordinal, step));
            } else {
                boolean again = row.state != StepState.OPEN && step.mounts().stream().anyMatch(changed::contains);
                if (again) {
                    row.openAgain();
                    happened(row, StepEvent.What.REOPENED, why, by);
                }
                if (row.state == StepState.OPEN) {
                    row.plan(step);
                }
                row.ordinal = ordinal;
            }
            ordinal++;
        }
        for (StepRow left : known.values()) {
            if (left.state == StepState.OPEN) {
                steps.delete(left);
            } else {
                left.ordinal = ordinal++;
            }
        }
    }

    @Transactional(readOnly = true)
    public boolean begun(long job) {
        return runs(job).stream().anyMatch(r -> r.state() != StepState.OPEN);
    }

    /** Forgets steps that nobody has begun. */
    @Transactional
    public void drop(long job) {
        steps.deleteAll(rows(job));
        steps.flush();
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
        row.handover = null;
        happened(row, StepEvent.What.STARTED, "", by);
    }

    /** Leaves a step half done. @param note what is done, what is only hand-tight, what was found, what is missing */
    @Transactional
    public void pause(long job, String key, String note, String by) {
        StepRow row = held(job, key, false);
        rule(StepRules.mayPause(row.run(), by));
        row.state = StepState.PAUSED;
        row.handover = note;
        happened(row, StepEvent.What.PAUSED, note, by);
    }

    /** Opens a ticked step again: what it mounted lies on the job's tray, and nothing of what was recorded is lost. */
    @Transactional
    public void undo(long job, String key, String reason, boolean manager, String by) {
        StepRow row = held(job, key, true);
        rule(StepRules.mayUndo(runs(job), key, by, manager));
        holds.unmount(job, row.step().mounts(), by);
        markUnused(job, row.step().mounts());
        row.openAgain();
        happened(row, StepEvent.What.UNDONE, reason, by);
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
            row.doneAt = clock.now();
            holds.consume(job, row.step().mounts(), by);
            markUsed(job, row.step().mounts());
            happened(row, StepEvent.What.TICKED, where, by);
        } else {
            getStuck(row, judged.reason());
            happened(row, StepEvent.What.REFUSED, judged.reason(), by);
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
        happened(row, StepEvent.What.STUCK, reason, by);
    }

    @Transactional
    public void inspect(long job, String key, String by) {
        StepRow row = held(job, key, false);
        rule(StepRules.mayInspect(row.run(), by));
        row.state = StepState.INSPECTED;
        row.inspectedBy = by;
        row.inspectedAt = clock.now();
        happened(row, StepEvent.What.INSPECTED, "", by);
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

    private void happened(StepRow row, StepEvent.What what, String detail, String by) {
        events.save(new StepEvent(row.jobId, row.stepKey, what, detail, by, clock.now(), events.lastHash(row.jobId)));
        live.jobChanged(row.jobId);
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

    /** What is wrong with the history of a job, in words; empty when every entry follows from those before it. */
    @Transactional(readOnly = true)
    public Optional<String> broken(long job) {
        List<StepEvent> chain = events.findByJobIdOrderById(job).stream().dropWhile(e -> e.hash == null).toList();
        return HistoryChain.broken(chain.stream().map(e -> new HistoryChain.Linked(e.entry(), String.valueOf(e.hash))).toList())
                .map(at -> "Entry %d of %d, '%s' of %s: it does not follow from those before it".formatted(at + 1, chain.size(), chain.get(at).stepKey, chain.get(at).doneBy));
    }

    /** How long each person was at it. */
    static Map<String, Duration> times(List<StepEvent> history, Instant now) {
        return WorkTimes.of(history.stream().filter(e -> e.what != StepEvent.What.INSPECTED && e.what != StepEvent.What.UNDONE)
                .map(e -> new WorkTimes.Moment(e.stepKey, e.what == StepEvent.What.STARTED, e.doneBy, e.doneAt)).toList(), now);
    }

    @Transactional(readOnly = true)
    List<StepEvent> history(long job) {
        return events.findByJobIdOrderById(job);
    }
}
