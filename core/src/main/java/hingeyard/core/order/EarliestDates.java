package hingeyard.core.order;

import hingeyard.core.booking.WorkingDays;
import hingeyard.core.stock.Promises.Rank;
import java.time.LocalDate;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;

/**
 * When each job that waits for one part gets it at the earliest: what comes is given out by the jobs' rank, and to what is not on its way
 * yet the lead time applies.
 */
public final class EarliestDates {

    /** What a date rests on. */
    public enum Ground {
        ON_ORDER,
        TO_ORDER
    }

    /**
     * @param id    of the promise that was broken or never kept
     * @param count pieces, at least 1
     */
    public record Want(long id, int count, Rank rank) {
    }

    /** @param order whose number it is on */
    public record Supply(LocalDate on, int count, String order) {
    }

    /**
     * @param on    the day its last piece is there
     * @param order the order it comes with; empty when it has still to be ordered
     */
    public record Date(Want want, Ground ground, LocalDate on, String order) {
    }

    private EarliestDates() {
    }

    /**
     * A want that what comes does not cover wholly waits for an order that is still to be made, and leaves what comes to the others.
     *
     * @param leadDays working days until what is ordered today is here, 0 or more
     * @return in the order they are served
     */
    public static List<Date> of(List<Want> wants, List<Supply> coming, LocalDate today, int leadDays) {
        Deque<Supply> left = new ArrayDeque<>(
                coming.stream().filter(s -> s.count() > 0).sorted(Comparator.comparing(Supply::on).thenComparing(Supply::order)).toList());
        int pieces = left.stream().mapToInt(Supply::count).sum();
        List<Date> dates = new ArrayList<>();
        for (Want want : wants.stream().sorted(Comparator.comparing(Want::rank).thenComparing(Want::id)).toList()) {
            if (want.count() > pieces) {
                dates.add(new Date(want, Ground.TO_ORDER, WorkingDays.after(today, leadDays), ""));
                continue;
            }
            pieces -= want.count();
            Supply last = give(left, want.count());
            // What should have come already comes today at the earliest.
            dates.add(new Date(want, Ground.ON_ORDER, last.on().isBefore(today) ? today : last.on(), last.order()));
        }
        return dates;
    }

    private static Supply give(Deque<Supply> left, int count) {
        Supply last = left.getFirst();
        for (int open = count; open > 0;) {
            last = left.removeFirst();
            if (last.count() > open) {
                left.addFirst(new Supply(last.on(), last.count() - open, last.order()));
            }
            open -= last.count();
        }
        return last;
    }
}
