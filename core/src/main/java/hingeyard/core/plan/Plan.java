package hingeyard.core.plan;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * Who does which leg when and where.
 *
 * @param legs      by start, then by job
 * @param unplanned jobs of which no leg is placed, and why
 * @param worth     how good it is
 * @param order     jobs in the order in which they were put in: who comes before whom where two want the same; a plan made anew begins
 *                  with it
 */
public record Plan(List<PlacedLeg> legs, List<Unplanned> unplanned, Worth worth, List<Long> order) {

    /**
     * A job that cannot be planned.
     *
     * @param why  what it lacks: a sentence
     * @param cure what would mend it: a sentence
     */
    public record Unplanned(long job, String why, String cure) {
    }

    public Plan {
        legs = legs.stream().sorted(Comparator.comparing(PlacedLeg::start).thenComparingLong(PlacedLeg::job)
                .thenComparingInt(l -> l.leg().ordinal())).toList();
        unplanned = List.copyOf(unplanned);
        order = List.copyOf(order);
    }

    /** A job's legs in order; none when it could not be planned. */
    public List<PlacedLeg> of(long job) {
        return legs.stream().filter(l -> l.job() == job).sorted(Comparator.comparingInt(l -> l.leg().ordinal())).toList();
    }

    /** All of them by job, each job's in order. */
    public Map<Long, List<PlacedLeg>> byJob() {
        Map<Long, List<PlacedLeg>> by = new TreeMap<>();
        legs.forEach(l -> by.computeIfAbsent(l.job(), j -> new ArrayList<>()).add(l));
        by.values().forEach(own -> own.sort(Comparator.comparingInt(l -> l.leg().ordinal())));
        return by;
    }

    public Optional<PlacedLeg> leg(long job, int ordinal) {
        return of(job).stream().filter(l -> l.leg().ordinal() == ordinal).findFirst();
    }

    /** When the last leg of each planned job is done and looked at. */
    public Map<Long, LocalDateTime> finishes() {
        Map<Long, LocalDateTime> last = new TreeMap<>();
        legs.forEach(l -> last.merge(l.job(), l.looked(), (a, b) -> a.isAfter(b) ? a : b));
        return last;
    }

    public Optional<LocalDateTime> finish(long job) {
        return Optional.ofNullable(finishes().get(job));
    }
}
