package hingeyard.app.person;

import hingeyard.app.keeping.PrunedTable;
import java.time.Duration;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** A season and the one before: long enough to look into what is noticed late. */
@Component
class SecurityLogKept extends PrunedTable {

    SecurityLogKept(JdbcTemplate jdbc) {
        super(jdbc, "notes of the doors", Duration.ofDays(400), "security_event", "at");
    }
}
