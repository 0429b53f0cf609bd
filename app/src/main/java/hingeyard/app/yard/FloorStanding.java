package hingeyard.app.yard;

import hingeyard.core.bike.Shape.Ink;
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
 * @param next        which view answers it: {@code arrival}, {@code sheet}, {@code hinge}, {@code bill} or {@code stand}
 * @param motor       how the motor is drawn
 * @param battery     how the battery is drawn
 */
record FloorStanding(long job, String line, String detail, Tone tone, List<String> hands, Optional<Integer> minutesLeft, int stepsDone,
        int steps, Optional<Instant> stuckSince, String next,
        Ink motor, Ink battery) {

    /** How a bike is marked. */
    enum Tone {
        PLAIN,
        ASKS,
        STUCK,
        READY
    }
}
