package hingeyard.app.commission;

import hingeyard.app.booking.Jobs;
import hingeyard.app.live.LiveEvents;
import hingeyard.core.commission.ControllerFault;
import java.util.EnumSet;
import java.util.Set;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Faults that the stand-in for a controller is told to have. */
@Service
class ControllerFaults {

    private final Jobs jobs;
    private final LiveEvents live;
    private final JdbcTemplate jdbc;

    ControllerFaults(Jobs jobs, LiveEvents live, JdbcTemplate jdbc) {
        this.jobs = jobs;
        this.live = live;
        this.jdbc = jdbc;
    }

    @Transactional(readOnly = true)
    public Set<ControllerFault> of(long job) {
        Set<ControllerFault> on = EnumSet.noneOf(ControllerFault.class);
        jdbc.queryForList("SELECT fault FROM controller_fault WHERE job_id = ?", String.class, job)
                .forEach(f -> on.add(ControllerFault.valueOf(f)));
        return on;
    }

    @Transactional
    public void set(long job, ControllerFault fault, boolean on) {
        jobs.hold(job);
        jdbc.update(on ? "INSERT IGNORE INTO controller_fault (job_id, fault) VALUES (?, ?)"
                : "DELETE FROM controller_fault WHERE job_id = ? AND fault = ?", job, fault.name());
        live.jobChanged(job);
    }
}
