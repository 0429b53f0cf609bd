package hingeyard.core.fit.checks;

import hingeyard.core.bike.BracketMeasures;
import hingeyard.core.bike.LengthMeasure;
import hingeyard.core.bike.Reading;
import hingeyard.core.fit.FitCase;
import hingeyard.core.quantity.Length;
import java.util.List;
import java.util.Optional;

/**
 * One chainstay's outer face over the radius from the bracket centre: straight between the radii measured, level before the first, on past
 * the last.
 */
record Stays(Length at60, Length at80, Length at100, Doubt doubt) {

    /** Where a crank passes a stay. */
    static final double CRANK_RADIUS = 100;

    static final List<LengthMeasure> RIGHT = List.of(BracketMeasures.RIGHT_STAY_60, BracketMeasures.RIGHT_STAY_80,
            BracketMeasures.RIGHT_STAY_100);
    static final List<LengthMeasure> LEFT = List.of(BracketMeasures.LEFT_STAY_60, BracketMeasures.LEFT_STAY_80,
            BracketMeasures.LEFT_STAY_100);

    /** Empty unless all three radii are measured. */
    static Optional<Stays> of(FitCase c, List<LengthMeasure> measures) {
        Optional<Reading.OfLength> a = c.survey().length(measures.get(0));
        Optional<Reading.OfLength> b = c.survey().length(measures.get(1));
        Optional<Reading.OfLength> d = c.survey().length(measures.get(2));
        if (a.isEmpty() || b.isEmpty() || d.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Stays(a.get().value(), b.get().value(), d.get().value(),
                Doubt.of(a.get()).max(Doubt.of(b.get())).max(Doubt.of(d.get()))));
    }

    /** From the frame's middle plane, rounded up to a micrometre. */
    Length at(double radius) {
        double a = at60.micrometres();
        double b = at80.micrometres();
        double d = at100.micrometres();
        double face = radius <= 60 ? a : radius <= 80 ? a + (b - a) * (radius - 60) / 20 : b + (d - b) * (radius - 80) / 20;
        return Length.ofMicrometres((long) Math.ceil(face - 1e-6));
    }
}
