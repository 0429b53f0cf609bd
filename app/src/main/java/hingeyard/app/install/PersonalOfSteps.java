package hingeyard.app.install;

import hingeyard.app.privacy.PersonalTable;
import java.util.Map;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** What was done, and what hands left to the next. */
@Component
class PersonalOfSteps extends PersonalTable {

    PersonalOfSteps(NamedParameterJdbcTemplate jdbc) {
        super(jdbc, "steps", "step", "job_id IN (:jobs)",
                Map.ofEntries(Map.entry("job_id", Column.STAYS), Map.entry("step_key", Column.STAYS), Map.entry("state", Column.STAYS),
                        Map.entry("done_at", Column.STAYS), Map.entry("handover", Column.WORDS), Map.entry("stuck_reason", Column.WORDS)));
    }
}
