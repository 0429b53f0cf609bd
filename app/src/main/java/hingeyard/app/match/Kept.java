package hingeyard.app.match;

import java.util.Optional;
import java.util.function.Supplier;

/** The last few answers, each good for as long as nothing changed that it rests on. */
final class Kept<T> {

    private static final int FEW = 24;

    private record Answer<T>(String state, T what) {
    }

    private final Recent<Answer<T>> answers;

    Kept() {
        this(FEW);
    }

    /** @param most jobs whose answers are remembered */
    Kept(int most) {
        answers = new Recent<>(most);
    }

    /**
     * @param state changes with anything the answer rests on; read before the answer is worked out, so that a change meanwhile makes it
     *              stale
     */
    T of(long about, String state, Supplier<T> work) {
        Optional<Answer<T>> known = answers.get(about).filter(a -> a.state().equals(state));
        if (known.isPresent()) {
            return known.get().what();
        }
        T worked = work.get();
        answers.put(about, new Answer<>(state, worked));
        return worked;
    }
}
