package hingeyard.app.live;

import java.io.IOException;
import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Reads new events from the table and sends them to this instance's screens. Ids may commit out of order, so the last seconds
 * are read each time and what was sent already is left out.
 */
@Component
class LiveFeed {

    private static final Logger LOG = LoggerFactory.getLogger(LiveFeed.class);
    private static final Duration LOOK_BACK = Duration.ofSeconds(10);
    private static final int REMEMBERED = 20_000;

    record Event(long id, String topic, Long job) {
    }

    private final JdbcTemplate jdbc;
    private final List<SseEmitter> screens = new CopyOnWriteArrayList<>();
    private final Set<Long> sent = new LinkedHashSet<>();
    private final ScheduledExecutorService reader = Executors.newSingleThreadScheduledExecutor(r -> {
        Thread thread = new Thread(r, "live-feed");
        thread.setDaemon(true);
        return thread;
    });
    private int ticks;

    LiveFeed(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
        // The look makes up for events that other instances wrote; our own wake us at once.
        reader.scheduleWithFixedDelay(this::look, 300, 300, TimeUnit.MILLISECONDS);
    }

    SseEmitter open() {
        SseEmitter screen = new SseEmitter(0L);
        screen.onCompletion(() -> screens.remove(screen));
        screen.onError(e -> screens.remove(screen));
        screen.onTimeout(() -> screens.remove(screen));
        reader.execute(() -> greet(screen));
        return screen;
    }

    /** A screen reads everything when it is greeted: what happened before needs no telling. */
    private void greet(SseEmitter screen) {
        if (screens.isEmpty()) {
            recent().forEach(e -> sent.add(e.id));
        }
        try {
            screen.send(SseEmitter.event().name("hello").data("{}"));
            screens.add(screen);
        } catch (IOException | RuntimeException gone) {
            LOG.debug("a screen left before it was greeted: {}", gone.getMessage());
        }
    }

    private List<Event> recent() {
        return jdbc.query("SELECT id, topic, job_id FROM live_event WHERE happened_at > ? ORDER BY id",
                (r, n) -> new Event(r.getLong(1), r.getString(2), r.getObject(3, Long.class)), Timestamp.from(Instant.now().minus(LOOK_BACK)));
    }

    void wake() {
        reader.execute(this::look);
    }

    private void look() {
        try {
            if (screens.isEmpty()) {
                return;
            }
            for (Event event : recent()) {
                if (sent.add(event.id)) {
                    send(SseEmitter.event().name("changed").data("{\"topic\":\"%s\",\"job\":%s}".formatted(event.topic, event.job)));
                }
            }
            while (sent.size() > REMEMBERED) {
                sent.remove(sent.iterator().next());
            }
            if (++ticks % 50 == 0) {
                send(SseEmitter.event().comment("still here"));
            }
        } catch (RuntimeException e) {
            LOG.warn("live feed: {}", e.getMessage());
        }
    }

    private void send(SseEmitter.SseEventBuilder event) {
        for (SseEmitter screen : screens) {
            try {
                screen.send(event);
            } catch (IOException | IllegalStateException gone) {
                screens.remove(screen);
            }
        }
    }

    /** Before the server waits for open requests to end: screens listen for ever and would hold the shutdown up. */
    @EventListener(ContextClosedEvent.class)
    void close() {
        reader.shutdownNow();
        screens.forEach(SseEmitter::complete);
    }
}
