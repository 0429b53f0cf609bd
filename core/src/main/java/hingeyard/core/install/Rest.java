package hingeyard.core.install;

import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Optional;

/**
 * What a step waits for that takes time and nobody's hands: straps that give, locker that cures.
 *
 * @param since   key of the step from whose end it counts; a step of the same plan
 * @param minutes how long, 1 or more
 * @param why     what happens meanwhile, as after "because"
 */
public record Rest(String since, int minutes, String why) {

    public Rest {
        if (minutes < 1) {
            throw new IllegalArgumentException("minutes: %d, at least 1 is needed".formatted(minutes));
        }
    }

    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT);
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM, HH:mm", Locale.UK);

    /**
     * What whoever is at the stand is told; empty once it is over.
     *
     * @param done when the other step was done
     */
    public Optional<String> told(LocalDateTime done, LocalDateTime now) {
        LocalDateTime until = until(done);
        return now.isBefore(until)
                ? Optional
                        .of("Wait until %s: %s.".formatted((until.toLocalDate().equals(now.toLocalDate()) ? TIME : DAY).format(until), why))
                : Optional.empty();
    }

    /** When it is over, counted from the end of the other step. */
    public LocalDateTime until(LocalDateTime done) {
        return done.plusMinutes(minutes);
    }
}
