package hingeyard.core.match;

import hingeyard.core.bench.RideAnswer;
import hingeyard.core.kit.Kit;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;

/**
 * One kit on one bike, as a manager compares it.
 *
 * @param brief       what its checks say, in short
 * @param minutes     labour; empty while it does not go on
 * @param ride        range, speed and climb; empty for a kit without a motor
 * @param reserve     km left over after the day's distance, the lower of both methods; empty where no distance was named
 * @param total       parts, labour and tax, hundredths of the shop's money; empty while it does not go on or where no budget was named
 * @param answers     what was asked for, and whether it gives it
 * @param dominatedBy code of a row that is at least as good in everything and better in something; empty when there is none
 */
public record ShortlistRow(Brief brief, Candidate candidate, OptionalInt minutes, Optional<RideAnswer> ride, Optional<Double> reserve,
        OptionalLong total, List<Answered> answers, String dominatedBy) {

    public ShortlistRow {
        answers = List.copyOf(answers);
    }

    /** How much of what was asked for it does not give. */
    public int missed() {
        int missed = 0;
        for (Answered answer : answers) {
            missed += answer.met() ? 0 : 1;
        }
        return missed;
    }

    public Kit kit() {
        return candidate.kit();
    }

    /** The same match with what is free, what it costs and how long it takes now. */
    ShortlistRow of(Candidate now) {
        return new ShortlistRow(brief, now, minutes, ride, reserve, total, answers, dominatedBy);
    }

    ShortlistRow under(String other) {
        return new ShortlistRow(brief, candidate, minutes, ride, reserve, total, answers, other);
    }
}
