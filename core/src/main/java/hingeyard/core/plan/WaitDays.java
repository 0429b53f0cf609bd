package hingeyard.core.plan;

import hingeyard.core.booking.ShopDays;
import hingeyard.core.people.WorkingHours;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.Optional;

/**
 * When waits are over. What nobody said the end of is supposed to end when the shop opens next: a plan goes on, and says that it is only
 * supposed.
 *
 * @param now   the shop's own time
 * @param days  on which the shop is open
 * @param hours of its week
 * @param here  the first day the bike is in the shop, today or later
 */
public record WaitDays(LocalDateTime now, ShopDays days, WorkingHours hours, LocalDate here) {

    /** Deliveries of a day are counted in by then. */
    private static final LocalTime DELIVERED = LocalTime.NOON;
    private static final LocalTime OPENS = LocalTime.of(8, 0);

    private LocalDateTime opening(LocalDate day) {
        LocalDate open = days.openFrom(day);
        return open.atTime(Optional.ofNullable(hours.days().get(open.getDayOfWeek())).map(WorkingHours.Span::from).orElse(OPENS));
    }

    /** Nobody said when it is over: on the next open day after the bike is here. */
    public LocalDateTime supposed() {
        return opening(here.plusDays(1));
    }

    /** Nobody said when it is over. */
    public Wait supposed(Wait.Kind kind, String what) {
        return new Wait(kind, what, supposed(), false);
    }

    /** The bike itself; one that was expected before today comes nobody knows when. */
    public Wait arrival(LocalDate expected) {
        boolean late = expected.isBefore(now.toLocalDate());
        return new Wait(Wait.Kind.ARRIVAL, late ? "the bike, which was expected before today" : "the bike",
                late ? supposed() : opening(expected), !late);
    }

    /**
     * A part; one that was to be here by now and is not comes on the next day at the earliest.
     *
     * @param on    the day it is expected
     * @param known whether a supplier said so
     */
    public Wait part(String what, LocalDate on, boolean known) {
        LocalDateTime due = days.openFrom(on).atTime(DELIVERED);
        boolean overdue = due.isBefore(now);
        return new Wait(Wait.Kind.PART, what, overdue ? days.openFrom(now.toLocalDate().plusDays(1)).atTime(DELIVERED) : due,
                !overdue && known);
    }
}
