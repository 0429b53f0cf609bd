package hingeyard.core.explain;

import java.util.Collection;
import java.util.Comparator;

/** What a check answers, from best to worst: a report's verdict is the worst of its findings. */
public enum Verdict {
    /** Goes on as it is. */
    FITS,
    /** Goes on with the parts or the work that the remedies list. */
    FITS_WITH,
    /** Works, but the rider gives something up and must consent. */
    TRADE_OFF,
    /** No verdict before a measure is taken, or taken more precisely. */
    MEASURE,
    /** Does not go on. */
    NO_FIT;

    public Verdict worseOf(Verdict other) {
        return compareTo(other) >= 0 ? this : other;
    }

    /** The worst of all; {@link #FITS} when there are none. */
    public static Verdict worstOf(Collection<Verdict> verdicts) {
        return verdicts.stream().max(Comparator.naturalOrder()).orElse(FITS);
    }
}
