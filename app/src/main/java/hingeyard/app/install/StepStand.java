package hingeyard.app.install;

import hingeyard.core.install.StepRun;
import java.time.Instant;
import java.util.Optional;

/**
 * Where a step stands, for other features.
 *
 * @param run        the step and its state
 * @param startedAt  when it was started last
 * @param stuckReason why it is stuck
 * @param stuckSince since when
 */
public record StepStand(StepRun run, Optional<Instant> startedAt, Optional<String> stuckReason, Optional<Instant> stuckSince) {
}
