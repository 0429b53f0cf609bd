package hingeyard.core.install;

import java.util.List;
import java.util.Optional;

/**
 * A job's steps in an order that keeps every hard rule.
 *
 * @param steps  in order
 * @param turns  what this order costs
 * @param asTold what the order of the library itself would cost
 * @param best   whether no order costs less; else none costs less than {@code bound}
 * @param bound  what no order can undercut
 */
public record StepPlan(List<Step> steps, Turns turns, Turns asTold, boolean best, Turns bound) {

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
