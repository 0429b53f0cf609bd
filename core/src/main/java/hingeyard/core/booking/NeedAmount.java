package hingeyard.core.booking;

import hingeyard.core.quantity.Scale;
import java.util.List;

/** An amount the rider may name. Limits in the scale's base unit, both ends possible. */
public enum NeedAmount {
    DISTANCE("Distance a day", "%s a day", Scale.DISTANCE, 1_000, 300_000, 10_000L, 20_000L, 40_000L),
    CLIMB("Climb a day", "%s climb", Scale.CLIMB, 1, 5_000, 100L, 300L, 600L),
    RIDER("Rider", "%s rider", Scale.MASS, 20_000, 250_000, 65_000L, 80_000L, 100_000L),
    CARGO("Cargo", "%s cargo", Scale.MASS, 500, 300_000, 5_000L, 20_000L, 60_000L),
    SPEED("Wanted speed", "%s wanted", Scale.SPEED, 6_000, 60_000, 20_000L, 25_000L, 32_000L),
    BUDGET("Budget, all in", "budget %s", Scale.MONEY, 5_000, 5_000_000, 120_000L, 180_000L, 250_000L),
    STEEPEST("Steepest street", "%s street", Scale.SLOPE, 10, 350, 60L, 100L, 150L),
    POWER("Rider gives", "rider gives %s", Scale.POWER, 0, 400, 40L, 60L, 100L),
    WIND("Wind, half the way", "%s of wind", Scale.WIND, 0, 15_000, 0L, 3_000L, 6_000L),
    STOPS("Stops", "stops %s", Scale.STOPS, 0, 100, 0L, 10L, 30L);

    private final String title;
    private final String said;
    private final Scale scale;
    private final long least;
    private final long greatest;
    private final List<Long> usual;

    NeedAmount(String title, String said, Scale scale, long least, long greatest, Long... usual) {
        this.title = title;
        this.said = said;
        this.scale = scale;
        this.least = least;
        this.greatest = greatest;
        this.usual = List.of(usual);
    }

    public String title() {
        return title;
    }

    /** As one says it: {@code 38 km a day}. */
    public String text(long base, boolean imperial) {
        return said.formatted(imperial ? scale.imperialText(base) : scale.text(base));
    }

    public Scale scale() {
        return scale;
    }

    /** What is offered by one tap. */
    public List<Long> usual() {
        return usual;
    }

    public long least() {
        return least;
    }

    public long greatest() {
        return greatest;
    }

    /** The limits as said, in both worlds of units. */
    public String possible() {
        String metric = scale.text(least) + " to " + scale.text(greatest);
        String imperial = scale.imperialText(least) + " to " + scale.imperialText(greatest);
        return metric.equals(imperial) ? metric : metric + ", " + imperial;
    }
}
