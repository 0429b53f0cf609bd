package hingeyard.core.install;

import hingeyard.core.people.Skill;
import java.util.Optional;

/**
 * One step's course on one job.
 *
 * @param step   the step
 * @param state  where it stands
 * @param doer   who is at it or did it
 * @param second what a second person must be skilled in who looks at it, because somebody was at it who is not
 */
public record StepRun(Step step, StepState state, Optional<String> doer, Optional<Skill> second) {

    /** The same, done by people who are skilled in it. */
    public StepRun(Step step, StepState state, Optional<String> doer) {
        this(step, state, doer, Optional.empty());
    }

    public static StepRun open(Step step) {
        return new StepRun(step, StepState.OPEN, Optional.empty());
    }

    /** Whether a second person looks at it before the next steps may start. */
    public boolean wantsSecond() {
        return step.hold().isPresent() || second.isPresent();
    }

    /** Whether it is done and still to be looked at. */
    public boolean waitsForSecond() {
        return state == StepState.DONE && wantsSecond();
    }

    /** Whether the next steps may build on it: ticked, and inspected where a second person looks at it; or left out. */
    public boolean finished() {
        return state == StepState.INSPECTED || state == StepState.SKIPPED || state == StepState.DONE && !wantsSecond();
    }
}
