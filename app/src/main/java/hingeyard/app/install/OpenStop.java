package hingeyard.app.install;

import hingeyard.core.install.Blocker;
import java.time.Instant;
import java.util.Optional;

/**
 * A stop as it is told, open or resolved.
 *
 * @param stepTitle the step that is stuck
 * @param asked     what the customer was asked; empty while nobody asked
 * @param resolved  how it ended; absent while it is open
 */
public record OpenStop(long id, long job, String stepKey, String stepTitle, Blocker.Kind kind, String kindLabel, String what, String part,
        String checkId, Optional<Long> photo,
        Blocker.Who mustAct, String mustActLabel, String asked, String by, Instant at, Optional<String> resolved, Optional<String> words,
        Optional<String> resolvedBy,
        Optional<Instant> resolvedAt) {
}
