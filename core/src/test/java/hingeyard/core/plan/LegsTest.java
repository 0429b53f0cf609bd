package hingeyard.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.install.Phase;
import hingeyard.core.install.Posture;
import hingeyard.core.install.Step;
import hingeyard.core.install.StepRun;
import hingeyard.core.install.StepState;
import hingeyard.core.install.Zone;
import hingeyard.core.people.Skill;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class LegsTest {

    private static final Wait SCREW = new Wait(Wait.Kind.PART, "1 screw M8 × 22", LocalDateTime.of(2027, 3, 10, 12, 0), true);
    private static final Wait BIKE = new Wait(Wait.Kind.ARRIVAL, "the bike", LocalDateTime.of(2027, 3, 9, 8, 0), true);

    private static Step step(String key, Phase phase, String skill, int minutes, Zone zone) {
        return Step.called(key, key).in(phase).at(Posture.ANY, zone).work(skill, 1, minutes).step();
    }

    private static final Step BOX = step("box", Phase.BOX, "general", 10, Zone.BENCH);
    private static final Step BENCH = step("bench", Phase.BENCH, "electrics", 15, Zone.BENCH);
    private static final Step DRY = step("dry", Phase.DRY_FIT, "general", 20, Zone.BRACKET);
    private static final Step STRIP = step("strip", Phase.STRIP, "general", 12, Zone.BRACKET);
    private static final Step MOUNT = step("mount", Phase.MOUNT, "wheels", 30, Zone.BRACKET);
    private static final Step LOOM = step("loom", Phase.LOOM, "electrics", 25, Zone.LOOM);
    private static final Step RIDE = step("ride", Phase.RIDE, "general", 18, Zone.REAR_WHEEL);

    private static List<Leg> legs(List<StepRun> runs, Map<String, Wait> waits) {
        return Legs.of(runs, List.of(), new Legs.Facts() {
            @Override
            public int minutes(Step step) {
                return step.minutes();
            }

            @Override
            public List<Wait> waits(StepRun run) {
                return Optional.ofNullable(waits.get(run.step().key())).stream().toList();
            }
        });
    }

    @Test
    void stepsAreCutWhereTheBikeMayRest() {
        List<Leg> legs = legs(List.of(BOX, BENCH, DRY, STRIP, MOUNT, LOOM, RIDE).stream().map(StepRun::open).toList(), Map.of());
        assertThat(legs).extracting(Leg::title).containsExactly("box and bench run", "baseline and dry fit", "mounting", "loom",
                "test ride and sign-off");
        assertThat(legs).extracting(Leg::minutes).containsExactly(25, 20, 42, 25, 18);
        assertThat(legs).extracting(Leg::place).containsExactly(LegPlace.BENCH, LegPlace.STAND, LegPlace.STAND, LegPlace.STAND,
                LegPlace.STRIP);
        assertThat(legs).extracting(Leg::skills).containsExactly(Set.of(Skill.ELECTRICS), Set.of(), Set.of(Skill.WHEELS),
                Set.of(Skill.ELECTRICS), Set.of());
        assertThat(legs.get(2).steps()).containsExactly("strip", "mount");
        assertThat(legs).extracting(Leg::ordinal).containsExactly(0, 1, 2, 3, 4);
    }

    @Test
    void aWaitCutsAndHoldsOnlyWhatComesAfterIt() {
        List<Leg> legs = legs(List.of(STRIP, MOUNT, LOOM).stream().map(StepRun::open).toList(), Map.of("mount", SCREW, "loom", SCREW));
        assertThat(legs).extracting(l -> l.steps().get(0)).containsExactly("strip", "mount", "loom");
        assertThat(legs).extracting(Leg::waits).containsExactly(List.of(), List.of(SCREW), List.of());
    }

    @Test
    void whereTheShopStripsBeforeTheDryFitTheBikeDoesNotGoBack() {
        List<Leg> legs = legs(List.of(STRIP, DRY, MOUNT).stream().map(StepRun::open).toList(), Map.of());
        assertThat(legs).hasSize(1);
        assertThat(legs.get(0).minutes()).isEqualTo(62);
    }

    @Test
    void whatIsDoneIsNotLeftAndWhatRunsIsInItsDoersHands() {
        StepRun running = new StepRun(MOUNT, StepState.RUNNING, Optional.of("Rian"));
        List<Leg> legs = legs(List.of(new StepRun(STRIP, StepState.DONE, Optional.of("Ned")), running, StepRun.open(LOOM)),
                Map.of("mount", SCREW));
        assertThat(legs).hasSize(2);
        assertThat(legs.get(0).doer()).contains("Rian");
        assertThat(legs.get(0).waits()).as("what runs waits for nothing").isEmpty();
        assertThat(legs.get(1).doer()).isEmpty();
        assertThat(legs(List.of(new StepRun(STRIP, StepState.DONE, Optional.of("Ned"))), Map.of())).isEmpty();
    }

    @Test
    void whatOnlyWaitsToBeLookedAtTakesAMoment() {
        Step hold = Step.called("torque", "torque").in(Phase.MOUNT).at(Posture.ANY, Zone.BRACKET).work("wheels", 1, 40).hold("look").step();
        List<Leg> legs = legs(List.of(new StepRun(hold, StepState.DONE, Optional.of("Ned"))), Map.of());
        assertThat(legs).hasSize(1);
        assertThat(legs.get(0).minutes()).isEqualTo(5);
        assertThat(legs.get(0).hold()).isTrue();
        assertThat(legs.get(0).skills()).isEmpty();
    }

    @Test
    void aJobWithoutStepsTakesAsLongAsItsKindUsuallyDoes() {
        List<Leg> legs = Legs.usual(3, List.of(BIKE));
        assertThat(legs).extracting(Leg::minutes).containsExactly(240, 120);
        assertThat(legs).extracting(Leg::waits).containsExactly(List.of(BIKE), List.of());
        assertThat(legs).extracting(Leg::hold).as("somebody looks at the end of it").containsExactly(false, true);
    }
}
