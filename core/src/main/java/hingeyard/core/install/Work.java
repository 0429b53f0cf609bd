package hingeyard.core.install;

import hingeyard.core.fit.FitReport;
import java.util.Set;

/**
 * What is to be installed.
 *
 * @param match the chosen kit on its bike
 * @param added ids of further pieces of work that the manager added to the job
 */
public record Work(FitReport match, Set<String> added) {

    public Work {
        added = Set.copyOf(added);
    }

    public static Work of(FitReport match) {
        return new Work(match, Set.of());
    }
}
