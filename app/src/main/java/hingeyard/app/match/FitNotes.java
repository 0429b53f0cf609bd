package hingeyard.app.match;

import hingeyard.app.booking.JobCard;
import hingeyard.app.live.LiveEvents;
import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.kit.Kit;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** What the shop learned on frames of a name and size with a kit, by check. A note weighs on nothing by itself. */
@Service
public class FitNotes {

    /**
     * @param kitName the kit's box it was found with
     * @param minutes what it took beyond the plan
     * @param here    whether it was written on this job
     */
    record FitNote(long id, String checkId, String kitBox, String found, String done, int minutes, String by, Instant at, long job, boolean here) {
    }

    private final JdbcTemplate jdbc;
    private final LiveEvents live;
    private final ShopClock clock;

    FitNotes(JdbcTemplate jdbc, LiveEvents live, ShopClock clock) {
        this.jdbc = jdbc;
        this.live = live;
        this.clock = clock;
    }

    /** Notes on frames of the same name and size, with this kit or about the frame alone; newest first. */
    List<FitNote> of(JobCard job, String kitCode) {
        return jdbc.query("SELECT id, check_id, kit_box, found, done, minutes, noted_by, noted_at, job_id FROM fit_note WHERE frame = ? AND size = ? AND kit_box IN (?, '') "
                + "AND removed_by IS NULL ORDER BY id DESC", (r, n) -> new FitNote(r.getLong(1), r.getString(2), r.getString(3), r.getString(4), r.getString(5), r.getInt(6), r.getString(7),
                r.getTimestamp(8).toInstant(), r.getLong(9), r.getLong(9) == job.number()), job.model(), job.size(), Kit.boxNumber(kitCode));
    }

    @Transactional(propagation = Propagation.MANDATORY)
    public void write(JobCard job, String kitCode, String checkId, String found, String done, int minutes, String by) {
        jdbc.update("INSERT INTO fit_note (frame, size, kit_box, check_id, job_id, found, done, minutes, noted_by, noted_at) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)", job.model(), job.size(),
                Kit.boxNumber(kitCode), checkId, job.number(), found, done, minutes, by, Timestamp.from(clock.now()));
        live.jobChanged(job.number());
    }

    @Transactional(propagation = Propagation.MANDATORY)
    void remove(long job, long id, String by) {
        if (jdbc.update("UPDATE fit_note SET removed_by = ? WHERE id = ? AND removed_by IS NULL", by, id) == 0) {
            throw Refused.notFound("fit note", id);
        }
        live.jobChanged(job);
    }
}
