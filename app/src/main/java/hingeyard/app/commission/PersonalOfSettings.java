package hingeyard.app.commission;

import hingeyard.app.privacy.PersonalTable;
import hingeyard.app.privacy.Whose;
import hingeyard.core.commission.SettingsSheet;
import java.util.Map;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** How a controller was set. */
@Component
class PersonalOfSettings extends PersonalTable {

    private final NamedParameterJdbcTemplate rows;

    PersonalOfSettings(NamedParameterJdbcTemplate jdbc) {
        super(jdbc, "settings", "job_setting", "job_id IN (:jobs)",
                Map.ofEntries(Map.entry("job_id", Column.STAYS), Map.entry("page", Column.STAYS), Map.entry("meaning", Column.STAYS),
                        Map.entry("value", Column.WORDS), Map.entry("set_at", Column.STAYS)));
        this.rows = jdbc;
    }

    /** A start code is the customer's own. */
    @Override
    public void erase(Whose whose) {
        super.erase(whose);
        if (!whose.jobs().isEmpty()) {
            rows.update("UPDATE job_setting SET value = :gone WHERE LOWER(meaning) = :code AND job_id IN (:jobs)",
                    Map.of("gone", Whose.GONE, "code", SettingsSheet.START_CODE, "jobs", whose.jobs()));
        }
    }
}
