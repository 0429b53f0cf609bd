package hingeyard.app.install;

import hingeyard.app.wiring.Remembered;
import hingeyard.core.install.Step;
import hingeyard.core.install.StepRun;
import hingeyard.core.install.StepState;
import hingeyard.core.people.Skill;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * Reads where steps stand. At full stretch it is asked a hundred times a second, so what a step is, which is long and changes only when the
 * list is planned
 * anew, is read once and known again by its digest.
 */
@Component
class StepReading {

    /** Forty bikes on their stands, with room; a step is about a kilobyte. */
    private static final int MOST = 10_000;
    private static final String STANDS = """
            SELECT id, job_id, MD5(body) AS digest, state, doer, second_skill, started_at, done_at, inspected_by, stuck_reason, stuck_since, handover
            FROM step WHERE job_id IN (:jobs) ORDER BY job_id, ordinal""";

    /** A step's row before it is known what the step is. */
    private record Row(long job, String digest, StepStand.At at, StepState state, Optional<String> doer,
            Optional<Skill> second) {
    }

    private final Remembered<String, String, Step> known = new Remembered<>(MOST);
    private final NamedParameterJdbcTemplate jdbc;

    StepReading(JdbcTemplate jdbc) {
        this.jdbc = new NamedParameterJdbcTemplate(jdbc);
    }

    /** The steps of these jobs in their order, by job. */
    Map<Long, List<StepStand>> of(Collection<Long> jobs) {
        Map<Long, List<StepStand>> stands = new LinkedHashMap<>();
        if (jobs.isEmpty()) {
            return stands;
        }
        List<Row> rows = jdbc.query(STANDS, Map.of("jobs", jobs), StepReading::row);
        Map<String, Step> steps = steps(rows);
        rows.forEach(r -> stands.computeIfAbsent(r.job, j -> new ArrayList<>())
                .add(new StepStand(new StepRun(steps.get(r.digest), r.state, r.doer, r.second), r.at)));
        return stands;
    }

    private Map<String, Step> steps(List<Row> rows) {
        Map<String, Step> steps = new HashMap<>();
        Set<Long> unknown = new HashSet<>();
        for (Row row : rows) {
            known.get(row.digest, Remembered.EVER).ifPresentOrElse(step -> steps.put(row.digest, step), () -> unknown.add(row.at.id()));
        }
        if (!unknown.isEmpty()) {
            jdbc.query("SELECT MD5(body), body FROM step WHERE id IN (:ids)", Map.of("ids", unknown), r -> {
                Step step = KnownSteps.of(r.getString(2));
                known.put(r.getString(1), Remembered.EVER, step);
                steps.put(r.getString(1), step);
            });
        }
        return steps;
    }

    private static Row row(ResultSet r, int n) throws SQLException {
        return new Row(r.getLong("job_id"), r.getString("digest"),
                new StepStand.At(r.getLong("id"), moment(r, "started_at"), moment(r, "done_at"),
                        Optional.ofNullable(r.getString("inspected_by")), Optional.ofNullable(r.getString("stuck_reason")),
                        moment(r, "stuck_since"), Optional.ofNullable(r.getString("handover"))),
                StepState.valueOf(r.getString("state")), Optional.ofNullable(r.getString("doer")),
                Optional.ofNullable(r.getString("second_skill")).map(Skill::valueOf));
    }

    private static Optional<Instant> moment(ResultSet r, String column) throws SQLException {
        return Optional.ofNullable(r.getTimestamp(column)).map(Timestamp::toInstant);
    }
}
