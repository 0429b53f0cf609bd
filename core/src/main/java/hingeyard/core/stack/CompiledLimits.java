package hingeyard.core.stack;

import java.util.List;

/** A problem's limits as plain numbers, µm: they are asked many thousands of times. */
final class CompiledLimits {

    /** How well sums keep the limits. */
    enum Kept {
        NOT,
        NOMINALLY,
        IN_THE_WORST_CASE
    }

    private final int[][] signs;
    private final long[] least;
    private final long[] greatest;
    private final long[] uncertainty;
    private final boolean[] toleranced;
    private final boolean growing;
    private long from;
    private long to;

    CompiledLimits(List<StackLimit> limits) {
        int n = limits.size();
        signs = new int[n][];
        least = new long[n];
        greatest = new long[n];
        uncertainty = new long[n];
        toleranced = new boolean[n];
        boolean noneNegative = true;
        for (int i = 0; i < n; i++) {
            StackLimit limit = limits.get(i);
            signs[i] = new int[limit.signs().size()];
            for (int side = 0; side < signs[i].length; side++) {
                signs[i][side] = limit.signs().get(side);
                noneNegative &= signs[i][side] >= 0;
            }
            least[i] = limit.allowed().least().micrometres();
            greatest[i] = limit.allowed().greatest().micrometres();
            uncertainty[i] = limit.uncertainty().micrometres();
            toleranced[i] = limit.toleranced();
        }
        growing = noneNegative;
    }

    /**
     * Whether every limited sum grows with each piece. Then all that lies between two sets that keep the limits keeps them too
     * (a piece is thicker than its tolerance), and a set is minimal when no single piece can be left out.
     */
    boolean growing() {
        return growing;
    }

    /**
     * Finds what the limits leave for the last side's sum, the first one's given: {@link #from} to {@link #to}, empty when from is greater.
     */
    void windowOfLast(long[] sums) {
        int last = sums.length - 1;
        from = 0;
        to = StackLimit.UNBOUNDED.micrometres();
        for (int i = 0; i < signs.length; i++) {
            long others = last == 0 ? 0 : signs[i][0] * sums[0];
            int sign = signs[i][last];
            if (sign == 0 && (others < least[i] || others > greatest[i])) {
                from = 1;
                to = 0;
                return;
            }
            if (sign != 0) {
                from = Math.max(from, sign > 0 ? least[i] - others : others - greatest[i]);
                to = Math.min(to, sign > 0 ? greatest[i] - others : others - least[i]);
            }
        }
    }

    long from() {
        return from;
    }

    long to() {
        return to;
    }

    /** Whether sums within these reaches of the sides, least and most, can keep every limit. A single side is the first. */
    boolean within(long[] firstReach, long[] lastReach) {
        for (int i = 0; i < signs.length; i++) {
            long low = 0;
            long high = 0;
            for (int side = 0; side < signs[i].length; side++) {
                long[] reach = side == 0 ? firstReach : lastReach;
                low += signs[i][side] >= 0 ? signs[i][side] * reach[0] : -reach[1];
                high += signs[i][side] >= 0 ? signs[i][side] * reach[1] : -reach[0];
            }
            if (high < least[i] || low > greatest[i]) {
                return false;
            }
        }
        return true;
    }

    /** Whether pieces whose tolerances add up to at least so much can keep the worst case of every limit that all sides enter. */
    boolean leaveRoomFor(long tolerance) {
        for (int i = 0; i < signs.length; i++) {
            boolean all = true;
            for (int sign : signs[i]) {
                all &= sign != 0;
            }
            if (toleranced[i] && greatest[i] - least[i] < 2 * (uncertainty[i] + (all ? tolerance : 0))) {
                return false;
            }
        }
        return true;
    }

    Kept keep(long[] sums, long[] tolerances) {
        boolean worst = true;
        for (int i = 0; i < signs.length; i++) {
            long sum = 0;
            long slack = uncertainty[i];
            for (int side = 0; side < sums.length; side++) {
                sum += signs[i][side] * sums[side];
                slack += signs[i][side] == 0 ? 0 : tolerances[side];
            }
            if (sum < least[i] || sum > greatest[i]) {
                return Kept.NOT;
            }
            worst &= !toleranced[i] || sum - slack >= least[i] && sum + slack <= greatest[i];
        }
        return worst ? Kept.IN_THE_WORST_CASE : Kept.NOMINALLY;
    }
}
