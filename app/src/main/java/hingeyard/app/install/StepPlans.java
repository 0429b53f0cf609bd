package hingeyard.app.install;

import hingeyard.app.command.BulkInsert;
import hingeyard.core.fit.FitReport;
import hingeyard.core.install.Step;
import hingeyard.core.install.StepPlanner;
import hingeyard.core.install.StepState;
import hingeyard.core.install.Work;
import hingeyard.formats.SheetJson;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
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
    private final StepPlanner planner;
    private final JdbcTemplate jdbc;

    StepPlans(StepRows steps, StepHistory history, StepPlanner planner, JdbcTemplate jdbc) {
        this.steps = steps;
        this.history = history;
        this.planner = planner;
        this.jdbc = jdbc;
    }

    /** Plans the steps of a match that has just been billed. */
    @Transactional
    public void plan(long job, FitReport match) {
        List<Step> planned = planner.plan(Work.of(match)).steps();
        BulkInsert.into(jdbc, "step (job_id, ordinal, step_key, body, state, version)", IntStream.range(0, planned.size())
                .mapToObj(i -> new Object[] {job, i, planned.get(i).key(), SheetJson.write(planned.get(i)), StepState.OPEN.name(), 0}).toList());
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
        Map<String, StepRow> known = steps.findByJobIdOrderByOrdinal(job).stream().collect(Collectors.toMap(r -> r.stepKey, r -> r, (a, b) -> a, LinkedHashMap::new));
        int ordinal = 0;
        for (Step step : planner.plan(Work.of(match)).steps()) {
            StepRow row = known.remove(step.key());
            if (row == null) {
                steps.save(new StepRow(job, ordinal, step));
            } else {
                boolean again = row.state != StepState.OPEN && step.mounts().stream().anyMatch(changed::contains);
                if (again) {
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

    /** Forgets steps that nobody has begun. */
    @Transactional
    public void drop(long job) {
        steps.deleteAll(steps.findByJobIdOrderByOrdinal(job));
        steps.flush();
    }
}
