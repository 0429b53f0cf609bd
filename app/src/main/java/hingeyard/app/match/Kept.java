package hingeyard.app.match;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;

/** The last few answers, each good for as long as nothing changed that it rests on. */
final class Kept<T> {

    private static final int MOST = 24;

    private record Answer<T>(String state, T what) {
    }

    private final Map<Long, Answer<T>> answers = new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Long, Answer<T>> eldest) {
            return size() > MOST;
        }
    };

    /** @param state changes with anything the answer rests on; read before the answer is worked out, so that a change meanwhile makes it stale */
    T of(long about, String state, Supplier<T> work) {
        synchronized (answers) {
            Answer<T> answer = answers.get(about);
            if (answer != null && answer.state().equals(state)) {
                return answer.what();
            }
        }
        T worked = work.get();
        synchronized (answers) {
            answers.put(about, new Answer<>(state, worked));
        }
        return worked;
    }
}
