package hingeyard.core.stack;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * The sets of a problem that wants the kit's own pieces alike on both sides and before any drawer's: a washer of a pair that is left out
 * lies about for
 * ever, and a stack that is alike on both sides keeps the wheel in the middle. Every set there is stands against every other.
 */
final class PairedPieces {

    /** Worst case first, then the kit's own in pairs, then few from the drawers, then few at all. */
    static final Comparator<Candidate> RANK = Comparator.comparing(Candidate::worstCase).reversed()
            .thenComparingInt(Candidate::unpaired)
            .thenComparingInt(Candidate::drawerPieces)
            .thenComparingInt(Candidate::pieces)
            .thenComparingLong(Candidate::deviation)
            .thenComparing(Candidate::byPieces);

    private PairedPieces() {
    }

    /** All that equal the best in worst case, pairs, drawers' pieces and count; empty when there is no set. */
    static List<Candidate> of(StackProblem problem) {
        CompiledLimits limits = new CompiledLimits(problem.limits());
        SideCombination[] all = SideCombination.all(problem).toArray(SideCombination[]::new);
        long[] sums = new long[2];
        long[] tolerances = new long[2];
        List<Candidate> best = new ArrayList<>();
        for (SideCombination first : all) {
            sums[0] = first.sum();
            tolerances[0] = first.tolerance();
            limits.windowOfLast(sums);
            long to = limits.to();
            for (int i = FewestPieces.atLeast(all, limits.from()); i < all.length && all[i].sum() <= to; i++) {
                sums[1] = all[i].sum();
                tolerances[1] = all[i].tolerance();
                if (limits.keep(sums, tolerances) != CompiledLimits.Kept.NOT && !SideCombination.overdrawn(problem, first, all[i])) {
                    add(best, new Candidate(problem, new SideCombination[]{first, all[i]}));
                }
            }
        }
        return best;
    }

    private static final Comparator<Candidate> AS_GOOD = Comparator.comparing(Candidate::worstCase).reversed()
            .thenComparingInt(Candidate::unpaired).thenComparingInt(Candidate::drawerPieces).thenComparingInt(Candidate::pieces);

    private static void add(List<Candidate> best, Candidate candidate) {
        int order = best.isEmpty() ? 0 : AS_GOOD.compare(candidate, best.get(0));
        if (order < 0) {
            best.clear();
        }
        if (order <= 0) {
            best.add(candidate);
        }
    }
}
