package hingeyard.core.stack;

import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What giving way on one limit would buy when the drawer holds no set. Said, never done: the limit stands.
 *
 * @param limit the limit that would give way
 * @param by    how far at the least, to a whole µm
 * @param set   the best set it would let in
 */
public record Relaxation(StackLimit limit, Length by, StackSet set) {

    /** Further than this no limit is worth talking about. */
    private static final long MOST = 20_000;

    /** For each limit that could give way alone, in the problem's order. Empty when a set is there already, or none of them helps. */
    public static List<Relaxation> of(StackProblem problem) {
        List<Relaxation> found = new ArrayList<>();
        if (FewestPieces.any(problem)) {
            return found;
        }
        for (int i = 0; i < problem.limits().size(); i++) {
            relax(problem, i).ifPresent(found::add);
        }
        return found;
    }

    /** What a limit lets in grows with how far it gives way: the least way is found by halving. */
    private static Optional<Relaxation> relax(StackProblem problem, int limit) {
        if (!FewestPieces.any(widened(problem, limit, MOST))) {
            return Optional.empty();
        }
        long none = 0;
        long some = MOST;
        while (some - none > 1) {
            long middle = (none + some) / 2;
            if (!FewestPieces.any(widened(problem, limit, middle))) {
                none = middle;
            } else {
                some = middle;
            }
        }
        Length by = Length.ofMicrometres(some);
        return StackSolver.best(widened(problem, limit, some)).best().map(set -> new Relaxation(problem.limits().get(limit), by, set));
    }

    private static StackProblem widened(StackProblem problem, int limit, long by) {
        StackLimit old = problem.limits().get(limit);
        Band wider = new Band(old.allowed().least().minus(Length.ofMicrometres(by)),
                old.allowed().greatest().plus(Length.ofMicrometres(by)));
        return problem.with(limit, new StackLimit(old.name(), old.signs(), wider, old.uncertainty(), old.toleranced()));
    }
}
