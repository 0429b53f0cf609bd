package hingeyard.app.arrival;

import hingeyard.app.privacy.PersonalTable;
import java.util.Map;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** What was found on their bike. */
@Component
class PersonalOfConditions extends PersonalTable {

    PersonalOfConditions(NamedParameterJdbcTemplate jdbc) {
        super(jdbc, "condition", "condition_found", "job_id IN (:jobs)",
                Map.ofEntries(Map.entry("job_id", Column.STAYS), Map.entry("point_key", Column.STAYS), Map.entry("grade", Column.STAYS),
                        Map.entry("note", Column.WORDS), Map.entry("lift_reason", Column.WORDS), Map.entry("found_at", Column.STAYS)));
    }
}
