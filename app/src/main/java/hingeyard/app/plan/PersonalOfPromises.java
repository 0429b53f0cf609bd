package hingeyard.app.plan;

import hingeyard.app.privacy.PersonalTable;
import java.util.Map;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** What day they were told. */
@Component
class PersonalOfPromises extends PersonalTable {

    PersonalOfPromises(NamedParameterJdbcTemplate jdbc) {
        super(jdbc, "promised days", "job_plan", "job_id IN (:jobs)", Map.ofEntries(Map.entry("job_id", Column.STAYS),
                Map.entry("promised_on", Column.STAYS), Map.entry("said_at", Column.STAYS)));
    }
}
