package hingeyard.core.stack;

import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import java.util.List;
import java.util.Optional;

/**
 * What the solver found.
 *
 * @param sets    minimal sets, best first
 * @param count   how many there are in all; more than stand in {@code sets} where only the best were asked for
 * @param toMake  when there is no set: what would have to be bought or made, empty when no thickness would do
 */
public record StackAnswer(List<StackSet> sets, int count, List<Missing> toMake) {

    public StackAnswer {
        sets = List.copyOf(sets);
        toMake = List.copyOf(toMake);
    }

    /**
     * A piece to buy or make, beside those already available.
     *
     * @param side      index of the side it goes on
     * @param thickness a handy thickness inside {@code window}
     * @param window    every thickness that would do
     * @param with      what it is combined with on both sides, empty lists when it stands alone
     */
    public record Missing(int side, Length thickness, Band window, List<List<StackSet.Use>> with) {
    }

    public Optional<StackSet> best() {
        return sets.stream().findFirst();
    }

    /** Whether some thickness, in the drawer or not, would do. */
    public boolean possible() {
        return !sets.isEmpty() || !toMake.isEmpty();
    }
}
