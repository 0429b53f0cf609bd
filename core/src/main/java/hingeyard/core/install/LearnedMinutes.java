package hingeyard.core.install;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;

/** How long this shop takes: the median of its own finished steps, once there are enough of them. */
public final class LearnedMinutes {

    /** Fewer than this say more about one day than about the step. */
    public static final int LEAST_SAMPLES = 5;
    private static final int SECONDS_IN_A_MINUTE = 60;

    private final Map<String, Integer> minutes;

    private LearnedMinutes(Map<String, Integer> minutes) {
        this.minutes = Map.copyOf(minutes);
    }

    public static LearnedMinutes none() {
        return new LearnedMinutes(Map.of());
    }

    /** @param seconds how long hands were at each finished step, by its key */
    public static LearnedMinutes of(Map<String, List<Integer>> seconds) {
        Map<String, Integer> minutes = new HashMap<>();
        seconds.forEach((key, samples) -> {
            if (samples.size() >= LEAST_SAMPLES) {
                minutes.put(key, median(samples));
            }
        });
        return new LearnedMinutes(minutes);
    }

    /** Of an even number the mean of the middle two; to the next whole minute, at least one. */
    private static int median(List<Integer> samples) {
        int[] sorted = samples.stream().mapToInt(Integer::intValue).sorted().toArray();
        int middle = sorted.length / 2;
        long twice = sorted.length % 2 == 1 ? 2L * sorted[middle] : (long) sorted[middle - 1] + sorted[middle];
        return Math.toIntExact(Math.max(1, -Math.floorDiv(-twice, 2L * SECONDS_IN_A_MINUTE)));
    }

    /** In minutes; empty while too few were finished. */
    public OptionalInt of(String key) {
        Integer learned = minutes.get(key);
        return learned == null ? OptionalInt.empty() : OptionalInt.of(learned);
    }

    /** The steps with these minutes where they are known. */
    public List<Step> on(List<Step> steps) {
        return minutes.isEmpty() ? steps : steps.stream().map(s -> of(s.key()).isPresent() ? s.taking(of(s.key()).getAsInt()) : s).toList();
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof LearnedMinutes learned && minutes.equals(learned.minutes);
    }

    @Override
    public int hashCode() {
        return minutes.hashCode();
    }
}
