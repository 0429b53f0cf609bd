package hingeyard.app.install;

import hingeyard.app.arrival.Arrivals;
import hingeyard.app.booking.StepTurns;
import hingeyard.app.command.BulkInsert;
import hingeyard.core.fit.FitReport;
import hingeyard.core.install.Phase;
import hingeyard.core.install.Redo;
import hingeyard.core.install.Step;
import hingeyard.core.install.StepPlan;
import hingeyard.core.install.StepPlanner;
import hingeyard.core.install.StepState;
import hingeyard.core.install.TakeOff;
import hingeyard.core.install.Work;
import hingeyard.formats.SheetJson;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Plans the steps of a job's bill, and plans them anew when the bill is revised. */
@Service
public class StepPlans {

    private final StepRows steps;
    private final StepHistory history;
    private final Blockers blockers;
    private final StepPlanner planner;
    private final JobWork work;
    private final Arrivals arrivals;
    private final StepTurns turns;
    private final BilledParts lines;
    private final JdbcTemplate jdbc;

    StepPlans(StepRows steps, StepHistory history, Blockers blockers, StepPlanner planner, JobWork work, Arrivals arrivals, StepTurns turns,
            BilledParts lines,
            JdbcTemplate jdbc) {
        this.steps = steps;
        this.history = history;
        this.blockers = blockers;
        this.planner = planner;
        this.work = work;
        this.arrivals = arrivals;
        this.turns = turns;
        this.lines = lines;
        this.jdbc = jdbc;
    }

    /** Plans the steps of a match that has just been billed; anew where another kit's were begun. */
    @Transactional
    public void plan(long job, FitReport match, String by) {
        if (!steps.findByJobIdOrderByOrdinal(job).isEmpty()) {
            anew(job, match, all -> all.stream().filter(s -> s.phase().filter(Phase.BASELINE::equals).isEmpty()).map(Step::key)
                    .collect(Collectors.toSet()), "planned anew for " + match.kit().fullName(), by);
            return;
        }
        List<Step> planned = ordered(job, match).steps();
        BulkInsert.into(jdbc, "step (job_id, ordinal, step_key, body, state, version)", IntStream.range(0, planned.size())
                .mapToObj(i -> new Object[]{job, i, planned.get(i).key(), SheetJson.write(planned.get(i)), StepState.OPEN.name(), 0})
                .toList());
    }

    /**
     * Plans the steps anew after a revision of the bill. What is done stays done, unless it mounts something that changed, or was
     * tightened, read or inspected on top of
     * that: then it is to be done again, see {@link Redo}. Steps that nobody began and that are no longer wanted go.
     *
     * @param changed roles whose parts are others now
     * @param why     as the steps' history says it
     */
    @Transactional
    public void replan(long job, FitReport match, Set<String> changed, String why, String by) {
        anew(job, match, all -> Redo.of(all, changed), why, by);
    }

    /** The list in its order, and what that order saves written beside the job. */
    private StepPlan ordered(long job, FitReport match) {
        StepPlan plan = planner.plan(work(job, match));
        turns.keep(job, plan.said());
        return plan;
    }

