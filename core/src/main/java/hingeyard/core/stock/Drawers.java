package hingeyard.core.stock;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/** The drawers as one job sees them. Immutable; parts are found by use without looking at the others. */
public final class Drawers {

    private static final Drawers EMPTY = new Drawers(List.of());

    private final List<DrawerPart> parts;
    private final Map<String, List<DrawerPart>> byUse;

    /** Sorted by part number, so that the order in which stock is read never changes an answer. */
    public Drawers(Collection<DrawerPart> parts) {
        this.parts = parts.stream().sorted(Comparator.comparing(DrawerPart::number)).toList();
        this.byUse = this.parts.stream().collect(Collectors.groupingBy(DrawerPart::use));
    }

    public static Drawers empty() {
        return EMPTY;
    }

    /** All of them, by number. */
    public List<DrawerPart> parts() {
        return parts;
    }

    /** The parts of one use, those with none free included. */
    public List<DrawerPart> usedAs(String use) {
        return byUse.getOrDefault(use, List.of());
    }

    /** The first part of one use, by number, of which so many are free. */
    public Optional<DrawerPart> find(String use, int count, Predicate<DrawerPart> suits) {
        for (DrawerPart part : usedAs(use)) {
            if (part.free() >= count && suits.test(part)) {
                return Optional.of(part);
            }
        }
        return Optional.empty();
    }
}
