package hingeyard.app.install;

import hingeyard.app.problem.Refused;
import hingeyard.app.shop.ToolsInSteps;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.install.LearnedMinutes;
import hingeyard.core.install.Step;
import hingeyard.core.install.StepSource;
import hingeyard.core.install.Work;
import hingeyard.core.install.library.FragmentText;
import hingeyard.core.install.library.GuardLint;
import hingeyard.core.install.library.LegPart;
import hingeyard.core.install.library.ReverseLint;
import hingeyard.core.install.library.StepLibrary;
import hingeyard.core.install.library.StepText;
import hingeyard.formats.FragmentEdit;
import hingeyard.formats.StepLibraryFiles;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The step library as this shop has it: what ships, with the fragments it changed or wrote, and what it has learned beside the book. */
@Component
public class LibraryInForce implements StepSource, ToolsInSteps {

    private static final long BETWEEN_NANOS = 1_000_000_000L;

    /**
     * A fragment of the shop's own.
     *
     * @param reason why it was changed
     */
    record Change(String fragment, int version, String reason, String by, Instant at) {
    }

    private record Snapshot(long lastChange, StepLibrary library) {
    }

    private final StepLibraryFiles.Shipped shipped = StepLibraryFiles.shipped();
    private final JdbcTemplate jdbc;
    private final ShopClock clock;
    private volatile Snapshot snapshot = new Snapshot(-1, null);
    private volatile long askedAt;

    LibraryInForce(JdbcTemplate jdbc, ShopClock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /**
     * Looked up by its last change, so that another instance's is seen too; not oftener than every second, for a shortlist asks thousands
     * of times.
     */
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
        jdbc.query(
                "SELECT f.body FROM step_fragment f JOIN (SELECT fragment, MAX(version) v FROM step_fragment GROUP BY fragment) l ON l.fragment = f.fragment AND l.v = f.version ORDER BY f.id",
                r -> {
                    FragmentText own = ReverseLint.completed(
                            GuardLint.completed(StepLibraryFiles.read(r.getString(1)), shipped.fragments()),
                            shipped.fragments());
                    all.put(own.fragment(), own);
                });
        return new ArrayList<>(all.values());
    }

    /** Runs of work between which a bike may rest. */
    public List<LegPart> legs() {
        return shipped.legs();
    }

    /** Every step of the library as it is written, by its key. */
    Map<String, StepText> texts() {
        return now().fragments().stream().flatMap(s -> s.steps().stream()).collect(Collectors.toMap(StepText::key, t -> t, (a, b) -> a));
    }

    /** What ships or what the shop wrote last, as text. */
    String text(String fragment) {
        List<String> own = jdbc.queryForList("SELECT body FROM step_fragment WHERE fragment = ? ORDER BY version DESC LIMIT 1",
                String.class, fragment);
        return own.isEmpty() ? shipped.texts().get(shipped.fragments().stream().map(FragmentText::fragment).toList().indexOf(fragment))
                : own.get(0);
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
        jdbc.update("INSERT INTO step_fragment (fragment, version, body, reason, changed_by, changed_at) VALUES (?, ?, ?, ?, ?, ?)",
                fragment.fragment(), fragment.version(), yaml, reason, by,
                Timestamp.from(clock.now()));
        snapshot = new Snapshot(-1, null);
    }

    /** The version a changed fragment must have. */
    int nextVersion(String fragment) {
        return now().find(fragment).map(FragmentText::version).orElse(0) + 1;
    }

    /** What the shop's own finished steps say beside the book. */
    public LearnedMinutes learned() {
        Map<String, List<Integer>> samples = new HashMap<>();
        jdbc.query("SELECT step_key, worked_seconds FROM step WHERE worked_seconds IS NOT NULL AND state IN ('DONE', 'INSPECTED')",
                r -> {
                    samples.computeIfAbsent(r.getString(1), k -> new ArrayList<>()).add(r.getInt(2));
                });
        return LearnedMinutes.of(samples, texts().values().stream().collect(Collectors.toMap(StepText::key, StepText::minutes)));
    }

    /**
     * The manager takes what was learned of a step over into the book: the fragment's next version, in which nothing but that number is
     * another. Prices follow it
     * from then on; jobs that have begun keep their steps.
     *
     * @param seen minutes as they were shown
     * @throws Refused when the shop has learned something else meanwhile, or nothing
     */
    @Transactional
    public void takeOver(String key, int seen, String by) {
        FragmentText fragment = now().fragments().stream().filter(f -> f.steps().stream().anyMatch(s -> s.key().equals(key))).findFirst()
                .orElseThrow(() -> Refused.notFound("step", key));
        StepText step = fragment.steps().stream().filter(s -> s.key().equals(key)).findFirst().orElseThrow();
        int minutes = learned().of(key).minutes()
                .orElseThrow(() -> Refused.conflict("The shop has not learned how long '%s' takes.".formatted(step.title())));
        if (minutes != seen) {
            throw Refused.conflict(
                    "'%s' takes %d minutes by what was learned since, not %d. Nothing was saved.".formatted(step.title(), minutes, seen));
        }
        String yaml = FragmentEdit.minutes(text(fragment.fragment()), fragment.version() + 1, key, minutes)
                .orElseThrow(() -> Refused
                        .conflict("The minutes of '%s' cannot be found in its text as it is written: change them there by hand."
                                .formatted(step.title())));
        keep(tried(yaml), yaml, "%s: %d min learned here, %d by the book before".formatted(step.title(), minutes, step.minutes()), by);
    }

    @Override
    public Set<String> tools() {
        return shipped.tools();
    }

    @Override
    public List<Step> steps(Work work) {
        return now().steps(work);
    }

    @Override
    public List<Step> takenOff(Work work) {
        return now().takenOff(work);
    }

    @Override
    public Object state() {
        return now();
    }

    @Override
    public int minutes(Work work) {
        return now().minutes(work);
    }
}
