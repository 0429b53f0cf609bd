package hingeyard.app.booking;

import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** What the order of a job's steps saves in turning and changing tools, kept beside the job for whoever works on it. */
@Component
public class StepTurns {

    private final JdbcTemplate jdbc;

    StepTurns(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    public void keep(long job, String said) {
        jdbc.update("UPDATE job SET step_turns = ? WHERE id = ?", said, job);
    }

    /** Empty while no step is planned. */
    public String of(long job) {
        return jdbc.queryForObject("SELECT COALESCE(step_turns, '') FROM job WHERE id = ?", String.class, job);
    }
}
