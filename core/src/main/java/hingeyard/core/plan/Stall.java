package hingeyard.core.plan;

import java.util.Arrays;

/** One stand's time on the horizon: bikes stay on it from their first leg there to the last, nights included. */
final class Stall {

    private int[] from = new int[16];
    private int[] to = new int[16];
    private int count;
    /** From when on the bike that is on it now keeps it, while nobody has worked out until when. */
    private boolean kept;

    void clear(boolean keptByItsBike) {
        count = 0;
        kept = keptByItsBike;
    }

    /** The bike that is on it is planned: what it takes is known. */
    void release() {
        kept = false;
    }

    /** The first minute from that one on at which nothing is on it; {@link Horizon#END} when there is none. */
    int freeFrom(int minute) {
        if (kept) {
            return Horizon.END;
        }
        int at = minute;
        for (int i = 0; i < count; i++) {
            if (from[i] > at) {
                return at;
            }
            at = Math.max(at, to[i]);
        }
        return at;
    }

    /** Until when it is free from a minute at which it is. */
    int freeUntil(int minute) {
        for (int i = 0; i < count; i++) {
            if (from[i] >= minute) {
                return from[i];
            }
        }
        return Horizon.END;
    }

    void take(int start, int end) {
        int place = count;
        while (place > 0 && from[place - 1] > start) {
            place--;
        }
        if (count == from.length) {
            from = Arrays.copyOf(from, count * 2);
            to = Arrays.copyOf(to, count * 2);
        }
        System.arraycopy(from, place, from, place + 1, count - place);
        System.arraycopy(to, place, to, place + 1, count - place);
        from[place] = start;
        to[place] = end;
        count++;
    }

    /** A bike that was to come then does not. */
    void give(int start, int end) {
        for (int i = 0; i < count; i++) {
            if (from[i] == start && to[i] == end) {
                System.arraycopy(from, i + 1, from, i, count - i - 1);
                System.arraycopy(to, i + 1, to, i, count - i - 1);
                count--;
                return;
            }
        }
        throw new IllegalStateException("nothing is on it from %d to %d".formatted(start, end));
    }
}
