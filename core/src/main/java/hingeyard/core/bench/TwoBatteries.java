package hingeyard.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Two packs on a combiner of ideal diodes, through a ride: the one that stands higher feeds alone, until levels meet; then both do.
 *
 * <p>Each step solves the circuit exactly: with one pack of rest voltage U (less the diode's drop) and resistance R, the power P asks for
 * the smaller root of R·I² − U·I + P = 0; two that feed together are one of U = (U₁/R₁ + U₂/R₂)·R, 1/R = 1/R₁ + 1/R₂. A pack without
 * charge is switched off by its own guard; the ride ends where the plug's voltage falls to the controller's cut-off, or where nothing gives
 * the power. Charge is taken in steps of at most five seconds.
 */
public final class TwoBatteries {

    /** An ideal diode's own loss, V. */
    public static final double DIODE_DROP = 0.03;
    private static final double STEP_SECONDS = 5;
    private static final int SHOWN = 240;
    private static final double LONGEST_MINUTES = 24 * 60;

    /** @param minutes 0.1 to 1,440 @param watts asked at the plug, 0 to 5,000 */
    public record Load(double minutes, double watts) {

        public Load {
            Given.within("minutes", minutes, 0.1, LONGEST_MINUTES, "minutes");
            Given.within("watts", watts, 0, 5_000, "W");
        }
    }

    /**
     * @param cutOffVolts the controller stops at the plug, V, 15 to 100
     * @param combiner    what the combiner carries, A, 1 to 200
     * @param ride        what is asked, in its order; 1 to 5,000 parts, a day in all
     */
    public record Input(BatteryPack first, BatteryPack second, double cutOffVolts, double combiner, List<Load> ride) {

        public Input {
            Given.within("cutOffVolts", cutOffVolts, 15, 100, "V");
            Given.within("combiner", combiner, 1, 200, "A");
            ride = List.copyOf(ride);
            Given.within("ride", ride.size(), 1, 5_000, "parts");
            Given.within("minutes", ride.stream().mapToDouble(Load::minutes).sum(), 0.1, LONGEST_MINUTES, "minutes");
        }
    }

    /**
     * How things stand at a moment.
     *
     * @param minute                   from the beginning
     * @param volts                    at the plug
     * @param first                    current out of the first pack, A; 0 while it does not feed
     * @param second                   the same of the second
     * @param firstCharge,secondCharge per cent left
     */
    public record Sample(double minute, double volts, double first, double second, double firstCharge, double secondCharge) {
    }

    /** Why it ended. */
    public enum End {
        /** The ride was over first. */
        RIDE_OVER,
        /** The plug fell to the controller's cut-off. */
        CUT_OFF,
        /** Both are empty, or too weak for what is asked. */
        EMPTY
    }

    /**
     * @param end                            why it ended
     * @param minutes                        when
     * @param together                       the minute in which both began to feed; empty where one always stood higher
     * @param firstWattHours,secondWattHours what each gave at the plug
     * @param lostWattHours                  what stayed inside packs and diodes as heat
     * @param mostFirst,mostSecond           the greatest current of each, A
     * @param mostTogether                   the greatest through the combiner, A
     * @param samples                        at most 240, evenly over the time, and the last moment
     */
    public record Answer(End end, double minutes, Optional<Double> together, double firstWattHours, double secondWattHours,
            double lostWattHours, double mostFirst, double mostSecond, double mostTogether, List<Sample> samples, List<String> warnings) {
    }

    private final Input input;
    private final double[] charge;
    private final double[] given = new double[2];
    private final double[] most = new double[2];
    private double lost;
    private double mostTogether;
    private Optional<Double> together = Optional.empty();

    private TwoBatteries(Input input) {
        this.input = input;
        this.charge = new double[]{input.first.charge(), input.second.charge()};
    }

    /** Who feeds when, and for how long. */
    public static Answer of(Input input) {
        return new TwoBatteries(input).run();
    }

    private BatteryPack pack(int i) {
        return i == 0 ? input.first : input.second;
    }

    private Answer run() {
        double whole = input.ride.stream().mapToDouble(Load::minutes).sum() * 60;
        List<Sample> samples = new ArrayList<>();
        double every = whole / SHOWN;
        double seconds = 0;
        double next = 0;
        for (Load load : input.ride) {
            long steps = (long) Math.ceil(load.minutes * 60 / STEP_SECONDS);
            double step = load.minutes * 60 / steps;
            for (long i = 0; i < steps; i++) {
                Optional<double[]> now = feeding(load.watts);
                if (now.isEmpty() || now.get()[0] <= input.cutOffVolts) {
                    now.ifPresent(n -> samples.add(sample(n)));
                    return answer(now.isEmpty() ? End.EMPTY : End.CUT_OFF, seconds, samples);
                }
                double[] circuit = now.get();
                if (seconds >= next) {
                    samples.add(sample(circuit, seconds));
                    next += every;
                }
                take(circuit, step, seconds);
                seconds += step;
            }
        }
        return answer(End.RIDE_OVER, seconds, samples);
    }

    private Sample sample(double[] circuit) {
        return sample(circuit, 0);
    }

    private Sample sample(double[] circuit, double seconds) {
        return new Sample(seconds / 60, circuit[0], circuit[1], circuit[2], charge[0], charge[1]);
    }

    /** Volts at the plug and the current out of each pack; empty where nothing gives the power. */
    private Optional<double[]> feeding(double watts) {
        double[] rest = new double[2];
        double[] ohms = new double[2];
        for (int i = 0; i < 2; i++) {
            // A pack without charge is switched off by its own guard.
            rest[i] = charge[i] <= 0 ? 0 : pack(i).restVolts(charge[i]) - DIODE_DROP;
            ohms[i] = pack(i).resistance();
        }
        int higher = rest[0] >= rest[1] ? 0 : 1;
        int lower = 1 - higher;
        if (rest[higher] <= 0) {
            return Optional.empty();
        }
        double alone = current(rest[higher], ohms[higher], watts);
        double volts = rest[higher] - ohms[higher] * alone;
        if (!Double.isNaN(alone) && volts >= rest[lower]) {
            return Optional.of(circuit(volts, higher, alone, 0));
        }
        if (rest[lower] <= 0) {
            return Optional.empty();
        }
        double both = 1 / (1 / ohms[0] + 1 / ohms[1]);
        double joined = (rest[0] / ohms[0] + rest[1] / ohms[1]) * both;
        double drawn = current(joined, both, watts);
        if (Double.isNaN(drawn)) {
            return Optional.empty();
        }
        double plug = joined - both * drawn;
        return Optional.of(circuit(plug, higher, (rest[higher] - plug) / ohms[higher], Math.max(0, (rest[lower] - plug) / ohms[lower])));
    }

    private static double[] circuit(double volts, int higher, double ofHigher, double ofLower) {
        return higher == 0 ? new double[]{volts, ofHigher, ofLower} : new double[]{volts, ofLower, ofHigher};
    }

    /** The smaller root of R·I² − U·I + P = 0; no number where the pack is too weak. */
    private static double current(double rest, double ohms, double watts) {
        double under = rest * rest - 4 * ohms * watts;
        // 2P / (U + √…) is the same root without the loss of digits at small loads.
        return under < 0 ? Double.NaN : 2 * watts / (rest + Math.sqrt(under));
    }

    private void take(double[] circuit, double step, double seconds) {
        double hours = step / 3600;
        for (int i = 0; i < 2; i++) {
            double amps = circuit[1 + i];
            charge[i] = Math.max(0, charge[i] - 100 * amps * hours / pack(i).ampHours());
            given[i] += circuit[0] * amps * hours;
            lost += (amps * amps * pack(i).resistance() + amps * DIODE_DROP) * hours;
            most[i] = Math.max(most[i], amps);
        }
        mostTogether = Math.max(mostTogether, circuit[1] + circuit[2]);
        if (together.isEmpty() && circuit[1] > 0 && circuit[2] > 0) {
            together = Optional.of(seconds / 60);
        }
    }

    private Answer answer(End end, double seconds, List<Sample> samples) {
        List<Sample> told = new ArrayList<>(samples);
        if (end == End.CUT_OFF) {
            Sample last = told.remove(told.size() - 1);
            told.add(new Sample(seconds / 60, last.volts, last.first, last.second, last.firstCharge, last.secondCharge));
        }
        return new Answer(end, seconds / 60, together, given[0], given[1], lost, most[0], most[1], mostTogether, told, warnings());
    }

    private List<String> warnings() {
        List<String> warnings = new ArrayList<>();
        for (int i = 0; i < 2; i++) {
            if (most[i] > pack(i).rated()) {
                warnings.add("The %s battery gives %s, and its maker allows %s.".formatted(i == 0 ? "first" : "second", amps(most[i]),
                        amps(pack(i).rated())));
            }
        }
        if (mostTogether > input.combiner) {
            warnings.add("The combiner carries %s, and %s is what it is made for.".formatted(amps(mostTogether), amps(input.combiner)));
        }
        if (input.first.series() != input.second.series()) {
            warnings.add(
                    "Full, one stands at %s and the other at %s: motor and display see both. Their makers and the controller's maximum decide."
                            .formatted(volts(input.first.fullVolts()), volts(input.second.fullVolts())));
        }
        return warnings;
    }

    private static String amps(double current) {
        return String.format(Locale.ROOT, "%.1f A", current);
    }

    private static String volts(double volts) {
        return String.format(Locale.ROOT, "%.1f V", volts);
    }
}
