package hingeyard.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** One person's hours on the horizon and what is in them already. */
final class Hands {

    /** A piece of work that was found room for. */
    record Room(int start, int end) {
    }

    private final int[] from;
    private final int[] to;
    /** The first stretch of hours that ends after a day's beginning, by day. */
    private final int[] firstOfDay = new int[Horizon.DAYS + 1];
    private final int longest;
    private int[] busyFrom = new int[16];
    private int[] busyTo = new int[16];
    private int busy;

    private Hands(int[] from, int[] to) {
        this.from = from;
        this.to = to;
        int most = 0;
        int stretch = 0;
        for (int d = 0; d <= Horizon.DAYS; d++) {
            while (stretch < to.length && to[stretch] <= d * Horizon.DAY) {
                stretch++;
            }
            firstOfDay[d] = stretch;
        }
        for (int i = 0; i < from.length; i++) {
            most = Math.max(most, to[i] - from[i]);
        }
        longest = most;
    }

    static Hands of(Worker worker, Horizon horizon) {
        int[] from = new int[Horizon.DAYS];
        int[] to = new int[Horizon.DAYS];
        int count = 0;
        for (int d = 0; d < Horizon.DAYS; d++) {
            LocalDate day = horizon.day(d);
            if (horizon.isOpen(d) && worker.on(day)) {
                var span = worker.hours().days().get(day.getDayOfWeek());
                from[count] = d * Horizon.DAY + span.from().toSecondOfDay() / 60;
                to[count++] = d * Horizon.DAY + span.to().toSecondOfDay() / 60;
            }
        }
        return new Hands(Arrays.copyOf(from, count), Arrays.copyOf(to, count));
    }

    /** Hands that are always there: for asking what hours cost. */
    static Hands always() {
        return new Hands(new int[]{0}, new int[]{Horizon.END});
    }

    /** The same hours with nothing in them. */
    Hands idle() {
        return new Hands(from, to);
    }

    void clear() {
        busy = 0;
    }

    /** Whether they are in at any time at all. */
    boolean everIn() {
        return from.length > 0;
    }

    /** The first minute from that one on at which they are in, closing time included; {@link Horizon#END} when they never are again. */
    int inFrom(int minute) {
        if (minute >= Horizon.END) {
            return Horizon.END;
        }
        int i = firstOfDay[minute / Horizon.DAY];
        while (i < to.length && to[i] < minute) {
            i++;
        }
        return i == to.length ? Horizon.END : Math.max(minute, from[i]);
    }

    /**
     * The first room for a piece of work. It is not cut by closing time, but for work that is longer than any of their days, or goes on
     * already.
     *
     * @param begun whether it goes on already
     * @return null when there is none on the horizon
     */
    Room room(int ready, int minutes, boolean begun) {
        boolean cut = begun || minutes > longest;
        int b = firstBusyAfter(ready);
        for (int i = ready >= Horizon.END ? from.length : firstOfDay[ready / Horizon.DAY]; i < from.length; i++) {
            int at = Math.max(from[i], ready);
            while (at < to[i]) {
                while (b < busy && busyTo[b] <= at) {
                    b++;
                }
                int next = b < busy ? busyFrom[b] : Horizon.END;
                if (next <= at) {
                    at = busyTo[b];
                    continue;
                }
                int free = Math.min(next, to[i]);
                if (free - at >= minutes) {
                    return new Room(at, at + minutes);
                }
                if (cut && free == to[i]) {
                    int end = overNight(i + 1, minutes - (free - at), next);
                    if (end > 0) {
                        return new Room(at, end);
                    }
                }
                at = free == to[i] ? to[i] : busyTo[b];
            }
        }
        return null;
    }

    /** When the rest is done from that stretch of hours on, if nothing else comes in between; else 0. */
    private int overNight(int stretch, int minutes, int nextBusy) {
        int rest = minutes;
        for (int i = stretch; i < from.length; i++) {
            int end = Math.min(to[i], from[i] + rest);
            if (end > nextBusy) {
                return 0;
            }
            rest -= end - from[i];
            if (rest == 0) {
                return end;
            }
        }
        return 0;
    }

    private int firstBusyAfter(int minute) {
        int low = 0;
        int high = busy;
        while (low < high) {
            int middle = low + high >>> 1;
            if (busyTo[middle] <= minute) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    /** Puts a piece of work into its room: their hours between its start and its end are taken. */
    void take(Room room) {
        int place = firstBusyAfter(room.start);
        if (busy == busyFrom.length) {
            busyFrom = Arrays.copyOf(busyFrom, busy * 2);
            busyTo = Arrays.copyOf(busyTo, busy * 2);
        }
        System.arraycopy(busyFrom, place, busyFrom, place + 1, busy - place);
        System.arraycopy(busyTo, place, busyTo, place + 1, busy - place);
        busyFrom[place] = room.start;
        busyTo[place] = room.end;
        busy++;
    }

    /** Takes a piece of work out again. */
    void give(Room room) {
        int place = firstBusyAfter(room.start);
        System.arraycopy(busyFrom, place + 1, busyFrom, place, busy - place - 1);
        System.arraycopy(busyTo, place + 1, busyTo, place, busy - place - 1);
        busy--;
    }

    /** When hands are at it: their hours between start and end, in pairs of from and to. */
    List<int[]> stretches(Room room) {
        List<int[]> stretches = new ArrayList<>();
        for (int i = firstOfDay[room.start / Horizon.DAY]; i < from.length && from[i] < room.end; i++) {
            int start = Math.max(from[i], room.start);
            int end = Math.min(to[i], room.end);
            if (end > start) {
                stretches.add(new int[]{start, end});
            }
        }
        return stretches;
    }
}
