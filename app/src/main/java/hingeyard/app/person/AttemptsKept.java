package hingeyard.app.person;

import hingeyard.app.keeping.PrunedTable;
import java.time.Duration;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Nobody waits for longer than a quarter of an hour. */
@Component
class AttemptsKept extends PrunedTable {

    AttemptsKept(JdbcTemplate jdbc) {
        super(jdbc, "failed sign-ins", Duration.ofDays(1), "failed_attempt", "last_at");
    }
}
