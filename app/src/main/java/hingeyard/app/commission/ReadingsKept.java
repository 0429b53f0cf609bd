package hingeyard.app.commission;

import hingeyard.app.keeping.Prunes;
import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** A reading lies ready for minutes; what a step took of it stands with the step. */
@Component
class ReadingsKept implements Prunes {

    private final JdbcTemplate jdbc;

    ReadingsKept(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    @Override
    public String what() {
        return "devices' readings";
    }

    @Override
    public Duration keptFor() {
        return Duration.ofDays(1);
    }

    @Override
    @Transactional
    public int prune(Instant before, int most) {
        return jdbc.update("DELETE FROM device_reading WHERE sent_at < ? LIMIT ?", Timestamp.from(before), most);
    }
}
