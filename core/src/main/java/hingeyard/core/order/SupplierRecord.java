package hingeyard.core.order;

import hingeyard.core.order.OrderLine.Happening;
import hingeyard.core.order.OrderLine.Kind;
import hingeyard.core.order.OrderLine.State;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * How a supplier kept its word, by the lines that came whole.
 *
 * @param came      lines that came whole, 0 or more
 * @param onTime    of these, on the day they were expected when they were ordered, or sooner
 * @param usualDays whole days from the order to the last piece, the middle one of all (the lower of two); empty while nothing came
 */
public record SupplierRecord(int came, int onTime, Optional<Integer> usualDays) {

    /** @param lines of all orders to this supplier */
    public static SupplierRecord of(List<OrderLine> lines) {
        List<OrderLine> came = lines.stream().filter(l -> l.state() == State.RECEIVED).toList();
        List<Integer> days = came.stream().map(SupplierRecord::days).sorted().toList();
        return new SupplierRecord(came.size(), (int) came.stream().filter(SupplierRecord::onTime).count(),
                days.isEmpty() ? Optional.empty() : Optional.of(days.get((days.size() - 1) / 2)));
    }

    private static Optional<Happening> last(OrderLine line, Kind kind) {
        return line.happened().stream().filter(h -> h.kind() == kind).max(Comparator.comparing(Happening::at));
    }

    private static int days(OrderLine line) {
        return (int) Duration.between(last(line, Kind.ORDERED).orElseThrow().at(), last(line, Kind.RECEIVED).orElseThrow().at()).toDays();
    }

    private static boolean onTime(OrderLine line) {
        Optional<LocalDate> expected = last(line, Kind.ORDERED).flatMap(Happening::on);
        Optional<LocalDate> there = last(line, Kind.RECEIVED).flatMap(Happening::on);
        return expected.isEmpty() || there.isEmpty() || !there.get().isAfter(expected.get());
    }

    /** In a sentence. */
    public String text() {
        return usualDays
                .map(d -> "%d %s came, %d on the day or before; usually %d %s after the order.".formatted(came,
                        came == 1 ? "line" : "lines", onTime, d, d == 1 ? "day" : "days"))
                .orElse("Nothing came from there yet.");
    }
}
