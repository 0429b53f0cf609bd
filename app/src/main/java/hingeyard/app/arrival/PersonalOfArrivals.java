package hingeyard.app.arrival;

import hingeyard.app.privacy.PersonalTable;
import java.util.Map;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** How their bike arrived, and who agreed to what was there already. */
@Component
class PersonalOfArrivals extends PersonalTable {

    PersonalOfArrivals(NamedParameterJdbcTemplate jdbc) {
        super(jdbc, "arrivals", "arrival", "job_id IN (:jobs)",
                Map.ofEntries(Map.entry("job_id", Column.STAYS), Map.entry("odometer_km", Column.STAYS),
                        Map.entry("frame_number", Column.STAYS), Map.entry("damage", Column.WORDS), Map.entry("agreed_by", Column.NAME),
                        Map.entry("noted_at", Column.STAYS)));
    }
}
