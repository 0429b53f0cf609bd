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

    /** What this order costs and saves, in two sentences. */
    public String said() {
        return "%d turns of the bike, %d changes of part, %d tools picked up; as told %d, %d and %d. %s".formatted(turns.postures(),
                turns.parts(), turns.tools(), asTold.postures(), asTold.parts(),
                asTold.tools(), best ? "No order has fewer."
                        : "None has fewer than %d, %d and %d.".formatted(bound.postures(), bound.parts(), bound.tools()));
    }
}
