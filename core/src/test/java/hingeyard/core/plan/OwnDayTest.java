package hingeyard.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.booking.JobPriority;
import hingeyard.core.booking.ShopDays;
import hingeyard.core.floor.Stand;
import hingeyard.core.install.Phase;
import hingeyard.core.install.Posture;
import hingeyard.core.install.Step;
import hingeyard.core.install.Zone;
import hingeyard.core.people.Absence;
import hingeyard.core.people.Skill;
import hingeyard.core.people.SkillGrade;
import hingeyard.core.people.Skills;
import hingeyard.core.people.WorkingHours;
import hingeyard.core.quantity.Mass;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class OwnDayTest {

    /** A Monday. */
    private static final LocalDate DAY = LocalDate.of(2027, 3, 8);
    private static final Step MOUNT = Step.called("mount", "Mount the motor").in(Phase.MOUNT).at(Posture.CLAMP, Zone.BRACKET)
            .work("general", 1, 400).tools(List.of("torque wrench", "hex key 5 mm")).hold("look").step();
    private static final Step LOOM = Step.called("loom", "Lay the loom").in(Phase.LOOM).at(Posture.CLAMP, Zone.LOOM)
            .work("electrics", 1, 300).tools(List.of("hex key 5 mm", "bare hands", "cutter")).step();
    private static final Step POWER = Step.called("power", "Power up").in(Phase.POWER).at(Posture.CLAMP, Zone.LOOM)
            .work("electrics", 1, 60).batteryIn().step();
    private static final Map<Long, Map<String, Step>> STEPS = Map.of(401L, Map.of("mount", MOUNT, "loom", LOOM, "power", POWER));

    private static Worker worker(String name, Skills skills, Absence... away) {
        Map<DayOfWeek, WorkingHours.Span> week = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) {
            week.put(day, new WorkingHours.Span(LocalTime.of(8, 0), LocalTime.of(17, 0)));
        }
        return new Worker(name, skills, new WorkingHours(week), List.of(away));
    }

    private static Leg leg(int ordinal, Set<Skill> skills, Step step) {
        return new Leg(ordinal, step.title(), LegPlace.STAND, skills, step.minutes(), step.hold().isPresent(), Optional.empty(), List.of(),
                List.of(step.key()));
    }

    private static OwnDay day(LocalDate date, Worker... workers) {
        PlanJob job = new PlanJob(401, JobPriority.USUAL, Optional.empty(), Optional.empty(), Optional.empty(), Mass.ZERO,
                new Pin(Optional.empty(), Optional.of("Ann"), Optional.empty()),
                List.of(leg(0, Set.of(), MOUNT), leg(1, Set.of(Skill.ELECTRICS), LOOM), leg(2, Set.of(Skill.ELECTRICS), POWER)));
        PlanQuestion question = new PlanQuestion(DAY.atTime(8, 0), ShopDays.WORKING_WEEK,
                List.of(new Stand(1, "", Stand.Holding.CLAMP, Optional.empty())), List.of(workers), List.of(job));
        return OwnDay.of(question, Planner.plan(question, 0), "Ann", date, STEPS);
    }

    @Test
    void isInOrderWithEachToolOnceAndWhoMayLook() {
        OwnDay monday = day(DAY, worker("Ann", Skills.all()), worker("Bo", Skills.NONE),
                worker("Cy", Skills.NONE, new Absence(DAY, DAY, "")));
        assertThat(monday.turns()).hasSize(1);
        OwnDay.Turn turn = monday.turns().get(0);
        assertThat(turn.tools()).containsExactly("hex key 5 mm", "torque wrench");
        assertThat(turn.holds()).containsExactly("Mount the motor");
        assertThat(turn.lookers()).as("who is away looks at nothing").containsExactly("Bo");
        assertThat(monday.charge()).as("power on Tuesday").containsExactly(401L);
        OwnDay tuesday = day(DAY.plusDays(1), worker("Ann", Skills.all()), worker("Bo", Skills.NONE));
        assertThat(tuesday.turns()).extracting(t -> t.leg().leg().title()).containsExactly("Lay the loom", "Power up");
        assertThat(tuesday.turns().get(0).tools()).as("hands are there").containsExactly("cutter", "hex key 5 mm");
        assertThat(tuesday.turns()).allMatch(t -> t.lookers().isEmpty()).as("nobody must look");
        assertThat(tuesday.charge()).isEmpty();
    }

    @Test
    void whatALearnerDoesIsLookedAtBySomebodySkilledInIt() {
        Skills learns = Skills.NONE.with(Skill.ELECTRICS, SkillGrade.LEARNING);
        OwnDay tuesday = day(DAY.plusDays(1), worker("Ann", learns), worker("Bo", Skills.NONE), worker("Dee", Skills.all()));
        assertThat(tuesday.turns()).isNotEmpty().allMatch(t -> t.lookers().equals(List.of("Dee")));
    }
}
