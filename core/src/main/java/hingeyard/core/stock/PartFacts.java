package hingeyard.core.stock;

import hingeyard.core.kit.Adapter;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import java.util.Optional;

/**
 * What a part is chosen by besides its thickness.
 *
 * @param length     of a bolt, an arm, a lead, 0 to 20 m
 * @param span       what it takes: tube diameters of a clamp, sideways steps of an adjustable arm
 * @param adapter    the plugs of a connector adapter or an extension lead
 * @param priceMinor in hundredths of the shop's money, 0 or more
 * @param leadDays   days until a bought one comes, 0 or more; 0 where the sheet names none and its supplier's holds
 */
public record PartFacts(Optional<Length> length, Optional<Band> span, Optional<Adapter> adapter, long priceMinor, int leadDays) {

    private static final Length LONGEST = Length.ofMillimetres(20_000);
    private static final long DEAREST = 1_000_000_000;

    public PartFacts {
        if (length.filter(l -> l.isNegative() || l.isMoreThan(LONGEST)).isPresent()) {
            throw new IllegalArgumentException("length %s: from 0 to %s".formatted(length.get(), LONGEST));
        }
        if (span.filter(s -> s.least().isNegative() || s.greatest().isMoreThan(LONGEST)).isPresent()) {
            throw new IllegalArgumentException(
                    "takes %s to %s: from 0 to %s".formatted(span.get().least(), span.get().greatest(), LONGEST));
        }
        if (priceMinor > DEAREST) {
            throw new IllegalArgumentException("price of %d hundredths: at most %d".formatted(priceMinor, DEAREST));
        }
        if (priceMinor < 0 || leadDays < 0) {
            throw new IllegalArgumentException("price " + priceMinor + " and lead time " + leadDays + " days: each must be 0 or more");
        }
    }

    public static PartFacts none() {
        return new PartFacts(Optional.empty(), Optional.empty(), Optional.empty(), 0, 0);
    }

    public static PartFacts ofLength(Length length) {
        return new PartFacts(Optional.of(length), Optional.empty(), Optional.empty(), 0, 0);
    }

    public static PartFacts ofSpan(Band span) {
        return new PartFacts(Optional.empty(), Optional.of(span), Optional.empty(), 0, 0);
    }

    public static PartFacts of(Adapter adapter) {
        return new PartFacts(Optional.empty(), Optional.empty(), Optional.of(adapter), 0, 0);
    }
}
