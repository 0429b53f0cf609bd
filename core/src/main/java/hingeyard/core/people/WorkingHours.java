package hingeyard.core.people;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalTime;
import java.util.Map;

/**
 * When somebody works, or the shop is open, in a week.
 *
 * @param days from and to by day of the week; what is not in it is free
 */
public record WorkingHours(Map<DayOfWeek, Span> days) {

    /**
     * @param from in the shop's own time
     * @param to   later than {@code from}, on the same day
     */
    public record Span(LocalTime from, LocalTime to) {

        public Span {
            if (!to.isAfter(from)) {
                throw new IllegalArgumentException("%s to %s: must end later than it begins, on the same day".formatted(from, to));
            }
        }

        public int minutes() {
            return (int) Duration.between(from, to).toMinutes();
        }
    }

    public WorkingHours {
        days = Map.copyOf(days);
    }

    /** Whether there is work on that day at all. */
    public boolean on(DayOfWeek day) {
        return days.containsKey(day);
    }

    /** Minutes of a whole week. */
    public int minutes() {
        return days.values().stream().mapToInt(Span::minutes).sum();
    }
}
