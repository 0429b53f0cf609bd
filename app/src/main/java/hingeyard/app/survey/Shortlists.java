package hingeyard.app.survey;

import java.util.Collection;
import java.util.HashSet;
import java.util.Set;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which kits a job's survey asks for. */
@Service
class Shortlists {

    private final JdbcTemplate jdbc;

    Shortlists(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    /** Codes of the kits chosen; empty when all in stock are asked for. */
    Set<String> of(long job) {
        return new HashSet<>(jdbc.queryForList("SELECT kit_code FROM job_shortlist WHERE job_id = ?", String.class, job));
    }

    @Transactional
    void choose(long job, Collection<String> kits) {
        jdbc.update("DELETE FROM job_shortlist WHERE job_id = ?", job);
        kits.forEach(k -> jdbc.update("INSERT INTO job_shortlist (job_id, kit_code) VALUES (?, ?)", job, k));
    }
}
