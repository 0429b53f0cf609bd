package hingeyard.core.match;

import hingeyard.core.bench.RideAnswer;
import hingeyard.core.kit.Kit;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * One kit on one bike, as a manager compares it.
 *
 * @param brief       what its checks say, in short
 * @param minutes     labour; empty while it does not go on
 * @param ride        range, speed and climb; empty for a kit without a motor
 * @param reserve     km left over after the day's distance, the lower of both methods; empty where no distance was named
 * @param dominatedBy code of a row that is at least as good in everything and better in something; empty when there is none
 */
public record ShortlistRow(Brief brief, Candidate candidate, OptionalInt minutes, Optional<RideAnswer> ride, Optional<Double> reserve, String dominatedBy) {

    public Kit kit() {
        return candidate.kit();
    }

    /** The same match with what is free, what it costs and how long it takes now. */
    ShortlistRow of(Candidate now) {
        return new ShortlistRow(brief, now, minutes, ride, reserve, dominatedBy);
    }

    ShortlistRow under(String other) {
        return new ShortlistRow(brief, candidate, minutes, ride, reserve, other);
    }
}
