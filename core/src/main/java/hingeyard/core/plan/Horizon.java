package hingeyard.core.plan;

import hingeyard.core.booking.ShopDays;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;

/** Times as minutes from the first midnight, which is what a plan is worked out in. A day of the shop has 1,440 of them. */
final class Horizon {

    static final int DAY = 1440;
    /** Nobody plans further ahead, in days. */
    static final int DAYS = 240;
    static final int END = DAYS * DAY;

    private final LocalDate first;
    private final int now;
    /** How many open days come before each day. */
    private final int[] openBefore = new int[DAYS + 1];
    private final boolean[] open = new boolean[DAYS];

    Horizon(LocalDateTime now, ShopDays days) {
        this.first = now.toLocalDate();
        this.now = minute(now);
        for (int d = 0; d < DAYS; d++) {
            open[d] = days.isOpen(first.plusDays(d));
            openBefore[d + 1] = openBefore[d] + (open[d] ? 1 : 0);
        }
    }

    int now() {
        return now;
    }

    LocalDate day(int number) {
        return first.plusDays(number);
    }

    boolean isOpen(int day) {
        return open[day];
    }

    /** What lies outside counts as its nearer end. */
    int minute(LocalDateTime at) {
        long days = ChronoUnit.DAYS.between(first, at.toLocalDate());
        if (days < 0) {
            return 0;
        }
        // To the next whole minute: nothing begins before what it waits for is over.
        LocalTime time = at.toLocalTime();
        int minute = time.getHour() * 60 + time.getMinute() + (time.getSecond() > 0 || time.getNano() > 0 ? 1 : 0);
        return days >= DAYS ? END : Math.min(END, (int) days * DAY + minute);
    }

    LocalDateTime at(int minute) {
        return first.atStartOfDay().plusMinutes(minute);
    }

    /** Day of the horizon; the one after the last for what lies beyond. */
    int number(LocalDate day) {
        return (int) Math.max(0, Math.min(DAYS, ChronoUnit.DAYS.between(first, day)));
    }

    /** Open days from one day to a later one, that one included. */
    int openDays(int after, int to) {
        return to <= after ? 0 : openBefore[Math.min(to + 1, DAYS)] - openBefore[Math.min(after + 1, DAYS)];
    }

    /** Minutes of the shop's days until then: nights count, closed days do not. */
    long shopMinutes(int minute) {
        int day = Math.min(minute / DAY, DAYS - 1);
        return (long) openBefore[day] * DAY + (open[day] ? minute % DAY : 0);
    }
}
