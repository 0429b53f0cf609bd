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

    /** Whether it adds work: still to be done, or done already. */
    public boolean addsWork() {
        return toDo() || mended();
    }

    /** Whether it is done with the job, by a step of its own. */
    public boolean toDo() {
        return grade == Grade.WITH_JOB;
    }

    /** Whether it stopped the job and was mended before it went on: charged, and not done again. */
    public boolean mended() {
        return lift.filter(l -> l == Lift.MENDED).isPresent();
    }

    /** Minutes that were spent on it before the steps. */
    public int minutesSpent() {
        return mended() ? point.minutes() : 0;
    }
}
