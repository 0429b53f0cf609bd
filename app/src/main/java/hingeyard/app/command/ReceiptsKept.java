package hingeyard.app.command;

import hingeyard.app.keeping.PrunedTable;
import java.time.Duration;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** A tablet that was away for a month sends nothing any more that was done before. */
@Component
class ReceiptsKept extends PrunedTable {

    ReceiptsKept(JdbcTemplate jdbc) {
        super(jdbc, "commands' receipts", Duration.ofDays(30), "command_receipt", "taken_at");
    }
}
