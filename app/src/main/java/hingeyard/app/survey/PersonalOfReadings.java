package hingeyard.app.survey;

import hingeyard.app.privacy.PersonalTable;
import java.util.Map;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** What was measured on their bikes. */
@Component
class PersonalOfReadings extends PersonalTable {

    PersonalOfReadings(NamedParameterJdbcTemplate jdbc) {
        super(jdbc, "measurements", "measure_reading", "bike_id IN (:bikes)",
                Map.ofEntries(Map.entry("bike_id", Column.STAYS), Map.entry("measure_key", Column.STAYS),
                        Map.entry("entered", Column.STAYS), Map.entry("tool", Column.STAYS), Map.entry("choice", Column.STAYS),
                        Map.entry("value_um", Column.STAYS), Map.entry("plus_minus_um", Column.STAYS), Map.entry("amount", Column.STAYS),
                        Map.entry("taken_at", Column.STAYS)));
    }
}
