package hingeyard.app.install;

import hingeyard.app.wiring.ShopClock;
import hingeyard.core.bill.BillLine;
import java.sql.Timestamp;
import java.util.Map;
import java.util.Set;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** Which lines of a job's bill its steps have mounted. */
@Component
class MountedLines {

    private static final String IN_FORCE = "l JOIN bill b ON b.id = l.bill_id ";
    private static final String OF_ROLES = "WHERE b.job_id = :job AND b.withdrawn_reason IS NULL AND l.role IN (:roles)";

    private final ShopClock clock;
    private final NamedParameterJdbcTemplate jdbc;

    MountedLines(ShopClock clock, NamedParameterJdbcTemplate jdbc) {
        this.clock = clock;
        this.jdbc = jdbc;
    }

    /** Whether nothing that is mounted in these roles is still to come. */
    boolean onHand(long job, Set<String> roles) {
        return roles.isEmpty() || Boolean.TRUE.equals(jdbc.queryForObject("SELECT COUNT(*) = 0 FROM bill_line " + IN_FORCE + OF_ROLES + " AND l.source = :toOrder",
                Map.of("job", job, "toOrder", BillLine.Source.TO_ORDER.name(), "roles", roles), Boolean.class));
    }

    void markUsed(long job, Set<String> roles) {
        if (!roles.isEmpty()) {
            jdbc.update("UPDATE bill_line " + IN_FORCE + "SET l.used_at = :now " + OF_ROLES, Map.of("job", job, "now", Timestamp.from(clock.now()), "roles", roles));
        }
    }

    void markUnused(long job, Set<String> roles) {
        if (!roles.isEmpty()) {
            jdbc.update("UPDATE bill_line " + IN_FORCE + "SET l.used_at = NULL " + OF_ROLES, Map.of("job", job, "roles", roles));
        }
    }
}
