package hingeyard.core.stock;

import java.util.Comparator;
import java.util.List;

/** The drawers as one job sees them. */
public record Drawers(List<DrawerPart> parts) {

    /** Sorted by part number, so that the order in which stock is read never changes an answer. */
    public Drawers {
        parts = parts.stream().sorted(Comparator.comparing(DrawerPart::number)).toList();
    }

    public static Drawers empty() {
        return new Drawers(List.of());
    }

    /** The parts of one use, those with none free included. */
    public List<DrawerPart> usedAs(String use) {
        return parts.stream().filter(p -> p.use().equals(use)).toList();
    }
}
