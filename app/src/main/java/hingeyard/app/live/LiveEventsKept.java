package hingeyard.app.live;

import hingeyard.app.keeping.Prunes;
import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Screens are told within seconds; after two days an event only counts.
 */
@Component
class LiveEventsKept implements Prunes {

    private final JdbcTemplate jdbc;

    LiveEventsKept(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    @Override
    public String what() {
        return "live events";
    }

    @Override
    public Duration keptFor() {
        return Duration.ofDays(2);
    }

    @Override
    @Transactional
    public int prune(Instant before, int most) {
        Timestamp then = Timestamp.from(before);
        Long upTo = jdbc.queryForObject(
                "SELECT MAX(id) FROM (SELECT id FROM live_event WHERE happened_at < ? ORDER BY id LIMIT ?) oldest", Long.class,
                then, most);
        if (upTo == null) {
            return 0;
        }
        jdbc.update("""
                INSERT INTO live_event_gone (job_id, topic, events) SELECT COALESCE(job_id, ?), topic, COUNT(*) FROM live_event WHERE id <= ? AND happened_at < ? GROUP BY job_id, topic
                ON DUPLICATE KEY UPDATE events = events + VALUES(events)""", LiveEvents.OF_NO_JOB, upTo, then);
        return jdbc.update("DELETE FROM live_event WHERE id <= ? AND happened_at < ?", upTo, then);
    }
}
