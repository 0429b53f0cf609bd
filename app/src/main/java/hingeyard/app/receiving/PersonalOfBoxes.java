package hingeyard.app.receiving;

import hingeyard.app.privacy.PersonalTable;
import java.util.Map;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** How a kit arrived. */
@Component
class PersonalOfBoxes extends PersonalTable {

    PersonalOfBoxes(NamedParameterJdbcTemplate jdbc) {
        super(jdbc, "kit boxes", "kit_check_mark", "job_id IN (:jobs)",
                Map.ofEntries(Map.entry("job_id", Column.STAYS), Map.entry("item", Column.STAYS), Map.entry("found", Column.STAYS),
                        Map.entry("note", Column.WORDS), Map.entry("marked_at", Column.STAYS)));
    }
}
