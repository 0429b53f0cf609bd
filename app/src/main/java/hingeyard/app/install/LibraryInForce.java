package hingeyard.app.install;

import hingeyard.app.wiring.ShopClock;
import hingeyard.core.install.LearnedMinutes;
import hingeyard.core.install.Step;
import hingeyard.core.install.StepSource;
import hingeyard.core.install.Work;
import hingeyard.core.install.library.FragmentText;
import hingeyard.core.install.library.StepLibrary;
import hingeyard.formats.StepLibraryFiles;
import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The step library as this shop has it: what ships, with the fragments it changed or wrote, and the minutes it has learned. */
@Component
public class LibraryInForce implements StepSource {

    /** So long a learned minute may be old. */
    private static final long BETWEEN_NANOS = 1_000_000_000L;
    private static final Duration LEARNED_FOR = Duration.ofMinutes(1);

    /**
     * A fragment of the shop's own.
     *
     * @param reason why it was changed
     */
    record Change(String fragment, int version, String reason, String by, Instant at) {
    }

    private record Snapshot(long lastChange, StepLibrary library) {
    }

    private record Learned(Instant at, LearnedMinutes minutes) {
    }

    private final StepLibraryFiles.Shipped shipped = StepLibraryFiles.shipped();
    private final JdbcTemplate jdbc;
    private final ShopClock clock;
    private volatile Snapshot snapshot = new Snapshot(-1, null);
    private volatile long askedAt;
    private volatile Learned learned = new Learned(Instant.MIN, LearnedMinutes.none());

    LibraryInForce(JdbcTemplate jdbc, ShopClock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** Looked up by its last change, so that another instance's is seen too; not oftener than every second, for a shortlist asks thousands of times. */
    public StepLibrary now() {
        if (snapshot.library != null && System.nanoTime() - askedAt < BETWEEN_NANOS) {
            return snapshot.library;
        }
        askedAt = System.nanoTime();
        long last = jdbc.queryForObject("SELECT COALESCE(MAX(id), 0) FROM step_fragment", Long.class);
        Snapshot known = snapshot;
        if (known.lastChange != last) {
            known = new Snapshot(last, new StepLibrary(fragments(), shipped.tools()));
            snapshot = known;
        }
        return known.library;
    }

    private List<FragmentText> fragments() {
        Map<String, FragmentText> all = new LinkedHashMap<>();
        shipped.fragments().forEach(f -> all.put(f.fragment(), f));
        jdbc.query("SELECT f.body FROM step_fragment f JOIN (SELECT fragment, MAX(version) v FROM step_fragment GROUP BY fragment) l ON l.fragment = f.fragment AND l.v = f.version ORDER BY f.id",
                r -> {
                    FragmentText own = StepLibraryFiles.read(r.getString(1));
                    all.put(own.fragment(), own);
                });
        return new ArrayList<>(all.values());
    }

    /** What ships or what the shop wrote last, as text. */
    String text(String fragment) {
        List<String> own = jdbc.queryForList("SELECT body FROM step_fragment WHERE fragment = ? ORDER BY version DESC LIMIT 1", String.class, fragment);
        return own.isEmpty() ? shipped.texts().get(shipped.fragments().stream().map(FragmentText::fragment).toList().indexOf(fragment)) : own.get(0);
    }

    List<Change> changes() {
        return jdbc.query("SELECT fragment, version, reason, changed_by, changed_at FROM step_fragment ORDER BY id DESC LIMIT 200",
                (r, n) -> new Change(r.getString(1), r.getInt(2), r.getString(3), r.getString(4), r.getTimestamp(5).toInstant()));
    }

    /**
     * Reads a fragment beside the library in force; keeps nothing.
     *
     * @throws hingeyard.formats.UnreadableSheetException naming line, column and reason of everything that is wrong
     */
    FragmentText tried(String yaml) {
        return StepLibraryFiles.read(yaml, now().fragments(), shipped.tools());
    }

    /** Keeps a fragment as the shop's own next version. */
    @Transactional
    public void keep(FragmentText fragment, String yaml, String reason, String by) {
        jdbc.update("INSERT INTO step_fragment (fragment, version, body, reason, changed_by, changed_at) VALUES (?, ?, ?, ?, ?, ?)", fragment.fragment(), fragment.version(), yaml, reason, by,
                Timestamp.from(clock.now()));
        snapshot = new Snapshot(-1, null);
    }

    /** The version a changed fragment must have. */
    int nextVersion(String fragment) {
        return now().find(fragment).map(FragmentText::version).orElse(0) + 1;
    }

    LearnedMinutes learned() {
        Learned known = learned;
        if (known.at.isBefore(clock.now().minus(LEARNED_FOR))) {
            Map<String, List<Integer>> samples = new HashMap<>();
            jdbc.query("SELECT step_key, worked_seconds FROM step WHERE worked_seconds IS NOT NULL AND state IN ('DONE', 'INSPECTED')",
                    r -> {
                        samples.computeIfAbsent(r.getString(1), k -> new ArrayList<>()).add(r.getInt(2));
                    });
            known = new Learned(clock.now(), LearnedMinutes.of(samples));
            learned = known;
        }
        return known.minutes;
    }

    @Override
    public List<Step> steps(Work work) {
        return learned().on(now().steps(work));
    }

    @Override
    public Object state() {
        return List.of(now(), learned());
    }

    @Override
    public int minutes(Work work) {
        return now().minutes(work, learned());
    }
}
