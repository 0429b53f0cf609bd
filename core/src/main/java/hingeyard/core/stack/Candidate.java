package hingeyard.core.stack;

import hingeyard.core.quantity.Length;
import java.util.ArrayList;
import java.util.List;

/** A combination for each side that keeps all limits at nominal values. */
final class Candidate {

    private final StackProblem problem;
    private final SideCombination[] sides;
    private final long spare;
    private final long spareWorst;
    private final long spareRss;

    private Candidate(StackProblem problem, SideCombination[] sides, long spare, long spareWorst, long spareRss) {
        this.problem = problem;
        this.sides = sides;
        this.spare = spare;
        this.spareWorst = spareWorst;
        this.spareRss = spareRss;
    }

    /** The candidate, or null when a limit is broken or more is used than there is. */
    static Candidate of(StackProblem problem, SideCombination... sides) {
        long spare = Long.MAX_VALUE;
        long spareWorst = Long.MAX_VALUE;
        long spareRss = Long.MAX_VALUE;
        long[] sums = new long[sides.length];
        for (int i = 0; i < sides.length; i++) {
            sums[i] = sides[i].sum();
        }
        for (StackLimit limit : problem.limits()) {
            long nominal = limit.spare(limit.signedSum(sums));
            if (nominal < 0) {
                return null;
            }
            if (!limit.toleranced()) {
                continue;
            }
            long fixed = limit.uncertainty().micrometres();
            long tolerance = fixed;
            double square = (double) fixed * fixed;
            for (int i = 0; i < sides.length; i++) {
                if (limit.signs().get(i) != 0) {
                    tolerance += sides[i].tolerance();
                    square += sides[i].square();
                }
            }
            spare = Math.min(spare, nominal);
            spareWorst = Math.min(spareWorst, nominal - tolerance);
            spareRss = Math.min(spareRss, nominal - Math.round(Math.sqrt(square)));
        }
        return sides.length == 2 && overdrawn(problem, sides) ? null
                : new Candidate(problem, sides, spare, spareWorst, spareRss);
    }

    private static boolean overdrawn(StackProblem problem, SideCombination[] sides) {
        for (int p = 0; p < problem.pieces().size(); p++) {
            if (sides[0].counts()[p] + sides[1].counts()[p] > problem.pieces().get(p).available()) {
                return true;
            }
        }
        return false;
    }

    boolean worstCase() {
        return spareWorst >= 0;
    }

    int pieces() {
        int n = 0;
        for (SideCombination side : sides) {
            n += side.pieces();
        }
        return n;
    }

    int drawerPieces() {
        int n = 0;
        for (SideCombination side : sides) {
            for (int p = 0; p < side.counts().length; p++) {
                n += problem.pieces().get(p).fromKit() ? 0 : side.counts()[p];
            }
        }
        return n;
    }

    /** Sum over the sides of the distance from the preferred sum, µm. */
    long deviation() {
        long sum = 0;
        for (int i = 0; i < sides.length; i++) {
            sum += Math.abs(sides[i].sum() - problem.preferred().get(i).micrometres());
        }
        return sum;
    }

    /** Whether this uses, side by side, no more of any piece than {@code other}. */
    boolean isWithin(Candidate other) {
        for (int i = 0; i < sides.length; i++) {
            for (int p = 0; p < sides[i].counts().length; p++) {
                if (sides[i].counts()[p] > other.sides[i].counts()[p]) {
                    return false;
                }
            }
        }
        return true;
    }

    /** Orders equal candidates by what they use, so that ties never depend on the order of the stock. */
    static int byPieces(Candidate a, Candidate b) {
        for (int i = 0; i < a.sides.length; i++) {
            int order = java.util.Arrays.compare(b.sides[i].counts(), a.sides[i].counts());
            if (order != 0) {
                return order;
            }
        }
        return 0;
    }

    StackSet toSet() {
        List<List<StackSet.Use>> uses = new ArrayList<>();
        List<Length> sums = new ArrayList<>();
        for (SideCombination side : sides) {
            uses.add(side.uses(problem));
            sums.add(Length.ofMicrometres(side.sum()));
        }
        return new StackSet(uses, sums, worstCase(), Length.ofMicrometres(spare), Length.ofMicrometres(spareWorst),
                Length.ofMicrometres(spareRss));
    }
}
