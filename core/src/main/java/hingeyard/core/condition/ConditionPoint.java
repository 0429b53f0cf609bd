package hingeyard.core.condition;

import hingeyard.core.bike.BikeKind;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A point to look at.
 *
 * @param key     stable, kebab-case
 * @param look    what to look for and how
 * @param work    what is done when it goes with the job
 * @param minutes how long that takes
 * @param parts   what it usually takes; none where it takes none
 * @param grave   whether somebody may be hurt: such a stop is lifted only by mending or replacing
 */
public record ConditionPoint(String key, String title, String look, String work, int minutes, List<PartWanted> parts, boolean grave,
        Set<BikeKind> kinds) {

    public ConditionPoint {
        parts = List.copyOf(parts);
        kinds = Set.copyOf(kinds);
    }

    /** The role its parts have on the bill and on the step that mounts them. */
    public String role() {
        return "arrival-" + key;
    }

    /** Its parts by name; empty where it takes none. */
    public String partNames() {
        return parts.stream().map(PartWanted::name).collect(Collectors.joining(", "));
    }
}
