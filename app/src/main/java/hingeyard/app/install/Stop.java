package hingeyard.app.install;

import hingeyard.core.install.Blocker;
import java.util.Optional;

/**
 * What stops a step, as whoever is at it says.
 *
 * @param what    in words
 * @param part    the part it is about; blank for none
 * @param checkId the finding it is about; blank for none
 * @param photo   a picture of it
 * @param mustAct whose turn it is; empty for whose it usually is
 */
public record Stop(Blocker.Kind kind, String what, String part, String checkId, Optional<Long> photo, Optional<Blocker.Who> mustAct) {

    /** A stop of which nothing but kind and words is said. */
    public static Stop of(Blocker.Kind kind, String what) {
        return new Stop(kind, what, "", "", Optional.empty(), Optional.empty());
    }
}
