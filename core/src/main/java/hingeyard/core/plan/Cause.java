package hingeyard.core.plan;

import java.time.LocalDateTime;
import java.util.Optional;

/**
 * Why a leg does not begin earlier: one link of a chain.
 *
 * @param kind     what keeps it
 * @param job      whose leg is kept
 * @param ordinal  which leg
 * @param start    when it begins
 * @param sentence the reason in words
 * @param by       the leg that keeps it, from which the chain goes on; empty at the chain's end
 * @param without  when it would begin without this one reason, everything else as it is; its start where two reasons hold it alike
 */
public record Cause(Kind kind, long job, int ordinal, LocalDateTime start, String sentence, Optional<Of> by, LocalDateTime without) {

    /** A leg by its name. */
    public record Of(long job, int ordinal) {
    }

    /** What keeps a leg; each asks for another cure. */
    public enum Kind {
        WAIT,
        EARLIER_LEG,
        STAND,
        HANDS,
        TOOL,
        SAME_HANDS,
        HOURS,
        SAID,
        AGREED,
        NOTHING
    }
}
