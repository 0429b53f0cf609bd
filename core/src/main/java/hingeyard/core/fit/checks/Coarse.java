package hingeyard.core.fit.checks;

import hingeyard.core.bike.LengthMeasure;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.Reading;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Sentence;
import hingeyard.core.fit.FitCase;
import hingeyard.core.quantity.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * A part is never chosen by an estimate or a tape where a caliper could choose another: the choice is tried at both ends of what was
 * measured too coarsely.
 */
final class Coarse {

    private Coarse() {
    }

    /** The coarse readings among these measures that could turn the choice; empty when the choice stands whatever a better tool reads. */
    static List<Measure> turning(FitCase c, List<? extends Measure> measures, Function<FitCase, ?> choice) {
        List<Reading.OfLength> coarse = new ArrayList<>();
        for (Measure measure : measures) {
            if (measure instanceof LengthMeasure length) {
                c.survey().length(length).filter(Doubt::isCoarse).ifPresent(coarse::add);
            }
        }
        if (coarse.isEmpty()) {
            return List.of();
        }
        Object chosen = choice.apply(c);
        List<Measure> turning = new ArrayList<>();
        for (Reading.OfLength reading : coarse) {
            if (turns(c, List.of(reading), 1, choice, chosen) || turns(c, List.of(reading), -1, choice, chosen)) {
                turning.add(reading.measure());
            }
        }
        boolean together = turning.isEmpty() && (turns(c, coarse, 1, choice, chosen) || turns(c, coarse, -1, choice, chosen));
        return together ? coarse.stream().<Measure>map(Reading.OfLength::measure).toList() : turning;
    }

    private static boolean turns(FitCase c, List<Reading.OfLength> readings, int sign, Function<FitCase, ?> choice, Object chosen) {
        FitCase moved = c;
        for (Reading.OfLength r : readings) {
            Length value = r.value().plus(r.plusMinus().times(sign));
            Length least = r.measure().possible().least();
            Length most = r.measure().possible().greatest();
            moved = moved.with(new Reading.OfLength(r.measure(), value.max(least).min(most), r.measure().tool().uncertainty(),
                    r.measure().tool(), r.by(), r.at()));
        }
        return !choice.apply(moved).equals(chosen);
    }

    /** The finding that asks for a better tool before a part is chosen; empty when the choice stands. */
    static Optional<Finding> first(FitCase c, Finding.Builder finding, List<? extends Measure> measures, Function<FitCase, ?> choice) {
        List<Measure> turning = turning(c, measures, choice);
        return turning.isEmpty() ? Optional.empty()
                : Optional.of(MeasuredCheck.finer(finding, turning, Sentence
                        .of("Which part goes here hangs on a measure that is known too coarsely; a better tool could choose another.")));
    }
}
