package hingeyard.core.plan;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * The day to tell a customer.
 *
 * @param likely  the day on or before which the job is finished in half of all draws
 * @param safe    the day on or before which it is finished in four out of five
 * @param percent of the draws in which it is finished by the end of the safe day: 80 or more, as days are whole
 * @param between what the days between are made of; empty when they are the same
 */
public record Promise(LocalDate likely, LocalDate safe, int percent, List<String> between) {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM yyyy", Locale.UK);

    public Promise {
        between = List.copyOf(between);
    }

    /**
     * As a customer reads it on a quote.
     *
     * @param promised the day they were told already
     * @param made     the day of the plan it is counted from
     */
    public String onQuote(Optional<LocalDate> promised, LocalDate made) {
        return promised.map(p -> "Promised for %s.".formatted(DAY.format(p))).orElseGet(() -> (likely.equals(safe)
                ? "Ready on %s.".formatted(DAY.format(safe))
                : "Most likely ready on %s. We can promise %s.".formatted(DAY.format(likely), DAY.format(safe)))
                + " Both are counted from the shop's plan of %s; a later answer may mean a later day.".formatted(DAY.format(made))
                        .replace("Both are", likely.equals(safe) ? "It is" : "Both are"));
    }
}
