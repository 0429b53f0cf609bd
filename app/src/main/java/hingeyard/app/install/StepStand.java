package hingeyard.app.install;

import hingeyard.core.install.StepRun;
import java.time.Instant;
import java.util.Optional;

/**
 * Where a step stands.
 *
 * @param run the step and its state
 * @param at  what is written down of it
 */
public record StepStand(StepRun run, At at) {

    /**
     * What is written down of a step.
     *
     * @param id          of its row
     * @param startedAt   when it was started last
     * @param stuckReason why it is stuck
     * @param stuckSince  since when
     * @param handover    who left it half done, and what whoever goes on must know
     */
    public record At(long id, Optional<Instant> startedAt, Optional<Instant> doneAt, Optional<String> inspectedBy,
            Optional<String> stuckReason, Optional<Instant> stuckSince, Optional<String> handover) {
    }
}
