package hingeyard.core.condition;

import java.util.Optional;

/**
 * How a point was found.
 *
 * @param note what was seen; needed where it is not good
 * @param lift on what ground the manager lifted a stop
 */
public record Found(ConditionPoint point, Grade grade, String note, Optional<Lift> lift) {

    /** Whether it stops the job now. */
    public boolean stops() {
        return grade == Grade.STOPS && lift.isEmpty();
    }

    /** Whether it adds work: graded so, or mended instead of stopping. */
    public boolean addsWork() {
        return grade == Grade.WITH_JOB || lift.filter(l -> l == Lift.MENDED).isPresent();
    }
}
