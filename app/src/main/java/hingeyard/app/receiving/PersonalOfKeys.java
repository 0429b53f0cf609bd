package hingeyard.app.receiving;

import hingeyard.app.privacy.Pack;
import hingeyard.app.privacy.PersonalData;
import hingeyard.app.privacy.Whose;
import java.util.List;
import java.util.Map;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** Serial numbers stay for a recall; a key's number opens the battery's lock, and goes. */
@Component
class PersonalOfKeys implements PersonalData {

    private final NamedParameterJdbcTemplate jdbc;

    PersonalOfKeys(NamedParameterJdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    @Override
    public void handOut(Whose whose, Pack pack) {
        List<Map<String, Object>> rows = whose.jobs().isEmpty() ? List.of()
                : jdbc.queryForList("SELECT job_id, of_what, serial, noted_at FROM kit_serial WHERE job_id IN (:jobs) ORDER BY id",
                        Map.of("jobs", whose.jobs()));
        if (!rows.isEmpty()) {
            pack.rows("serial numbers", rows);
        }
    }

    @Override
    public void erase(Whose whose) {
        if (!whose.jobs().isEmpty()) {
            jdbc.update("DELETE FROM kit_serial WHERE of_what = 'KEY' AND job_id IN (:jobs)", Map.of("jobs", whose.jobs()));
        }
    }
}
