package hingeyard.core.booking;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/**
 * When would a bike that comes in on a day reach a stand? All jobs in hand are put on the stand that is free first, in the order of
 * their arrival; then the day is tried with one more. Coarse on purpose: quarters of working days, any stand takes any bike.
 */
public final class StandCapacity {

    private static final DateTimeFormatter SAID = DateTimeFormatter.ofPattern("EEE d MMM", Locale.UK);
    /** A quarter of a working day. */
    private static final int QUARTERS = 4;
    /** Bikes may wait in the rack this many working days before a promise gets thin. */
    private static final int COMFORTABLE_WAIT = 1;
    private static final int THIN_WAIT = 3;

    /**
     * A job that needs a stand.
     *
     * @param onStand     whether it stands on one already
     * @param quarterDays what it still needs, quarters of a working day
     */
    public record Load(LocalDate arrives, boolean onStand, int quarterDays) {
    }

    /** How good a day is. */
    public enum Outlook {
        CLOSED("closed"),
        GOOD("good"),
        THIN("thin"),
        FULL("full");

        private final String label;

        Outlook(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /**
     * One day.
     *
     * @param arrivals   bikes awaited on it
     * @param freeStands stands that nobody needs that morning
     * @param startsOn   when a bike that arrives on it would reach a stand
     * @param readyOn    when it would come off again
     * @param outlook    what to say on the phone
     * @param why        why the shop is closed, where it is not as on every such day; else empty
     */
    public record Day(LocalDate date, int arrivals, int freeStands, LocalDate startsOn, LocalDate readyOn, Outlook outlook, String why) {

        private static String said(LocalDate day) {
            return SAID.format(day);
        }

        /** As one says it. */
        public String sentence() {
            return switch (outlook) {
                case CLOSED -> why.isEmpty() ? "The shop is closed." : "The shop is closed: %s.".formatted(why);
                case GOOD ->
                    startsOn.equals(date) ? "Good: a stand is free when it comes." : "Good: it reaches a stand on " + said(startsOn) + ".";
                case THIN -> "Thin: it waits in the rack until " + said(startsOn) + ".";
                case FULL -> "Full: no stand before " + said(startsOn) + ".";
            };
        }
    }

    private StandCapacity() {
    }

    /**
     * The next days.
     *
     * @param shop        the days it works
     * @param stands      how many there are, at least 1
     * @param quarterDays what the job that is being booked needs
     */
    public static List<Day> outlook(LocalDate today, int days, ShopDays shop, int stands, List<Load> loads, int quarterDays) {
        if (stands < 1) {
            throw new IllegalArgumentException("stands: " + stands + ", at least 1 is needed");
        }
        List<Load> inOrder = loads.stream().sorted(Comparator.comparing((Load l) -> !l.onStand()).thenComparing(Load::arrives)).toList();
        List<Day> outlook = new ArrayList<>();
        for (LocalDate day = today; day.isBefore(today.plusDays(days)); day = day.plusDays(1)) {
            outlook.add(day(today, day, shop, stands, inOrder, quarterDays));
        }
        return outlook;
    }

    private static Day day(LocalDate today, LocalDate day, ShopDays shop, int stands, List<Load> inOrder, int quarterDays) {
        long[] freeFrom = new long[stands];
        inOrder.stream().filter(l -> l.onStand() || !l.arrives().isAfter(day))
                .forEach(l -> put(freeFrom, quarter(today, l.arrives(), shop), l.quarterDays()));
        long arrives = quarter(today, day, shop);
        long free = Arrays.stream(freeFrom).filter(f -> f <= arrives).count();
        long start = put(freeFrom, arrives, quarterDays);
        long wait = (start - arrives) / QUARTERS;
        int arrivals = (int) inOrder.stream().filter(l -> !l.onStand() && l.arrives().equals(day)).count();
        Outlook outlook = !shop.isOpen(day) ? Outlook.CLOSED
                : wait <= COMFORTABLE_WAIT ? Outlook.GOOD : wait <= THIN_WAIT ? Outlook.THIN : Outlook.FULL;
        return new Day(day, arrivals, (int) free, date(today, start, shop), date(today, start + Math.max(0, quarterDays - 1), shop),
                outlook,
                shop.why(day));
    }

    /** Puts a job on the stand that is free first and answers when it begins. */
    private static long put(long[] freeFrom, long arrives, int quarterDays) {
        int first = 0;
        for (int i = 1; i < freeFrom.length; i++) {
            first = freeFrom[i] < freeFrom[first] ? i : first;
        }
        long start = Math.max(arrives, freeFrom[first]);
        freeFrom[first] = start + quarterDays;
        return start;
    }

    /** Quarters of working days from today's opening to that day's; what is past counts as now. */
    private static long quarter(LocalDate today, LocalDate day, ShopDays shop) {
        return day.isAfter(today) ? today.datesUntil(day).filter(shop::isOpen).count() * QUARTERS : 0;
    }

    private static LocalDate date(LocalDate today, long quarter, ShopDays shop) {
        LocalDate day = shop.openFrom(today);
        for (long left = quarter / QUARTERS; left > 0; left--) {
            day = shop.openFrom(day.plusDays(1));
        }
        return day;
    }
}
