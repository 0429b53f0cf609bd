package hingeyard.core.plan;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What the plan asks of the drawers: which trays are wanted when, and what must come by when or which job moves.
 *
 * @param trays by when they are wanted
 * @param due   by when they are needed
 */
public record StockDay(List<Tray> trays, List<Due> due) {

    /**
     * How far a job's tray is.
     *
     * @param lines parts lines of its bill that come from the drawers, 0 or more
     * @param laid  of these, lying on the tray or mounted already
     */
    public record Laid(int lines, int laid) {
    }

    /**
     * A tray that is wanted.
     *
     * @param wanted when hands are at the first leg that is left of the job
     * @param person whose hands
     * @param laid   how far it is
     */
    public record Tray(long job, LocalDateTime wanted, String person, Optional<Integer> stand, Laid laid) {
    }

    /**
     * A part that is awaited.
     *
     * @param what   what comes, with its count
     * @param comes  when it is expected
     * @param known  whether anybody confirmed that; else it is supposed
     * @param needed when the leg begins that mounts it
     * @param later  what moves when it comes a working day later: sentences; none when nothing does
     */
    public record Due(long job, String what, LocalDateTime comes, boolean known, LocalDateTime needed, List<String> later) {
    }

    /** No more parts are told than somebody runs after in a day; each is planned with once more. */
    private static final int MOST_DUE = 24;

    /**
     * @param trays of jobs with a bill, by number; one that is whole is wanted no more
     * @param until the last day of which trays are told
     */
    public static StockDay of(PlanQuestion question, Plan plan, Map<Long, Laid> trays, LocalDate until) {
        return new StockDay(trays(plan, trays, until), due(question, plan));
    }

    /** By when they are wanted. */
    public static List<Tray> trays(Plan plan, Map<Long, Laid> trays, LocalDate until) {
        List<Tray> wanted = new ArrayList<>();
        plan.byJob().forEach((job, legs) -> Optional.ofNullable(trays.get(job)).filter(t -> t.laid() < t.lines())
                .filter(t -> !legs.get(0).start().toLocalDate().isAfter(until))
                .ifPresent(t -> wanted.add(new Tray(job, legs.get(0).start(), legs.get(0).person(),
                        legs.stream().flatMap(l -> l.stand().stream()).findFirst(), t))));
        wanted.sort(Comparator.comparing(Tray::wanted).thenComparing(Tray::job));
        return List.copyOf(wanted);
    }

    /** By when they are needed, the first {@value #MOST_DUE}. */
    public static List<Due> due(PlanQuestion question, Plan plan) {
        record Awaited(PlacedLeg leg, Wait part) {
        }
        return plan.legs().stream()
                .flatMap(l -> l.leg().waits().stream().filter(w -> w.kind() == Wait.Kind.PART).map(w -> new Awaited(l, w)))
                .sorted(Comparator.comparing((Awaited a) -> a.leg.start()).thenComparing(a -> a.leg.job())
                        .thenComparing(a -> a.part.what()))
                .limit(MOST_DUE).map(a -> new Due(a.leg.job(), a.part.what(), a.part.until(), a.part.known(), a.leg.start(),
                        later(question, plan, a.leg, a.part)))
                .toList();
    }

    /** Planned with it a working day later, and nothing else looked for: what moves by itself. */
    private static List<String> later(PlanQuestion question, Plan plan, PlacedLeg leg, Wait wait) {
        LocalDateTime next = question.days().openFrom(wait.until().toLocalDate().plusDays(1)).atTime(wait.until().toLocalTime());
        PlanQuestion with = question.with(leg.job(), j -> j.with(j.legs().stream().map(l -> l.waiting(l.waits().stream()
                .map(w -> w.equals(wait) ? new Wait(w.kind(), w.what(), next, w.known()) : w).toList())).toList()));
        Set<Long> moved = new java.util.TreeSet<>();
        return PlanDifference.of(question, plan, Planner.carriedOn(with, plan)).stream().filter(m -> m.days() > 0 && moved.add(m.job()))
                .map(PlanDifference.Moved::sentence).toList();
    }
}
