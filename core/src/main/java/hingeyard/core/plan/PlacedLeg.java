package hingeyard.core.plan;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

/**
 * A leg in its place.
 *
 * @param person  whose hands
 * @param stand   the stand its bike is on meanwhile; empty where it is on none
 * @param worked  when hands are at it, in order; more than one where closing time comes between
 * @param looked  when somebody else could have looked at it and the next leg can begin; its end where nobody must look
 * @param learner whether somebody skilled looks at it because whoever does it is learning
 */
public record PlacedLeg(long job, Leg leg, String person, Optional<Integer> stand, List<Stretch> worked, LocalDateTime looked,
        boolean learner) {

    /** Time without a break: {@code to} is later than {@code from}. */
    public record Stretch(LocalDateTime from, LocalDateTime to) {
    }

    public PlacedLeg {
        worked = List.copyOf(worked);
    }

    public LocalDateTime start() {
        return worked.get(0).from();
    }

    public LocalDateTime end() {
        return worked.get(worked.size() - 1).to();
    }
}
