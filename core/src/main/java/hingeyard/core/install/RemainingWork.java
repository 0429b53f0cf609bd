package hingeyard.core.install;

import hingeyard.core.booking.JobKind;
import java.util.List;

/**
 * What is left to do on a job, for whoever plans by it: the yard's bars, the days a booking is offered, the stand.
 *
 * @param finished steps done, and inspected where they want it, or left out
 * @param steps    in all; 0 while none are planned
 * @param minutes  expected of those that are open, in work or waiting for a second person
 */
public record RemainingWork(int finished, int steps, int minutes) {

    /** A working day of eight hours in quarters. */
    private static final int MINUTES_IN_QUARTER = 120;

    public static RemainingWork of(List<StepRun> runs) {
        int finished = 0;
        int minutes = 0;
        for (StepRun run : runs) {
            finished += run.finished() ? 1 : 0;
            minutes += run.finished() ? 0 : run.step().minutes();
        }
        return new RemainingWork(finished, runs.size(), minutes);
    }

    public boolean planned() {
        return steps > 0;
    }

    /** Time on a stand in quarters of a working day, begun ones whole; as the kind of job usually takes while nothing is planned. */
    public int quarterDays(JobKind kind) {
        return planned() ? (minutes + MINUTES_IN_QUARTER - 1) / MINUTES_IN_QUARTER : kind.quarterDays();
    }
}
