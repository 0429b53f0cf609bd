package hingeyard.core.booking;

import java.time.DayOfWeek;
import java.time.LocalDate;

/** Monday to Friday: suppliers work then; the shop has days of its own, see {@link ShopDays}. */
public final class WorkingDays {

    private WorkingDays() {
    }

    public static boolean isOne(LocalDate day) {
        return day.getDayOfWeek() != DayOfWeek.SATURDAY && day.getDayOfWeek() != DayOfWeek.SUNDAY;
    }

    /**
     * The working day that comes so many working days after a day; that day itself, or the next working one, for 0.
     *
     * @param days 0 or more
     */
    public static LocalDate after(LocalDate day, int days) {
        if (days < 0) {
            throw new IllegalArgumentException(days + " working days: must be 0 or more");
        }
        LocalDate at = day;
        for (int left = days; left > 0; left -= isOne(at) ? 1 : 0) {
            at = at.plusDays(1);
        }
        while (!isOne(at)) {
            at = at.plusDays(1);
        }
        return at;
    }
}
