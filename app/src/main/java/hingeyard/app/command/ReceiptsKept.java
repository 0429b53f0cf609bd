package hingeyard.app.command;

import hingeyard.app.keeping.Prunes;
import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** A tablet that was away for a month sends nothing any more that was done before. */
@Component
class ReceiptsKept implements Prunes {

    private final JdbcTemplate jdbc;

    ReceiptsKept(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    @Override
    public String what() {
        return "commands' receipts";
    }

    @Override
    public Duration keptFor() {
        return Duration.ofDays(30);
    }

    @Override
    @Transactional
    public int prune(Instant before, int most) {
        return jdbc.update("DELETE FROM command_receipt WHERE taken_at < ? LIMIT ?", Timestamp.from(before), most);
    }
}
