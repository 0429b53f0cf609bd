package hingeyard.core.booking;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;

/**
 * The days on which the shop works.
 *
 * @param open   days of the week; at least one
 * @param closed days on which it is closed all the same, and why
 */
public record ShopDays(Set<DayOfWeek> open, Map<LocalDate, String> closed) {

    /** Monday to Friday, and no holiday. */
    public static final ShopDays WORKING_WEEK = new ShopDays(EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY), Map.of());

    /** Nobody looks further ahead. */
    private static final int FURTHEST_DAYS = 3650;

    public ShopDays {
        if (open.isEmpty()) {
            throw new IllegalArgumentException("open days: none, at least one is needed");
        }
        open = Set.copyOf(open);
        closed = Map.copyOf(closed);
    }

    public boolean isOpen(LocalDate day) {
        return open.contains(day.getDayOfWeek()) && !closed.containsKey(day);
    }

    /** Why it is closed on that day; empty where it is open, or closed as on every such day of the week. */
    public String why(LocalDate day) {
        return open.contains(day.getDayOfWeek()) ? closed.getOrDefault(day, "") : "";
    }

    /** The first open day from that one on; that day itself where nothing is open for ten years. */
    public LocalDate openFrom(LocalDate day) {
        return day.datesUntil(day.plusDays(FURTHEST_DAYS)).filter(this::isOpen).findFirst().orElse(day);
    }
}
