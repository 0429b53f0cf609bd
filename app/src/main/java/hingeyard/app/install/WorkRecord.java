package hingeyard.app.install;

import hingeyard.app.wiring.ShopClock;
import hingeyard.core.install.LearnedMinutes;
import hingeyard.core.install.Phase;
import hingeyard.core.install.library.StepText;
import hingeyard.core.plan.Legs;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How long work took that is done, beside what was expected of it. */
@Service
public class WorkRecord {

    private static final double SECONDS_IN_A_MINUTE = 60;

    /**
     * @param shares of each run of work: minutes it took over minutes that were expected
     * @param stuck  of these runs, those during which the job stood still overnight
     */
    public record Runs(List<Double> shares, int stuck) {
    }

    /** A job's steps of one kind of leg. */
    private record Run(long job, String title) {
    }

    private final LibraryInForce library;
    private final ShopClock clock;
    private final JdbcTemplate jdbc;

    WorkRecord(LibraryInForce library, ShopClock clock, JdbcTemplate jdbc) {
        this.clock = clock;
        this.library = library;
        this.jdbc = jdbc;
    }

    /** Of all that was ticked since then. */
    @Transactional(readOnly = true)
    public Runs since(Instant since) {
        Map<String, StepText> texts = library.texts();
        LearnedMinutes learned = library.learned();
        Map<Run, double[]> took = new HashMap<>();
        jdbc.query("""
                SELECT job_id, step_key, worked_seconds FROM step
                WHERE worked_seconds IS NOT NULL AND state IN ('DONE', 'INSPECTED') AND done_at >= ?""", r -> {
            StepText text = texts.get(r.getString(2));
            if (text != null) {
                double[] sum = took.computeIfAbsent(new Run(r.getLong(1), title(text)), k -> new double[2]);
                sum[0] += r.getInt(3) / SECONDS_IN_A_MINUTE;
                sum[1] += learned.of(text.key()).minutes().orElse(text.minutes());
            }
        }, Timestamp.from(since));
        List<Run> stuck = jdbc.query(
                """
                SELECT DISTINCT job_id, step_key FROM blocker WHERE raised_at >= ? AND TIMESTAMPDIFF(HOUR, raised_at, COALESCE(resolved_at, ?)) >= 12""",
                (r, n) -> new Run(r.getLong(1), texts.containsKey(r.getString(2)) ? title(texts.get(r.getString(2))) : ""),
                Timestamp.from(since), Timestamp.from(clock.now()));
        return new Runs(took.values().stream().map(s -> s[0] / s[1]).toList(),
                (int) stuck.stream().distinct().filter(took::containsKey).count());
    }

    private String title(StepText text) {
        return Legs.of(Phase.find(text.phase()).orElseThrow(), library.legs()).title();
    }
}
