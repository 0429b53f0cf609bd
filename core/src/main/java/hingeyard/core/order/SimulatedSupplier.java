package hingeyard.core.order;

import hingeyard.core.booking.WorkingDays;
import hingeyard.core.order.SupplierAnswer.Line;
import hingeyard.core.order.SupplierAnswer.Promise;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/**
 * Stands in for suppliers where there is no line to one: answers an order as suppliers do, well or badly, and always the same for the same
 * order.
 */
public final class SimulatedSupplier {

    /** How it answers. */
    public enum Mood {
        AS_ORDERED("as ordered"),
        IN_PART("half of it, the rest a week later"),
        LATE("all of it, a week late"),
        ONLY_HALF("half of it, nothing of the rest"),
        OTHER_PART("another part instead");

        private final String label;

        Mood(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /**
     * @param part     the part ordered
     * @param count    pieces, at least 1
     * @param leadDays working days it takes
     */
    public record Wanted(String part, int count, int leadDays) {
    }

    private static final int A_WEEK = 5;

    private SimulatedSupplier() {
    }

    public static SupplierAnswer answer(long order, String supplier, List<Wanted> wanted, Mood mood, LocalDate today) {
        List<Line> lines = new ArrayList<>();
        for (Wanted w : wanted) {
            lines.add(line(w, mood, today));
        }
        return new SupplierAnswer(order, supplier, today, lines);
    }

    private static Line line(Wanted w, Mood mood, LocalDate today) {
        LocalDate on = WorkingDays.after(today, w.leadDays());
        LocalDate later = WorkingDays.after(today, w.leadDays() + A_WEEK);
        int half = w.count() / 2;
        List<Promise> promises = switch (mood) {
            case AS_ORDERED -> List.of(new Promise(w.count(), on));
            case LATE -> List.of(new Promise(w.count(), later));
            case IN_PART -> some(new Promise(half, on), new Promise(w.count() - half, later));
            case ONLY_HALF -> some(new Promise(half, on));
            case OTHER_PART -> List.of();
        };
        return new Line(w.part(), promises, mood == Mood.OTHER_PART ? w.part() + "-NEW" : "", mood.label());
    }

    private static List<Promise> some(Promise... promises) {
        return List.of(promises).stream().filter(p -> p.count() > 0).toList();
    }
}
