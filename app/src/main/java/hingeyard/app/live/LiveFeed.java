package hingeyard.app.live;

import java.io.IOException;
import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Reads new events from the table and sends them to this instance's screens, those of a moment in one message. Numbers may be committed out
 * of order: one that
 * is missing between others is asked for again until it comes or its transaction must have ended without it.
 */
@Component
class LiveFeed {

    private static final Logger LOG = LoggerFactory.getLogger(LiveFeed.class);
    /** Longer than any transaction takes. */
    private static final Duration LOOK_BACK = Duration.ofSeconds(10);
    /**
     * What happens within it is one message: a floor at full stretch writes forty events a second, and every message is read by every
     * screen.
     */
    private static final long GATHERED_MS = 40;
    /** Makes up for events that other instances wrote. */
    private static final long LOOK_EVERY_MS = 300;
    private static final int LOOKS_BETWEEN_SIGNS = 50;
    private static final int MOST_MISSING = 1_000;

    record Event(long id, String topic, Long job) {

        private String json() {
            return "{\"topic\":\"%s\",\"job\":%s}".formatted(topic, job);
        }
    }

    private final NamedParameterJdbcTemplate jdbc;
    private final List<SseEmitter> screens = new CopyOnWriteArrayList<>();
    private final Map<Long, Instant> missing = new HashMap<>();
    private final AtomicBoolean lookAhead = new AtomicBoolean();
    private final ScheduledExecutorService reader = Executors.newSingleThreadScheduledExecutor(r -> {
        Thread thread = new Thread(r, "live-feed");
        thread.setDaemon(true);
        return thread;
    });
    private long last;
    private int looks;

    LiveFeed(JdbcTemplate jdbc) {
        this.jdbc = new NamedParameterJdbcTemplate(jdbc);
        reader.scheduleWithFixedDelay(this::look, LOOK_EVERY_MS, LOOK_EVERY_MS, TimeUnit.MILLISECONDS);
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
        try {
            if (screens.isEmpty()) {
                missing.clear();
                last = before(Instant.now().minus(LOOK_BACK));
                unseen();
            }
            screen.send(SseEmitter.event().name("hello").data("{}"));
            screens.add(screen);
        } catch (IOException | RuntimeException gone) {
            LOG.debug("a screen left before it was greeted: {}", gone.getMessage());
        }
    }

    private long before(Instant moment) {
        Long id = jdbc.queryForObject(
                "SELECT COALESCE(MAX(id), (SELECT MIN(id) - 1 FROM live_event), 0) FROM live_event WHERE happened_at <= :moment",
                Map.of("moment", Timestamp.from(moment)), Long.class);
        return id == null ? 0 : id;
    }

    /** What was committed since the last look, also below numbers that were seen before. */
    private List<Event> unseen() {
        Instant now = Instant.now();
        missing.values().removeIf(since -> since.isBefore(now.minus(LOOK_BACK)));
        List<Event> events = jdbc.query("SELECT id, topic, job_id FROM live_event WHERE id > :last OR id IN (:missing) ORDER BY id",
                Map.of("last", last, "missing", missing.isEmpty() ? Set.of(-1L) : missing.keySet()),
                (r, n) -> new Event(r.getLong(1), r.getString(2), r.getObject(3, Long.class)));
        for (Event event : events) {
            missing.remove(event.id);
            for (long id = Math.max(last + 1, event.id - MOST_MISSING); id < event.id; id++) {
                missing.put(id, now);
            }
            last = Math.max(last, event.id);
        }
        return events;
    }

    void wake() {
        if (lookAhead.compareAndSet(false, true)) {
            reader.schedule(this::look, GATHERED_MS, TimeUnit.MILLISECONDS);
        }
    }

    private void look() {
        lookAhead.set(false);
        try {
            if (screens.isEmpty()) {
                return;
            }
            List<Event> events = unseen();
            if (!events.isEmpty()) {
                send(SseEmitter.event().name("changed").data(events.stream().map(Event::json).collect(Collectors.joining(",", "[", "]"))));
            }
            if (++looks % LOOKS_BETWEEN_SIGNS == 0) {
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
