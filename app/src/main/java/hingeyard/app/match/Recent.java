package hingeyard.app.match;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** What was worked out last, for a few jobs. Safe for several threads at once. */
final class Recent<T> {

    private final Map<Long, T> byJob;

    /** @param most jobs that are remembered; the one that was asked for longest ago goes first */
    Recent(int most) {
        this.byJob = new LinkedHashMap<>(16, 0.75f, true) {
            @Override
            protected boolean removeEldestEntry(Map.Entry<Long, T> eldest) {
                return size() > most;
            }
        };
    }

    synchronized Optional<T> get(long job) {
        return Optional.ofNullable(byJob.get(job));
    }

    synchronized void put(long job, T what) {
        byJob.put(job, what);
    }
}
