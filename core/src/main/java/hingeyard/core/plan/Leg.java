package hingeyard.core.plan;

import hingeyard.core.people.Skill;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A run of a job's steps between two points where the bike may rest.
 *
 * @param ordinal place among the legs of its job, from 0
 * @param title   what is done, in a few words
 * @param skills  what whoever does it alone is skilled in
 * @param minutes expected of somebody skilled, at least 1
 * @param hold    whether a second person looks at it before the next leg begins
 * @param doer    whose hands it is in already; empty while nobody has begun
 * @param waits   what must be over before it begins
 * @param steps   keys of its steps
 */
public record Leg(int ordinal, String title, LegPlace place, Set<Skill> skills, int minutes, boolean hold, Optional<String> doer,
        List<Wait> waits, List<String> steps) {

    public Leg {
        if (minutes < 1) {
            throw new IllegalArgumentException("minutes: %d, at least 1 is needed".formatted(minutes));
        }
        skills = Set.copyOf(skills);
        waits = List.copyOf(waits);
        steps = List.copyOf(steps);
    }

    /** The same with other waits. */
    public Leg waiting(List<Wait> others) {
        return new Leg(ordinal, title, place, skills, minutes, hold, doer, others, steps);
    }

    /** The same taking so long. */
    public Leg taking(int others) {
        return new Leg(ordinal, title, place, skills, others, hold, doer, waits, steps);
    }
}
