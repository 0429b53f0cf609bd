package hingeyard.core.fit.checks;

import hingeyard.core.fit.FitCase;
import hingeyard.core.fit.checks.BracketPlan.RingSpacers;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;
import hingeyard.core.stack.StackAnswer;
import hingeyard.core.stack.StackSet;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;

/** Spacers behind a chainring: a ring that lies too far in comes out by them, one that lies too far out does not come in by any. */
final class RingStack {

    static final String USE = "chainring-spacer";
    private static final int MOST = 2;

    private RingStack() {
    }

    /** Every thickness that the drawers can put behind the ring, fewest pieces first, then thinnest. */
    static List<RingSpacers> of(FitCase c) {
        Length most = c.rules().value(LengthRule.RING_SPACERS);
        TreeSet<Length> sums = new TreeSet<>();
        List<Length> pieces = c.drawers().usedAs(USE).stream().filter(p -> p.size().isPresent() && p.free() > 0)
                .map(p -> p.size().get().thickness()).toList();
        pieces.forEach(a -> sums.add(a));
        pieces.forEach(a -> pieces.forEach(b -> sums.add(a.plus(b))));
        List<RingSpacers> found = new ArrayList<>();
        for (Length sum : sums) {
            if (!sum.isMoreThan(most)) {
                Band allowed = Band.exactly(sum);
                StackAnswer answer = OneSided.solve(c, USE, 1, allowed, sum, MOST);
                answer.best().ifPresent(b -> found.add(new RingSpacers(sum, answer, allowed)));
            }
        }
        found.sort(Comparator.comparing((RingSpacers r) -> r.answer().best().map(StackSet::pieceCount).orElseThrow())
                .thenComparing(RingSpacers::sum));
        return found;
    }
}
