package hingeyard.app.bench;

import hingeyard.app.live.LiveEvents;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.bench.BenchFigure;
import hingeyard.core.bench.BenchTool;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** What was worked out at the bench for jobs; written once, never changed. */
@Component
public class BenchResults {

    private static final TypeReference<Map<String, Double>> FIGURES = new TypeReference<>() {
    };
    private static final String COLUMNS = "SELECT id, step_key, tool, given, sentence, figures, kept_by, kept_at FROM bench_result ";

    /**
     * @param given   what was typed, as the calculator takes it
     * @param figures by what they are
     */
    public record Kept(long id, BenchTool tool, Optional<String> step, String given, String sentence, Map<BenchFigure, Double> figures,
            String by, Instant at) {
    }

    private final JdbcTemplate jdbc;
    private final JsonMapper json;
    private final LiveEvents live;
    private final ShopClock clock;

    BenchResults(JdbcTemplate jdbc, JsonMapper json, LiveEvents live, ShopClock clock) {
        this.jdbc = jdbc;
        this.json = json;
        this.live = live;
        this.clock = clock;
    }

    /** Those of a job, the last one first; at most the last hundred. */
    @Transactional(readOnly = true)
    public List<Kept> of(long job) {
        return jdbc.query(COLUMNS + "WHERE job_id = ? ORDER BY id DESC LIMIT 100", this::kept, job);
    }

    /** What counts of a figure: the last that was kept; with whoever found it. */
    @Transactional(readOnly = true)
    public Optional<Kept> last(long job, BenchFigure figure) {
        return jdbc.query(COLUMNS + "WHERE job_id = ? AND tool = ? ORDER BY id DESC LIMIT 100", this::kept, job, figure.tool().key())
                .stream().filter(k -> k.figures.containsKey(figure)).findFirst();
    }

    /** The same of several jobs, such as all of a bike. */
    @Transactional(readOnly = true)
    public Optional<Kept> last(List<Long> jobs, BenchFigure figure) {
        if (jobs.isEmpty()) {
            return Optional.empty();
        }
        Object[] asked = Stream.concat(jobs.stream(), Stream.of(figure.tool().key())).toArray();
        return jdbc
                .query(COLUMNS + "WHERE job_id IN (?%s) AND tool = ? ORDER BY id DESC LIMIT 100".formatted(", ?".repeat(jobs.size() - 1)),
                        this::kept, asked)
                .stream().filter(k -> k.figures.containsKey(figure)).findFirst();
    }

    private Kept kept(ResultSet r, int n) throws SQLException {
        Map<BenchFigure, Double> figures = new LinkedHashMap<>();
        json.readValue(r.getString(6), FIGURES).forEach((key, value) -> BenchFigure.find(key).ifPresent(f -> figures.put(f, value)));
        return new Kept(r.getLong(1), BenchTool.find(r.getString(3)).orElseThrow(), Optional.ofNullable(r.getString(2)), r.getString(4),
                r.getString(5), figures, r.getString(7), r.getTimestamp(8).toInstant());
    }

    @Transactional(propagation = Propagation.MANDATORY)
    void keep(long job, Optional<String> step, BenchTool tool, Object given, String sentence, Map<BenchFigure, Double> figures, String by) {
        Map<String, Double> named = new LinkedHashMap<>();
        figures.forEach((f, value) -> named.put(f.key(), value));
        jdbc.update(
                "INSERT INTO bench_result (job_id, step_key, tool, given, sentence, figures, kept_by, kept_at) VALUES (?, ?, ?, ?, ?, ?, ?, ?)",
                job, step.orElse(null), tool.key(), json.writeValueAsString(given), sentence, json.writeValueAsString(named), by,
                Timestamp.from(clock.now()));
        live.jobChanged(job);
    }
}
