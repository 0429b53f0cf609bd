package hingeyard.core.money;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * An invoice and what of it was credited since.
 *
 * @param number   as on the paper
 * @param byMinor  what the bill it is of came to when it was written; a bill that says otherwise later is told
 * @param lines    as written
 * @param credited places of lines given back, from 0
 */
public record Invoiced(String number, long byMinor, List<TaxedLine> lines, Set<Integer> credited) {

    /** @throws IllegalArgumentException for a credited line that is not there */
    public Invoiced {
        lines = List.copyOf(lines);
        credited = Set.copyOf(credited);
        for (int place : credited) {
            if (place < 0 || place >= lines.size()) {
                throw new IllegalArgumentException("credited line %d: 0 to %d".formatted(place, lines.size() - 1));
            }
        }
    }

    /** What still stands. */
    public List<TaxedLine> standing() {
        return without(credited);
    }

    private List<TaxedLine> without(Set<Integer> gone) {
        return IntStream.range(0, lines.size()).filter(i -> !gone.contains(i)).mapToObj(lines::get).toList();
    }

    /** Places of the lines that still stand, in order. */
    public Set<Integer> left() {
        return IntStream.range(0, lines.size()).filter(i -> !credited.contains(i)).boxed().collect(Collectors.toCollection(TreeSet::new));
    }

    /** Whether all of it was given back. */
    public boolean over() {
        return credited.size() == lines.size();
    }

    public long totalMinor() {
        return Sums.of(lines).totalMinor();
    }

    /** What of it is still to be paid, were nothing paid yet. */
    public long standingMinor() {
        return Sums.of(standing()).totalMinor();
    }

    /** A credit note's lines and sums. */
    public record Credit(List<TaxedLine> lines, Sums sums) {
    }

    /**
     * @param places of lines that still stand
     * @throws IllegalArgumentException where one does not, or none is named
     */
    public Credit credit(Set<Integer> places) {
        if (places.isEmpty() || places.stream().anyMatch(p -> p < 0 || p >= lines.size() || credited.contains(p))) {
            throw new IllegalArgumentException("lines %s of invoice %s: those that were not credited yet".formatted(places, number));
        }
        Set<Integer> gone = new TreeSet<>(credited);
        gone.addAll(places);
        return new Credit(places.stream().sorted().map(p -> lines.get(p).back()).toList(), Sums.back(standing(), without(gone)));
    }
}