    /** @param redo keys of the steps to be done again, of the whole new list */
    private void anew(long job, FitReport match, Function<List<Step>, Set<String>> redo, String why, String by) {
        Map<String, StepRow> known = steps.findByJobIdOrderByOrdinal(job).stream()
                .collect(Collectors.toMap(r -> r.stepKey, r -> r, (a, b) -> a, LinkedHashMap::new));
        int ordinal = 0;
        List<Step> planned = ordered(job, match).steps();
        Set<String> again = redo.apply(planned);
        for (Step step : planned) {
            StepRow row = known.remove(step.key());
            if (row == null) {
                steps.save(new StepRow(job, ordinal, step));
            } else {
                if (row.state != StepState.OPEN && again.contains(step.key())) {
                    if (row.state == StepState.STUCK) {
                        blockers.overtaken(row, why, by);
                    }
                    row.openAgain();
                    history.happened(row, StepEvent.What.REOPENED, why, by);
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

    /**
     * The kit goes back: steps that nobody began are forgotten, what was done stays written down and is left out of the list that comes.
     * The bike's baseline
     * stays taken.
     */
    @Transactional
    public void kitGoesBack(long job, String why, String by) {
        Set<String> touched = touched(job);
        for (StepRow row : steps.findByJobIdOrderByOrdinal(job)) {
            boolean baseline = row.step().phase().filter(Phase.BASELINE::equals).isPresent() && row.run().finished();
            if (row.state == StepState.OPEN && !touched.contains(row.stepKey)) {
                steps.delete(row);
            } else if (!baseline) {
                row.openAgain();
                row.state = StepState.SKIPPED;
                history.happened(row, StepEvent.What.SKIPPED, why, by);
            }
        }
        steps.flush();
    }

    /** The steps by which a job's kit would come off now. */
    @Transactional(readOnly = true)
    public TakeOff.Plan takingOff(long job, FitReport match) {
        return planner.takeOff(steps.findByJobIdOrderByOrdinal(job).stream().map(StepRow::run).toList(), lines.byRole(job),
                work(job, match));
    }

    /**
     * The kit comes off again: steps that nobody began are forgotten, what was left half done is left so, and the steps that take it off
     * come last in the list. Where nothing has to be put right, none come.
     */
    @Transactional
    public TakeOff.Plan takeOff(long job, FitReport match, String why, String by) {
        List<StepRow> rows = steps.findByJobIdOrderByOrdinal(job);
        TakeOff.Plan plan = takingOff(job, match);
        boolean needed = TakeOff.needed(rows.stream().map(StepRow::run).toList());
        Set<String> touched = touched(job);
        Map<String, StepRow> known = new HashMap<>();
        int ordinal = 0;
        for (StepRow row : rows) {
            if (row.state == StepState.OPEN && !touched.contains(row.stepKey)) {
                steps.delete(row);
                continue;
            }
            if (!row.run().finished()) {
                leaveHalfDone(row, why, by);
            }
            known.put(row.stepKey, row);
            row.ordinal = ordinal++;
        }
        for (Step step : needed ? plan.steps() : List.<Step>of()) {
            StepRow row = known.get(step.key());
            if (row == null) {
                steps.save(new StepRow(job, ordinal, step));
            } else {
                row.openAgain();
                row.plan(step);
                row.ordinal = ordinal;
                history.happened(row, StepEvent.What.REOPENED, why, by);
            }
            ordinal++;
        }
        steps.flush();
        turns.keep(job, needed ? plan.said() : "");
        return needed ? plan : new TakeOff.Plan(List.of(), plan.stays(), plan.keeps(), "");
    }

    private void leaveHalfDone(StepRow row, String why, String by) {
        if (row.state == StepState.STUCK) {
            blockers.overtaken(row, why, by);
        }
        row.openAgain();
        row.state = StepState.SKIPPED;
        history.happened(row, StepEvent.What.SKIPPED, why, by);
    }

    /**
     * The kit stays on after all: the steps that would have taken it off are forgotten, what was left half done for it is to be done, and
     * the rest of the list is planned anew.
     *
     * @param left why steps were left half done
     */
    @Transactional
    public void goOn(long job, FitReport match, String left, String why, String by) {
        Set<String> touched = touched(job);
        Map<String, String> last = new HashMap<>();
        history.of(job).forEach(e -> last.put(e.stepKey, e.detail));
        for (StepRow row : steps.findByJobIdOrderByOrdinal(job)) {
            if (TakeOff.isOf(row.step())) {
                if (touched.contains(row.stepKey)) {
                    row.openAgain();
                    row.state = StepState.SKIPPED;
                    history.happened(row, StepEvent.What.SKIPPED, why, by);
                } else {
                    steps.delete(row);
                }
            } else if (row.state == StepState.SKIPPED && left.equals(last.get(row.stepKey))) {
                row.openAgain();
                history.happened(row, StepEvent.What.REOPENED, why, by);
            }
        }
        steps.flush();
        anew(job, match, all -> Set.of(), why, by);
    }

    private Work work(long job, FitReport match) {
        return Work.of(match, work.of(job), arrivals.of(List.of(job)).getOrDefault(job, List.of()));
    }

    private Set<String> touched(long job) {
        return history.of(job).stream().map(e -> e.stepKey).collect(Collectors.toSet());
    }

    /**
     * The bill is taken back while nothing is begun: its steps are forgotten, but for those that were begun once and undone. What was read
     * there stays written down.
     */
    @Transactional
    public void drop(long job, String why, String by) {
        Set<String> touched = touched(job);
        for (StepRow row : steps.findByJobIdOrderByOrdinal(job)) {
            if (touched.contains(row.stepKey)) {
                row.state = StepState.SKIPPED;
                history.happened(row, StepEvent.What.SKIPPED, why, by);
            } else {
                steps.delete(row);
            }
        }
        steps.flush();
    }
}
