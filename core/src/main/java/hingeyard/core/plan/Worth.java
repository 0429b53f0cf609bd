package hingeyard.core.plan;

import java.util.Comparator;

/**
 * How good a plan is; what stands first counts first, and less is better in each.
 *
 * @param unplanned jobs that are not in it
 * @param late      open days that promised jobs are late, each counted by how much its job comes before others (1, 2 or 4)
 * @param effort    minutes of the shop's days until each job is finished, and for what costs beside time: a leg cut by closing time, a
 *                  handover, a change of stand; where it is planned anew, also what moves although it was planned already
 */
public record Worth(int unplanned, long late, long effort) implements Comparable<Worth> {

    /** What one of these may cost in minutes before it is worth avoiding. */
    static final int CUT = 240;
    static final int HANDOVER = 60;
    static final int STAND_CHANGE = 120;
    /**
     * What moves although it was planned already: a job to another day, a leg into other hands, a leg to another stand. What was told to
     * people weighs more than that something is done a day or two earlier.
     */
    static final int OTHER_DAY = 4_320;
    static final int OTHER_HANDS = 480;
    static final int OTHER_STAND = 240;

    private static final Comparator<Worth> BETTER = Comparator.comparingInt(Worth::unplanned).thenComparingLong(Worth::late)
            .thenComparingLong(Worth::effort);

    @Override
    public int compareTo(Worth other) {
        return BETTER.compare(this, other);
    }

    public boolean betterThan(Worth other) {
        return compareTo(other) < 0;
    }
}
