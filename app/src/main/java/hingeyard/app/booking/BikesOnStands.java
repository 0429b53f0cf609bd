package hingeyard.app.booking;

import hingeyard.app.shop.StandsInUse;
import java.util.HashMap;
import java.util.Map;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Says from the jobs which stands hold a bike. */
@Component
class BikesOnStands implements StandsInUse {

    private final JdbcTemplate jdbc;

    BikesOnStands(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    @Override
    public Map<Integer, Long> inUse() {
        Map<Integer, Long> held = new HashMap<>();
        jdbc.query("SELECT stand, id FROM job WHERE place = 'STAND' LOCK IN SHARE MODE", r -> {
            held.put(r.getInt(1), r.getLong(2));
        });
        return held;
    }
}
