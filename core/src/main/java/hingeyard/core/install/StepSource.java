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

    /** Steps for every kit that comes off again: those of {@link Phase#OFF} before anything is taken off, the others when all is. */
    default List<Step> takenOff(Work work) {
        return List.of();
    }

    /** What its answers rest on: as long as it is equal, equal work gives equal steps and minutes. */
    default Object state() {
        return this;
    }

    /** Expected minutes of all of them. */
    default int minutes(Work work) {
        return steps(work).stream().mapToInt(Step::minutes).sum();
    }
}
