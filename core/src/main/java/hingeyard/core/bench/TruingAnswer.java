package hingeyard.core.bench;

import java.util.List;

/**
 * What makes a rotor on stand-offs run true.
 *
 * @param verdict  what to do
 * @param sentence the same in words, what to do first
 * @param before   runout as it was read: the highest less the lowest reading, mm
 * @param tilt     how much of it is tilt, which stand-offs cause: mm, 0 or more
 * @param highAt   where the tilt is highest, degrees from bolt 1
 * @param after    runout that is left when the tilt is taken out, mm: the rotor's own warp
 * @param cuts     of each bolt in order
 * @param fitted   the tilt alone at each reading's angle, mm, in the order of the readings
 * @param limits   what the answer cannot tell, a sentence each
 */
public record TruingAnswer(Verdict verdict, String sentence, double before, double tilt, double highAt, double after, List<Cut> cuts,
        List<Double> fitted, List<String> limits) {

    /** What comes of it. */
    public enum Verdict {
        RUNS_TRUE,
        SHORTEN,
        WARPED,
        CUT_ANEW
    }

    /**
     * @param bolt from 1
     * @param mm   to be taken off its stand-off; 0 for the lowest, which stays
     */
    public record Cut(int bolt, double angle, double mm) {
    }

    public TruingAnswer {
        cuts = List.copyOf(cuts);
        fitted = List.copyOf(fitted);
        limits = List.copyOf(limits);
    }
}
