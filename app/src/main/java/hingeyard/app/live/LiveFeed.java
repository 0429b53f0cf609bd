package hingeyard.app.live;

import hingeyard.app.person.Doors;
import hingeyard.app.person.SessionEnded;
import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter.DataWithMediaType;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Reads new events from the table and sends them to this instance's screens, those of a moment in one message. Numbers may be committed out
 * of order: see {@link Gaps}. A screen hears as long as the session it came with.
 */
@Component
class LiveFeed {

    private static final Logger LOG = LoggerFactory.getLogger(LiveFeed.class);
    /** Longer than any transaction lasts: the database ends one that nobody works in after five minutes. */
    private static final Duration LOOK_BACK = Duration.ofMinutes(10);
    /**
     * What happens within it is one message: a floor at full stretch writes forty events a second, and every message is read by every
     * screen.
     */
    private static final long GATHERED_MS = 40;
    /** Makes up for events that other instances wrote. */
    private static final long LOOK_EVERY_MS = 300;
    private static final int LOOKS_BETWEEN_SIGNS = 50;
    private static final int LOOKS_BETWEEN_DOORS = 10;
    private static final int MOST_MISSING = 1_000;

    record Event(long id, String topic, Long job) {

        private String json() {
            return "{\"topic\":\"%s\",\"job\":%s}".formatted(topic, job);
        }
    }

    private final NamedParameterJdbcTemplate jdbc;
    private final Doors doors;
    private final List<Screen> screens = new CopyOnWriteArrayList<>();
    private final Gaps gaps = new Gaps(LOOK_BACK, MOST_MISSING);
    private final AtomicBoolean lookAhead = new AtomicBoolean();
    private final ScheduledExecutorService reader = Executors.newSingleThreadScheduledExecutor(r -> daemon(r, "live-feed"));
    /** At most one writes to a screen, so there are no more than screens. */
    private final ExecutorService writers = Executors.newCachedThreadPool(r -> daemon(r, "live-screen"));
    private int looks;
    private boolean away;

    LiveFeed(JdbcTemplate jdbc, Doors doors) {
        this.jdbc = new NamedParameterJdbcTemplate(jdbc);
        this.doors = doors;
        reader.scheduleWithFixedDelay(this::look, LOOK_EVERY_MS, LOOK_EVERY_MS, TimeUnit.MILLISECONDS);
    }

    private static Thread daemon(Runnable work, String name) {
        Thread thread = new Thread(work, name);
        thread.setDaemon(true);
        return thread;
    }

    /** @param session as whose it listens */
    SseEmitter open(String session) {
        SseEmitter emitter = new SseEmitter(0L);
        Screen screen = new Screen(emitter, session, writers);
        emitter.onCompletion(() -> screens.remove(screen));
        emitter.onError(e -> screens.remove(screen));
        emitter.onTimeout(() -> screens.remove(screen));
        reader.execute(() -> greet(screen));
        return emitter;
    }

    /** A screen reads everything when it is greeted: what happened before needs no telling. */
    private void greet(Screen screen) {
        try {
            if (screens.isEmpty()) {
                gaps.restart(before(Instant.now().minus(LOOK_BACK)));
                unseen();
            }
            if (screen.tell(SseEmitter.event().name("hello").data("{}").build())) {
                screens.add(screen);
            }
        } catch (RuntimeException e) {
            LOG.debug("a screen was not greeted: {}", e.getMessage());
            screen.end();
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
        Set<Long> missing = gaps.missing(now);
        List<Event> events = jdbc.query("SELECT id, topic, job_id FROM live_event WHERE id > :last OR id IN (:missing) ORDER BY id",
                Map.of("last", gaps.last(), "missing", missing.isEmpty() ? Set.of(-1L) : missing),
                (r, n) -> new Event(r.getLong(1), r.getString(2), r.getObject(3, Long.class)));
        events.forEach(e -> gaps.seen(e.id, now));
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
                // An event, not a remark: the page itself has to notice when none comes any more.
                send(SseEmitter.event().name("beat").data("{}"));
            }
            if (looks % LOOKS_BETWEEN_DOORS == 0) {
                closeThoseWhoLeft();
            }
            away = false;
        } catch (RuntimeException e) {
            if (!away) {
                LOG.warn("live feed: {}", e.getMessage());
            }
            away = true;
        }
    }

    private void send(SseEmitter.SseEventBuilder event) {
        // Built once: a builder adds to itself each time it is asked.
        Set<DataWithMediaType> built = event.build();
        screens.removeIf(screen -> !screen.tell(built));
    }

    /** Whoever signed out, here or on another instance, or was signed out, hears nothing any more. */
    private void closeThoseWhoLeft() {
        Set<String> alive = doors.alive(screens.stream().map(Screen::session).collect(Collectors.toSet()));
        end(screen -> !alive.contains(screen.session()));
    }

    @EventListener
    void over(SessionEnded left) {
        end(screen -> screen.session().equals(left.session()));
    }

    private void end(Predicate<Screen> which) {
        screens.stream().filter(which).forEach(screen -> {
            screens.remove(screen);
            screen.end();
        });
    }

    /** Before the server waits for open requests to end: screens listen for ever and would hold the shutdown up. */
    @EventListener(ContextClosedEvent.class)
    void close() {
        reader.shutdownNow();
        end(screen -> true);
    }
}
