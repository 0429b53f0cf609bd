package hingeyard.core.stack;

import hingeyard.core.quantity.Length;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** A combination for each side that keeps all limits, with what it is ranked by. */
final class Candidate {

    private final StackProblem problem;
    private final SideCombination[] sides;
    private final long spare;
    private final long spareWorst;
    private final long spareRss;

    Candidate(StackProblem problem, SideCombination[] sides) {
        this.problem = problem;
        this.sides = sides;
        long nominalSpare = Long.MAX_VALUE;
        long worstSpare = Long.MAX_VALUE;
        long rssSpare = Long.MAX_VALUE;
        long[] sums = sums(sides);
        for (StackLimit limit : problem.limits()) {
            if (!limit.toleranced()) {
                continue;
            }
            long nominal = limit.spare(limit.signedSum(sums));
            long fixed = limit.uncertainty().micrometres();
            long tolerance = fixed;
            double square = (double) fixed * fixed;
            for (int i = 0; i < sides.length; i++) {
                if (limit.signs().get(i) != 0) {
                    tolerance += sides[i].tolerance();
                    square += sides[i].square();
                }
            }
            nominalSpare = Math.min(nominalSpare, nominal);
            worstSpare = Math.min(worstSpare, nominal - tolerance);
            rssSpare = Math.min(rssSpare, nominal - Math.round(Math.sqrt(square)));
        }
        this.spare = nominalSpare;
        this.spareWorst = worstSpare;
        this.spareRss = rssSpare;
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

    long[] sums() {
        return sums(sides);
    }

    private static long[] sums(SideCombination[] sides) {
        long[] sums = new long[sides.length];
        for (int i = 0; i < sides.length; i++) {
            sums[i] = sides[i].sum();
        }
        return sums;
    }

    /** How many of the kit's own pieces have no partner on the other side. */
    int unpaired() {
        int n = 0;
        for (int p = 0; sides.length == 2 && p < sides[0].counts().length; p++) {
            n += problem.pieces().get(p).fromKit() ? Math.abs(sides[0].counts()[p] - sides[1].counts()[p]) : 0;
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

    /** Orders equal candidates by what they use, so that ties never depend on the order of the stock. */
    static int byPieces(Candidate a, Candidate b) {
        for (int i = 0; i < a.sides.length; i++) {
            int order = Arrays.compare(b.sides[i].counts(), a.sides[i].counts());
            if (order != 0) {
                return order;
            }
        }
        return 0;
    }

    StackSet toSet() {
        return set(Arrays.stream(sides).map(s -> s.uses(problem)).toList());
    }

    /** The set that comes of pieces that are bought, for each side those, beside what is here. */
    StackSet with(List<List<StackPiece>> bought) {
        SideCombination[] more = new SideCombination[sides.length];
        List<List<StackSet.Use>> uses = new ArrayList<>();
        for (int i = 0; i < sides.length; i++) {
            List<StackSet.Use> side = new ArrayList<>(sides[i].uses(problem));
            SideCombination sum = sides[i];
            for (StackPiece piece : bought.get(i)) {
                side.add(new StackSet.Use(piece, 1));
                sum = sum.plus(piece);
            }
            side.sort(StackSet.Use.THICKEST_FIRST);
            uses.add(side);
            more[i] = sum;
        }
        return new Candidate(problem, more).set(uses);
    }

    private StackSet set(List<List<StackSet.Use>> uses) {
        return new StackSet(uses, Arrays.stream(sides).map(s -> Length.ofMicrometres(s.sum())).toList(), worstCase(),
                Length.ofMicrometres(spare), Length.ofMicrometres(spareWorst),
                Length.ofMicrometres(spareRss));
    }
}
