package hingeyard.app.bill;

import hingeyard.app.privacy.PersonalTable;
import java.util.Map;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** Who agreed to a bill, how, and their signature. */
@Component
class PersonalOfBills extends PersonalTable {

    PersonalOfBills(NamedParameterJdbcTemplate jdbc) {
        super(jdbc, "bills", "bill", "job_id IN (:jobs)",
                Map.ofEntries(Map.entry("job_id", Column.STAYS), Map.entry("revision", Column.STAYS), Map.entry("kit_code", Column.STAYS),
                        Map.entry("made_at", Column.STAYS), Map.entry("reason", Column.WORDS), Map.entry("withdrawn_reason", Column.WORDS),
                        Map.entry("agreed_by", Column.NAME), Map.entry("agreed_on", Column.STAYS), Map.entry("agreed_way", Column.STAYS),
                        Map.entry("agreed_drawn", Column.EMPTIED),
                        Map.entry("by_hand", Column.WORDS), Map.entry("not_taken", Column.WORDS)));
    }
}
