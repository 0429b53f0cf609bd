package hingeyard.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.booking.JobPriority;
import hingeyard.core.booking.ShopDays;
import hingeyard.core.floor.SpecialTool;
import hingeyard.core.floor.Stand;
import hingeyard.core.people.Absence;
import hingeyard.core.people.Skill;
import hingeyard.core.people.SkillGrade;
import hingeyard.core.people.Skills;
import hingeyard.core.people.WorkingHours;
import hingeyard.core.plan.PlacedLeg.Stretch;
import hingeyard.core.quantity.Mass;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

/** A plan that can be worked by, and then with one thing wrong in it at a time. */
class PlanJudgeTest {

    /** A Monday. */
    private static final LocalDate DAY = LocalDate.of(2027, 3, 8);
    private static final Leg BOX = leg(0, "box", LegPlace.BENCH, Set.of(), 60, false);
    private static final Leg MOUNTING = leg(1, "mounting", LegPlace.STAND, Set.of(Skill.ELECTRICS), 120, true);
    private static final PlanJob JOB = job(401, Optional.empty(), List.of(BOX, MOUNTING));
    private static final PlanJob OTHER = job(402, Optional.of(1), List.of(leg(0, "loom", LegPlace.STAND, Set.of(), 60, false)));
    private static final PlanQuestion QUESTION = new PlanQuestion(at(0, 8, 0), ShopDays.WORKING_WEEK,
            List.of(new Stand(1, "", Stand.Holding.CLAMP, Optional.empty()),
                    new Stand(2, "", Stand.Holding.CLAMP, Optional.of(new Mass(20_000))),
                    new Stand(3, "", Stand.Holding.CLAMP, Optional.of(new Mass(10_000)))),
            List.of(worker("Ann", Skills.all()), worker("Bo", Skills.NONE.with(Skill.ELECTRICS, SkillGrade.LEARNING))),
            List.of(JOB, OTHER));
    private static final PlacedLeg OF_OTHER = new PlacedLeg(402, OTHER.legs().get(0), "Bo", Optional.of(1), hours(0, 8, 9), at(0, 9, 0),
            false);
    private static final PlacedLeg FIRST = new PlacedLeg(401, BOX, "Ann", Optional.empty(), hours(0, 8, 9), at(0, 9, 0), false);
    private static final PlacedLeg SECOND = new PlacedLeg(401, MOUNTING, "Ann", Optional.of(2), hours(0, 9, 11), at(0, 11, 0), false);

    private static Leg leg(int ordinal, String title, LegPlace place, Set<Skill> skills, int minutes, boolean hold) {
        return new Leg(ordinal, title, place, skills, minutes, hold, Optional.empty(), List.of(), List.of());
    }

    private static PlanJob job(long number, Optional<Integer> stand, List<Leg> legs) {
        return new PlanJob(number, JobPriority.USUAL, Optional.empty(), stand, Optional.of(new Mass(12_000)), new Mass(5_000), Pin.NONE,
                legs);
    }

