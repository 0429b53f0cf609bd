package hingeyard.core.plan;

import java.time.LocalDate;
import java.util.Optional;

/**
 * What the manager said about a job, by which every plan goes. What is forbidden does not reach back: what somebody has in hand they
 * finish, and a bike stays on the stand it is on.
 *
 * @param stand     the stand it is done on
 * @param person    whose hands do what is left of it
 * @param notBefore the first day anything is done on it
 * @param notOn     the stand it is not put on
 * @param notBy     whose hands are not to do it
 */
public record Pin(Optional<Integer> stand, Optional<String> person, Optional<LocalDate> notBefore, Optional<Integer> notOn,
        Optional<String> notBy) {

    public static final Pin NONE = new Pin(Optional.empty(), Optional.empty(), Optional.empty());

    /** One that forbids nothing. */
    public Pin(Optional<Integer> stand, Optional<String> person, Optional<LocalDate> notBefore) {
        this(stand, person, notBefore, Optional.empty(), Optional.empty());
    }

    public boolean saysNothing() {
        return equals(NONE);
    }

    /** Whether a stand that it is not on may be used. */
    boolean allowsOn(int number) {
        return stand.filter(s -> s != number).isEmpty() && notOn.filter(s -> s == number).isEmpty();
    }

    /** Whether somebody who has none of it in hand may do it. */
    boolean allowsBy(String name) {
        return person.filter(p -> !p.equals(name)).isEmpty() && notBy.filter(name::equals).isEmpty();
    }
}
