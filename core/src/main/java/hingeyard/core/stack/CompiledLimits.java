package hingeyard.core.stack;

import java.util.List;

/** A problem's limits as plain numbers, µm: they are asked many thousands of times. */
final class CompiledLimits {

    /** How well sums keep the limits. */
    enum Kept { NOT, NOMINALLY, IN_THE_WORST_CASE }

    private final int[][] signs;
    private final long[] least;
    private final long[] greatest;
    private final long[] uncertainty;
    private final boolean[] toleranced;
    private final boolean growing;

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
            signs[i] = limit.signs().stream().mapToInt(Integer::intValue).toArray();
            least[i] = limit.allowed().least().micrometres();
            greatest[i] = limit.allowed().greatest().micrometres();
            uncertainty[i] = limit.uncertainty().micrometres();
            toleranced[i] = limit.toleranced();
            noneNegative &= limit.signs().stream().allMatch(s -> s >= 0);
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
