package hingeyard.core.stock;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.IntBinaryOperator;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The drawers as one job sees them. Immutable; parts are found by use without looking at the others. */
public final class Drawers {

    private static final Drawers EMPTY = new Drawers(List.of());

    private final List<DrawerPart> parts;
    private final Map<String, List<DrawerPart>> byUse;
    private final Consumer<String> asked;

    /** Sorted by part number, so that the order in which stock is read never changes an answer. */
    public Drawers(Collection<DrawerPart> parts) {
        this.parts = parts.stream().sorted(Comparator.comparing(DrawerPart::number)).toList();
        this.byUse = this.parts.stream().collect(Collectors.groupingBy(DrawerPart::use));
        this.asked = use -> {
        };
    }

    private Drawers(List<DrawerPart> parts, Map<String, List<DrawerPart>> byUse, Consumer<String> asked) {
        this.parts = parts;
        this.byUse = byUse;
        this.asked = asked;
    }

    /** The same drawers, which tell of every use that is asked for: nothing but what lies there can change the answer. */
    public Drawers telling(Consumer<String> asked) {
        return new Drawers(parts, byUse, asked);
    }

    /** The uses of which not the same lies in others. */
    public Set<String> otherThan(Drawers others) {
        Set<String> other = new HashSet<>();
        Stream.concat(byUse.keySet().stream(), others.byUse.keySet().stream()).forEach(use -> {
            List<DrawerPart> here = byUse.getOrDefault(use, List.of());
            List<DrawerPart> there = others.byUse.getOrDefault(use, List.of());
            if (here != there && !here.equals(there)) {
                other.add(use);
            }
        });
        return other;
    }

    /** The same drawers with so many more free of some numbers. */
    public Drawers withMore(Map<String, Integer> more) {
        return with(more, Integer::sum);
    }

    /** The same drawers with so many free of some numbers, those not named as they are. */
    public Drawers withFree(Map<String, Integer> free) {
        return with(free, (before, now) -> now);
    }

    /** Only what lies beside a changed part is looked at again: thousands of parts stand in the drawers, few move. */
    private Drawers with(Map<String, Integer> counts, IntBinaryOperator free) {
        if (counts.isEmpty()) {
            return this;
        }
        List<DrawerPart> changed = new ArrayList<>(parts);
        Map<String, List<DrawerPart>> uses = new HashMap<>(byUse);
        counts.forEach((number, count) -> {
            int at = at(changed, number);
            if (at >= 0) {
                DrawerPart part = changed.get(at);
                DrawerPart other = part.withFree(free.applyAsInt(part.free(), count));
                changed.set(at, other);
                uses.put(part.use(), uses.get(part.use()).stream().map(p -> p.number().equals(number) ? other : p).toList());
            }
        });
        return new Drawers(Collections.unmodifiableList(changed), uses, asked);
    }

    private static int at(List<DrawerPart> sorted, String number) {
        int low = 0;
        int high = sorted.size() - 1;
        while (low <= high) {
            int middle = (low + high) >>> 1;
            int order = sorted.get(middle).number().compareTo(number);
            if (order == 0) {
                return middle;
            }
            low = order < 0 ? middle + 1 : low;
            high = order < 0 ? high : middle - 1;
        }
        return -1;
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
        asked.accept(use);
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
