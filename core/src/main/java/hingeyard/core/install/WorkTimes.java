package hingeyard.core.install;

import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** How long each person was at a job's steps, from what happened to them. */
public final class WorkTimes {

    /**
     * A step that began, or that ended in one way or another.
     *
     * @param begins whether it began; else it was ticked, paused or got stuck
     */
    public record Moment(String step, boolean begins, String person, Instant at) {
    }

    private WorkTimes() {
    }

    /**
     * Two steps that one person runs at once count twice: so do the hands they ask for.
     *
     * @param moments in the order they happened
     * @param now     until when what still runs counts
     */
    public static Map<String, Duration> of(List<Moment> moments, Instant now) {
        Map<String, Duration> times = new TreeMap<>();
        Map<String, Moment> running = new HashMap<>();
        for (Moment moment : moments) {
            Moment began = moment.begins() ? running.put(moment.step(), moment) : running.remove(moment.step());
            if (began != null) {
                add(times, began, moment.at());
            }
        }
        running.values().forEach(began -> add(times, began, now));
        return times;
    }

    private static void add(Map<String, Duration> times, Moment began, Instant until) {
        times.merge(began.person(), Duration.between(began.at(), until.isBefore(began.at()) ? began.at() : until), Duration::plus);
    }
}
