package hingeyard.core.bike;

import hingeyard.core.quantity.Length;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

/**
 * What readings from elsewhere (a photo, a file, another bike) would do to a survey. A surer value is never silently replaced:
 * what a caliper said stays until somebody chooses otherwise.
 */
public final class SurveyMerge {

    /** What happens to one reading. */
    public enum Outcome {
        /** The measure is open: it is entered. */
        NEW,
        /** The same value is there already. */
        SAME,
        /** It takes the place of one that is no surer. */
        REPLACES,
        /** A surer value is there: it is left alone unless somebody chooses this one. */
        KEPT_BACK,
        /** The bike has no such thing. */
        NOT_ON_THIS_KIND
    }

    /**
     * One reading and what becomes of it.
     *
     * @param inForce what the survey holds now
     * @param apart   how far a length is from the one in force
     */
    public record Line(Reading incoming, Optional<Reading> inForce, Outcome outcome, Optional<Length> apart) {

        /** Whether it is entered without anybody being asked. */
        public boolean entersByItself() {
            return outcome == Outcome.NEW || outcome == Outcome.REPLACES;
        }
    }

    private SurveyMerge() {
    }

    public static List<Line> plan(BikeKind kind, FrameSurvey survey, Collection<? extends Reading> incoming) {
        return incoming.stream().map(r -> line(kind, survey, r)).toList();
    }

    private static Line line(BikeKind kind, FrameSurvey survey, Reading incoming) {
        Optional<Reading> now = survey.reading(incoming.measure());
        Optional<Length> apart = now.filter(Reading.OfLength.class::isInstance)
                .map(n -> ((Reading.OfLength) incoming).value().minus(((Reading.OfLength) n).value()));
        Outcome outcome = !incoming.measure().concerns(kind) ? Outcome.NOT_ON_THIS_KIND
                : now.isEmpty() ? Outcome.NEW
                        : now.get().text().equals(incoming.text()) && now.get().tool() == incoming.tool() ? Outcome.SAME
                                : incoming.tool().mayReplace(now.get().tool()) ? Outcome.REPLACES : Outcome.KEPT_BACK;
        return new Line(incoming, now, outcome, apart);
    }
}
