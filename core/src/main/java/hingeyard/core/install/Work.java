package hingeyard.core.install;

import hingeyard.core.condition.Found;
import hingeyard.core.fit.FitReport;
import java.util.Collection;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What is to be done on a job.
 *
 * @param match   the chosen kit on its bike
 * @param added   ids of further pieces of work that the manager added to the job
 * @param withJob keys of the points of the arrival check that are done with the job
 */
public record Work(FitReport match, Set<String> added, Set<String> withJob) {

    public Work {
        added = Set.copyOf(added);
        withJob = Set.copyOf(withJob);
    }

    /** @param found how the arrival check found the bike: what is still to be done is done with the job */
    public static Work of(FitReport match, Set<String> added, Collection<Found> found) {
        return new Work(match, added, found.stream().filter(Found::toDo).map(f -> f.point().key()).collect(Collectors.toSet()));
    }

    public static Work of(FitReport match) {
        return new Work(match, Set.of(), Set.of());
    }
}
