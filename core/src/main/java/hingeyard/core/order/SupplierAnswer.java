package hingeyard.core.order;

import java.time.LocalDate;
import java.util.List;

/**
 * A supplier's answer to an order.
 *
 * @param order    the order's number
 * @param supplier who answers
 * @param on       the day of the answer
 * @param lines    one for each part answered for
 */
public record SupplierAnswer(long order, String supplier, LocalDate on, List<Line> lines) {

    /** So many on a day. */
    public record Promise(int count, LocalDate on) {
    }

    /**
     * @param part     the part that was ordered
     * @param promises what is promised of it; empty for nothing
     * @param instead  number of another part that is offered instead; empty when none is
     * @param note     what the supplier says beside it
     */
    public record Line(String part, List<Promise> promises, String instead, String note) {

        public Line {
            promises = List.copyOf(promises);
        }

        public int promised() {
            return promises.stream().mapToInt(Promise::count).sum();
        }
    }

    public SupplierAnswer {
        lines = List.copyOf(lines);
    }
}
