package hingeyard.core.stack;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;

/** The slow and obvious way: every count of every piece on either side, kept when all limits hold and no proper part of it does. */
final class BruteForce {

    private record Try(int[][] counts, boolean worstCase) {
    }

    private BruteForce() {
    }

    static Set<String> minimalSets(StackProblem problem) {
        List<Try> holding = new ArrayList<>();
        each(problem, 0, new int[2][problem.pieces().size()], holding);
        Set<String> minimal = new HashSet<>();
        for (Try t : holding) {
            boolean reducible = holding.stream().anyMatch(o -> o != t && within(o, t) && (o.worstCase || !t.worstCase));
            if (!reducible) {
                minimal.add(name(problem, t));
            }
        }
        return minimal;
    }

    private static void each(StackProblem problem, int slot, int[][] counts, List<Try> holding) {
        int kinds = problem.pieces().size();
        if (slot == 2 * kinds) {
            judge(problem, counts, holding);
            return;
        }
        int side = slot / kinds;
        int kind = slot % kinds;
        for (int n = 0; n <= problem.pieces().get(kind).available(); n++) {
            counts[side][kind] = n;
            each(problem, slot + 1, counts, holding);
        }
        counts[side][kind] = 0;
    }

    private static void judge(StackProblem problem, int[][] counts, List<Try> holding) {
        long[] sums = new long[2];
        long[] tolerances = new long[2];
        for (int kind = 0; kind < problem.pieces().size(); kind++) {
            StackPiece piece = problem.pieces().get(kind);
            if (counts[0][kind] + counts[1][kind] > piece.available()) {
                return;
            }
            for (int side = 0; side < 2; side++) {
                sums[side] += counts[side][kind] * piece.size().thickness().micrometres();
                tolerances[side] += counts[side][kind] * piece.size().plusMinus().micrometres();
            }
        }
        for (int[] side : counts) {
            if (java.util.Arrays.stream(side).sum() > problem.mostPerSide()) {
                return;
            }
        }
        boolean worst = true;
        for (StackLimit limit : problem.limits()) {
            long sum = limit.signs().get(0) * sums[0] + limit.signs().get(1) * sums[1];
            long slack = limit.uncertainty().micrometres() + Math.abs(limit.signs().get(0)) * tolerances[0]
                    + Math.abs(limit.signs().get(1)) * tolerances[1];
            long least = limit.allowed().least().micrometres();
            long greatest = limit.allowed().greatest().micrometres();
            if (sum < least || sum > greatest) {
                return;
            }
            worst &= !limit.toleranced() || sum - slack >= least && sum + slack <= greatest;
        }
        holding.add(new Try(new int[][]{counts[0].clone(), counts[1].clone()}, worst));
    }

    private static boolean within(Try small, Try large) {
        for (int side = 0; side < 2; side++) {
            for (int kind = 0; kind < small.counts[side].length; kind++) {
                if (small.counts[side][kind] > large.counts[side][kind]) {
                    return false;
                }
            }
        }
        return true;
    }

    private static String name(StackProblem problem, Try t) {
        List<String> sides = new ArrayList<>();
        for (int[] side : t.counts) {
            TreeMap<String, Integer> counts = new TreeMap<>();
            for (int kind = 0; kind < side.length; kind++) {
                if (side[kind] > 0) {
                    counts.put(problem.pieces().get(kind).id(), side[kind]);
                }
            }
            sides.add(counts.toString());
        }
        return sides.toString();
    }
}
