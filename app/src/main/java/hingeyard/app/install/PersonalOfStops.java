package hingeyard.app.install;

import hingeyard.app.privacy.PersonalTable;
import java.util.Map;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** What stopped their job, and what was said about it. */
@Component
class PersonalOfStops extends PersonalTable {

    PersonalOfStops(NamedParameterJdbcTemplate jdbc) {
        super(jdbc, "stops", "blocker", "job_id IN (:jobs)",
                Map.ofEntries(Map.entry("job_id", Column.STAYS), Map.entry("kind", Column.STAYS), Map.entry("what", Column.WORDS),
                        Map.entry("asked", Column.WORDS), Map.entry("words", Column.WORDS), Map.entry("raised_at", Column.STAYS)));
    }
}
