package hingeyard.app.install;

import hingeyard.app.privacy.PersonalTable;
import java.util.Map;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** Work that was added to their job. */
@Component
class PersonalOfWork extends PersonalTable {

    PersonalOfWork(NamedParameterJdbcTemplate jdbc) {
        super(jdbc, "work added", "job_work", "job_id IN (:jobs)", Map.ofEntries(Map.entry("job_id", Column.STAYS),
                Map.entry("fragment", Column.STAYS), Map.entry("reason", Column.WORDS), Map.entry("added_at", Column.STAYS)));
    }
}
