package hingeyard.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.install.Phase;
import hingeyard.core.install.Posture;
import hingeyard.core.install.Rest;
import hingeyard.core.install.Step;
import hingeyard.core.install.StepRun;
import hingeyard.core.install.StepState;
import hingeyard.core.install.Zone;
import hingeyard.core.install.library.LegPart;
import hingeyard.core.people.Skill;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class LegsTest {

    private static final Wait SCREW = new Wait(Wait.Kind.PART, "1 screw M8 × 22", LocalDateTime.of(2027, 3, 10, 12, 0), true);
    private static final Wait BIKE = new Wait(Wait.Kind.ARRIVAL, "the bike", LocalDateTime.of(2027, 3, 9, 8, 0), true);

    private static final List<LegPart> PARTS = LegPart.checked(List.of(
            new LegPart("box and bench run", List.of(Phase.BOX, Phase.BENCH), false),
            new LegPart("baseline and dry fit", List.of(Phase.BASELINE, Phase.DRY_FIT), false),
            new LegPart("mounting", List.of(Phase.STRIP, Phase.PREPARE, Phase.WHEEL, Phase.LINES, Phase.MOUNT, Phase.BRAKES, Phase.TRAIN,
                    Phase.BATTERY, Phase.BARS), false),
            new LegPart("loom", List.of(Phase.LOOM), false),
            new LegPart("first power and functions", List.of(Phase.POWER, Phase.FUNCTIONS), false),
            new LegPart("test ride and sign-off", List.of(Phase.RIDE, Phase.CLOSE), true),
            new LegPart("removal", List.of(Phase.OFF, Phase.AS_CAME), false)));

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
            public List<LegPart> parts() {
                return PARTS;
            }

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

    private static Step resting(int minutes) {
        return Step.called("again", "again").in(Phase.LOOM).at(Posture.ANY, Zone.LOOM).work("general", 1, 3)
                .rests(new Rest("mount", minutes, "straps give")).step();
    }

    /** Of the twelve minutes of the loom that come between, thirty of the hour are left to wait for; after forty nothing is. */
    @Test
    void whatCuresIsWaitedForUnlessTheWorkBetweenTakesAsLong() {
        List<StepRun> runs = List.of(STRIP, MOUNT, LOOM, resting(60), RIDE).stream().map(StepRun::open).toList();
        List<Leg> legs = legs(runs, Map.of());
        assertThat(legs).extracting(l -> l.steps().get(0)).containsExactly("strip", "loom", "again", "ride");
        assertThat(legs.get(2).rest()).contains(new Leg.Rested(0, 60, "straps give"));
        assertThat(legs).filteredOn(l -> l.ordinal() != 2).allMatch(l -> l.rest().isEmpty());
        List<StepRun> shorter = List.of(STRIP, MOUNT, LOOM, resting(25), RIDE).stream().map(StepRun::open).toList();
        assertThat(legs(shorter, Map.of())).extracting(l -> l.steps().get(0)).containsExactly("strip", "loom", "ride");
        // What is done is a matter of the clock, which the legs do not know.
        StepRun done = new StepRun(MOUNT, StepState.DONE, Optional.of("Ned"));
        assertThat(legs(List.of(done, StepRun.open(LOOM), StepRun.open(resting(60))), Map.of())).hasSize(1);
    }

    @Test
    void aLibraryWhoseLegsAreNotWholeIsRefused() {
        assertThatThrownBy(() -> LegPart.checked(PARTS.subList(1, 7))).hasMessageContaining("the phase 'kit's box' belongs to no leg");
        assertThatThrownBy(() -> LegPart.checked(Stream.concat(PARTS.stream(), PARTS.stream().limit(1)).toList()))
                .hasMessageContaining("the phase 'bench run' stands twice")
                .hasMessageContaining("'box and bench run' is no title of its own")
                .hasMessageContaining("comes before one that was told already");
        assertThatThrownBy(() -> LegPart.checked(Stream.concat(PARTS.stream(), Stream.of(new LegPart("rest", List.of(), false))).toList()))
                .hasMessageContaining("'rest' has no phase");
    }
}
