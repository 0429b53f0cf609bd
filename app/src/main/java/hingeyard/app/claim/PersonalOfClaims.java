package hingeyard.app.claim;

import hingeyard.app.privacy.PersonalTable;
import java.util.Map;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** What was claimed from a supplier for their job. */
@Component
class PersonalOfClaims extends PersonalTable {

    PersonalOfClaims(NamedParameterJdbcTemplate jdbc) {
        super(jdbc, "claims", "supplier_claim", "job_id IN (:jobs)",
                Map.ofEntries(Map.entry("job_id", Column.STAYS), Map.entry("item", Column.STAYS), Map.entry("note", Column.WORDS),
                        Map.entry("settlement", Column.WORDS), Map.entry("raised_at", Column.STAYS)));
    }
}
