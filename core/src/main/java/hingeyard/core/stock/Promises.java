package hingeyard.core.stock;

import hingeyard.core.booking.JobPriority;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Which promises of one part are broken when a count finds fewer than were promised, and which are kept again when some come in. */
public final class Promises {

    /**
     * @param id    greater for a promise that was made later
     * @param count how many were promised, at least 1
     * @param job   whose it is
     */
    public record Promise(long id, int count, Rank job) {
    }

    /** Where a job stands among others: by priority, then by the day its bike came. */
    public record Rank(JobPriority priority, LocalDate arrives) implements Comparable<Rank> {

        private static final Comparator<Rank> ORDER = Comparator.comparing(Rank::priority).thenComparing(Rank::arrives);

        @Override
        public int compareTo(Rank other) {
            return ORDER.compare(this, other);
        }
    }

    private static final Comparator<Promise> FIRST_SERVED = Comparator.comparing(Promise::job).thenComparing(Promise::id);

    private Promises() {
    }

    /**
     * Those served last first, until what is left is covered by so many on hand. A promise is broken whole: half a pair of washers mounts
     * nothing.
     */
    public static List<Promise> broken(List<Promise> made, int onHand) {
        int promised = made.stream().mapToInt(Promise::count).sum();
        List<Promise> broken = new ArrayList<>();
        for (Promise promise : made.stream().sorted(FIRST_SERVED.reversed()).toList()) {
            if (promised > onHand) {
                promised -= promise.count();
                broken.add(promise);
            }
        }
        return broken;
    }

    /**
     * In order of priority, then of arrival, as far as so many free ones reach; one that wants more than is left does not keep a later one
     * waiting.
     */
    public static List<Promise> keptAgain(List<Promise> broken, int free) {
        int left = free;
        List<Promise> kept = new ArrayList<>();
        for (Promise promise : broken.stream().sorted(FIRST_SERVED).toList()) {
            if (promise.count() <= left) {
                left -= promise.count();
                kept.add(promise);
            }
        }
        return kept;
    }
}
