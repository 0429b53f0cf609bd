package hingeyard.core.install;

import java.util.Optional;

/**
 * One step's course on one job.
 *
 * @param step  the step
 * @param state where it stands
 * @param doer  who is at it or did it
 */
public record StepRun(Step step, StepState state, Optional<String> doer) {

    public static StepRun open(Step step) {
        return new StepRun(step, StepState.OPEN, Optional.empty());
    }

    /** Whether the next steps may build on it: ticked, and inspected where it is a hold point; or left out. */
    public boolean finished() {
        return state == StepState.INSPECTED || state == StepState.SKIPPED || state == StepState.DONE && step.hold().isEmpty();
    }
}
