package hingeyard.app.install;

import hingeyard.app.arrival.Arrivals;
import hingeyard.app.match.Labour;
import hingeyard.core.condition.Found;
import hingeyard.core.install.StepPlanner;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Component;

/** Labour from the steps as they would be planned. */
@Component
class LabourOfSteps implements Labour {

    private final StepPlanner planner;
    private final JobWork work;
    private final Arrivals arrivals;

    LabourOfSteps(StepPlanner planner, JobWork work, Arrivals arrivals) {
        this.planner = planner;
        this.work = work;
        this.arrivals = arrivals;
    }

    @Override
    public OfJob of(long job) {
        Set<String> added = work.of(job);
        List<Found> found = arrivals.of(List.of(job)).getOrDefault(job, List.of());
        return new OfJob(planner, List.of(planner.state(), added, found), added, found);
    }
}
