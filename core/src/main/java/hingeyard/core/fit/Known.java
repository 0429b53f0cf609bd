package hingeyard.core.fit;

import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;

/** What the cases of one bike, one set of drawers and one set of rules have found out already. Safe for several threads at once. */
public final class Known {

    private record Key(Class<?> kind, Object of) {
    }

    /** @param uses of the parts that were asked for on the way */
    record Found(Object what, Set<String> uses) {
    }

    private final Map<Key, Found> found = new ConcurrentHashMap<>();

    Found once(Class<?> kind, Object of, Supplier<Found> work) {
        Key key = new Key(kind, of);
        Found known = found.get(key);
        if (known == null) {
            // Two threads may find the same out at once; they find the same.
            known = work.get();
            found.put(key, known);
        }
        return known;
    }
}
