package hingeyard.app.commission;

import hingeyard.app.keeping.PrunedTable;
import java.time.Duration;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** A reading lies ready for minutes; what a step took of it stands with the step. */
@Component
class ReadingsKept extends PrunedTable {

    ReadingsKept(JdbcTemplate jdbc) {
        super(jdbc, "devices' readings", Duration.ofDays(1), "device_reading", "sent_at");
    }
}
