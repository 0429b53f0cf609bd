package hingeyard.app.plan;

import hingeyard.app.live.LiveEvents;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.plan.Plan;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.Optional;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The plans that the manager accepted; the last one counts. */
@Service
class AgreedPlans {

    /** @param version one more with each */
    record Agreed(int version, Plan plan, String by, Instant at) {
    }

    private final JdbcTemplate jdbc;
    private final JsonMapper json;
    private final LiveEvents live;
    private final ShopClock clock;

    AgreedPlans(JdbcTemplate jdbc, JsonMapper json, LiveEvents live, ShopClock clock) {
        this.jdbc = jdbc;
        this.json = json;
        this.live = live;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public Optional<Agreed> last() {
        return jdbc.query("SELECT version, body, agreed_by, agreed_at FROM plan_agreed ORDER BY version DESC LIMIT 1",
                (r, n) -> new Agreed(r.getInt(1), json.readValue(r.getString(2), Plan.class), r.getString(3),
                        r.getTimestamp(4).toInstant()))
                .stream().findFirst();
    }

    /** Two who agree at once write the same number, and one of them is told that the other was first. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void agree(int version, Plan plan, String by) {
        jdbc.update("INSERT INTO plan_agreed (version, body, agreed_by, agreed_at) VALUES (?, ?, ?, ?)", version,
                json.writeValueAsString(plan), by, Timestamp.from(clock.now()));
        live.shopChanged();
    }
}
