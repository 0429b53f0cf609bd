package hingeyard.app.install;

import hingeyard.app.arrival.WorkBegun;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Says from the steps' history what was begun. */
@Component
class BegunSteps implements WorkBegun {

    private final StepRows steps;
    private final StepHistory history;

    BegunSteps(StepRows steps, StepHistory history) {
        this.steps = steps;
        this.history = history;
    }

    @Override
    @Transactional(readOnly = true)
    public boolean begun(long job, String role) {
        Set<String> keys = steps.findByJobIdOrderByOrdinal(job).stream().filter(r -> r.step().mounts().contains(role)).map(r -> r.stepKey)
                .collect(Collectors.toSet());
        boolean begun = false;
        for (StepEvent event : history.of(job)) {
            if (keys.contains(event.stepKey)) {
                begun = switch (event.what) {
                    case STARTED, TICKED, STUCK, REFUSED -> true;
                    case UNDONE, SKIPPED -> false;
                    default -> begun;
                };
            }
        }
        return begun;
    }
}
