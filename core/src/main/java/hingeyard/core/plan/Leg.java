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
 * @param tools   the special tools it takes, from its beginning to its end
 * @param rest    time that has to pass after an earlier leg of the job and takes nobody's hands
 */
public record Leg(int ordinal, String title, LegPlace place, Set<Skill> skills, int minutes, boolean hold, Optional<String> doer,
        List<Wait> waits, List<String> steps, Set<String> tools, Optional<Rested> rest) {

    /**
     * Something cures or settles.
     *
     * @param since   ordinal of the leg from whose end it counts, less than the leg's own
     * @param minutes how long
     * @param why     what happens meanwhile
     */
    public record Rested(int since, int minutes, String why) {
    }

    public Leg {
        if (minutes < 1) {
            throw new IllegalArgumentException("minutes: %d, at least 1 is needed".formatted(minutes));
        }
        skills = Set.copyOf(skills);
        waits = List.copyOf(waits);
        steps = List.copyOf(steps);
        // Plans that were agreed before there were special tools do not name any.
        tools = tools == null ? Set.of() : Set.copyOf(tools);
        rest = rest == null ? Optional.empty() : rest;
        int own = ordinal;
        rest.filter(r -> r.since() >= own).ifPresent(r -> {
            throw new IllegalArgumentException("rest: since leg %d, one before leg %d is needed".formatted(r.since(), own));
        });
    }

    /** One that takes no special tool. */
    public Leg(int ordinal, String title, LegPlace place, Set<Skill> skills, int minutes, boolean hold, Optional<String> doer,
            List<Wait> waits, List<String> steps) {
        this(ordinal, title, place, skills, minutes, hold, doer, waits, steps, Set.of(), Optional.empty());
    }

    /** The same with other waits. */
    public Leg waiting(List<Wait> others) {
        return new Leg(ordinal, title, place, skills, minutes, hold, doer, others, steps, tools, rest);
    }

    /** The same some time after an earlier one. */
    public Leg resting(Rested after) {
        return new Leg(ordinal, title, place, skills, minutes, hold, doer, waits, steps, tools, Optional.of(after));
    }

    /** The same taking so long. */
    public Leg taking(int others) {
        return new Leg(ordinal, title, place, skills, others, hold, doer, waits, steps, tools, rest);
    }
}
