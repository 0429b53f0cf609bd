package hingeyard.app.install;

import hingeyard.app.privacy.Pack;
import hingeyard.app.privacy.PersonalData;
import hingeyard.app.privacy.Whose;
import java.util.List;
import java.util.Map;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** What happened at the steps of their jobs: linked entry by entry, so that nobody changes one. */
@Component
class PersonalOfHistory implements PersonalData {

    private final NamedParameterJdbcTemplate jdbc;

    PersonalOfHistory(NamedParameterJdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    @Override
    public void handOut(Whose whose, Pack pack) {
        List<Map<String, Object>> rows = whose.jobs().isEmpty() ? List.of()
                : jdbc.queryForList("SELECT job_id, step_key, what, detail, done_at FROM step_event WHERE job_id IN (:jobs) ORDER BY id",
                        Map.of("jobs", whose.jobs()));
        if (!rows.isEmpty()) {
            pack.rows("step history", rows);
        }
    }

    @Override
    public void erase(Whose whose) {
        // Nobody can.
    }

    @Override
    public int unchangeable(Whose whose) {
        return whose.jobs().isEmpty() ? 0
                : (int) jdbc
                        .queryForList("SELECT detail FROM step_event WHERE job_id IN (:jobs)", Map.of("jobs", whose.jobs()), String.class)
                        .stream().filter(whose::isIn).count();
    }
}
