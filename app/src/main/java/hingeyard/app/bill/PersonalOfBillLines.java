package hingeyard.app.bill;

import hingeyard.app.privacy.PersonalTable;
import java.util.Map;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** What was billed, and who agreed to a line. */
@Component
class PersonalOfBillLines extends PersonalTable {

    PersonalOfBillLines(NamedParameterJdbcTemplate jdbc) {
        super(jdbc, "billed", "bill_line", "bill_id IN (SELECT id FROM bill WHERE job_id IN (:jobs))",
                Map.ofEntries(Map.entry("bill_id", Column.STAYS), Map.entry("name", Column.STAYS), Map.entry("count", Column.STAYS),
                        Map.entry("price_minor", Column.STAYS), Map.entry("reason", Column.WORDS), Map.entry("agreed_by", Column.NAME),
                        Map.entry("agreed_on", Column.STAYS)));
    }
}
