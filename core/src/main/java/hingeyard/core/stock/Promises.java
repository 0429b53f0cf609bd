package hingeyard.core.stock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Which promises of one part are broken when a count finds fewer than were promised, and which are kept again when some come in. */
public final class Promises {

    /**
     * @param id    greater for a promise that was made later
     * @param count how many were promised, at least 1
     */
    public record Promise(long id, int count) {
    }

    private Promises() {
    }

    /** The newest first, until what is left is covered by so many on hand. A promise is broken whole: half a pair of washers mounts nothing. */
    public static List<Promise> broken(List<Promise> made, int onHand) {
        int promised = made.stream().mapToInt(Promise::count).sum();
        List<Promise> broken = new ArrayList<>();
        for (Promise promise : made.stream().sorted(Comparator.comparing(Promise::id).reversed()).toList()) {
            if (promised > onHand) {
                promised -= promise.count();
                broken.add(promise);
            }
        }
        return broken;
    }

    /** The oldest first, as far as so many free ones reach; one that wants more than is left does not keep a later one waiting. */
    public static List<Promise> keptAgain(List<Promise> broken, int free) {
        int left = free;
        List<Promise> kept = new ArrayList<>();
        for (Promise promise : broken.stream().sorted(Comparator.comparing(Promise::id)).toList()) {
            if (promise.count() <= left) {
                left -= promise.count();
                kept.add(promise);
            }
        }
        return kept;
    }
}
