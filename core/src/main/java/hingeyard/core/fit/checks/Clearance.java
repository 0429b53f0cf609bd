package hingeyard.core.fit.checks;

import hingeyard.core.bike.Reading;
import hingeyard.core.explain.LimitKind;
import hingeyard.core.explain.Margin;
import hingeyard.core.quantity.Length;

/**
 * A gap against what is wanted, decided as the kind of its limit asks.
 *
 * @param gap    what is there
 * @param doubt  how far the measures behind it may be off
 * @param wanted at least
 * @param kind   what sort of limit that is
 */
record Clearance(Length gap, Doubt doubt, Length wanted, LimitKind kind) {

    /** How a gap answers; unsure only where a better tool could turn it. */
    enum Answer {
        ENOUGH,
        UNSURE,
        SHORT
    }

    /** A screening limit. */
    Clearance(Length gap, Doubt doubt, Length wanted) {
        this(gap, doubt, wanted, LimitKind.SCREENING);
    }

    /** How far two lengths are apart, at the most so much. */
    static Clearance within(Length apart, Doubt doubt, Length allowed) {
        return new Clearance(allowed.minus(apart.abs()), doubt, Length.ZERO);
    }

    /** A reading that must not be less. */
    static Clearance atLeast(Reading.OfLength reading, Length wanted) {
        return new Clearance(reading.value(), Doubt.of(reading), wanted);
    }

    /** A reading that must not be more; the gap is what is left up to the limit. */
    static Clearance atMost(Reading.OfLength reading, Length most) {
        return new Clearance(most.minus(reading.value()), Doubt.of(reading), Length.ZERO);
    }

    /** The same, held against a limit of another kind. */
    Clearance as(LimitKind other) {
        return new Clearance(gap, doubt, wanted, other);
    }

    Length spare() {
        return gap.minus(wanted);
    }

    /**
     * Screening and maker's limits accept simply: with the best tool used, what lies inside its uncertainty of the limit passes. A safety
     * limit is guarded: there it
     * fails. Where a reading was taken with a coarser tool, and the better one could turn the answer, it is open.
     */
    Answer answer() {
        Length best = kind == LimitKind.SAFETY ? doubt.best().negated() : doubt.best();
        Length passes = spare().plus(best);
        if (!passes.minus(doubt.coarse()).isNegative()) {
            return Answer.ENOUGH;
        }
        return passes.plus(doubt.coarse()).isNegative() || doubt.finer().isEmpty() ? Answer.SHORT : Answer.UNSURE;
    }

    /** Whether it passes though it lies inside its own uncertainty of the limit. */
    boolean onLimit() {
        return answer() == Answer.ENOUGH && spare().isLessThan(doubt.whole());
    }

    /** Whether only the guard of a safety limit keeps it from passing. */
    boolean guarded() {
        return kind == LimitKind.SAFETY && answer() == Answer.SHORT && !spare().isNegative();
    }

    Clearance worse(Clearance other) {
        if (answer() != other.answer()) {
            return other.answer().compareTo(answer()) > 0 ? other : this;
        }
        return other.spare().minus(other.doubt.whole()).isLessThan(spare().minus(doubt.whole())) ? other : this;
    }

    Margin margin() {
        Margin said = wanted.equals(Length.ZERO) ? Margin.spare(gap) : Margin.of(gap, wanted);
        return said.flipping(onLimit() || answer() == Answer.UNSURE);
    }
}
