package hingeyard.core.plan;

import hingeyard.core.booking.JobPriority;
import hingeyard.core.quantity.Mass;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * A job that is planned.
 *
 * @param number   on its tag
 * @param promised the day the customer was told; empty while nobody said any
 * @param stand    the stand its bike is on now; empty while it is on none
 * @param bike     what the bike weighs, as it came; empty while nobody weighed it
 * @param kit      what its kit adds
 * @param pin      what the manager said about it
 * @param legs     what is left, in order; at least one
 */
public record PlanJob(long number, JobPriority priority, Optional<LocalDate> promised, Optional<Integer> stand, Optional<Mass> bike,
        Mass kit, Pin pin, List<Leg> legs) {

    public PlanJob {
        legs = List.copyOf(legs);
        if (legs.isEmpty()) {
            throw new IllegalArgumentException("legs: none, job %d needs at least one".formatted(number));
        }
    }

    /** The same with other legs. */
    public PlanJob with(List<Leg> others) {
        return new PlanJob(number, priority, promised, stand, bike, kit, pin, others);
    }

    /** The same as whoever comes before others. */
    public PlanJob ranked(JobPriority other) {
        return new PlanJob(number, other, promised, stand, bike, kit, pin, legs);
    }

    /** The same with something else said about it. */
    public PlanJob pinned(Pin other) {
        return new PlanJob(number, priority, promised, stand, bike, kit, other, legs);
    }

    /** The same promised for another day. */
    public PlanJob promisedFor(LocalDate day) {
        return new PlanJob(number, priority, Optional.of(day), stand, bike, kit, pin, legs);
    }

    /** The same with its bike taken off its stand. */
    public PlanJob off() {
        return new PlanJob(number, priority, promised, Optional.empty(), bike, kit, pin, legs);
    }
}
