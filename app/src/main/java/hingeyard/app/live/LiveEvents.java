package hingeyard.app.live;

import java.sql.Timestamp;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Writes events; must be called inside the transaction of the change. */
@Component
public class LiveEvents {

    private final JdbcTemplate jdbc;
    private final LiveFeed feed;

    LiveEvents(JdbcTemplate jdbc, LiveFeed feed) {
        this.jdbc = jdbc;
        this.feed = feed;
    }

    /** Something changed on a job. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void jobChanged(long job) {
        write("job", job);
    }

    /** Something changed in the drawers. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void stockChanged() {
        write("stock", null);
    }

    /** The number of the last change in drawers, sheets, prices or rules; 0 before the first. */
    @Transactional(readOnly = true)
    public long lastOfStock() {
        return last("SELECT MAX(id) FROM live_event WHERE topic = 'stock' AND job_id IS NULL");
    }

    /** The number of the last change on any job of a bike; 0 before the first. */
    @Transactional(readOnly = true)
    public long lastOfBike(long bikeId) {
        return last("SELECT MAX(e.id) FROM live_event e JOIN job j ON j.id = e.job_id WHERE e.topic = 'job' AND j.bike_id = ?", bikeId);
    }

    private long last(String sql, Object... values) {
        Long id = jdbc.queryForObject(sql, Long.class, values);
        return id == null ? 0 : id;
    }

    private void write(String topic, Long job) {
        jdbc.update("INSERT INTO live_event (topic, job_id, happened_at) VALUES (?, ?, ?)", topic, job,
                Timestamp.from(Instant.now().truncatedTo(ChronoUnit.MILLIS)));
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                feed.wake();
            }
        });
    }
}
