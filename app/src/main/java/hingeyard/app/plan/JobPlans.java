package hingeyard.app.plan;

import hingeyard.app.live.LiveEvents;
import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.plan.Pin;
import java.sql.Date;
import java.sql.Timestamp;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What customers were told, and what the manager said about where, when and by whom a job is done. */
@Service
public class JobPlans {

    /**
     * What was said about a job.
     *
     * @param version  what a change builds on; 0 while nothing was said
     * @param promised the day its customer was told
     * @param by       who said it last; blank while nobody did
     */
    record Said(int version, Optional<LocalDate> promised, Pin pin, String by) {

        static final Said NOTHING = new Said(0, Optional.empty(), Pin.NONE, "");
    }

    private final JdbcTemplate jdbc;
    private final LiveEvents live;
    private final ShopClock clock;

    JobPlans(JdbcTemplate jdbc, LiveEvents live, ShopClock clock) {
        this.jdbc = jdbc;
        this.live = live;
        this.clock = clock;
    }

    /** What was said about any job; those of which nothing was said are left out. */
    @Transactional(readOnly = true)
    public Map<Long, Said> all() {
        Map<Long, Said> said = new HashMap<>();
        jdbc.query("SELECT job_id, version, promised_on, stand, person, not_before, said_by, not_on, not_by FROM job_plan", r -> {
            said.put(r.getLong(1), new Said(r.getInt(2), Optional.ofNullable(r.getDate(3)).map(Date::toLocalDate),
                    new Pin(Optional.ofNullable(r.getObject(4, Integer.class)), Optional.ofNullable(r.getString(5)),
                            Optional.ofNullable(r.getDate(6)).map(Date::toLocalDate),
                            Optional.ofNullable(r.getObject(8, Integer.class)), Optional.ofNullable(r.getString(9))),
                    r.getString(7)));
        });
        return said;
    }

    /**
     * Writes anew what is said about a job, which is held.
     *
     * @param seen the version its writer saw
     * @throws Refused when somebody else said something meanwhile
     */
    @Transactional
    public void say(long job, int seen, Optional<LocalDate> promised, Pin pin, String by) {
        int version = jdbc.queryForList("SELECT version FROM job_plan WHERE job_id = ? FOR UPDATE", Integer.class, job).stream().findFirst()
                .orElse(0);
        if (version != seen) {
            throw Refused.conflict("version", String.valueOf(seen),
                    "Somebody said something else about job %d a moment ago. Yours was not saved; look, and say it again if you still want to."
                            .formatted(job));
        }
        jdbc.update(
                """
                INSERT INTO job_plan (job_id, promised_on, stand, person, not_before, not_on, not_by, version, said_by, said_at)
                VALUES (?, ?, ?, ?, ?, ?, ?, 1, ?, ?)
                ON DUPLICATE KEY UPDATE promised_on = VALUES(promised_on), stand = VALUES(stand), person = VALUES(person),
                  not_before = VALUES(not_before), not_on = VALUES(not_on), not_by = VALUES(not_by), version = version + 1, said_by = VALUES(said_by), said_at = VALUES(said_at)""",
                job,
                promised.map(Date::valueOf).orElse(null), pin.stand().orElse(null), pin.person().orElse(null),
                pin.notBefore().map(Date::valueOf).orElse(null), pin.notOn().orElse(null), pin.notBy().orElse(null), by,
                Timestamp.from(clock.now()));
        live.jobChanged(job);
    }
}
