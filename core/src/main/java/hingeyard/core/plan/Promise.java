package hingeyard.core.plan;

import java.time.LocalDate;
import java.util.List;

/**
 * The day to tell a customer.
 *
 * @param likely  the day on or before which the job is finished in half of all draws
 * @param safe    the day on or before which it is finished in four out of five
 * @param percent of the draws in which it is finished by the end of the safe day: 80 or more, as days are whole
 * @param between what the days between are made of; empty when they are the same
 */
public record Promise(LocalDate likely, LocalDate safe, int percent, List<String> between) {

    public Promise {
        between = List.copyOf(between);
    }
}
