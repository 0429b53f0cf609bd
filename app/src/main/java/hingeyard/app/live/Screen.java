package hingeyard.app.live;

import java.io.IOException;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Set;
import java.util.concurrent.Executor;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter.DataWithMediaType;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * One screen that listens, with a box of what it was not told yet: it is written to by whoever has time, never by two at once, and one that
 * does not read keeps nobody else waiting.
 */
final class Screen {

    /** A screen so far behind reads everything anew instead. */
    private static final int MOST_WAITING = 100;

    private final SseEmitter emitter;
    private final String session;
    private final Executor writers;
    private final Deque<Set<DataWithMediaType>> box = new ArrayDeque<>();
    private boolean writing;
    private boolean over;

    /** @param session as whose it listens */
    Screen(SseEmitter emitter, String session, Executor writers) {
        this.emitter = emitter;
        this.session = session;
        this.writers = writers;
    }

    String session() {
        return session;
    }

    /** Puts an event in its box. @return whether it still listens */
    synchronized boolean tell(Set<DataWithMediaType> event) {
        if (over) {
            return false;
        }
        box.add(event);
        if (box.size() > MOST_WAITING) {
            end();
            return false;
        }
        write();
        return true;
    }

    /** Closes the stream as soon as nobody writes to it: the browser opens a new one, if it still may. */
    synchronized void end() {
        over = true;
        box.clear();
        write();
    }

    private void write() {
        if (!writing) {
            writing = true;
            writers.execute(this::empty);
        }
    }

    private void empty() {
        for (Set<DataWithMediaType> event = next(); event != null; event = next()) {
            try {
                emitter.send(event);
            } catch (IOException | IllegalStateException gone) {
                end();
            }
        }
    }

    private Set<DataWithMediaType> next() {
        boolean close;
        synchronized (this) {
            Set<DataWithMediaType> event = box.poll();
            if (event != null) {
                return event;
            }
            writing = false;
            close = over;
        }
        if (close) {
            emitter.complete();
        }
        return null;
    }
}
