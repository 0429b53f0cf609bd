package hingeyard.core.floor;

import hingeyard.core.bike.Shape.Ink;
import hingeyard.core.install.RemainingWork;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * How a job stands, in the few words of its tag.
 *
 * @param line        what happens next, in a few words
 * @param detail      what qualifies it; may be empty
 * @param tone        how it is marked
 * @param hands       who is at it
 * @param minutesLeft expected minutes of the steps still open
 * @param stepsDone   how many steps are finished
 * @param stuckSince  since when it is stuck
 * @param asks        where it stands among the bikes that ask something of somebody, a key to sort by; empty for one that asks nothing
 * @param next        which view answers it: {@code arrival}, {@code sheet}, {@code hinge}, {@code bill} or {@code stand}
 * @param motor       how the motor is drawn
 * @param battery     how the battery is drawn
 */
public record FloorStanding(long job, String line, String detail, Tone tone, List<String> hands, Optional<Integer> minutesLeft,
        int stepsDone,
        int steps, Optional<Instant> stuckSince, String asks, String next,
        Ink motor, Ink battery) {

    /** What is left to do on it. */
    public RemainingWork work() {
        return new RemainingWork(stepsDone, steps, minutesLeft.orElse(0));
    }

    /** How a bike is marked. */
    public enum Tone {
        /** What stands still comes first of what is asked of people, then what waits for a word, then what is finished. */
        STUCK,
        ASKS,
        READY,
        PLAIN
    }
}
