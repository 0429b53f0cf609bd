package hingeyard.app.person;

import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.rights.OneTimeCode;
import java.security.SecureRandom;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Codes that let somebody choose a password, once each; of one person only the newest counts. */
@Component
class Codes {

    private static final SecureRandom RANDOM = new SecureRandom();

    /** @param code as it is handed over; it is shown nowhere else, and never again */
    record Made(String username, String code, Instant until) {
    }

    private final JdbcTemplate jdbc;
    private final ShopClock clock;

    Codes(JdbcTemplate jdbc, ShopClock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    @Transactional(propagation = Propagation.MANDATORY)
    public Made make(String username, String by) {
        String code = OneTimeCode.made(RANDOM);
        Instant until = clock.now().plus(OneTimeCode.LASTS);
        jdbc.update("REPLACE INTO person_code (username, code_hash, made_by, until) VALUES (?, ?, ?, ?)", username, OneTimeCode.kept(code),
                by, Timestamp.from(until));
        return new Made(username, code, until);
    }

    /** @throws Refused when it is not theirs, or counts no more; of two who use it at once, one is let in */
    @Transactional(propagation = Propagation.MANDATORY)
    public void use(String username, String code) {
        if (jdbc.update("DELETE FROM person_code WHERE username = ? AND code_hash = ? AND until > ?", username, OneTimeCode.kept(code),
                Timestamp.from(clock.now())) == 0) {
            throw Refused.notFound("code for", username);
        }
    }

    @Transactional(propagation = Propagation.MANDATORY)
    public void forget(String username) {
        jdbc.update("DELETE FROM person_code WHERE username = ?", username);
    }

    /** Until when a code lies ready, by name. */
    @Transactional(readOnly = true)
    public Map<String, Instant> open() {
        Map<String, Instant> open = new HashMap<>();
        jdbc.query("SELECT username, until FROM person_code WHERE until > ?", r -> {
            open.put(r.getString(1), r.getTimestamp(2).toInstant());
        }, Timestamp.from(clock.now()));
        return open;
    }
}
