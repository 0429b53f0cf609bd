package hingeyard.app.install;

import java.time.Instant;
import java.util.List;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Hold points that a second person did not accept: each with what was found, and how often it happens to whom. */
@Service
class Refusals {

    /** Newer ones come first; older ones stay in the job's history. */
    private static final int SHOWN = 60;

    /**
     * @param found what the second person found
     * @param by    who inspected it
     * @param doer  who had done it
     */
    record Refusal(long job, String step, String found, String by, Instant at, String doer) {
    }

    /**
     * @param inspected hold points of theirs that somebody accepted
     * @param refused   and how many were not accepted at first
     */
    record OfPerson(String who, int inspected, int refused) {
    }

    /** Who had done a step last before something was said of it. */
    private static final String DOER = """
            (SELECT t.done_by FROM step_event t WHERE t.job_id = e.job_id AND t.step_key = e.step_key AND t.what = 'TICKED' AND t.id < e.id
             ORDER BY t.id DESC LIMIT 1)""";

    private final JdbcTemplate jdbc;

    Refusals(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    @Transactional(readOnly = true)
    public List<Refusal> last() {
        return jdbc.query("""
                SELECT e.job_id, e.step_key, e.detail, e.done_by, e.done_at, COALESCE(%s, '')
                FROM step_event e WHERE e.what = 'NOT_ACCEPTED' ORDER BY e.id DESC LIMIT %d""".formatted(DOER, SHOWN),
                (r, n) -> new Refusal(r.getLong(1), r.getString(2), r.getString(3), r.getString(4),
                        r.getTimestamp(5).toInstant(), r.getString(6)));
    }

    /** Whoever had a hold point looked at; most refusals first. */
    @Transactional(readOnly = true)
    public List<OfPerson> counted() {
        return jdbc.query("""
                SELECT doer, SUM(what = 'INSPECTED'), SUM(what = 'NOT_ACCEPTED') FROM
                  (SELECT e.what, %s doer FROM step_event e WHERE e.what IN ('INSPECTED', 'NOT_ACCEPTED')) held
                WHERE doer IS NOT NULL GROUP BY doer ORDER BY 3 DESC, 2 DESC, doer""".formatted(DOER),
                (r, n) -> new OfPerson(r.getString(1), r.getInt(2), r.getInt(3)));
    }
}
