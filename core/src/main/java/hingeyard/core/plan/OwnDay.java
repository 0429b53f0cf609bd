package hingeyard.core.plan;

import hingeyard.core.install.Step;
import hingeyard.core.people.Skill;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * One person's day: what they do in order, what they fetch for it, and whom they call to look.
 *
 * @param turns  by time
 * @param charge jobs whose battery must be charged by the end of this day: the bike has power on the next day they are in
 */
public record OwnDay(String person, LocalDate date, List<Turn> turns, List<Long> charge) {

    /**
     * A leg, or the part of it that falls on this day.
     *
     * @param tools   for its steps, each once
     * @param holds   titles of its steps that somebody else looks at
     * @param lookers who is in when it is done and may look; nobody where nobody must
     */
    public record Turn(PlacedLeg leg, LocalDateTime from, LocalDateTime to, List<String> tools, List<String> holds, List<String> lookers) {
    }

    /** What steps name as a tool and nobody has to fetch. */
    private static final Set<String> AT_HAND = Set.of("bare hands", "as the work asks");

    /** @param steps of each planned job, by key; a job of which none are planned may be missing */
    public static OwnDay of(PlanQuestion question, Plan plan, String person, LocalDate date, Map<Long, Map<String, Step>> steps) {
        List<Turn> turns = new ArrayList<>();
        for (PlacedLeg leg : plan.legs()) {
            if (leg.person().equals(person)) {
                leg.worked().stream().filter(s -> s.from().toLocalDate().equals(date))
                        .forEach(s -> turns.add(turn(question, leg, s, steps.getOrDefault(leg.job(), Map.of()))));
            }
        }
        turns.sort(java.util.Comparator.comparing(Turn::from));
        return new OwnDay(person, date, turns, charge(plan, person, date, steps));
    }

    private static Turn turn(PlanQuestion question, PlacedLeg leg, PlacedLeg.Stretch at, Map<String, Step> steps) {
        List<Step> own = leg.leg().steps().stream().flatMap(k -> Optional.ofNullable(steps.get(k)).stream()).toList();
        List<String> tools = List
                .copyOf(new TreeSet<>(own.stream().flatMap(s -> s.tools().stream()).filter(t -> !AT_HAND.contains(t)).toList()));
        List<String> holds = own.stream().filter(s -> s.hold().isPresent()).map(Step::title).toList();
        boolean looks = leg.leg().hold() || leg.learner();
        return new Turn(leg, at.from(), at.to(), tools, holds, looks ? lookers(question, leg) : List.of());
    }

    private static List<String> lookers(PlanQuestion question, PlacedLeg leg) {
        LocalDate day = leg.looked().toLocalDate();
        List<Skill> lacking = question.workers().stream().filter(w -> w.name().equals(leg.person())).findFirst().stream()
                .flatMap(w -> leg.leg().skills().stream().filter(s -> !w.skills().skilledIn(s))).toList();
        return question.workers().stream().filter(w -> !w.name().equals(leg.person()) && w.on(day))
                .filter(w -> lacking.stream().allMatch(w.skills()::skilledIn)).filter(w -> {
                    var hours = w.hours().days().get(day.getDayOfWeek());
                    return !leg.looked().toLocalTime().isBefore(hours.from()) && !leg.looked().toLocalTime().isAfter(hours.to());
                }).map(Worker::name).toList();
    }

    /** Their next day with anything to do, and what has power on it that has none on this one. */
    private static List<Long> charge(Plan plan, String person, LocalDate date, Map<Long, Map<String, Step>> steps) {
        List<PlacedLeg> later = plan.legs().stream().filter(l -> l.person().equals(person) && l.start().toLocalDate().isAfter(date))
                .toList();
        Optional<LocalDate> next = later.stream().map(l -> l.start().toLocalDate()).min(LocalDate::compareTo);
        return later.stream().filter(l -> l.start().toLocalDate().equals(next.orElseThrow()))
                .filter(l -> l.leg().steps().stream()
                        .flatMap(k -> Optional.ofNullable(steps.getOrDefault(l.job(), Map.of()).get(k)).stream())
                        .anyMatch(Step::powersBike))
                .map(PlacedLeg::job).distinct().toList();
    }
}
