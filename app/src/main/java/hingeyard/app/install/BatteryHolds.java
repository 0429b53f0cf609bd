package hingeyard.app.install;

import hingeyard.app.booking.Jobs;
import hingeyard.app.live.LiveEvents;
import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.explain.Ruling;
import hingeyard.core.install.StepRules;
import hingeyard.core.install.StepRun;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A job's battery is out for as long as somebody holds it out; whoever wants power asks, and gets it when all have let go. */
@Service
public class BatteryHolds {

    /** @param askedBy who wants power meanwhile, and for what; absent while nobody does */
    record Hold(String person, Instant since, Optional<String> askedBy, Optional<String> askedFor) {
    }

    private final StepReading reading;
    private final Jobs jobs;
    private final LiveEvents live;
    private final ShopClock clock;
    private final JdbcTemplate jdbc;

    BatteryHolds(StepReading reading, Jobs jobs, LiveEvents live, ShopClock clock, JdbcTemplate jdbc) {
        this.reading = reading;
        this.jobs = jobs;
        this.live = live;
        this.clock = clock;
        this.jdbc = jdbc;
    }

    List<Hold> of(long job) {
        return jdbc.query("SELECT person, held_at, asked_by, asked_for FROM battery_hold WHERE job_id = ? ORDER BY held_at",
                (r, n) -> new Hold(r.getString(1), r.getTimestamp(2).toInstant(),
                        Optional.ofNullable(r.getString(3)), Optional.ofNullable(r.getString(4))),
                job);
    }

    /**
     * @throws Refused while a step runs with power on the bike: a hold says that the battery is out
     */
    @Transactional
    public void hold(long job, String by) {
        jobs.hold(job);
        List<StepRun> runs = reading.of(List.of(job)).getOrDefault(job, List.of()).stream().map(StepStand::run).toList();
        Ruling may = StepRules.mayHoldBatteryOut(runs);
        if (!may.allowed()) {
            throw Refused.conflict(may.reason());
        }
        jdbc.update("INSERT IGNORE INTO battery_hold (job_id, person, held_at) VALUES (?, ?, ?)", job, by, Timestamp.from(clock.now()));
        live.jobChanged(job);
    }

    @Transactional
    public void letGo(long job, String by) {
        jdbc.update("DELETE FROM battery_hold WHERE job_id = ? AND person = ?", job, by);
        live.jobChanged(job);
    }

    /**
     * Whoever starts a step with power on the bike needs everybody's word.
     *
     * @throws Refused while others hold the battery out; they are asked
     */
    void ask(StepRow step, String by) {
        if (!step.step().powersBike()) {
            return;
        }
        List<String> others = of(step.jobId).stream().map(Hold::person).filter(p -> !p.equals(by)).toList();
        if (!others.isEmpty()) {
            throw new HeldOut(step.jobId, step.step().title(), others);
        }
        jdbc.update("DELETE FROM battery_hold WHERE job_id = ? AND person = ?", step.jobId, by);
    }

    /** Kept apart from the refusal, whose transaction leaves nothing behind. */
    @Transactional
    public void remember(HeldOut asked, String by) {
        jdbc.update("UPDATE battery_hold SET asked_by = ?, asked_for = ?, asked_at = ? WHERE job_id = ? AND person <> ?", by, asked.title,
                Timestamp.from(clock.now()), asked.job, by);
        live.jobChanged(asked.job);
    }

    /** Somebody holds the battery out. */
    static final class HeldOut extends RuntimeException {
        private final long job;
        private final String title;

        HeldOut(long job, String title, List<String> people) {
            super("%s %s the battery out of this bike. %s asked; '%s' starts when they let go.".formatted(
                    people.stream().collect(Collectors.joining(" and ")), people.size() == 1 ? "holds" : "hold",
                    people.size() == 1 ? "They are" : "All are", title));
            this.job = job;
            this.title = title;
        }
    }
}
