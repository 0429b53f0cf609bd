package hingeyard.core.stack;

import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import java.util.List;
import java.util.Optional;

/**
 * What the solver found.
 *
 * @param sets   minimal sets, best first
 * @param count  how many there are in all; more than stand in {@code sets} where only the best were asked for
 * @param bought when there is no set: the one that comes of the least to buy or make beside what is there; empty when no thickness would do
 * @param toMake which of its pieces have to be bought or made, one on a side at most, and within what
 * @param costs  what each wish of the problem is short of, in its own measure, with the best set or the bought one; empty when there is
 *               neither
 */
public record StackAnswer(List<StackSet> sets, int count, Optional<StackSet> bought, List<Missing> toMake, List<Long> costs) {

    public StackAnswer {
        sets = List.copyOf(sets);
        toMake = List.copyOf(toMake);
        costs = List.copyOf(costs);
    }

    static StackAnswer none() {
        return new StackAnswer(List.of(), 0, Optional.empty(), List.of(), List.of());
    }

    /**
     * A piece to buy or make, beside those already available.
     *
     * @param side      index of the side it goes on
     * @param thickness a handy thickness inside {@code window}
     * @param window    every thickness that would do beside the others of the set
     */
    public record Missing(int side, Length thickness, Band window) {
    }

    /** From the drawers and the box alone. */
    public Optional<StackSet> best() {
        return sets.isEmpty() ? Optional.empty() : Optional.of(sets.get(0));
    }

    /**
     * What will stand there: the best set, else the one with what is bought. Everything that hangs on the stack is judged with it in place.
     */
    public Optional<StackSet> inPlace() {
        return sets.isEmpty() ? bought : best();
    }

    /** Whether some thickness, in the drawer or not, would do. */
    public boolean possible() {
        return !sets.isEmpty() || bought.isPresent();
    }
}
