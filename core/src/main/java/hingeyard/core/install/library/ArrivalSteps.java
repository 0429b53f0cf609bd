package hingeyard.core.install.library;

import hingeyard.core.condition.ConditionCatalogue;
import hingeyard.core.condition.ConditionPoint;
import hingeyard.core.install.Phase;
import hingeyard.core.install.Posture;
import hingeyard.core.install.Step;
import hingeyard.core.install.Zone;
import java.util.List;
import java.util.Set;

/** Work of the arrival check that a shop's library has no step of its own for: done as the point says. */
final class ArrivalSteps {

    private ArrivalSteps() {
    }

    /**
     * @param withJob keys of the points that are done with the job
     * @param spoken  keys of those that the library tells itself
     */
    static List<Step> of(Set<String> withJob, Set<String> spoken) {
        return withJob.stream().filter(k -> !spoken.contains(k)).sorted().flatMap(k -> ConditionCatalogue.find(k).stream())
                .map(ArrivalSteps::step).toList();
    }

    private static Step step(ConditionPoint point) {
        return Step.called("arrival-" + point.key(), point.work()).in(Phase.PREPARE).text(point.look() + " Done once that is so.")
                .at(Posture.ANY, Zone.BENCH).work("general", 1, Math.max(1, point.minutes()))
                .tools(List.of("as the work asks")).mounts(Set.of(point.role())).step();
    }
}
