package hingeyard.app.install;

import hingeyard.app.booking.Jobs;
import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.explain.Ruling;
import hingeyard.core.install.Blocker;
import hingeyard.core.install.StepState;
import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** What stops steps: raised at the stand, resolved there or by the manager, and counted. */
@Service
public class Blockers {

    private static final Duration TOLD_FOR = Duration.ofDays(3);

    private final BlockerRows blockers;
    private final StepRows steps;
    private final StepHistory history;
    private final Jobs jobs;
    private final ShopClock clock;
    private final BilledParts billed;

    Blockers(BlockerRows blockers, StepRows steps, StepHistory history, Jobs jobs, ShopClock clock, BilledParts billed) {
        this.blockers = blockers;
        this.steps = steps;
        this.history = history;
        this.jobs = jobs;
        this.clock = clock;
        this.billed = billed;
    }

    @Transactional(propagation = Propagation.MANDATORY)
    void raise(StepRow step, Stop stop, String by) {
        blockers.save(new BlockerRow(step, stop, billed.bill(step.jobId).orElse(null), by, clock.now()));
    }

    /** What was found is what stops the step now. */
    @Transactional(propagation = Propagation.MANDATORY)
    void becomes(StepRow step, Stop found) {
        BlockerRow row = blockers.open(step.jobId, step.stepKey)
                .orElseThrow(() -> Refused.conflict("'%s' is not stuck.".formatted(step.step().title())));
        rule(Blocker.mayBecome(row.kind, found.kind(), step.step().title()));
        row.kind = found.kind();
        row.what = found.what();
        row.mustAct = found.mustAct().orElse(found.kind().mustAct());
    }

    /** Whoever starts a stuck step again says that it is cleared. */
    @Transactional(propagation = Propagation.MANDATORY)
    void cleared(StepRow step, boolean manager, String by) {
        blockers.open(step.jobId, step.stepKey).ifPresent(b -> {
            rule(Blocker.mayClear(b.kind, step.step().title(), manager));
            end(b, Blocker.Resolution.CLEARED, "", by);
        });
    }

    /** A step that is planned anew with other parts is stuck no longer. */
    @Transactional(propagation = Propagation.MANDATORY)
    void overtaken(StepRow step, String why, String by) {
        blockers.open(step.jobId, step.stepKey).ifPresent(b -> end(b, Blocker.Resolution.SWAPPED_PARTS, why, by));
    }

    private void end(BlockerRow blocker, Blocker.Resolution how, String words, String by) {
        blocker.resolution = how;
        blocker.words = words;
        blocker.resolvedBy = by;
        blocker.resolvedAt = clock.now();
    }

    /** Open stops, and those resolved in the last days; the longest waiting first. */
    @Transactional(readOnly = true)
    public List<OpenStop> open() {
        return told(blockers.openOrSince(clock.now().minus(TOLD_FOR)));
    }

    private List<OpenStop> told(List<BlockerRow> rows) {
        Map<String, String> titles = steps.findByJobIdInOrderByJobIdAscOrdinalAsc(rows.stream().map(b -> b.jobId).distinct().toList())
                .stream()
                .collect(Collectors.toMap(s -> s.jobId + " " + s.stepKey, s -> s.step().title(), (a, b) -> a));
        return rows.stream().map(b -> b.told(titles.getOrDefault(b.jobId + " " + b.stepKey, b.stepKey))).toList();
    }

    /** Names of the parts on a job's bill, for saying what a stop is about. */
    public List<String> partsOf(long job) {
        return billed.names(job);
    }

    /** How long these jobs were stuck in all, by job. */
    @Transactional(readOnly = true)
    public Map<Long, Duration> stuckTimes(Collection<Long> of) {
        Instant now = clock.now();
        return blockers.ofJobs(of).stream().collect(Collectors.toMap(b -> b.jobId,
                b -> Duration.between(b.raisedAt, b.resolvedAt == null ? now : b.resolvedAt), Duration::plus));
    }

    /** A stop that waits still, its job held. */
    @Transactional(propagation = Propagation.MANDATORY)
    public OpenStop held(long job, long id) {
        jobs.hold(job);
        return told(List.of(waiting(job, id))).get(0);
    }

    private BlockerRow waiting(long job, long id) {
        BlockerRow row = blockers.findById(id).filter(b -> b.jobId == job).orElseThrow(() -> Refused.notFound("stop", id));
        if (row.resolvedAt != null) {
            throw Refused.conflict("%s resolved this already: %s.".formatted(row.resolvedBy, row.resolution.label()));
        }
        return row;
    }

    /**
     * Says how a stop ends, or that it goes on waiting for the customer.
     *
     * @param added whether work was added with it
     * @param hat   as whom somebody decides
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void resolve(long job, long id, Blocker.Resolution how, String words, boolean added, Blocker.Who hat, String by) {
        BlockerRow row = waiting(job, id);
        rule(Blocker.mayDecide(row.kind, row.mustAct, how, hat));
        Long now = billed.bill(job).orElse(null);
        rule(Blocker.mayResolve(how, now != null && !now.equals(row.billId), added));
        StepRow step = steps.findByJobIdOrderByOrdinal(job).stream().filter(s -> s.stepKey.equals(row.stepKey)).findFirst()
                .orElseThrow(() -> Refused.notFound("step", row.stepKey));
        if (how.ends()) {
            end(row, how, words, by);
            if (step.state == StepState.STUCK) {
                if (how == Blocker.Resolution.ANOTHER_KIT) {
                    // As far as it went it is on the bike, and comes off with the rest.
                    step.state = StepState.PAUSED;
                } else {
                    step.openAgain();
                }
            }
        } else if (how == Blocker.Resolution.ASKED_CUSTOMER) {
            row.mustAct = Blocker.Who.CUSTOMER;
            row.asked = words;
        }
        history.happened(step, StepEvent.What.RESOLVED, how.label() + (words.isBlank() ? "" : ": " + words), by);
    }

    private static void rule(Ruling ruling) {
        if (!ruling.allowed()) {
            throw Refused.conflict(ruling.reason());
        }
    }
}
