package hingeyard.core.install;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How long this shop takes: the median of its own finished steps, once there are enough of them. It weighs on nothing by itself: labour is
 * billed by the book,
 * and the book is the manager's to change.
 */
public final class LearnedMinutes {

    /** Fewer than this say more about one day than about the step. */
    public static final int LEAST_SAMPLES = 5;
    /**
     * Nobody does a step in less than this share of what the book says: it was ticked without being done, or a tablet without a network
     * sent both taps at once.
     */
    public static final int SHORTEST_SHARE = 5;
    private static final int SECONDS_IN_A_MINUTE = 60;

    /**
     * What was learned of one step.
     *
     * @param minutes median of what counts, to the next whole minute, at least one; empty while too few count
     * @param counted how many finished steps count
     * @param leftOut how many are too short to be true
     */
    public record OfStep(Optional<Integer> minutes, int counted, int leftOut) {
    }

    private static final OfStep NOTHING = new OfStep(Optional.empty(), 0, 0);

    private final Map<String, OfStep> steps;

    private LearnedMinutes(Map<String, OfStep> steps) {
        this.steps = Map.copyOf(steps);
    }

    /**
     * @param seconds how long hands were at each finished step, by its key
     * @param book    minutes by the book, by the step's key; a step that stands in no book teaches nothing
     */
    public static LearnedMinutes of(Map<String, List<Integer>> seconds, Map<String, Integer> book) {
        Map<String, OfStep> steps = new HashMap<>();
        seconds.forEach((key, samples) -> {
            if (book.containsKey(key)) {
                int least = book.get(key) * SECONDS_IN_A_MINUTE / SHORTEST_SHARE;
                List<Integer> counted = samples.stream().filter(s -> s >= least).toList();
                steps.put(key, new OfStep(counted.size() < LEAST_SAMPLES ? Optional.empty() : Optional.of(median(counted)), counted.size(),
                        samples.size() - counted.size()));
            }
        });
        return new LearnedMinutes(steps);
    }

    /** Of an even number the mean of the middle two; to the next whole minute, at least one. */
    private static int median(List<Integer> samples) {
        int[] sorted = samples.stream().mapToInt(Integer::intValue).sorted().toArray();
        int middle = sorted.length / 2;
        long twice = sorted.length % 2 == 1 ? 2L * sorted[middle] : (long) sorted[middle - 1] + sorted[middle];
        return Math.toIntExact(Math.max(1, -Math.floorDiv(-twice, 2L * SECONDS_IN_A_MINUTE)));
    }

    public OfStep of(String key) {
        return steps.getOrDefault(key, NOTHING);
    }
}
