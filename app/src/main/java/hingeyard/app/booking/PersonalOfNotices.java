package hingeyard.app.booking;

import hingeyard.app.privacy.PersonalTable;
import java.util.Map;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** What was told about their jobs. */
@Component
class PersonalOfNotices extends PersonalTable {

    PersonalOfNotices(NamedParameterJdbcTemplate jdbc) {
        super(jdbc, "notices", "job_notice", "job_id IN (:jobs)",
                Map.ofEntries(Map.entry("job_id", Column.STAYS), Map.entry("said", Column.WORDS), Map.entry("said_at", Column.STAYS)));
    }
}
