package hingeyard.app.live;

import java.sql.Timestamp;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Writes events; must be called inside the transaction of the change. */
@Component
public class LiveEvents {

    /** Where events that are about no job are counted once they are cleared away. */
    static final long OF_NO_JOB = 0;

    private final JdbcTemplate jdbc;
    private final NamedParameterJdbcTemplate named;
    private final LiveFeed feed;

    LiveEvents(JdbcTemplate jdbc, LiveFeed feed) {
        this.jdbc = jdbc;
        this.named = new NamedParameterJdbcTemplate(jdbc);
        this.feed = feed;
    }

    /** Something changed on a job. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void jobChanged(long job) {
        write("job", job);
    }

    /** Hands were at a step of a job: the floor and the stand show it, everything else of the job stays as it is. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void stepChanged(long job) {
        write("step", job);
    }

    /** Something changed in the drawers. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void stockChanged() {
        write("stock", null);
    }

    /** What was held for a job went onto its tray or its bike: what is free, and so every match, stays as it is. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void stockTaken() {
        write("taken", null);
    }

    /** Stands, days or people of the shop changed. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void shopChanged() {
        write("shop", null);
    }

    /**
     * How many changes there were of what is free in the drawers, of sheets, prices or rules. Counted, as everything here that tells old
     * from
     * new: the greatest number would not move for a change that took its number early and is committed late.
     */
    @Transactional(readOnly = true)
    public long changesOfStock() {
        return changes("stock");
    }

    /** How many changes there were of people, stands or days of the shop. */
    @Transactional(readOnly = true)
    public long changesOfShop() {
        return changes("shop");
    }

    private long changes(String topic) {
        return counted(
                "SELECT (SELECT COUNT(*) FROM live_event WHERE topic = ?) + COALESCE((SELECT events FROM live_event_gone WHERE job_id = ? AND topic = ?), 0)",
                topic, OF_NO_JOB, topic);
    }

    /**
     * How many changes the jobs of a bike have seen; a change that commits late raises it too, as it would not raise the greatest number.
     */
    @Transactional(readOnly = true)
    public long changesOfBike(long bikeId) {
        return counted(
                """
                SELECT (SELECT COUNT(*) FROM live_event e JOIN job j ON j.id = e.job_id WHERE e.topic = 'job' AND j.bike_id = ?)
                  + (SELECT COALESCE(SUM(g.events), 0) FROM live_event_gone g JOIN job j ON j.id = g.job_id WHERE g.topic = 'job' AND j.bike_id = ?)""",
                bikeId, bikeId);
    }

    /** The same of several bikes at once; those without one are left out. */
    @Transactional(readOnly = true)
    public Map<Long, Long> changesOfBikes(Collection<Long> bikes) {
        if (bikes.isEmpty()) {
            return Map.of();
        }
        Map<Long, Long> changes = new HashMap<>();
        named.query("""
                SELECT j.bike_id, SUM(seen.events) FROM (
                  SELECT job_id, COUNT(*) AS events FROM live_event
                  WHERE topic = 'job' AND job_id IN (SELECT id FROM job WHERE bike_id IN (:bikes)) GROUP BY job_id
                  UNION ALL SELECT job_id, events FROM live_event_gone WHERE topic = 'job' AND job_id IN (SELECT id FROM job WHERE bike_id IN (:bikes))
                ) seen JOIN job j ON j.id = seen.job_id GROUP BY j.bike_id""", Map.of("bikes", bikes), r -> {
            changes.put(r.getLong(1), r.getLong(2));
        });
        return changes;
    }

    /**
     * How many changes of any kind each of these jobs has seen, those that were cleared away among them; those without one are left out.
     */
    @Transactional(readOnly = true)
    public Map<Long, Long> changesOfJobs(Collection<Long> jobs) {
        if (jobs.isEmpty()) {
            return Map.of();
        }
        Map<Long, Long> changes = new HashMap<>();
        named.query(
                """
                SELECT job_id, SUM(events) FROM (
                  SELECT job_id, COUNT(*) AS events FROM live_event WHERE topic IN ('job', 'step') AND job_id IN (:jobs) GROUP BY job_id
                  UNION ALL SELECT job_id, events FROM live_event_gone WHERE topic IN ('job', 'step') AND job_id IN (:jobs)) seen GROUP BY job_id""",
                Map.of("jobs", jobs),
                r -> {
                    changes.put(r.getLong(1), r.getLong(2));
                });
        return changes;
    }

    private long counted(String sql, Object... values) {
        Long count = jdbc.queryForObject(sql, Long.class, values);
        return count == null ? 0 : count;
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
