package hingeyard.core.stack;

import java.util.Optional;

/**
 * Which thicknesses one side can come to with so many pieces: a few hundred sums where there are thousands of ways to reach them. Bit i of
 * a row stands for
 * i units; the unit is the greatest length that divides every thickness.
 */
final class ReachableSums {

    /** Longer rows would cost more than they spare. */
    private static final long MOST_BITS = 1 << 20;

    private final long unit;
    private final long[][] rows;

    private ReachableSums(long unit, long[][] rows) {
        this.unit = unit;
        this.rows = rows;
    }

    /** Empty when the thicknesses have no common unit that makes short rows. */
    static Optional<ReachableSums> of(StackProblem problem) {
        long unit = 0;
        long thickest = 0;
        for (StackPiece piece : problem.pieces()) {
            long thickness = piece.size().thickness().micrometres();
            unit = greatestDivisor(unit, thickness);
            thickest = Math.max(thickest, thickness);
        }
        unit = Math.max(1, unit);
        long bits = problem.mostPerSide() * thickest / unit + 1;
        if (bits > MOST_BITS) {
            return Optional.empty();
        }
        long[][] rows = new long[problem.mostPerSide() + 1][(int) (bits / 64) + 1];
        rows[0][0] = 1;
        for (StackPiece piece : problem.pieces()) {
            int step = (int) (piece.size().thickness().micrometres() / unit);
            // From most pieces down, so that a row still tells what was reached without this kind.
            for (int pieces = problem.mostPerSide(); pieces > 0; pieces--) {
                for (int of = 1; of <= Math.min(pieces, piece.available()); of++) {
                    addShifted(rows[pieces], rows[pieces - of], of * step);
                }
            }
        }
        return Optional.of(new ReachableSums(unit, rows));
    }

    /** The least sum of so many pieces that is at least {@code from}, µm; −1 when there is none. */
    long next(int pieces, long from) {
        long bit = Math.max(0, -Math.floorDiv(-from, unit));
        long[] row = rows[pieces];
        if (bit >= row.length * 64L) {
            return -1;
        }
        int word = (int) (bit / 64);
        long rest = row[word] & (-1L << bit);
        while (rest == 0) {
            if (++word == row.length) {
                return -1;
            }
            rest = row[word];
        }
        return (word * 64L + Long.numberOfTrailingZeros(rest)) * unit;
    }

    private static void addShifted(long[] row, long[] other, int bits) {
        int words = bits / 64;
        int rest = bits % 64;
        for (int i = row.length - 1; i >= words; i--) {
            long low = rest == 0 || i == words ? 0 : other[i - words - 1] >>> (64 - rest);
            row[i] |= other[i - words] << rest | low;
        }
    }

    private static long greatestDivisor(long a, long b) {
        return b == 0 ? a : greatestDivisor(b, a % b);
    }
}
