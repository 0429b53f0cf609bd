package hingeyard.core.fit.checks;

import hingeyard.core.bike.Reading;
import hingeyard.core.bike.WheelEnd;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.HubDrive.HubWheel;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;
import hingeyard.core.rules.NumberRule;
import java.math.BigDecimal;
import java.util.Optional;

/**
 * The room a wheel has in fork or frame, as the bike's own wheel shows it: at the measured place the clearance above a new tyre is the old
 * one less what the new
 * outer radius (bead seat / 2 + tyre) is more, and the clearance beside it half of what the clear width leaves.
 *
 * @param range  tyre widths that suit the motor's rim
 * @param widest tyre that keeps the clearances; may be less than nothing
 * @param doubt  how far that is known
 * @param beside whether it is the width that limits, else the height
 */
record WheelPlace(Band range, Length widest, Doubt doubt, boolean beside) {

    /** Tyre widths that suit a rim of that inner width: screening; the rim maker's table wins. */
    static Band range(FitCase c, Length inner) {
        Length narrowest = times(inner, c.rules().value(NumberRule.TYRE_NARROW));
        return new Band(narrowest, times(inner, c.rules().value(NumberRule.TYRE_WIDE)).max(narrowest));
    }

    private static Length times(Length length, BigDecimal factor) {
        return Length.ofMicrometres(factor.multiply(BigDecimal.valueOf(length.micrometres())).longValue());
    }

    /** Tyre, clear width and radial clearance are measured. */
    static WheelPlace of(FitCase c, WheelEnd end, HubWheel wheel) {
        Reading.OfLength tyre = MeasuredCheck.reading(c, end.tyreWidth());
        Reading.OfLength clear = MeasuredCheck.reading(c, end.clearWidth());
        Reading.OfLength above = MeasuredCheck.reading(c, end.radialClearance());
        Length beside = clear.value().minus(c.rules().value(LengthRule.TYRE_SIDE).times(2));
        Length below = above.value().minus(c.rules().value(LengthRule.TYRE_TOP)).plus(oldRadius(c, end).orElseThrow())
                .minus(wheel.beadSeat().half());
        Doubt doubtAbove = Doubt.of(above).plus(Doubt.of(tyre));
        boolean limitedBeside = beside.minus(Doubt.of(clear).whole()).isLessThan(below.minus(doubtAbove.whole()));
        return new WheelPlace(range(c, wheel.rimInnerWidth()), beside.min(below), limitedBeside ? Doubt.of(clear) : doubtAbove,
                limitedBeside);
    }

    /** Outer radius of the bike's own wheel; empty while not measured. */
    static Optional<Length> oldRadius(FitCase c, WheelEnd end) {
        return c.survey().length(end.beadSeat())
                .flatMap(b -> c.survey().length(end.tyreWidth()).map(t -> b.value().half().plus(t.value())));
    }

    /** A tyre of this width against the widest that keeps the clearances. */
    Clearance of(Length tyre) {
        return new Clearance(widest.minus(tyre), doubt, Length.ZERO);
    }

    /** Widths that suit the rim and keep the clearances; empty when there is none. */
    Optional<Band> possible() {
        Length most = range.greatest().min(widest);
        return most.isLessThan(range.least()) ? Optional.empty() : Optional.of(new Band(range.least(), most));
    }

    /** The width on this wheel that is nearest to the bike's own. */
    Optional<Length> nearest(Length own) {
        return possible().map(p -> own.max(p.least()).min(p.greatest()));
    }
}
