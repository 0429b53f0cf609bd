package hingeyard.core.bench;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * A torque arm that has to follow a blade which stands off the dropout's face. Washers under the arm take away of the step what the axle's
 * thread allows; the rest is bent: the angle is atan(step ÷ free length), and the bend lies at the washer's outer radius plus the arm's
 * thickness, never nearer (the nut must seat flat) and not further (it would not follow the blade). In the vice the arm is gripped three
 * thicknesses short of the line, as a bend creeps towards the nut.
 */
public final class ArmBend {

    /** More than this, and an arm with a joint is the better answer; degrees. */
    private static final double STEEPEST = 20;
    /** Less than so many thicknesses beyond the bend cannot be bent by hand. */
    private static final double SHORTEST = 4;
    /** What a steel arm of this size springs back, degrees; a guess that the bike itself corrects. */
    private static final double SPRINGS_BACK = 1.5;
    private static final double FLAT = 0.2;
    private static final double VICE = 3;
    private static final int HUNDREDTHS = 100;

    /** @param thickness mm, 0.1 to 5 @param count 0 to 10 */
    public record Washer(double thickness, int count) {

        public Washer {
            Given.within("thickness", thickness, 0.1, 5, "mm");
            Given.within("count", count, 0, 10, "washers");
        }
    }

    /**
     * @param step      from the dropout's clamping face out to the blade where the arm is tied, mm, 0 to 40
     * @param tie       from the axle's middle to the tie, mm, 40 to 300
     * @param thickness of the arm, mm, 2 to 10
     * @param washer    outer diameter of the axle's washer, mm, 12 to 40
     * @param spare     thread that is left on the axle once the nut is full, mm, 0 to 30
     * @param washers   what the drawer has to put under the arm, at most 12 kinds
     */
    public record Input(double step, double tie, double thickness, double washer, double spare, List<Washer> washers) {

        public Input {
            Given.within("step", step, 0, 40, "mm");
            Given.within("tie", tie, 40, 300, "mm");
            Given.within("thickness", thickness, 2, 10, "mm");
            Given.within("washer", washer, 12, 40, "mm");
            Given.within("spare", spare, 0, 30, "mm");
            washers = List.copyOf(washers);
            Given.within("washers", washers.size(), 0, 12, "kinds");
        }
    }

    /** What to do. */
    public enum Advice {
        /** Goes on as it is, washers under it or not. */
        STRAIGHT,
        /** Bend it. */
        BEND,
        /** Take an arm with a joint, or one that was made for the step. */
        ADJUSTABLE
    }

    /**
     * @param packed what washers under the arm take away, mm
     * @param pack   thickness and count of each washer used
     * @param left   the step that is bent, mm
     * @param line   from the axle's middle to the bend, along the arm, mm
     * @param vice   from the axle's middle to the vice's jaw, mm
     * @param angle  of the bend, degrees
     * @param bendTo with what springs back, degrees
     * @param length of the arm from the axle's middle to the tie, along it, mm
     */
    public record Answer(Advice advice, String sentence, double packed, List<Washer> pack, double left, double line, double vice,
            double angle, double bendTo, double length) {
    }

    private ArmBend() {
    }

    public static Answer of(Input in) {
        List<Washer> pack = pack(in);
        double packed = pack.stream().mapToDouble(w -> w.thickness() * w.count()).sum();
        double left = Math.max(0, in.step - packed);
        double line = in.washer / 2 + in.thickness;
        double free = in.tie - line;
        double angle = left <= FLAT ? 0 : Math.toDegrees(Math.atan(left / free));
        boolean straight = left <= FLAT;
        boolean jointed = !straight && (angle > STEEPEST || free < SHORTEST * in.thickness);
        Advice advice = straight ? Advice.STRAIGHT : jointed ? Advice.ADJUSTABLE : Advice.BEND;
        double length = straight ? in.tie : line + free / Math.cos(Math.toRadians(angle));
        return new Answer(advice, sentence(advice, in, pack, left, line, angle), packed, pack, left, line,
                Math.max(in.washer / 2, line - VICE * in.thickness), angle, straight ? 0 : angle + SPRINGS_BACK, length);
    }

    private static String sentence(Advice advice, Input in, List<Washer> pack, double left, double line, double angle) {
        String under = pack.isEmpty() ? "" : "Put %s under the arm. ".formatted(said(pack));
        return switch (advice) {
            case STRAIGHT -> under + "The arm goes on straight.";
            case BEND -> under + "Bend it by %s at %s from the axle's middle; %s of step is left to follow.".formatted(degrees(angle),
                    mm(line), mm(left));
            case ADJUSTABLE -> under + (angle > STEEPEST
                    ? "It would take a bend of %s, and more than %s weakens the arm: fit one with a joint.".formatted(degrees(angle),
                            degrees(STEEPEST))
                    : "Only %s is left beyond the bend of an arm of %s: fit one with a joint.".formatted(mm(in.tie - line),
                            mm(in.thickness)));
        };
    }

    private static String said(List<Washer> pack) {
        return String.join(" and ", pack.stream()
                .map(w -> w.count() == 1 ? "a washer of " + mm(w.thickness()) : "%d washers of %s".formatted(w.count(), mm(w.thickness())))
                .toList());
    }

    private static String mm(double length) {
        return Given.plain(BigDecimal.valueOf(length).setScale(1, RoundingMode.HALF_UP).doubleValue()) + " mm";
    }

    private static String degrees(double angle) {
        return String.format(Locale.ROOT, "%.0f°", angle);
    }

    /**
     * The washers that take away most of the step: no more than the step and the spare thread, and of equal packs the one of the fewest
     * pieces. Every sum of hundredths is reached once, so none is missed.
     */
    private static List<Washer> pack(Input in) {
        int most = (int) Math.floor(Math.min(in.step, in.spare) * HUNDREDTHS + 1e-6);
        int[][] reached = new int[most + 1][];
        reached[0] = new int[in.washers.size()];
        for (int kind = 0; kind < in.washers.size(); kind++) {
            Washer washer = in.washers.get(kind);
            int thick = (int) Math.round(washer.thickness() * HUNDREDTHS);
            for (int sum = most; sum >= 0; sum--) {
                for (int count = 1; count <= washer.count() && sum - count * thick >= 0; count++) {
                    int[] without = reached[sum - count * thick];
                    if (without != null && without[kind] == 0 && (reached[sum] == null || pieces(without) + count < pieces(reached[sum]))) {
                        reached[sum] = without.clone();
                        reached[sum][kind] = count;
                    }
                }
            }
        }
        int best = most;
        while (reached[best] == null) {
            best--;
        }
        List<Washer> pack = new ArrayList<>();
        for (int kind = 0; kind < in.washers.size(); kind++) {
            if (reached[best][kind] > 0) {
                pack.add(new Washer(in.washers.get(kind).thickness(), reached[best][kind]));
            }
        }
        return pack;
    }

    private static int pieces(int[] counts) {
        int sum = 0;
        for (int count : counts) {
            sum += count;
        }
        return sum;
    }
}
