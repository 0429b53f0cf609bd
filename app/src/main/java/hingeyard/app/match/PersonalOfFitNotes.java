package hingeyard.app.match;

import hingeyard.app.privacy.PersonalTable;
import java.util.Map;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** What was learned while a kit was fitted to their bike. */
@Component
class PersonalOfFitNotes extends PersonalTable {

    PersonalOfFitNotes(NamedParameterJdbcTemplate jdbc) {
        super(jdbc, "fit notes", "fit_note", "job_id IN (:jobs)", Map.ofEntries(Map.entry("job_id", Column.STAYS),
                Map.entry("frame", Column.WORDS), Map.entry("found", Column.WORDS), Map.entry("done", Column.WORDS),
                Map.entry("noted_at", Column.STAYS)));
    }
}