    private static Worker worker(String name, Skills skills) {
        Map<DayOfWeek, WorkingHours.Span> week = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) {
            week.put(day, new WorkingHours.Span(LocalTime.of(8, 0), LocalTime.of(17, 0)));
        }
        return new Worker(name, skills, new WorkingHours(week), List.of());
    }

    private static LocalDateTime at(int day, int hour, int minute) {
        return DAY.plusDays(day).atTime(hour, minute);
    }

    private static List<Stretch> hours(int day, int from, int to) {
        return List.of(new Stretch(at(day, from, 0), at(day, to, 0)));
    }

    private static PlacedLeg by(PlacedLeg leg, String person) {
        return new PlacedLeg(leg.job(), leg.leg(), person, leg.stand(), leg.worked(), leg.looked(), leg.learner());
    }

    private static PlacedLeg on(PlacedLeg leg, Integer stand) {
        return new PlacedLeg(leg.job(), leg.leg(), leg.person(), Optional.ofNullable(stand), leg.worked(), leg.looked(), leg.learner());
    }

    private static PlacedLeg during(PlacedLeg leg, List<Stretch> worked) {
        return new PlacedLeg(leg.job(), leg.leg(), leg.person(), leg.stand(), worked, worked.get(worked.size() - 1).to(), leg.learner());
    }

    private static List<String> said(PlanQuestion question, PlacedLeg... legs) {
        return PlanJudge.faults(question, new Plan(List.of(legs), List.of(), new Worth(0, 0, 0), List.of())).stream()
                .map(PlanJudge.Fault::sentence).toList();
    }

    private static List<String> said(PlacedLeg... legs) {
        return said(QUESTION, legs);
    }

    @Test
    void nothingIsSaidOfWhatCanBe() {
        assertThat(said(FIRST, SECOND, OF_OTHER)).isEmpty();
    }

    @Test
    void aLegThatIsMissingOrTooMuch() {
        assertThat(said(FIRST, OF_OTHER)).containsExactly("401: legs [0] are planned, [0, 1] are left.");
        assertThat(said(FIRST, SECOND)).containsExactly("402: legs [] are planned, [0] are left.");
    }

    @Test
    void timeThatIsNotThere() {
        assertThat(said(FIRST, during(SECOND, hours(0, 16, 18)), OF_OTHER)).anyMatch(s -> s.contains("Ann is not in Mon 8 Mar 16:00 to"));
        assertThat(said(FIRST, during(SECOND, hours(5, 9, 11)), OF_OTHER)).anyMatch(s -> s.contains("Ann is not in Sat 13 Mar"));
        assertThat(said(FIRST, during(SECOND, hours(0, 9, 10)), OF_OTHER)).containsExactly("401, mounting: gets 60 minutes of 120.");
        assertThat(said(during(FIRST, List.of(new Stretch(at(-3, 9, 0), at(-3, 10, 0)))), SECOND, OF_OTHER))
                .anyMatch(s -> s.contains("begins Fri 5 Mar 09:00, before Mon 8 Mar 08:00"));
        PlanQuestion away = QUESTION.withWorkers(QUESTION.workers().stream()
                .map(w -> w.name().equals("Ann") ? new Worker("Ann", w.skills(), w.hours(), List.of(new Absence(DAY, DAY, "ill"))) : w)
                .toList());
        assertThat(said(away, FIRST, SECOND, OF_OTHER)).anyMatch(s -> s.contains("Ann is not in"));
    }

    @Test
    void orderAndWaits() {
        assertThat(said(during(FIRST, hours(0, 12, 13)), SECOND, OF_OTHER))
                .containsExactly("401, mounting: begins Mon 8 Mar 09:00, before Mon 8 Mar 13:00.");
        Leg waiting = MOUNTING.waiting(List.of(new Wait(Wait.Kind.PART, "a screw", at(1, 10, 0), true)));
        PlanQuestion late = QUESTION.with(401, j -> j.with(List.of(BOX, waiting)));
        assertThat(said(late, FIRST, new PlacedLeg(401, waiting, "Ann", Optional.of(2), hours(0, 9, 11), at(0, 11, 0), false), OF_OTHER))
                .containsExactly("401, mounting: begins before a screw is there.");
    }

    @Test
    void handsThatAreNotThere() {
        assertThat(said(FIRST, SECOND, by(OF_OTHER, "Ann"))).anyMatch(s -> s.contains("Ann is at "));
        assertThat(said(by(FIRST, "Cy"), SECOND, OF_OTHER)).contains("401, box: Cy does not work here.");
        PlacedLeg learned = by(SECOND, "Bo");
        assertThat(said(FIRST, learned, OF_OTHER)).containsExactly("401, mounting: gets 120 minutes of 150.");
        PlanQuestion untaught = QUESTION.withWorkers(List.of(worker("Ann", Skills.all()), worker("Bo", Skills.NONE)));
        assertThat(said(untaught, FIRST, learned, OF_OTHER)).anyMatch(s -> s.contains("Bo has not begun to learn electrics"));
        PlanQuestion looksOnly = QUESTION.withWorkers(List.of(worker("Ann", Skills.all()),
                new Worker("Bo", Skills.all(), worker("Bo", Skills.NONE).hours(), List.of(), false)));
        assertThat(said(looksOnly, FIRST, SECOND, OF_OTHER)).containsExactly("402, loom: no legs are planned for Bo.");
        PlanQuestion alone = QUESTION.withWorkers(List.of(worker("Ann", Skills.all()), new Worker("Bo", Skills.NONE,
                new WorkingHours(Map.of(DayOfWeek.MONDAY, new WorkingHours.Span(LocalTime.of(8, 0), LocalTime.of(10, 0)))), List.of())));
        assertThat(said(alone, FIRST, SECOND, OF_OTHER))
                .containsExactly("401, mounting: nobody is in who could look at it Mon 8 Mar 11:00.");
    }

    @Test
    void standsThatAreNotThere() {
        assertThat(said(FIRST, on(SECOND, null), OF_OTHER)).containsExactly("401, mounting: wants a stand and has none.");
        assertThat(said(FIRST, on(SECOND, 9), OF_OTHER)).containsExactly("401, mounting: there is no stand 9.");
        assertThat(said(FIRST, on(SECOND, 3), OF_OTHER)).containsExactly("401, mounting: stand 3 does not carry it.");
        assertThat(said(FIRST, on(during(SECOND, hours(0, 9, 11)), 1), during(OF_OTHER, hours(0, 9, 10))))
                .containsExactly("401, mounting: stand 1 holds 402 until Mon 8 Mar 10:00.");
    }

    @Test
    void whatTheManagerSaid() {
        UnaryOperator<PlanJob> said = j -> j
                .pinned(new Pin(Optional.of(1), Optional.of("Bo"), Optional.of(DAY.plusDays(1))));
        assertThat(said(QUESTION.with(401, said), FIRST, SECOND, OF_OTHER)).contains(
                "401, box: begins before the day the manager named.", "401, box: is not Bo's, as the manager said.",
                "401, mounting: is not on the stand the manager named.");
    }

    @Test
    void toolsThatAreNotThere() {
        Leg pressed = new Leg(1, "mounting", LegPlace.STAND, Set.of(), 120, false, Optional.empty(), List.of(), List.of(), Set.of("press"),
                Optional.empty());
        Leg alsoPressed = new Leg(0, "loom", LegPlace.STAND, Set.of(), 60, false, Optional.empty(), List.of(), List.of(), Set.of("press"),
                Optional.empty());
        PlanQuestion one = QUESTION.with(401, j -> j.with(List.of(BOX, pressed))).with(402, j -> j.with(List.of(alsoPressed)))
                .withTools(List.of(new SpecialTool("press", 1)));
        PlacedLeg second = new PlacedLeg(401, pressed, "Ann", Optional.of(2), hours(0, 9, 11), at(0, 11, 0), false);
        PlacedLeg meanwhile = new PlacedLeg(402, alsoPressed, "Bo", Optional.of(1), hours(0, 10, 11), at(0, 11, 0), false);
        PlacedLeg before = new PlacedLeg(402, alsoPressed, "Bo", Optional.of(1), hours(0, 8, 9), at(0, 9, 0), false);
        assertThat(said(one, FIRST, second, meanwhile))
                .containsExactly("402, loom: takes the press, and all 1 are in use Mon 8 Mar 10:00 (401).");
        assertThat(said(one, FIRST, second, before)).isEmpty();
        assertThat(said(one.withTools(List.of(new SpecialTool("press", 2))), FIRST, second, meanwhile)).isEmpty();
    }

    @Test
    void whatTheManagerForbade() {
        PlanQuestion notThere = QUESTION.with(401, j -> j.pinned(
                new Pin(Optional.empty(), Optional.empty(), Optional.empty(), Optional.of(2), Optional.of("Ann"))));
        assertThat(said(notThere, FIRST, SECOND, OF_OTHER)).containsExactlyInAnyOrder(
                "401, box: is Ann's, and the manager said not by Ann.", "401, mounting: is Ann's, and the manager said not by Ann.",
                "401, mounting: is on stand 2, and the manager said not there.");
        // A bike stays where it is, whatever was said since.
        PlanQuestion isThere = QUESTION.with(402, j -> j.pinned(
                new Pin(Optional.empty(), Optional.empty(), Optional.empty(), Optional.of(1), Optional.empty())));
        assertThat(said(isThere, FIRST, SECOND, OF_OTHER)).isEmpty();
    }

    @Test
    void whatHasNotCured() {
        PlanQuestion cures = QUESTION.with(401, j -> j.with(List.of(BOX, MOUNTING.resting(new Leg.Rested(0, 60, "locker cures")))));
        Leg rested = cures.job(401).legs().get(1);
        assertThat(said(cures, FIRST, new PlacedLeg(401, rested, "Ann", Optional.of(2), hours(0, 9, 11), at(0, 11, 0), false), OF_OTHER))
                .containsExactly("401, mounting: begins less than 60 minutes after 'box': locker cures.");
        assertThat(said(cures, FIRST, new PlacedLeg(401, rested, "Ann", Optional.of(2), hours(0, 10, 12), at(0, 12, 0), false), OF_OTHER))
                .isEmpty();
    }
}
