package hingeyard.core.plan;

import hingeyard.core.booking.JobPriority;
import hingeyard.core.booking.ShopDays;
import hingeyard.core.floor.SpecialTool;
import hingeyard.core.floor.Stand;
import hingeyard.core.people.Absence;
import hingeyard.core.people.Skill;
import hingeyard.core.people.SkillGrade;
import hingeyard.core.people.Skills;
import hingeyard.core.people.WorkingHours;
import hingeyard.core.quantity.Mass;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.TreeSet;

/** Shops as chance makes them, among them some that no owner would want: one person, no hours, a stand too weak, a skill nobody has. */
public final class RandomShops {

    static final LocalDateTime NOW = LocalDateTime.of(2027, 3, 10, 9, 40);

    private final SplittableRandom chance;

    public RandomShops(long seed) {
        chance = new SplittableRandom(seed);
    }

    /** Some of which there are few, some that nobody takes. */
    private static final List<String> TOOLS = List.of("puller", "press");

    private List<SpecialTool> tools() {
        return TOOLS.stream().filter(t -> !maybe(3)).map(t -> new SpecialTool(t, maybe(4) ? 2 : 1)).toList();
    }

    /** Of one to so many people, stands and jobs. */
    PlanQuestion shop(int people, int stands, int jobs) {
        List<Worker> workers = new ArrayList<>();
        for (int i = 0; i <= chance.nextInt(people); i++) {
            workers.add(worker("P" + i));
        }
        List<Stand> all = new ArrayList<>();
        for (int i = 0; i <= chance.nextInt(stands); i++) {
            all.add(new Stand(i + 1, "", Stand.Holding.CLAMP, maybe(3) ? Optional.of(new Mass(15_000 + chance.nextInt(20_000)))
                    : Optional.empty()));
        }
        Set<Integer> taken = new TreeSet<>();
        List<PlanJob> planned = new ArrayList<>();
        for (int i = 0; i <= chance.nextInt(jobs); i++) {
            planned.add(job(401 + i, workers, all, taken));
        }
        Map<LocalDate, String> closed = new HashMap<>();
        if (maybe(2)) {
            closed.put(NOW.toLocalDate().plusDays(chance.nextInt(10)), "stocktaking");
        }
        return new PlanQuestion(NOW,
                new ShopDays(EnumSet.range(DayOfWeek.MONDAY, maybe(3) ? DayOfWeek.SATURDAY : DayOfWeek.FRIDAY), closed),
                all, workers, planned, tools());
    }

    /** A shop as shops are: everybody has hours, every skill is there twice at the least. */
    public PlanQuestion soundShop(int people, int stands, int jobs) {
        return sound(people, stands, jobs, 14, 19);
    }

    /** The same where nearly everything is there already, and promised for about when it can be done. */
    public PlanQuestion busyShop(int people, int stands, int jobs) {
        return sound(people, stands, jobs, 4, 2 + jobs * 8 / (people * 6));
    }

    private PlanQuestion sound(int people, int stands, int jobs, int arriving, int promised) {
        List<Worker> workers = new ArrayList<>();
        for (int i = 0; i < people; i++) {
            Map<Skill, SkillGrade> grades = new EnumMap<>(Skill.class);
            for (Skill skill : Skill.values()) {
                if (i < 2 || maybe(2)) {
                    grades.put(skill, i < 2 || maybe(2) ? SkillGrade.SKILLED : SkillGrade.LEARNING);
                }
            }
            workers.add(new Worker("P" + i, new Skills(grades), hours(8 + i % 2, 17, 5), List.of()));
        }
        List<Stand> all = new ArrayList<>();
        for (int i = 0; i < stands; i++) {
            all.add(new Stand(i + 1, "", Stand.Holding.CLAMP, Optional.empty()));
        }
        List<PlanJob> planned = new ArrayList<>();
        for (int i = 0; i < jobs; i++) {
            List<Leg> legs = new ArrayList<>();
            int count = 3 + chance.nextInt(3);
            for (int l = 0; l < count; l++) {
                legs.add(new Leg(l, "leg " + l, l == 0 ? LegPlace.BENCH : l == count - 1 ? LegPlace.STRIP : LegPlace.STAND,
                        maybe(3) ? Set.of(Skill.values()[chance.nextInt(4)]) : Set.of(), 20 + chance.nextInt(160), maybe(2),
                        Optional.empty(), l == 0 ? List.of(wait(chance.nextInt(arriving))) : maybe(8) ? List.of(wait(chance.nextInt(10)))
                                : List.of(),
                        List.of()));
            }
            planned.add(new PlanJob(401 + i, JobPriority.values()[chance.nextInt(3)],
                    Optional.of(NOW.toLocalDate().plusDays(2 + chance.nextInt(promised))), Optional.empty(), Optional.empty(), Mass.ZERO,
                    Pin.NONE,
                    legs));
        }
        return new PlanQuestion(NOW, ShopDays.WORKING_WEEK, all, workers, planned);
    }

