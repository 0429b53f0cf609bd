package hingeyard.core.bike;

import hingeyard.core.quantity.Scale;
import hingeyard.core.bike.MeasureSpot.View;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** A line of the catalogue while it is written: who it is, where it is taken, then what values it has. */
final class MeasureDraft {

    private final WalkStop stop;
    private final String key;
    private final String title;
    private final Tool tool;
    private final String how;
    private Set<BikeKind> kinds = EnumSet.allOf(BikeKind.class);
    private MeasureSpot spot = new MeasureSpot(View.SIDE, Point.BRACKET, Point.BRACKET);
    private long normalLeast = Long.MIN_VALUE;
    private long normalGreatest = Long.MAX_VALUE;

    MeasureDraft(WalkStop stop, String key, String title, Tool tool, String how) {
        this.stop = stop;
        this.key = key;
        this.title = title;
        this.tool = tool;
        this.how = how;
    }

    /** From face to face on a sketch. */
    MeasureDraft at(View view, double x1, double y1, double x2, double y2) {
        spot = new MeasureSpot(view, new Point(x1, y1), new Point(x2, y2));
        return this;
    }

    /** At one spot of a sketch. */
    MeasureDraft at(View view, double x, double y) {
        return at(view, x, y, x, y);
    }

    MeasureDraft only(BikeKind first, BikeKind... more) {
        kinds = EnumSet.of(first, more);
        return this;
    }

    MeasureDraft except(BikeKind first, BikeKind... more) {
        kinds = EnumSet.complementOf(EnumSet.of(first, more));
        return this;
    }

    /** Outside of this one is asked whether one is sure; millimetres, or the scale's base unit. */
    MeasureDraft normal(long least, long greatest) {
        normalLeast = least;
        normalGreatest = greatest;
        return this;
    }

    /** @param least,greatest,usual millimetres */
    LengthMeasure length(int least, int greatest, String... usual) {
        Band possible = new Band(Length.ofMillimetres(least), Length.ofMillimetres(greatest));
        Band normal = new Band(Length.ofMillimetres(Math.max(least, normalLeast)),
                Length.ofMillimetres(Math.min(greatest, normalGreatest)));
        return new LengthMeasure(head(), possible, normal, Arrays.stream(usual).map(Length::ofMillimetres).toList());
    }

    /** @param least,greatest,usual in the scale's base unit */
    NumberMeasure number(Scale scale, long least, long greatest, Long... usual) {
        return new NumberMeasure(head(), scale, least, greatest, Math.max(least, normalLeast), Math.min(greatest, normalGreatest),
                Arrays.asList(usual));
    }

    <E extends Enum<E> & Choice> ChoiceMeasure<E> choice(Class<E> type) {
        return new ChoiceMeasure<>(head(), type, List.of(type.getEnumConstants()));
    }

    private MeasureHead head() {
        return new MeasureHead(key, title, stop, tool, how, kinds, spot);
    }
}
