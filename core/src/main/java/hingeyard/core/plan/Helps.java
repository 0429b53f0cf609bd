package hingeyard.core.plan;

import hingeyard.core.floor.SpecialTool;
import hingeyard.core.floor.Stand;
import hingeyard.core.people.WorkingHours;
import java.time.DayOfWeek;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;

/** What would help a job: whatever its chain of causes names is tried, each by planning with it, and told with its effect. */
public final class Helps {

    private static final int LATEST_HOUR = 22;

    private final PlanQuestion question;
    private final Plan plan;
    private final long job;
    private final Map<String, Supplier<Plan>> ideas = new LinkedHashMap<>();

    private Helps(PlanQuestion question, Plan plan, long job) {
        this.question = question;
        this.plan = plan;
        this.job = job;
    }

    /**
     * @param chains the chains of causes of the job's legs
     * @return what was tried, the most helpful first; also what brings nothing, so that nobody tries it
     * @throws IllegalArgumentException when that job is not planned
     */
    public static List<Help> of(PlanQuestion question, Plan plan, long job, List<List<Cause>> chains) {
        Helps helps = new Helps(question, plan, job);
        plan.finish(job).orElseThrow(() -> new IllegalArgumentException("job %d is not planned".formatted(job)));
        chains.forEach(chain -> chain.forEach(helps::think));
        helps.ideas.putIfAbsent("taking %d before all others".formatted(job),
                () -> Planner.first(question, plan, job, helps.quick()));
        return helps.ideas.entrySet().stream().flatMap(e -> helps.tried(e.getKey(), e.getValue().get()).stream())
                .sorted(Comparator.comparing(Help::finish).thenComparing(h -> h.later().size())).toList();
    }

    private void think(Cause cause) {
        PlacedLeg leg = plan.leg(cause.job(), cause.ordinal()).orElseThrow();
        switch (cause.kind()) {
            case WAIT -> leg.leg().waits().stream().filter(w -> w.kind() != Wait.Kind.ARRIVAL && w.kind() != Wait.Kind.REST)
                    .forEach(w -> idea(
                            (w.kind() == Wait.Kind.PART ? "%s for %d here today" : "%s for %d settled today").formatted(w.what(),
                                    cause.job()),
                            question.with(cause.job(), j -> j.with(j.legs().stream()
                                    .map(l -> l.waiting(l.waits().stream().filter(o -> !o.equals(w)).toList())).toList()))));
            case HANDS, HOURS, SAME_HANDS -> hands(leg, cause);
            case EARLIER_LEG -> {
                if (leg.leg().hold() || plan.leg(leg.job(), leg.leg().ordinal() - 1).filter(b -> b.leg().hold()).isPresent()) {
                    hands(plan.leg(leg.job(), leg.leg().ordinal() - 1).orElse(leg), cause);
                }
            }
            case STAND -> question.stands().stream().filter(s -> s.rated().isEmpty()).findFirst()
                    .or(() -> question.stands().stream().max(Comparator.comparing(s -> s.rated().orElseThrow())))
                    .ifPresent(this::oneMoreStand);
            case TOOL -> question.tools().stream().filter(t -> leg.leg().tools().contains(t.name())).forEach(t -> idea(
                    "one more %s".formatted(t.name()), question.withTools(question.tools().stream()
                            .map(o -> o.equals(t) ? new SpecialTool(t.name(), t.count() + 1) : o).toList())));
            case SAID -> idea("what was said about %d taken back".formatted(cause.job()),
                    question.with(cause.job(), j -> j.pinned(Pin.NONE)));
            case AGREED, NOTHING -> {
                // Nothing to try: it begins as soon as it can.
            }
        }
    }

    private void oneMoreStand(Stand like) {
        List<Stand> more = new ArrayList<>(question.stands());
        int number = more.stream().mapToInt(Stand::number).max().orElse(0) + 1;
        more.add(new Stand(number, like.name(), like.holds(), like.rated()));
        idea("one more stand", question.withStands(more));
    }

    private void hands(PlacedLeg leg, Cause cause) {
        Optional<Worker> worker = question.workers().stream().filter(w -> w.name().equals(leg.person())).findFirst();
        worker.ifPresent(w -> {
            idea("%s an hour longer each day".formatted(w.name()), replaced(w, longer(w)));
            List<Worker> more = new ArrayList<>(question.workers());
            more.add(new Worker(w.name() + " (a second one)", w.skills(), w.hours(), List.of()));
            idea("somebody else who can do what %s does".formatted(w.name()), question.withWorkers(more));
        });
        question.workers().stream().filter(w -> !w.absences().isEmpty() && w.learning(leg.leg()).isPresent())
                .forEach(w -> idea("%s not away".formatted(w.name()), replaced(w, w.away(List.of()))));
    }

    private static Worker longer(Worker worker) {
        Map<DayOfWeek, WorkingHours.Span> days = new EnumMap<>(DayOfWeek.class);
        worker.hours().days().forEach((day, span) -> days.put(day, new WorkingHours.Span(span.from(),
                span.to().getHour() < LATEST_HOUR ? span.to().plusHours(1) : LocalTime.of(LATEST_HOUR + 1, 0))));
        return worker.working(new WorkingHours(days));
    }

    private PlanQuestion replaced(Worker was, Worker is) {
        return question.withWorkers(question.workers().stream().map(w -> w.equals(was) ? is : w).toList());
    }

    private void idea(String what, PlanQuestion with) {
        ideas.putIfAbsent(what, () -> Planner.again(with, plan, quick()));
    }

    private int quick() {
        return Planner.affordable(question.jobs().size(), Planner.QUICK);
    }

    private Optional<Help> tried(String what, Plan with) {
        Map<Long, LocalDateTime> before = plan.finishes();
        Map<Long, LocalDateTime> then = with.finishes();
        return Optional.ofNullable(then.get(job)).map(finish -> {
            Horizon horizon = new Horizon(question.now(), question.days());
            int gain = horizon.openDays(horizon.number(finish.toLocalDate()), horizon.number(before.get(job).toLocalDate()));
            List<Long> later = before.entrySet().stream().filter(e -> e.getKey() != job)
                    .filter(e -> Optional.ofNullable(then.get(e.getKey())).filter(t -> !t.toLocalDate().isAfter(e.getValue().toLocalDate()))
                            .isEmpty())
                    .map(Map.Entry::getKey).toList();
            return new Help(what, finish, gain, later);
        });
    }
}
