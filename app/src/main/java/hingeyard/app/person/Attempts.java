package hingeyard.app.person;

import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import java.nio.charset.StandardCharsets;
import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.util.DigestUtils;

/**
 * Counts what was tried in vain, so that nobody guesses for long: after a few misses each further one waits longer. Every try counts before
 * it is looked at, so that many at once are not looked at more often than one after the other. Misses count by name and address, so that a
 * stranger's do not keep the owner out; those of a name from everywhere count as well, for all but an address it came in from before. Kept
 * in
 * the database, so a restart forgets nothing.
 */
@Component
class Attempts {

    /** Fingers slip; the sixth miss is no slip. */
    static final int FREE = 5;
    /** From all addresses together: many people's slips, or one guesser with many addresses. */
    static final int FREE_EVERYWHERE = 50;
    private static final Duration FIRST_WAIT = Duration.ofSeconds(30);
    private static final Duration LONGEST_WAIT = Duration.ofMinutes(15);
    private static final Duration FORGOTTEN_AFTER = Duration.ofHours(12);
    private static final int HASH_SIGNS = 16;
    private static final String EVERYWHERE = "*";
    /** Begins what stands for a name that nobody has. */
    private static final String UNKNOWN = "#";
    private static final Map<String, String> MANY = Map.of("pin", "PINs", "code", "codes");
    private static final Map<String, String> MISS = Map.of("pin", "wrong PIN", "code", "wrong code");

    private record Known(int failures, Instant lastAt) {
    }

    /** A way in and a name that has to wait. @param address where the misses came from, * for everywhere */
    record Lock(String way, String username, String address, int misses, Instant until) {
    }

    private final JdbcTemplate jdbc;
    private final ShopClock clock;
    private final SecurityLog log;

    Attempts(JdbcTemplate jdbc, ShopClock clock, SecurityLog log) {
        this.jdbc = jdbc;
        this.clock = clock;
        this.log = log;
    }

    private static String of(String way, String username, String address) {
        return way + " " + username + " " + address;
    }

    /**
     * A name as it is counted. One that nobody has is counted like any other, so that nobody learns which there are, and not readable: it
     * may be a password in the wrong field.
     */
    private String counted(String username) {
        return jdbc.queryForList("SELECT username FROM person WHERE username = ?", String.class, username).stream().findFirst()
                .orElseGet(() -> UNKNOWN + DigestUtils.md5DigestAsHex(username.getBytes(StandardCharsets.UTF_8)).substring(0, HASH_SIGNS));
    }

    /**
     * Counts a try as a miss until it is known to be none.
     *
     * @param way password, pin or code
     * @throws Refused while one has to wait, saying how long
     */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void tries(String way, String typed) {
        String username = counted(typed);
        String address = SecurityLog.address();
        count(of(way, username, address), FREE, way, username);
        if (!log.cameInFrom(username, address)) {
            count(of(way, username, EVERYWHERE), FREE_EVERYWHERE, way, username);
        }
    }

    private void count(String what, int free, String way, String username) {
        Instant now = clock.now();
        // Whoever comes second waits here for the first.
        jdbc.update("INSERT INTO failed_attempt (what, failures, last_at) VALUES (?, 0, ?) ON DUPLICATE KEY UPDATE failures = failures",
                what, Timestamp.from(now));
        Known known = jdbc.queryForObject("SELECT failures, last_at FROM failed_attempt WHERE what = ?",
                (r, n) -> new Known(r.getInt(1), r.getTimestamp(2).toInstant()), what);
        boolean old = known.lastAt.isBefore(now.minus(FORGOTTEN_AFTER));
        if (!old && known.failures >= free) {
            Duration left = Duration.between(now, known.lastAt.plus(wait(known.failures, free)));
            if (!left.isNegative() && !left.isZero()) {
                throw Refused.tooSoon("Tried in vain %d times. Wait %d seconds, or ask the manager to unlock it."
                        .formatted(known.failures, left.toSeconds() + 1), left.plusSeconds(1));
            }
        }
        int failures = old ? 1 : known.failures + 1;
        jdbc.update("UPDATE failed_attempt SET failures = ?, last_at = ? WHERE what = ?", failures, Timestamp.from(now), what);
        if (failures == free) {
            log.note(SecurityLog.What.LOCKED, username, "%d wrong %s".formatted(failures, MANY.getOrDefault(way, "passwords")));
        }
    }

    /** Twice as long with each further miss. */
    static Duration wait(int failures, int free) {
        Duration wait = FIRST_WAIT.multipliedBy(1L << Math.min(10, Math.max(0, failures - free)));
        return wait.compareTo(LONGEST_WAIT) > 0 ? LONGEST_WAIT : wait;
    }

    /** Notes a miss: under its name if somebody has it. */
    void missed(String way, String typed) {
        log.note(SecurityLog.What.MISSED, counted(typed), MISS.getOrDefault(way, "wrong password"));
    }

    /** The try that was counted was none in vain. */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void succeeded(String way, String typed) {
        String username = counted(typed);
        jdbc.update("DELETE FROM failed_attempt WHERE what IN (?, ?)", of(way, username, SecurityLog.address()),
                of(way, username, EVERYWHERE));
    }

    /** Who has to wait now. */
    @Transactional(readOnly = true)
    public List<Lock> locks() {
        Instant now = clock.now();
        return jdbc.query("SELECT what, failures, last_at FROM failed_attempt WHERE failures >= ? ORDER BY last_at DESC", (r, n) -> {
            String what = r.getString(1);
            int first = what.indexOf(' ');
            int last = what.lastIndexOf(' ');
            String address = what.substring(last + 1);
            int failures = r.getInt(2);
            int free = address.equals(EVERYWHERE) ? FREE_EVERYWHERE : FREE;
            return new Lock(what.substring(0, first), what.substring(first + 1, last), address, failures,
                    failures < free ? Instant.MIN : r.getTimestamp(3).toInstant().plus(wait(failures, free)));
        }, FREE).stream().filter(l -> l.until.isAfter(now)).toList();
    }

    /** Forgets every miss of a name, wherever it came from. */
    @Transactional
    public void unlock(String username) {
        for (String way : List.of("password", "pin", "code")) {
            jdbc.update("DELETE FROM failed_attempt WHERE LEFT(what, ?) = ?", way.length() + username.length() + 2,
                    way + " " + username + " ");
        }
    }
}
