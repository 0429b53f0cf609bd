package hingeyard.app.match;

import hingeyard.app.privacy.PersonalTable;
import java.util.Map;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** Why a finding was overridden. */
@Component
class PersonalOfOverrides extends PersonalTable {

    PersonalOfOverrides(NamedParameterJdbcTemplate jdbc) {
        super(jdbc, "overrides", "fit_override", "job_id IN (:jobs)",
                Map.ofEntries(Map.entry("job_id", Column.STAYS), Map.entry("kit_code", Column.STAYS), Map.entry("check_id", Column.STAYS),
                        Map.entry("reason", Column.WORDS), Map.entry("said_at", Column.STAYS)));
    }
}
