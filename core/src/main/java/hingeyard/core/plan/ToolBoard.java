package hingeyard.core.plan;

import java.util.Arrays;

/** One special tool's time on the horizon: each piece of work that takes it has one of so many from its beginning to its end. */
final class ToolBoard {

    private final int pieces;
    private int[] from = new int[16];
    private int[] to = new int[16];
    private int count;

    /** @param pieces how many of it there are, 1 or more */
    ToolBoard(int pieces) {
        this.pieces = pieces;
    }

    void clear() {
        count = 0;
    }

    /**
     * @return the first minute at which it is worth asking again when all of them are taken at some time between start and end; -1 when one
     *         is there all the while
     */
    int takenUntil(int start, int end) {
        // They are all taken at most where one of them is fetched.
        if (takenAt(start) >= pieces) {
            return nextBack(start);
        }
        for (int i = 0; i < count; i++) {
            if (from[i] > start && from[i] < end && takenAt(from[i]) >= pieces) {
                return nextBack(from[i]);
            }
        }
        return -1;
    }

    private int takenAt(int minute) {
        int taken = 0;
        for (int i = 0; i < count; i++) {
            taken += from[i] <= minute && to[i] > minute ? 1 : 0;
        }
        return taken;
    }

    private int nextBack(int minute) {
        int next = Horizon.END;
        for (int i = 0; i < count; i++) {
            next = from[i] <= minute && to[i] > minute ? Math.min(next, to[i]) : next;
        }
        return next;
    }

    void take(int start, int end) {
        if (count == from.length) {
            from = Arrays.copyOf(from, count * 2);
            to = Arrays.copyOf(to, count * 2);
        }
        from[count] = start;
        to[count++] = end;
    }

    void give(int start, int end) {
        for (int i = 0; i < count; i++) {
            if (from[i] == start && to[i] == end) {
                from[i] = from[count - 1];
                to[i] = to[--count];
                return;
            }
        }
        throw new IllegalStateException("it was not taken from %d to %d".formatted(start, end));
    }
}
