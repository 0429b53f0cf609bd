package hingeyard.app.arrival;

import hingeyard.core.condition.ConditionCatalogue;
import hingeyard.core.condition.Found;
import hingeyard.core.condition.Grade;
import hingeyard.core.condition.Lift;
import java.util.Optional;

/**
 * A point as it was graded, for whoever reads many jobs at once.
 *
 * @param lift null where nobody lifted it
 */
record Graded(long job, String point, Grade grade, String note, Lift lift) {

    /** Empty when the catalogue no longer knows the point. */
    Optional<Found> found() {
        return ConditionCatalogue.find(point).map(p -> new Found(p, grade, note, Optional.ofNullable(lift)));
    }
}
