package hingeyard.core.stack;

import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import java.util.List;

/**
 * What a signed sum of the sides' thicknesses must keep.
 *
 * @param name        what the limit guards, for people
 * @param signs       for each side −1, 0 or 1
 * @param allowed     the interval at nominal values, both ends included
 * @param uncertainty how far the fixed dimensions behind the interval may be off, added to the pieces' tolerances in the worst case
 * @param toleranced  false for a limit that its maker states in nominal thicknesses: tolerances do not count against it
 */
public record StackLimit(String name, List<Integer> signs, Band allowed, Length uncertainty, boolean toleranced) {

    /** Stands for no limit on that end: a kilometre. */
    public static final Length UNBOUNDED = Length.ofMillimetres(1_000_000);

    public StackLimit {
        signs = List.copyOf(signs);
        for (int sign : signs) {
            if (sign < -1 || sign > 1) {
                throw new IllegalArgumentException("limit '" + name + "': signs " + signs + ", each must be -1, 0 or 1");
            }
        }
    }

    /** A limit that must hold in the worst case of all tolerances. */
    public static StackLimit toleranced(String name, List<Integer> signs, Band allowed, Length uncertainty) {
        return new StackLimit(name, signs, allowed, uncertainty, true);
    }

    /** A limit stated in nominal thicknesses, as a maker's "at least a 3 mm spacer" is. */
    public static StackLimit nominal(String name, List<Integer> signs, Band allowed) {
        return new StackLimit(name, signs, allowed, Length.ZERO, false);
    }

    long signedSum(long[] sums) {
        long sum = 0;
        for (int i = 0; i < sums.length; i++) {
            sum += signs.get(i) * sums[i];
        }
        return sum;
    }

    /** How far inside the interval (µm); negative when outside. */
    long spare(long signedSum) {
        return Math.min(signedSum - allowed.least().micrometres(), allowed.greatest().micrometres() - signedSum);
    }

    /** Name and interval alone. */
    @Override
    public int hashCode() {
        return 31 * allowed.hashCode() + name.hashCode();
    }
}
