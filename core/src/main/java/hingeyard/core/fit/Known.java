package hingeyard.core.fit;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;

/** What the cases of one bike, one set of drawers and one set of rules have found out already. Safe for several threads at once. */
public final class Known {

    private record Key(Class<?> kind, Object of) {
    }

    private final Map<Key, Object> found = new ConcurrentHashMap<>();

    Object once(Class<?> kind, Object of, Supplier<?> work) {
        Key key = new Key(kind, of);
        Object known = found.get(key);
        if (known == null) {
            // Two threads may find the same out at once; they find the same.
            known = work.get();
            found.put(key, known);
        }
        return known;
    }
}
