package hingeyard.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class KnownTest {

    @Test
    void findsThingsOutOnceForEachKindAndValue() {
        Known known = new Known();
        AtomicInteger worked = new AtomicInteger();
        for (int i = 0; i < 3; i++) {
            assertThat(known.once(String.class, List.of("a", 1), () -> "found " + worked.incrementAndGet())).isEqualTo("found 1");
        }
        assertThat(known.once(String.class, List.of("a", 2), () -> "other")).as("another value").isEqualTo("other");
        assertThat(known.once(Integer.class, List.of("a", 1), () -> 7)).as("another kind").isEqualTo(7);
    }

    /** Many at once may work the same out twice, but all of them get an answer, and an equal one. */
    @Test
    void isSafeForSeveralAtOnce() throws Exception {
        Known known = new Known();
        ExecutorService pool = Executors.newFixedThreadPool(8);
        List<Callable<Object>> asks = new ArrayList<>();
        for (int i = 0; i < 400; i++) {
            int of = i % 20;
            asks.add(() -> known.once(String.class, of, () -> "place " + of));
        }
        List<Future<Object>> answers = pool.invokeAll(asks);
        for (int i = 0; i < answers.size(); i++) {
            assertThat(answers.get(i).get()).isEqualTo("place " + i % 20);
        }
        pool.shutdown();
    }
}
