package hingeyard.core.fit.checks;

import hingeyard.core.bike.CogKind;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.RearMeasures;
import hingeyard.core.fit.FitCase;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Where the rear cogs lie, from the frame's middle plane to the right.
 *
 * @param outer middle of the smallest cog
 * @param count how many
 */
record Cogs(Length outer, int count) {

    static final List<Measure> NEEDED = List.of(RearMeasures.OVER_LOCKNUT, RearMeasures.COG_KIND, RearMeasures.COGS_COUNT,
            RearMeasures.COG_OFFSET);
    /** Half of a cog's thickness of 1.8 mm. */
    private static final Length HALF_COG = Length.ofMicrometres(900);
    /** Usual spacing of cogs, µm, by their number: fewer stand further apart. */
    private static final long[] SPACING = {0, 0, 5500, 5500, 5500, 5500, 5500, 5000, 4800, 4340, 3950, 3740, 3650, 3500, 3500};

    /** Empty unless the rear end is measured. */
    static Optional<Cogs> of(FitCase c) {
        Optional<Reading.OfLength> width = c.survey().length(RearMeasures.OVER_LOCKNUT);
        Optional<Reading.OfLength> offset = c.survey().length(RearMeasures.COG_OFFSET);
        Optional<Long> count = c.survey().number(RearMeasures.COGS_COUNT);
        if (width.isEmpty() || offset.isEmpty() || count.isEmpty()) {
            return Optional.empty();
        }
        boolean one = c.survey().choice(RearMeasures.COG_KIND).filter(k -> k == CogKind.GEAR_HUB || k == CogKind.FIXED).isPresent();
        return Optional
                .of(new Cogs(width.get().value().half().minus(offset.get().value()).minus(HALF_COG), one ? 1 : count.get().intValue()));
    }

    static Length spacing(int count) {
        return Length.ofMicrometres(SPACING[Math.min(count, SPACING.length - 1)]);
    }

    /** The cog so many places in from the smallest. */
    Length plane(int inwards) {
        return outer.minus(spacing(count).times(inwards));
    }

    /**
     * For each cog by how much a chainring at {@code plane} may come out so that its chain is bent sideways by no more than {@code most}.
     */
    List<Band> reachedFrom(Length plane, Length most) {
        List<Band> reached = new ArrayList<>(count);
        for (int i = 0; i < count; i++) {
            reached.add(Band.around(plane(i).minus(plane), most));
        }
        return reached;
    }

    Length middle() {
        return outer.plus(plane(count - 1)).half();
    }
}