    private boolean maybe(int oneIn) {
        return chance.nextInt(oneIn) == 0;
    }

    private static WorkingHours hours(int from, int to, int days) {
        Map<DayOfWeek, WorkingHours.Span> week = new EnumMap<>(DayOfWeek.class);
        for (int d = 1; d <= days; d++) {
            week.put(DayOfWeek.of(d), new WorkingHours.Span(LocalTime.of(from, 0), LocalTime.of(to, 0)));
        }
        return new WorkingHours(week);
    }

    private Worker worker(String name) {
        Map<Skill, SkillGrade> grades = new EnumMap<>(Skill.class);
        for (Skill skill : Skill.values()) {
            if (!maybe(3)) {
                grades.put(skill, maybe(3) ? SkillGrade.LEARNING : SkillGrade.SKILLED);
            }
        }
        List<Absence> absences = new ArrayList<>();
        if (maybe(3)) {
            LocalDate from = NOW.toLocalDate().plusDays(chance.nextInt(8) - 2);
            absences.add(new Absence(from, from.plusDays(chance.nextInt(6)), "leave"));
        }
        return new Worker(name, new Skills(grades), maybe(20) ? new WorkingHours(Map.of()) : hours(6 + chance.nextInt(5),
                12 + chance.nextInt(8), 3 + chance.nextInt(4)), absences, !maybe(6));
    }

    private Wait wait(int days) {
        return new Wait(Wait.Kind.PART, "a screw", NOW.toLocalDate().plusDays(days).atTime(10 + chance.nextInt(4), 0), true);
    }

    private PlanJob job(long number, List<Worker> workers, List<Stand> stands, Set<Integer> taken) {
        Optional<Integer> stand = Optional.of(stands.get(chance.nextInt(stands.size())).number()).filter(s -> maybe(3) && taken.add(s));
        List<Leg> legs = new ArrayList<>();
        int count = 1 + chance.nextInt(6);
        for (int i = 0; i < count; i++) {
            Set<Skill> skills = EnumSet.noneOf(Skill.class);
            if (maybe(2)) {
                skills.add(Skill.values()[chance.nextInt(Skill.values().length)]);
            }
            boolean begun = i == 0 && stand.isPresent() && maybe(2);
            legs.add(new Leg(i, "leg " + i, maybe(4) ? LegPlace.BENCH : i == count - 1 && maybe(2) ? LegPlace.STRIP : LegPlace.STAND,
                    skills, 5 + chance.nextInt(maybe(5) ? 900 : 200), maybe(2),
                    begun ? Optional.of(workers.get(chance.nextInt(workers.size())).name()) : Optional.empty(),
                    !begun && maybe(5) ? List.of(wait(chance.nextInt(8))) : List.of(), List.of("step-" + i),
                    maybe(2) ? Set.of(TOOLS.get(chance.nextInt(TOOLS.size()))) : Set.of(),
                    i > 0 && maybe(6) ? Optional.of(new Leg.Rested(chance.nextInt(i), 30 + chance.nextInt(300), "locker cures"))
                            : Optional.empty()));
        }
        Pin pin = !maybe(8) ? Pin.NONE
                : new Pin(maybe(2) ? Optional.of(stands.get(chance.nextInt(stands.size())).number()) : Optional.empty(),
                        maybe(2) ? Optional.of(workers.get(chance.nextInt(workers.size())).name()) : Optional.empty(),
                        maybe(2) ? Optional.of(NOW.toLocalDate().plusDays(chance.nextInt(5))) : Optional.empty(),
                        maybe(3) ? Optional.of(stands.get(chance.nextInt(stands.size())).number()) : Optional.empty(),
                        maybe(3) ? Optional.of(workers.get(chance.nextInt(workers.size())).name()) : Optional.empty());
        return new PlanJob(number, JobPriority.values()[chance.nextInt(3)],
                maybe(2) ? Optional.of(NOW.toLocalDate().plusDays(chance.nextInt(15))) : Optional.empty(), stand,
                maybe(2) ? Optional.of(new Mass(8_000 + chance.nextInt(14_000))) : Optional.empty(), new Mass(chance.nextInt(9_000)), pin,
                legs);
    }
}
