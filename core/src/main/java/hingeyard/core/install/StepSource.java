package hingeyard.core.install;

import java.util.List;

/** Where a job's steps come from. Steps of one phase relate by {@link Step#after()}, those of different phases by their phases alone. */
public interface StepSource {

    /**
     * The steps in the order preferred where nothing forbids it; each key stands once.
     *
     * @throws IllegalStateException naming the step when one cannot be made for this work
     */
    List<Step> steps(Work work);

    /** What its answers rest on: as long as it is equal, equal work gives equal steps and minutes. */
    default Object state() {
        return this;
    }

    /** Expected minutes of all of them. */
    default int minutes(Work work) {
        return steps(work).stream().mapToInt(Step::minutes).sum();
    }
}
