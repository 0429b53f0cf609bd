package hingeyard.core.people;

import java.time.LocalDate;

/**
 * Days on which somebody is away.
 *
 * @param from the first of them
 * @param to   the last of them, not before {@code from}
 * @param why  in a few words; may be empty
 */
public record Absence(LocalDate from, LocalDate to, String why) {

    public Absence {
        if (to.isBefore(from)) {
            throw new IllegalArgumentException("%s to %s: must not end before it begins".formatted(from, to));
        }
    }

    public boolean on(LocalDate day) {
        return !day.isBefore(from) && !day.isAfter(to);
    }

    /** Whether both hold some day. */
    public boolean meets(Absence other) {
        return !from.isAfter(other.to) && !other.from.isAfter(to);
    }
}
