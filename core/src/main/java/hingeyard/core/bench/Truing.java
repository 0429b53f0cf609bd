package hingeyard.core.bench;

import hingeyard.core.bench.TruingAnswer.Cut;
import hingeyard.core.bench.TruingAnswer.Verdict;
import hingeyard.core.bench.TruingInput.Reading;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * Trues a rotor on stand-offs. A plane that is tilted reads a + b·cos φ + c·sin φ round a circle; b and c come from the readings by least
 * squares (normal equations of three unknowns), and what the plane does not explain is the rotor's own warp. At the bolts the tilt is
 * smaller by the radii's ratio. Material only comes off: the lowest stand-off stays, each other is shortened by what it stands above it.
 */
public final class Truing {

    /** A rotor may run out by so much, mm; makers say 0.2 to 0.4. */
    public static final double ALLOWED = 0.3;
    /** More than this off one stand-off means that it was cut to another length, mm. */
    private static final double MOST = 3;
    /** A file takes off in steps of about this, mm; less is not worth loosening a bolt for. */
    private static final double FILE = 0.02;
    private static final int UNKNOWNS = 3;

    private Truing() {
    }

    /** @throws IllegalArgumentException when the readings lie so close together that no plane can be told from them */
    public static TruingAnswer of(TruingInput input) {
        double[] plane = plane(input.readings());
        double tilt = 2 * Math.hypot(plane[1], plane[2]);
        double highAt = (Math.toDegrees(Math.atan2(plane[2], plane[1])) + 360) % 360;
        double ratio = input.boltCircle() / input.readAt();
        double[] stands = new double[input.bolts()];
        double lowest = Double.MAX_VALUE;
        for (int i = 0; i < stands.length; i++) {
            stands[i] = ratio * tiltAt(plane, input.angleOf(i + 1));
            lowest = Math.min(lowest, stands[i]);
        }
        List<Cut> cuts = new ArrayList<>();
        for (int i = 0; i < stands.length; i++) {
            double off = stands[i] - lowest;
            cuts.add(new Cut(i + 1, input.angleOf(i + 1), off < FILE ? 0 : off));
        }
        double before = spread(input.readings().stream().map(Reading::mm).toList());
        double after = spread(input.readings().stream().map(r -> r.mm() - tiltAt(plane, r.angle())).toList());
        Verdict verdict = verdict(before, after, cuts);
        return new TruingAnswer(verdict, sentence(verdict, before, after, cuts), before, tilt, highAt, after, cuts,
                input.readings().stream().map(r -> tiltAt(plane, r.angle())).toList(), limits(input));
    }

    private static double tiltAt(double[] plane, double angle) {
        double phi = Math.toRadians(angle);
        return plane[1] * Math.cos(phi) + plane[2] * Math.sin(phi);
    }

    private static double spread(List<Double> values) {
        return values.stream().max(Comparator.naturalOrder()).orElseThrow() - values.stream().min(Comparator.naturalOrder()).orElseThrow();
    }

    private static Verdict verdict(double before, double after, List<Cut> cuts) {
        if (before <= ALLOWED) {
            return Verdict.RUNS_TRUE;
        }
        if (after > ALLOWED) {
            return Verdict.WARPED;
        }
        return cuts.stream().anyMatch(c -> c.mm() > MOST) ? Verdict.CUT_ANEW : Verdict.SHORTEN;
    }

    private static String mm(double length) {
        return String.format(Locale.ROOT, "%.2f mm", length);
    }

    private static String sentence(Verdict verdict, double before, double after, List<Cut> cuts) {
        return switch (verdict) {
            case RUNS_TRUE -> "It runs true: %s, and %s is allowed. Nothing comes off.".formatted(mm(before), mm(ALLOWED));
            case SHORTEN -> "Shorten %s. Then read again: about %s is left.".formatted(shortened(cuts), mm(after));
            case WARPED -> "The rotor itself is warped: %s would be left, and %s is allowed. No file helps; fit another rotor."
                    .formatted(mm(after), mm(ALLOWED));
            case CUT_ANEW -> "Stand-off %d is more than %s too long: cut a new one to the length of the others, then read again.".formatted(
                    cuts.stream().max(Comparator.comparingDouble(Cut::mm)).orElseThrow().bolt(), mm(MOST));
        };
    }

    private static String shortened(List<Cut> cuts) {
        List<String> off = cuts.stream().filter(c -> c.mm() > 0).map(c -> "stand-off %d by %s".formatted(c.bolt(), mm(c.mm()))).toList();
        return off.size() < 2 ? off.stream().collect(Collectors.joining())
                : String.join(", ", off.subList(0, off.size() - 1)) + " and " + off.get(off.size() - 1);
    }

    private static List<String> limits(TruingInput input) {
        List<String> limits = new ArrayList<>();
        if (input.readings().size() == UNKNOWNS) {
            limits.add("Three readings are always a plane: read between the bolts, too, to tell a warped rotor from a tilted one.");
        }
        limits.add("Bolts tightened to their torque in a star, the same at each reading; hub and bearings without play.");
        return limits;
    }

    /** a, b and c of the plane nearest to the readings. */
    private static double[] plane(List<Reading> readings) {
        double[][] m = new double[UNKNOWNS][UNKNOWNS + 1];
        for (Reading r : readings) {
            double phi = Math.toRadians(r.angle());
            double[] row = {1, Math.cos(phi), Math.sin(phi)};
            for (int i = 0; i < UNKNOWNS; i++) {
                for (int j = 0; j < UNKNOWNS; j++) {
                    m[i][j] += row[i] * row[j];
                }
                m[i][UNKNOWNS] += row[i] * r.mm();
            }
        }
        return solved(m);
    }

    /** Elimination with the largest pivot of each column. */
    private static double[] solved(double[][] m) {
        for (int c = 0; c < UNKNOWNS; c++) {
            int pivot = c;
            for (int r = c + 1; r < UNKNOWNS; r++) {
                pivot = Math.abs(m[r][c]) > Math.abs(m[pivot][c]) ? r : pivot;
            }
            double[] swap = m[c];
            m[c] = m[pivot];
            m[pivot] = swap;
            if (Math.abs(m[c][c]) < 1e-6) {
                throw new IllegalArgumentException("readings: too close together for a plane, read all round the rotor");
            }
            for (int r = 0; r < UNKNOWNS; r++) {
                double factor = r == c ? 0 : m[r][c] / m[c][c];
                for (int k = c; k <= UNKNOWNS; k++) {
                    m[r][k] -= factor * m[c][k];
                }
            }
        }
        double[] plane = new double[UNKNOWNS];
        for (int i = 0; i < UNKNOWNS; i++) {
            plane[i] = m[i][UNKNOWNS] / m[i][i];
        }
        return plane;
    }
}
