package hingeyard.core.bike;

import java.util.List;

/**
 * Values of one survey that cannot all be true.
 *
 * @param id       of the rule that says so, kebab-case
 * @param measures what they were taken of
 * @param sentence what does not go together, with the values in it
 */
public record Contradiction(String id, List<Measure> measures, String sentence) {

    public Contradiction {
        measures = List.copyOf(measures);
    }
}
