package hingeyard.app.live;

import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;

/**
 * Which numbers of a growing row were seen, and which between them are still to come: they are given when a change is made, and can be read
 * only once it is committed, in any order. A number is waited for until whoever took it must have ended without it.
 */
final class Gaps {

    private final Duration patience;
    private final int most;
    private final Map<Long, Instant> missing = new LinkedHashMap<>();
    private long last;

    /**
     * @param patience longer than any transaction lasts
     * @param most     numbers waited for at once; the oldest are given up for newer ones
     */
    Gaps(Duration patience, int most) {
        this.patience = patience;
        this.most = most;
    }

    /** Forgets everything; what follows this number is to come. */
    void restart(long before) {
        missing.clear();
        last = before;
    }

    /** The greatest number seen. */
    long last() {
        return last;
    }

    /** Smaller ones that may still come. */
    Set<Long> missing(Instant now) {
        missing.values().removeIf(since -> since.isBefore(now.minus(patience)));
        return Set.copyOf(missing.keySet());
    }

    void seen(long id, Instant now) {
        missing.remove(id);
        for (long between = Math.max(last + 1, id - most); between < id; between++) {
            missing.put(between, now);
        }
        last = Math.max(last, id);
        while (missing.size() > most) {
            missing.remove(missing.keySet().iterator().next());
        }
    }
}
