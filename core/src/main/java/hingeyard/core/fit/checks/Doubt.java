package hingeyard.core.fit.checks;

import hingeyard.core.bike.LengthMeasure;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.Tool;
import hingeyard.core.quantity.Length;
import java.util.ArrayList;
import java.util.List;

/**
 * How far what was measured may be off, and how much of that a better tool would take away.
 *
 * @param best   what stays with the best tool for each measure, worst case
 * @param coarse what the readings taken with a coarser tool may be off
 * @param finer  the measures of those readings
 */
record Doubt(Length best, Length coarse, List<Measure> finer) {

    static final Doubt NONE = new Doubt(Length.ZERO, Length.ZERO, List.of());

    static Doubt of(Reading.OfLength reading) {
        LengthMeasure measure = reading.measure();
        Length usual = measure.tool().uncertainty();
        boolean coarse = usual.isLessThan(reading.plusMinus());
        return coarse ? new Doubt(usual, reading.plusMinus(), List.of(measure)) : new Doubt(reading.plusMinus(), Length.ZERO, List.of());
    }

    /** Whether a reading was taken with a coarser tool than there is for its measure. */
    static boolean isCoarse(Reading.OfLength reading) {
        return reading.measure().tool().uncertainty().isLessThan(reading.plusMinus());
    }

    Doubt plus(Doubt other) {
        if (this == NONE || other == NONE) {
            return this == NONE ? other : this;
        }
        List<Measure> all = finer;
        if (!other.finer.isEmpty()) {
            all = new ArrayList<>(finer);
            all.addAll(other.finer);
        }
        return new Doubt(best.plus(other.best), coarse.plus(other.coarse), all);
    }

    Doubt half() {
        return this == NONE ? NONE : new Doubt(best.half(), coarse.half(), finer);
    }

    Doubt doubled() {
        return this == NONE ? NONE : new Doubt(best.times(2), coarse.times(2), finer);
    }

    /** The worse of two, for a figure that hangs on one of them. */
    Doubt max(Doubt other) {
        List<Measure> all = new ArrayList<>(finer);
        other.finer.stream().filter(m -> !all.contains(m)).forEach(all::add);
        return new Doubt(best.max(other.best), coarse.max(other.coarse), all);
    }

    /** All of it, as things are measured now. */
    Length whole() {
        return best.max(coarse);
    }

    /** For example {@code the caliper}. */
    static String toolFor(Measure measure) {
        Tool tool = measure.tool();
        return switch (tool) {
            case LOOK -> "read what is marked on it";
            case DATA_SHEET -> "look it up on the " + tool.label();
            default -> "use the " + tool.label();
        };
    }
}
