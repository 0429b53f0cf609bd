package hingeyard.app.wiring;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Collection;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * What was worked out, by what it is about. One rule says how long it counts: as long as the state it was worked out in, a version or a
 * count that changes with anything it rests on. That state is read <em>before</em> anything the answer rests on, so that what changes
 * meanwhile makes the answer stale and is never missed. Safe for several threads at once.
 *
 * @param <S> compared by {@code equals}; {@link #EVER} for what never means anything else
 */
public final class Remembered<K, S, V> {

    /** The state of what cannot change, such as what a text says. */
    public static final String EVER = "ever";

    private record Answer<S, V>(S state, V what) {
    }

    private final Cache<K, Answer<S, V>> answers;

    /** @param most answers that are remembered; what was asked for longest ago, and seldom, goes first */
    public Remembered(int most) {
        // By whoever asks: a thread of its own would let more be remembered than was said.
        answers = Caffeine.newBuilder().maximumSize(most).executor(Runnable::run).build();
    }

    public Optional<V> get(K about, S state) {
        return Optional.ofNullable(answers.getIfPresent(about)).filter(a -> a.state.equals(state)).map(Answer::what);
    }

    public void put(K about, S state, V what) {
        answers.put(about, new Answer<>(state, what));
    }

    /** What is remembered, else what is worked out now; two who ask at once may both work it out, and to the same end. */
    public V of(K about, S state, Supplier<V> work) {
        return get(about, state).orElseGet(() -> {
            V worked = work.get();
            put(about, state, worked);
            return worked;
        });
    }

    public void forget(Collection<K> about) {
        answers.invalidateAll(about);
    }
}
