package hingeyard.app.person;

import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Service;
import org.springframework.util.DigestUtils;

/** Who is signed in where, and signing them out from afar: a tablet that was lost, somebody who left. */
@Service
public class Doors {

    /** With a session: what kind of device it is on. */
    static final String DEVICE = "device";
    /** With a session: the number of the tablet it is on, where the shop knows it. */
    static final String TABLET = "tablet";
    /** With a session: where it was signed in from. */
    static final String ADDRESS = "address";
    /** A working day and its evening; the password is asked for again on the next. */
    static final Duration LONGEST = Duration.ofHours(14);

    /**
     * One session.
     *
     * @param handle names it in a command; opens nothing
     * @param device tablet or computer, as it says itself
     * @param own    whether it is the one that asks
     */
    record Open(String handle, String username, String device, String address, Instant since, Instant lastSeen, boolean own) {
    }

    private final FindByIndexNameSessionRepository<? extends Session> sessions;
    private final JdbcTemplate jdbc;
    private final NamedParameterJdbcTemplate named;
    private final ApplicationEventPublisher events;
    private final ShopClock clock;

    Doors(FindByIndexNameSessionRepository<? extends Session> sessions, JdbcTemplate jdbc, ApplicationEventPublisher events,
            ShopClock clock) {
        this.sessions = sessions;
        this.jdbc = jdbc;
        this.named = new NamedParameterJdbcTemplate(jdbc);
        this.events = events;
        this.clock = clock;
    }

    /** Whoever was seen last first. @param asking id of the session that asks */
    List<Open> open(String asking) {
        return everybody().flatMap(name -> of(name).map(s -> new Open(handle(s.getId()), name, device(s), address(s), s.getCreationTime(),
                s.getLastAccessedTime(), s.getId().equals(asking)))).sorted(Comparator.comparing(Open::lastSeen).reversed()).toList();
    }

    private Stream<String> everybody() {
        return jdbc.queryForList("SELECT username FROM person ORDER BY username", String.class).stream();
    }

    private Stream<? extends Session> of(String username) {
        return sessions.findByPrincipalName(username).values().stream().filter(s -> !s.isExpired() && !isOver(s.getCreationTime()));
    }

    /** Whether a session that began then has lasted its day. */
    boolean isOver(Instant began) {
        return began.isBefore(clock.now().minus(LONGEST));
    }

    private static String device(Session session) {
        String said = Objects.requireNonNullElse(session.getAttribute(DEVICE), "");
        return Stream.of("Mobile", "Android", "iPad", "Tablet").anyMatch(said::contains) ? "tablet or phone" : "computer";
    }

    private static String address(Session session) {
        return Objects.requireNonNullElse(session.getAttribute(ADDRESS), "");
    }

    private static String handle(String session) {
        return DigestUtils.md5DigestAsHex(session.getBytes(StandardCharsets.UTF_8));
    }

    /** @return whose it was @throws Refused when there is none of that handle any more */
    String end(String handle) {
        for (String name : everybody().toList()) {
            for (Session session : of(name).toList()) {
                if (handle(session.getId()).equals(handle)) {
                    end(session);
                    return name;
                }
            }
        }
        throw Refused.notFound("session", handle);
    }

    /** Ends every session of somebody but this one. */
    void endAllBut(String username, String kept) {
        of(username).filter(s -> !s.getId().equals(kept)).toList().forEach(this::end);
    }

    /** Ends every session on a tablet that the shop knew. */
    public void endAt(int tablet) {
        everybody().toList().forEach(name -> of(name).filter(s -> Objects.equals(s.getAttribute(TABLET), tablet)).toList()
                .forEach(this::end));
    }

    private void end(Session session) {
        sessions.deleteById(session.getId());
        events.publishEvent(new SessionEnded(session.getId()));
    }

    /** Those of these sessions that are still open, whichever instance ended the others. */
    public Set<String> alive(Collection<String> ids) {
        return ids.isEmpty() ? Set.of()
                : Set.copyOf(named.queryForList(
                        "SELECT SESSION_ID FROM SPRING_SESSION WHERE SESSION_ID IN (:ids) AND EXPIRY_TIME > :now AND CREATION_TIME > :oldest",
                        Map.of("ids", ids, "now", clock.now().toEpochMilli(), "oldest", clock.now().minus(LONGEST).toEpochMilli()),
                        String.class));
    }
}
