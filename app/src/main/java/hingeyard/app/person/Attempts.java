package hingeyard.app.person;

import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Counts what was tried in vain, so that nobody guesses for long: after a few misses each further one waits longer. Kept in the database,
 * so a restart forgets nothing.
 */
@Component
class Attempts {

    /** Fingers slip; the sixth miss is no slip. */
    static final int FREE = 5;
    private static final Duration FIRST_WAIT = Duration.ofSeconds(30);
    private static final Duration LONGEST_WAIT = Duration.ofMinutes(15);
    private static final Duration FORGOTTEN_AFTER = Duration.ofHours(12);

    private static final int LONGEST_NAME = 40;

    private record Known(int failures, Instant lastAt) {
    }

    private final JdbcTemplate jdbc;
    private final ShopClock clock;

    Attempts(JdbcTemplate jdbc, ShopClock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** What is counted: of a way in and a name, however long a name was typed. */
    static String of(String way, String username) {
        return way + " " + (username.length() > LONGEST_NAME ? username.substring(0, LONGEST_NAME) : username);
    }

    /** @throws Refused while one has to wait, saying how long */
    void mayTry(String what) {
        List<Known> known = jdbc.query("SELECT failures, last_at FROM failed_attempt WHERE what = ?",
                (r, n) -> new Known(r.getInt(1), r.getTimestamp(2).toInstant()), what);
        if (known.isEmpty() || known.get(0).failures < FREE) {
            return;
        }
        Duration left = Duration.between(clock.now(), known.get(0).lastAt.plus(wait(known.get(0).failures)));
        if (!left.isNegative() && !left.isZero()) {
            throw Refused.conflict(
                    "Tried in vain %d times. Wait %d seconds, or ask the manager.".formatted(known.get(0).failures, left.toSeconds() + 1));
        }
    }

    /** Twice as long with each further miss. */
    static Duration wait(int failures) {
        Duration wait = FIRST_WAIT.multipliedBy(1L << Math.min(10, Math.max(0, failures - FREE)));
        return wait.compareTo(LONGEST_WAIT) > 0 ? LONGEST_WAIT : wait;
    }

    /** Apart from whatever the caller does: a refusal takes nothing of it back. */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void failed(String what) {
        Timestamp now = Timestamp.from(clock.now());
        jdbc.update(
                "INSERT INTO failed_attempt (what, failures, last_at) VALUES (?, 1, ?) ON DUPLICATE KEY UPDATE failures = IF(last_at < ?, 1, failures + 1), last_at = VALUES(last_at)",
                what, now,
                Timestamp.from(clock.now().minus(FORGOTTEN_AFTER)));
    }

    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void succeeded(String what) {
        jdbc.update("DELETE FROM failed_attempt WHERE what = ?", what);
    }
}
