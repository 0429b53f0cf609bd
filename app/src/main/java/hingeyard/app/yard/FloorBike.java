package hingeyard.app.yard;

import hingeyard.app.booking.JobCard;
import hingeyard.core.bike.BikeDrawing;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * A bike in its place.
 *
 * @param line        what happens next, in a few words
 * @param detail      what qualifies it; may be empty
 * @param tone        how it is marked
 * @param hands       who is at it
 * @param minutesLeft expected minutes of the steps still open
 * @param stepsDone   how many steps are finished
 * @param stuckSince  since when it is stuck
 * @param next        which view answers it: {@code arrival}, {@code sheet}, {@code hinge}, {@code bill} or {@code stand}
 */
record FloorBike(JobCard job, BikeDrawing drawing, String line, String detail, Tone tone, List<String> hands, Optional<Integer> minutesLeft,
                 int stepsDone, int steps, Optional<Instant> stuckSince, String next) {

    /** How a bike is marked. */
    enum Tone { PLAIN, ASKS, STUCK, READY }
}
