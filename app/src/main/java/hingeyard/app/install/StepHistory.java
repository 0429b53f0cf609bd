package hingeyard.app.install;

import hingeyard.app.live.LiveEvents;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.install.HistoryChain;
import hingeyard.core.install.HistoryChain.End;
import hingeyard.core.install.HistoryChain.Fault;
import hingeyard.core.install.HistoryChain.Mark;
import hingeyard.core.install.HistoryChain.Marked;
import hingeyard.core.install.WorkTimes;
import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** What happened to the steps of a job, linked into a chain. Whoever adds to it holds the job, so that two never follow the same entry. */
@Component
class StepHistory {

    /** What begins or ends somebody's time at a step. */
    private static final Set<StepEvent.What> TIMED = EnumSet.of(StepEvent.What.STARTED, StepEvent.What.TICKED, StepEvent.What.REFUSED,
            StepEvent.What.STUCK, StepEvent.What.PAUSED,
            StepEvent.What.REOPENED);

    private static final Duration LONGEST_WITHOUT_NETWORK = Duration.ofDays(1);

    /** What changes more than where the steps of the list stand. */
    private static final Set<StepEvent.What> REARRANGES = EnumSet.of(StepEvent.What.RESOLVED, StepEvent.What.REOPENED,
            StepEvent.What.MOVED);

    private final StepEventRows events;
    private final LiveEvents live;
    private final ShopClock clock;
    private final JdbcTemplate jdbc;
    private final HistoryKey key;

    StepHistory(StepEventRows events, LiveEvents live, ShopClock clock, JdbcTemplate jdbc, HistoryKey key) {
        this.key = key;
        this.events = events;
        this.live = live;
        this.clock = clock;
        this.jdbc = jdbc;
    }

    @Transactional(propagation = Propagation.MANDATORY)
    public void happened(StepRow row, StepEvent.What what, String detail, String by) {
        HistoryChain chain = key.chain();
        End before = written("step_history_end", row.jobId).map(Marked::end).orElse(End.NOTHING);
        StepEvent event = events.save(new StepEvent(row.jobId, row.stepKey, what, detail, by, clock.now(), chain, before));
        End end = new End(before.entries() + 1, event.hash);
        jdbc.update("""
                INSERT INTO step_history_end (job_id, entries, hash, mark) VALUES (?, ?, ?, ?)
                ON DUPLICATE KEY UPDATE entries = VALUES(entries), hash = VALUES(hash), mark = VALUES(mark)""",
                row.jobId, end.entries(), end.hash(), chain.mark(Mark.END, row.jobId, end));
        if (REARRANGES.contains(what)) {
            live.jobChanged(row.jobId);
        } else {
            live.stepChanged(row.jobId);
        }
    }

    /** What is wrong with the history of a job, in words; empty when every entry follows from those before it. */
    @Transactional(readOnly = true)
    Optional<String> broken(long job) {
        return key.chain().fault(job, events.findByJobIdOrderById(job).stream().map(StepEvent::linked).toList(),
                written("step_history_end", job), written("step_history_seal", job)).map(Fault::said);
    }

    /** One sentence for every job whose history is not as it was written; empty when all are whole. */
    @Transactional(readOnly = true)
    public List<String> findings() {
        return jdbc.queryForList("SELECT job_id FROM step_event UNION SELECT job_id FROM step_history_end ORDER BY job_id", Long.class)
                .stream()
                .flatMap(job -> broken(job).map(b -> "Job %d: %s".formatted(job, b)).stream()).toList();
    }

    /**
     * When something happened that a tablet tells of: by its own clock, but not after now and not before what happened last on that job,
     * whatever that clock says.
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public Instant bounded(long job, Optional<Instant> tapped) {
        Instant now = clock.now();
        if (tapped.isEmpty() || !tapped.get().isBefore(now)) {
            return now;
        }
        Timestamp last = jdbc.queryForObject("SELECT MAX(done_at) FROM step_event WHERE job_id = ?", Timestamp.class, job);
        Instant least = last == null ? now.minus(LONGEST_WITHOUT_NETWORK) : last.toInstant();
        return tapped.get().isAfter(least) ? tapped.get() : least.isBefore(now) ? least : now;
    }

    /**
     * How far a job's history goes, or was sealed. Not read off its entries: one that is taken off the end is missed by what comes next.
     */
    private Optional<Marked> written(String table, long job) {
        return jdbc.query("SELECT entries, hash, mark FROM %s WHERE job_id = ?".formatted(table),
                (r, n) -> new Marked(new End(r.getInt(1), r.getString(2)), r.getString(3)), job).stream().findFirst();
    }

    /** How long each person was at a job, until now. */
    @Transactional(readOnly = true)
    Map<String, Duration> times(long job) {
        return WorkTimes.of(jdbc
                .query("SELECT step_key, what, done_by, done_at FROM step_event WHERE job_id = ? ORDER BY id",
                        (r, n) -> new StepMoment(r.getString(1), StepEvent.What.valueOf(r.getString(2)),
                                r.getString(3), r.getTimestamp(4).toInstant()),
                        job)
                .stream().filter(m -> TIMED.contains(m.what)).map(StepMoment::moment).toList(), clock.now());
    }

    /** An entry as far as it begins or ends somebody's time. */
    private record StepMoment(String step, StepEvent.What what, String by, Instant at) {

        WorkTimes.Moment moment() {
            return new WorkTimes.Moment(step, what == StepEvent.What.STARTED, by, at);
        }
    }

    /** Everybody who was at a step of a job, by the step's key. */
    @Transactional(readOnly = true)
    Map<String, Set<String>> hands(long job) {
        Map<String, Set<String>> hands = new HashMap<>();
        jdbc.query("SELECT DISTINCT step_key, done_by FROM step_event WHERE job_id = ? AND what = 'STARTED'",
                r -> {
                    hands.computeIfAbsent(r.getString(1), k -> new HashSet<>()).add(r.getString(2));
                }, job);
        return hands;
    }

    /** How long hands were at one step, until now. */
    @Transactional(propagation = Propagation.MANDATORY)
    public Duration workedAt(StepRow row) {
        return WorkTimes.of(moments(events.findByJobIdAndStepKeyOrderById(row.jobId, row.stepKey)), clock.now()).values().stream()
                .reduce(Duration.ZERO, Duration::plus);
    }

    private static List<WorkTimes.Moment> moments(List<StepEvent> history) {
        return history.stream().filter(e -> TIMED.contains(e.what)).map(e -> new StepMoment(e.stepKey, e.what, e.doneBy, e.doneAt).moment())
                .toList();
    }

    @Transactional(readOnly = true)
    List<StepEvent> of(long job) {
        return events.findByJobIdOrderById(job);
    }
}
