package hingeyard.core.plan;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Stream;

/** What is other in one plan than in another, in sentences. */
public final class PlanDifference {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.UK);

    /**
     * A job that is finished on another day, on another stand or in other hands.
     *
     * @param days     open days later; fewer than 0 for earlier; 0 for the same day
     * @param breaks   whether its promised day held before and does not any more
     * @param sentence what is other
     */
    public record Moved(long job, int days, boolean breaks, String sentence) {
    }

    private PlanDifference() {
    }

    /** @return by the size of it: broken promises first, then the latest; none when nothing that anybody would notice is other */
    public static List<Moved> of(PlanQuestion question, Plan before, Plan after) {
        Horizon horizon = new Horizon(question.now(), question.days());
        Map<Long, LocalDateTime> was = before.finishes();
        Map<Long, LocalDateTime> is = after.finishes();
        List<Moved> moved = new ArrayList<>();
        for (long job : new TreeSet<>(Stream.concat(was.keySet().stream(), is.keySet().stream()).toList())) {
            Optional<LocalDate> promised = question.jobs().stream().filter(j -> j.number() == job).findFirst().flatMap(PlanJob::promised);
            Optional<LocalDate> then = Optional.ofNullable(was.get(job)).map(LocalDateTime::toLocalDate);
            Optional<LocalDate> now = Optional.ofNullable(is.get(job)).map(LocalDateTime::toLocalDate);
            if (then.isEmpty() || now.isEmpty()) {
                moved.add(new Moved(job, now.isEmpty() ? Horizon.DAYS : -Horizon.DAYS, now.isEmpty() && promised.isPresent(),
                        now.map(d -> "%d can be planned: finished %s.".formatted(job, DAY.format(d)))
                                .orElse("%d cannot be planned any more.".formatted(job))));
                continue;
            }
            int days = horizon.openDays(horizon.number(then.get()), horizon.number(now.get()))
                    - horizon.openDays(horizon.number(now.get()), horizon.number(then.get()));
            boolean breaks = promised.filter(p -> !then.get().isAfter(p) && now.get().isAfter(p)).isPresent();
            List<String> said = new ArrayList<>();
            if (days != 0) {
                said.add("finished %s instead of %s, %d day%s %s%s".formatted(DAY.format(now.get()), DAY.format(then.get()), Math.abs(days),
                        Math.abs(days) == 1 ? "" : "s", days > 0 ? "later" : "earlier",
                        breaks ? "; promised for " + DAY.format(promised.get()) : ""));
            }
            stands(before, after, job).ifPresent(said::add);
            hands(before, after, job).ifPresent(said::add);
            if (!said.isEmpty()) {
                moved.add(new Moved(job, days, breaks, "%d: %s.".formatted(job, String.join("; ", said))));
            }
        }
        moved.sort((a, b) -> a.breaks != b.breaks ? Boolean.compare(b.breaks, a.breaks) : Integer.compare(b.days, a.days));
        return moved;
    }

    private static Optional<String> stands(Plan before, Plan after, long job) {
        List<Integer> was = before.of(job).stream().flatMap(l -> l.stand().stream()).distinct().toList();
        List<Integer> is = after.of(job).stream().flatMap(l -> l.stand().stream()).distinct().toList();
        return was.equals(is) || is.isEmpty() ? Optional.empty()
                : Optional.of("on stand %s%s".formatted(joined(is), was.isEmpty() ? "" : " instead of " + joined(was)));
    }

    private static Optional<String> hands(Plan before, Plan after, long job) {
        List<String> was = before.of(job).stream().map(PlacedLeg::person).distinct().sorted().toList();
        List<String> is = after.of(job).stream().map(PlacedLeg::person).distinct().sorted().toList();
        return was.equals(is) ? Optional.empty() : Optional.of("in the hands of %s instead of %s".formatted(joined(is), joined(was)));
    }

    private static String joined(List<?> all) {
        return String.join(" and ", all.stream().map(Objects::toString).toList());
    }
}
