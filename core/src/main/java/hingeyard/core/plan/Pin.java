package hingeyard.core.plan;

import java.time.LocalDate;
import java.util.Optional;

/**
 * What the manager said about a job, by which every plan goes.
 *
 * @param stand     the stand it is done on
 * @param person    whose hands do what is left of it
 * @param notBefore the first day anything is done on it
 */
public record Pin(Optional<Integer> stand, Optional<String> person, Optional<LocalDate> notBefore) {

    public static final Pin NONE = new Pin(Optional.empty(), Optional.empty(), Optional.empty());

    public boolean saysNothing() {
        return stand.isEmpty() && person.isEmpty() && notBefore.isEmpty();
    }
}
