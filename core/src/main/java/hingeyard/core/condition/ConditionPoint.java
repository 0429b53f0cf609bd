package hingeyard.core.condition;

import hingeyard.core.bike.BikeKind;
import java.util.Set;

/**
 * A point to look at.
 *
 * @param key     stable, kebab-case
 * @param look    what to look for and how
 * @param work    what is done when it goes with the job
 * @param minutes how long that takes
 * @param parts   what it usually takes; empty where none
 * @param grave   whether somebody may be hurt: such a stop is lifted only by mending or replacing
 */
public record ConditionPoint(String key, String title, String look, String work, int minutes, String parts, boolean grave, Set<BikeKind> kinds) {

    public ConditionPoint {
        kinds = Set.copyOf(kinds);
    }
}
