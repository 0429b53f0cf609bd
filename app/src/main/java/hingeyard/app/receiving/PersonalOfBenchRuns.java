package hingeyard.app.receiving;

import hingeyard.app.privacy.PersonalTable;
import java.util.Map;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** How a kit ran on the bench. */
@Component
class PersonalOfBenchRuns extends PersonalTable {

    PersonalOfBenchRuns(NamedParameterJdbcTemplate jdbc) {
        super(jdbc, "bench runs", "bench_run", "job_id IN (:jobs)",
                Map.ofEntries(Map.entry("job_id", Column.STAYS), Map.entry("volts", Column.STAYS), Map.entry("passed", Column.STAYS),
                        Map.entry("note", Column.WORDS), Map.entry("run_at", Column.STAYS)));
    }
}
