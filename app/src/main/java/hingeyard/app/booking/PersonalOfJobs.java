package hingeyard.app.booking;

import hingeyard.app.privacy.PersonalTable;
import java.util.Map;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** What somebody wanted, and how they ride. */
@Component
class PersonalOfJobs extends PersonalTable {

    PersonalOfJobs(NamedParameterJdbcTemplate jdbc) {
        super(jdbc, "jobs", "job", "id IN (:jobs)", Map.ofEntries(Map.entry("id", Column.STAYS), Map.entry("bike_id", Column.STAYS),
                Map.entry("wish", Column.WORDS), Map.entry("gone_reason", Column.WORDS), Map.entry("arrives_on", Column.STAYS),
                Map.entry("place", Column.STAYS), Map.entry("kit_code", Column.STAYS), Map.entry("distance_metres", Column.STAYS),
                Map.entry("rider_grams", Column.STAYS), Map.entry("cargo_grams", Column.STAYS), Map.entry("budget_minor", Column.STAYS)));
    }
}
