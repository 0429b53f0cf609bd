package hingeyard.core.plan;

import java.time.LocalDate;
import java.util.Map;

/**
 * How well the shop kept the days it told.
 *
 * @param told finished jobs whose customers were told a day
 * @param kept of them finished on that day or before
 */
public record PromiseRecord(int told, int kept) {

    /**
     * @param promised the day each customer was told, by job
     * @param finished the day each job was finished; those that are not finished are missing, and tell nothing yet
     */
    public static PromiseRecord of(Map<Long, LocalDate> promised, Map<Long, LocalDate> finished) {
        int told = 0;
        int kept = 0;
        for (Map.Entry<Long, LocalDate> job : promised.entrySet()) {
            LocalDate day = finished.get(job.getKey());
            if (day != null) {
                told++;
                kept += day.isAfter(job.getValue()) ? 0 : 1;
            }
        }
        return new PromiseRecord(told, kept);
    }

    /** As one says it; blank while nothing that was promised is finished. */
    public String sentence() {
        return told == 0 ? "" : "%d of %d promised day%s kept so far.".formatted(kept, told, told == 1 ? "" : "s");
    }
}
