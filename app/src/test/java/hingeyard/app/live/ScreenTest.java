package hingeyard.app.live;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter.DataWithMediaType;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** A screen that does not read is written to by a thread that waits for it; nobody else waits. */
class ScreenTest {

    /** A line to a browser: it takes what it is sent as soon as it reads. */
    private static final class Line extends SseEmitter {

        private final CountDownLatch sent = new CountDownLatch(1);
        private final CountDownLatch reads = new CountDownLatch(1);
        private final CountDownLatch closed = new CountDownLatch(1);
        private final List<Object> taken = new ArrayList<>();

        @Override
        public void send(Set<DataWithMediaType> items) throws IOException {
            sent.countDown();
            try {
                if (!reads.await(1, TimeUnit.MINUTES)) {
                    throw new IOException("never read");
                }
            } catch (InterruptedException e) {
                throw new IOException(e);
            }
            items.forEach(i -> taken.add(i.getData()));
        }

        @Override
        public void complete() {
            closed.countDown();
        }
    }

    private final ExecutorService writers = Executors.newCachedThreadPool();

    @AfterEach
    void stop() {
        writers.shutdownNow();
    }

    private static Set<DataWithMediaType> event(int n) {
        return Set.of(new DataWithMediaType(n, null));
    }

    @Test
    void whoReadsNothingIsGivenUpAndTheOthersAreTold() throws Exception {
        Line asleep = new Line();
        Screen silent = new Screen(asleep, "a", writers);
        Line awake = new Line();
        awake.reads.countDown();
        Screen reading = new Screen(awake, "b", writers);
        int told = 0;
        // It is in the middle of its first event, however busy the machine is: one that had not begun would be closed at once.
        assertThat(silent.tell(event(told))).isTrue();
        reading.tell(event(told++));
        assertThat(asleep.sent.await(1, TimeUnit.MINUTES)).isTrue();
        while (silent.tell(event(told))) {
            reading.tell(event(told++));
        }
        reading.end();
        assertThat(awake.closed.await(1, TimeUnit.MINUTES)).isTrue();
        assertThat(told).as("some are kept for whoever is only slow").isBetween(50, 200);
        assertThat(asleep.closed.getCount()).as("nobody waited for it").isEqualTo(1);
        assertThat(silent.tell(event(0))).isFalse();
        asleep.reads.countDown();
        assertThat(asleep.closed.await(1, TimeUnit.MINUTES)).as("it reads everything anew").isTrue();
        assertThat(asleep.taken).hasSizeLessThanOrEqualTo(1);
    }

    @Test
    void eventsComeInOrderAndNoneTwice() throws Exception {
        Line line = new Line();
        Screen screen = new Screen(line, "a", writers);
        for (int i = 0; i < 50; i++) {
            screen.tell(event(i));
        }
        line.reads.countDown();
        CountDownLatch last = new CountDownLatch(1);
        writers.execute(() -> {
            screen.tell(event(50));
            last.countDown();
        });
        assertThat(last.await(1, TimeUnit.MINUTES)).isTrue();
        writers.shutdown();
        assertThat(writers.awaitTermination(1, TimeUnit.MINUTES)).isTrue();
        assertThat(line.taken).hasSize(51).isSortedAccordingTo((a, b) -> Integer.compare((Integer) a, (Integer) b));
    }
}
