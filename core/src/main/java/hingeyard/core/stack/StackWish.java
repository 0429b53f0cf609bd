package hingeyard.core.stack;

import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;

/**
 * What the rider keeps, told as intervals of a signed sum: gears, the rim's middle, cranks alike. No set is refused for it, but one that
 * serves it better wins
 * over fewer pieces.
 *
 * @param name  what is kept, for people
 * @param signs for each side −1, 0 or 1
 * @param ideal the intervals, both ends included, at least one, by their lower ends; nominal thicknesses count
 * @param cost  how a sum outside of them is weighed
 */
public record StackWish(String name, List<Integer> signs, List<Band> ideal, Cost cost) {

    /** How a sum is weighed against the intervals. */
    public enum Cost {
        /** One for each interval that does not hold it: a cog that the chain cannot run on. */
        MISSED,
        /** Micrometres from the one there is. */
        DISTANCE
    }

    public StackWish {
        signs = List.copyOf(signs);
        List<Band> sorted = new ArrayList<>(ideal);
        sorted.sort(Comparator.comparing(Band::least));
        ideal = List.copyOf(sorted);
        if (ideal.isEmpty()) {
            throw new IllegalArgumentException("wish '" + name + "': no interval, at least one is needed");
        }
        if (cost == Cost.DISTANCE && ideal.size() > 1) {
            throw new IllegalArgumentException("wish '" + name + "': " + ideal.size() + " intervals, a distance is weighed against one");
        }
        for (int sign : signs) {
            if (sign < -1 || sign > 1) {
                throw new IllegalArgumentException("wish '" + name + "': signs " + signs + ", each must be -1, 0 or 1");
            }
        }
    }

    /** One of the intervals is wanted; the nearer the better. */
    public static StackWish near(String name, List<Integer> signs, Band ideal) {
        return new StackWish(name, signs, List.of(ideal), Cost.DISTANCE);
    }

    /** As many of the intervals as can be. */
    public static StackWish most(String name, List<Integer> signs, List<Band> ideal) {
        return new StackWish(name, signs, ideal, Cost.MISSED);
    }

    /** What a sum costs: 0 where the wish is served. */
    long cost(long signedSum) {
        long missed = 0;
        long distance = 0;
        for (Band band : ideal) {
            long off = Math.max(0, Math.max(band.least().micrometres() - signedSum, signedSum - band.greatest().micrometres()));
            missed += off > 0 ? 1 : 0;
            distance = off;
        }
        return cost == Cost.MISSED ? missed : distance;
    }

    /** The greatest cost that is worth asking for; beyond it the wish forbids nothing. */
    long worst() {
        return cost == Cost.MISSED ? ideal.size() : StackLimit.UNBOUNDED.micrometres();
    }

    /** The intervals of the signed sum that cost no more than {@code level}, ascending, none touching another. */
    List<Band> within(long level) {
        if (cost == Cost.DISTANCE) {
            Length by = Length.ofMicrometres(level);
            return ideal.stream().map(b -> new Band(b.least().minus(by), b.greatest().plus(by))).toList();
        }
        if (level >= ideal.size()) {
            return List.of(new Band(StackLimit.UNBOUNDED.negated(), StackLimit.UNBOUNDED));
        }
        return held(level);
    }

    /** Between two neighbouring ends the cost is the same: only there it is asked. */
    private List<Band> held(long level) {
        TreeSet<Long> ends = new TreeSet<>();
        for (Band band : ideal) {
            ends.add(band.least().micrometres());
            ends.add(band.greatest().micrometres() + 1);
        }
        List<Band> held = new ArrayList<>();
        Long from = null;
        for (long end : ends) {
            boolean serves = cost(end) <= level;
            if (serves && from == null) {
                from = end;
            } else if (!serves && from != null) {
                held.add(new Band(Length.ofMicrometres(from), Length.ofMicrometres(end - 1)));
                from = null;
            }
        }
        return held;
    }
}
