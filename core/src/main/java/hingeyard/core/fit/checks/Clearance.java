package hingeyard.core.fit.checks;

import hingeyard.core.bike.Reading;
import hingeyard.core.explain.Margin;
import hingeyard.core.quantity.Length;

/**
 * A gap against what is wanted.
 *
 * @param gap       what is there
 * @param plusMinus uncertainty of the measures behind it, worst case
 * @param wanted    at least
 */
record Clearance(Length gap, Length plusMinus, Length wanted) {

    /** How a gap answers. */
    enum Answer { ENOUGH, UNSURE, SHORT }

    /** How far two lengths are apart, at the most so much. */
    static Clearance within(Length apart, Length plusMinus, Length allowed) {
        return new Clearance(allowed.minus(apart.abs()), plusMinus, Length.ZERO);
    }

    /** A reading that must not be less. */
    static Clearance atLeast(Reading.OfLength reading, Length wanted) {
        return new Clearance(reading.value(), reading.plusMinus(), wanted);
    }

    /** A reading that must not be more; the gap is what is left up to the limit. */
    static Clearance atMost(Reading.OfLength reading, Length most) {
        return new Clearance(most.minus(reading.value()), reading.plusMinus(), Length.ZERO);
    }

    Length spare() {
        return gap.minus(wanted);
    }

    Answer answer() {
        if (!spare().isLessThan(plusMinus)) {
            return Answer.ENOUGH;
        }
        return spare().plus(plusMinus).isNegative() ? Answer.SHORT : Answer.UNSURE;
    }

    Clearance worse(Clearance other) {
        return other.spare().minus(other.plusMinus).isLessThan(spare().minus(plusMinus)) ? other : this;
    }

    Margin margin() {
        return wanted.equals(Length.ZERO) ? Margin.spare(gap) : Margin.of(gap, wanted);
    }
}
