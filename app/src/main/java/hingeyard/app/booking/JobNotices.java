package hingeyard.app.booking;

import hingeyard.app.live.LiveEvents;
import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** What a job must be told by whoever looks at it next: shown until somebody puts it away, kept afterwards. */
@Service
public class JobNotices {

    public record Notice(long id, String said, String by, Instant at) {
    }

    private final JdbcTemplate jdbc;
    private final LiveEvents live;
    private final ShopClock clock;

    JobNotices(JdbcTemplate jdbc, LiveEvents live, ShopClock clock) {
        this.jdbc = jdbc;
        this.live = live;
        this.clock = clock;
    }

    @Transactional(propagation = Propagation.MANDATORY)
    public void tell(long job, String said, String by) {
        jdbc.update("INSERT INTO job_notice (job_id, said, said_by, said_at) VALUES (?, ?, ?, ?)", job, said, by,
                Timestamp.from(clock.now()));
        live.jobChanged(job);
    }

    @Transactional(readOnly = true)
    public List<Notice> unseen(long job) {
        return jdbc.query("SELECT id, said, said_by, said_at FROM job_notice WHERE job_id = ? AND seen_by IS NULL ORDER BY id",
                (r, n) -> new Notice(r.getLong(1), r.getString(2), r.getString(3), r.getTimestamp(4).toInstant()), job);
    }

    @Transactional
    public void seen(long job, long id, String by) {
        if (jdbc.update("UPDATE job_notice SET seen_by = ? WHERE id = ? AND job_id = ? AND seen_by IS NULL", by, id, job) == 0) {
            throw Refused.notFound("notice", id);
        }
        live.jobChanged(job);
    }
}
