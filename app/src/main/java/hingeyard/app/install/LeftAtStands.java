package hingeyard.app.install;

import hingeyard.app.live.LiveEvents;
import hingeyard.app.person.InHand;
import hingeyard.app.person.StaffLeft;
import java.util.List;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * Who leaves has no step in hand any more: nobody else could tick it. A battery they hold out is let go with them, by the manager who says
 * that they are gone.
 */
@Component
class LeftAtStands implements InHand {

    private final JdbcTemplate jdbc;
    private final LiveEvents live;

    LeftAtStands(JdbcTemplate jdbc, LiveEvents live) {
        this.jdbc = jdbc;
        this.live = live;
    }

    @Override
    public List<String> of(String displayName) {
        return jdbc.query("SELECT job_id FROM step WHERE doer = ? AND state = 'RUNNING' ORDER BY job_id, ordinal",
                (r, n) -> "a step of job %d".formatted(r.getLong(1)), displayName).stream().distinct().toList();
    }

    @EventListener
    void left(StaffLeft told) {
        List<Long> held = jdbc.queryForList("SELECT job_id FROM battery_hold WHERE person = ?", Long.class, told.displayName());
        jdbc.update("DELETE FROM battery_hold WHERE person = ?", told.displayName());
        held.forEach(live::jobChanged);
    }
}
