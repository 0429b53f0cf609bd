package hingeyard.app.calloff;

import hingeyard.app.privacy.PersonalTable;
import java.util.Map;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** Who called a job off, and their signature. */
@Component
class PersonalOfCallOffs extends PersonalTable {

    PersonalOfCallOffs(NamedParameterJdbcTemplate jdbc) {
        super(jdbc, "call-offs", "call_off", "job_id IN (:jobs)",
                Map.ofEntries(Map.entry("job_id", Column.STAYS), Map.entry("why", Column.STAYS), Map.entry("reason", Column.WORDS),
                        Map.entry("note", Column.WORDS), Map.entry("called_at", Column.STAYS), Map.entry("said_by", Column.NAME),
                        Map.entry("said_on", Column.STAYS), Map.entry("said_way", Column.STAYS), Map.entry("said_drawn", Column.EMPTIED),
                        Map.entry("settlement", Column.STAYS), Map.entry("stays", Column.WORDS)));
    }
}
