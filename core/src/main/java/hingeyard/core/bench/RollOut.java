package hingeyard.core.bench;

import java.util.Comparator;
import java.util.Map;
import java.util.Optional;

/**
 * How far a wheel rolls in a turn. By its tyre's marking: π · (bead seat + 2 · width) · 0.99, as a loaded tyre is flatter by about a
 * hundredth; measured: the way along the floor over some turns, which is the truth for that rider and that pressure.
 *
 * @param beadSeat of the rim, mm, 100 to 700
 * @param width    of the tyre, as marked, mm, 15 to 130
 * @param rolled   the way of some turns, mm, with its turns; empty where nobody rolled it
 * @param set      the circumference that the display goes by, mm; empty where it is not known
 */
public record RollOut(int beadSeat, int width, Optional<Rolled> rolled, Optional<Double> set) {

    private static final double LOADED = 0.99;
    /** How far from its marking a tyre rolls at most, as a share: bench and display hold to the same. */
    public static final double FARTHEST_OFF = 0.03;

    /**
     * @param mm    along the floor, with the rider on, more than 0
     * @param turns of the wheel, 1 to 50
     */
    public record Rolled(double mm, int turns) {

        public Rolled {
            if (turns < 1 || turns > 50) {
                throw new IllegalArgumentException("turns: %d, 1 to 50 are needed".formatted(turns));
            }
            if (!(mm / turns >= 300 && mm / turns <= 3_000)) {
                throw new IllegalArgumentException("rolled: %s mm in %d turns, 300 to 3000 mm a turn is needed".formatted(mm, turns));
            }
        }
    }

    public RollOut {
        if (beadSeat < 100 || beadSeat > 700) {
            throw new IllegalArgumentException("beadSeat: %d mm, 100 to 700 is needed".formatted(beadSeat));
        }
        if (width < 15 || width > 130) {
            throw new IllegalArgumentException("width: %d mm, 15 to 130 is needed".formatted(width));
        }
        set.filter(s -> !(s >= 300 && s <= 3_000)).ifPresent(s -> {
            throw new IllegalArgumentException("set: %s mm, 300 to 3000 is needed".formatted(s));
        });
    }

    /** By the marking, mm. */
    public double marked() {
        return byMarking(beadSeat, width);
    }

    /** The same of any wheel. @param beadSeat,width mm, more than 0 */
    public static double byMarking(double beadSeat, double width) {
        return Math.PI * (beadSeat + 2 * width) * LOADED;
    }

    /**
     * Whether what was rolled can be this wheel: a tyre is within three in a hundred of its marking. What is further off was counted or
     * measured wrongly, and would move the speed at which the motor ends.
     */
    public static boolean plausible(double rolled, double marked) {
        return Math.abs(rolled / marked - 1) <= FARTHEST_OFF;
    }

    /** As measured where it was, else by the marking; mm. */
    public double circumference() {
        return rolled.map(r -> r.mm() / r.turns()).orElse(marked());
    }

    /** By how much of a hundred the display says more than the truth; less than 0 where it says less; empty where its own is not known. */
    public Optional<Double> speedError() {
        return set.map(s -> 100 * (s / circumference() - 1));
    }

    /** A display that knows no millimetres has a list of sizes by name: bead seats, mm, each with a usual tyre of 47 mm. */
    private static final Map<String, Integer> LISTED = Map.of("12", 203, "16", 305, "20", 406, "24", 507, "26", 559, "27.5", 584, "28",
            622);
    private static final double LISTED_TYRE = 47;

    /**
     * A size of such a list.
     *
     * @param inches as it is named @param off by how much of a hundred it tells more speed than there is; less than 0 where it tells less
     */
    public record Listed(String inches, double off) {
    }

    /** The size of such a list that comes nearest. */
    public Listed listed() {
        return LISTED.entrySet().stream()
                .map(e -> new Listed(e.getKey(), 100 * (byMarking(e.getValue(), LISTED_TYRE) / circumference() - 1)))
                .min(Comparator.comparingDouble((Listed l) -> Math.abs(l.off)).thenComparing(Listed::inches)).orElseThrow();
    }

    /** What a sensor with one magnet counts on a kilometre. */
    public double pulses() {
        return 1_000_000 / circumference();
    }
}
