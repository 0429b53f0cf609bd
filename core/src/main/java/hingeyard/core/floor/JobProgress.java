package hingeyard.core.floor;

import hingeyard.core.explain.Ruling;

/**
 * What the floor needs to know of a job.
 *
 * @param arrived     whether the bike is in the house
 * @param billed      whether its parts are reserved
 * @param running     whether a step is running
 * @param powered     whether it has had its first power
 * @param allFinished whether every step is finished and inspected
 * @param comingOff   whether its kit comes off again and is not settled
 * @param condition   whether the arrival check lets the job go on
 */
public record JobProgress(boolean arrived, boolean billed, boolean running, boolean powered, boolean allFinished, boolean comingOff,
        Ruling condition) {
}
