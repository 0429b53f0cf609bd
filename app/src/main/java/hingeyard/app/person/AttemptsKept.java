package hingeyard.app.person;

import hingeyard.app.keeping.Prunes;
import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Nobody waits for longer than a quarter of an hour. */
@Component
class AttemptsKept implements Prunes {

    private final JdbcTemplate jdbc;

    AttemptsKept(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    @Override
    public String what() {
        return "failed sign-ins";
    }

    @Override
    public Duration keptFor() {
        return Duration.ofDays(1);
    }

    @Override
    @Transactional
    public int prune(Instant before, int most) {
        return jdbc.update("DELETE FROM failed_attempt WHERE last_at < ? LIMIT ?", Timestamp.from(before), most);
    }
}
