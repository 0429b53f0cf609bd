package hingeyard.core.plan;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * The floor on one of the coming days.
 *
 * @param open     whether the shop is
 * @param standing bikes that are on a stand at any time of it, by stand and time
 * @param beside   what is done without a stand, by time
 * @param promised jobs whose customers were told this day
 * @param finished jobs that are finished on it
 */
public record DayAhead(LocalDate date, boolean open, List<Standing> standing, List<Beside> beside, List<Long> promised,
        List<Long> finished) {

    /**
     * A bike on a stand for a day or a part of it.
     *
     * @param hands   who works on it that day; nobody while it only waits
     * @param minutes of hands at it that day
     * @param waits   what it waits for all that day; empty while somebody works on it, or nothing but a night keeps it
     */
    public record Standing(int stand, long job, List<String> hands, int minutes, Optional<Wait> waits) {
    }

    /** A leg that takes no stand. */
    public record Beside(long job, LegPlace place, String person, int minutes) {
    }

    /** The next days, closed ones among them. */
    public static List<DayAhead> of(PlanQuestion question, Plan plan, int days) {
        LocalDate first = question.now().toLocalDate();
        Map<Long, List<PlacedLeg>> byJob = plan.byJob();
        return first.datesUntil(first.plusDays(days)).map(d -> day(question, plan, byJob, d)).toList();
    }

    private static DayAhead day(PlanQuestion question, Plan plan, Map<Long, List<PlacedLeg>> byJob, LocalDate day) {
        List<Standing> standing = new ArrayList<>();
        for (PlanJob job : question.jobs()) {
            List<PlacedLeg> legs = byJob.getOrDefault(job.number(), List.of());
            if (legs.isEmpty()) {
                job.stand().ifPresent(s -> standing.add(new Standing(s, job.number(), List.of(), 0, firstWait(job))));
                continue;
            }
            for (int stand : legs.stream().flatMap(l -> l.stand().stream()).collect(Collectors.toCollection(TreeSet::new))) {
                on(question, job, legs, stand, day).ifPresent(standing::add);
            }
        }
        standing.sort(Comparator.comparingInt(Standing::stand)
                .thenComparing(
                        s -> byJob.getOrDefault(s.job, List.of()).stream().map(PlacedLeg::start).findFirst().orElse(question.now())));
        List<Beside> beside = plan.legs().stream().filter(l -> l.stand().isEmpty() && minutes(l, day) > 0)
                .map(l -> new Beside(l.job(), l.leg().place(), l.person(), minutes(l, day))).toList();
        return new DayAhead(day, question.days().isOpen(day), standing, beside,
                question.jobs().stream().filter(j -> j.promised().filter(day::equals).isPresent()).map(PlanJob::number).toList(),
                plan.finishes().entrySet().stream().filter(e -> e.getValue().toLocalDate().equals(day)).map(e -> e.getKey()).toList());
    }

    private static Optional<Wait> firstWait(PlanJob job) {
        return job.legs().get(0).waits().stream().max(Comparator.comparing(Wait::until));
    }

    private static Optional<Standing> on(PlanQuestion question, PlanJob job, List<PlacedLeg> legs, int stand, LocalDate day) {
        List<PlacedLeg> there = legs.stream().filter(l -> l.stand().filter(s -> s == stand).isPresent()).toList();
        boolean sinceNow = job.stand().filter(s -> s == stand).isPresent();
        boolean present = false;
        Optional<Wait> waits = Optional.empty();
        LocalDateTime before = sinceNow ? question.now() : null;
        for (PlacedLeg leg : there) {
            boolean stays = before != null && (sinceNow || leg.leg().waits().isEmpty());
            LocalDateTime from = stays ? before : leg.start();
            if (!from.toLocalDate().isAfter(day) && !leg.looked().toLocalDate().isBefore(day)) {
                present = true;
                if (leg.start().toLocalDate().isAfter(day)) {
                    waits = leg.leg().waits().stream().filter(w -> w.until().toLocalDate().isAfter(day))
                            .max(Comparator.comparing(Wait::until)).or(() -> Optional.empty());
                }
            }
            before = leg.looked();
        }
        if (!present) {
            return Optional.empty();
        }
        List<PlacedLeg> worked = there.stream().filter(l -> minutes(l, day) > 0).toList();
        return Optional.of(new Standing(stand, job.number(), worked.stream().map(PlacedLeg::person).distinct().toList(),
                worked.stream().mapToInt(l -> minutes(l, day)).sum(), worked.isEmpty() ? waits : Optional.empty()));
    }

    /** Minutes of hands at a leg on a day. */
    public static int minutes(PlacedLeg leg, LocalDate day) {
        return leg.worked().stream().filter(s -> s.from().toLocalDate().equals(day))
                .mapToInt(s -> (int) Duration.between(s.from(), s.to()).toMinutes()).sum();
    }
}
