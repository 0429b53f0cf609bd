package hingeyard.core.photo;

import hingeyard.core.quantity.Length;
import java.util.Optional;

/**
 * What is known of the bike beforehand. One of the first three is needed; more make it surer.
 *
 * @param rearBeadSeat,frontBeadSeat bead-seat diameters
 * @param wheelbase                  axle to axle
 * @param wheelbasePlusMinus         half width of its uncertainty band
 * @param rearTyre,frontTyre         tyre widths: with the bead seats they say where the ground is
 */
public record KnownLengths(Optional<Length> rearBeadSeat, Optional<Length> frontBeadSeat, Optional<Length> wheelbase,
        Length wheelbasePlusMinus, Optional<Length> rearTyre, Optional<Length> frontTyre) {

    /** How far a rim's edge stands beyond its bead seat; rim tables give 5.5 to 6.5 mm. */
    static final double FLANGE = 6;
    static final double FLANGE_PLUS_MINUS = 0.5;

    /** @throws IllegalArgumentException when none of the three is known */
    public KnownLengths {
        if (rearBeadSeat.isEmpty() && frontBeadSeat.isEmpty() && wheelbase.isEmpty()) {
            throw new IllegalArgumentException("One length must be known: a rim's bead seat or the wheelbase.");
        }
    }

    public static KnownLengths beadSeats(Length rear, Length front, Length rearTyre, Length frontTyre) {
        return new KnownLengths(Optional.of(rear), Optional.of(front), Optional.empty(), Length.ZERO, Optional.of(rearTyre),
                Optional.of(frontTyre));
    }

    /** Whether it is known where the ground is: without it nothing is level, and no height is told. */
    boolean grounded() {
        return rearTyre.isPresent() && frontTyre.isPresent();
    }

    /** The wheelbase, where a bead seat is missing; else the rims give the size and the wheelbase is only held against it. */
    Optional<Length> wheelbaseGivesSize() {
        return wheelbase.filter(l -> rearBeadSeat.isEmpty() || frontBeadSeat.isEmpty());
    }

    /** From axle to the edge that is marked, millimetres. */
    static double edgeRadius(Length beadSeat) {
        return beadSeat.inMillimetres() / 2 + FLANGE;
    }

}
