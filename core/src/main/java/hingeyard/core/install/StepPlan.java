package hingeyard.core.install;

import java.util.List;
import java.util.Optional;

/**
 * A job's steps in an order that keeps every hard rule.
 *
 * @param steps in order
 */
public record StepPlan(List<Step> steps) {

    public StepPlan {
        steps = List.copyOf(steps);
    }

    public Optional<Step> find(String key) {
        return steps.stream().filter(s -> s.key().equals(key)).findFirst();
    }

    /** Expected minutes of all steps. */
    public int minutes() {
        return steps.stream().mapToInt(Step::minutes).sum();
    }
}
