package hingeyard.core.install;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.explain.Ruling;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import hingeyard.core.people.Skill;
import hingeyard.core.people.SkillGrade;
import hingeyard.core.people.Skills;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StepRulesTest {

    private static final Step NUT = Step.called("nut", "Lock nut").at(Posture.CLAMP, Zone.BRACKET)
            .record(FigureWanted.of("torque", "Lock nut", "N·m", "80", "100", "torque wrench")).hold("rock it")
            .reaches(Milestone.MOTOR_INSPECTED).step();
    private static final Step RING = Step.called("ring", "Chainring").at(Posture.CLAMP, Zone.BRACKET).needs(Milestone.MOTOR_INSPECTED)
            .step();
    private static final Step BARS = Step.called("bars", "Bars").at(Posture.CLAMP, Zone.BARS).step();

    @ParameterizedTest
    @CsvSource({"80,true", "100,true", "79.9,false", "100.1,false", "92.5,true"})
    void aFigureOutsideItsWindowDoesNotPass(String read, boolean passes) {
        Ruling ruling = StepRules.judge(NUT, Map.of("torque", new BigDecimal(read)));
        assertThat(ruling.allowed()).isEqualTo(passes);
        if (!passes) {
            assertThat(ruling.reason()).contains("Lock nut reads " + read, "80–100 N·m");
        }
    }

    @Test
    void whatSomebodyDidWhoIsNotSkilledInItIsLookedAtBySomebodyWhoIs() {
        StepRun alone = new StepRun(RING, StepState.DONE, Optional.of("Ned"));
        StepRun learned = new StepRun(RING, StepState.DONE, Optional.of("Ned"), Optional.of(Skill.ELECTRICS));
        assertThat(alone.finished()).isTrue();
        assertThat(learned.finished()).isFalse();
        assertThat(learned.waitsForSecond()).isTrue();
        assertThat(new StepRun(RING, StepState.INSPECTED, Optional.of("Ned"), Optional.of(Skill.ELECTRICS)).finished()).isTrue();
        Skills learns = Skills.all().with(Skill.ELECTRICS, SkillGrade.LEARNING);
        assertThat(StepRules.mayInspect(learned, Set.of("Ned"), "Rian", learns).reason()).contains("skilled in electrics");
        assertThat(StepRules.mayInspect(learned, Set.of("Ned"), "Rian", Skills.NONE.with(Skill.ELECTRICS, SkillGrade.SKILLED)).allowed())
                .isTrue();
        assertThat(StepRules.mayInspect(learned, Set.of("Ned"), "Ned", Skills.all()).reason()).contains("You did this step");
        assertThat(StepRules.mayInspect(alone, Set.of("Ned"), "Rian", Skills.all()).reason()).contains("no hold point");
    }

    @Test
    void aMissingFigureDoesNotPass() {
        assertThat(StepRules.judge(NUT, Map.of()).reason()).isEqualTo("Lock nut is not recorded; 80–100 N·m passes.");
    }

    @Test
    void aHoldPointHoldsUntilASecondPersonInspected() {
        StepRun done = new StepRun(NUT, StepState.DONE, Optional.of("Tova"));
        assertThat(StepRules.mayStart(List.of(done, StepRun.open(RING)), "ring").reason()).contains("second person", "Lock nut");
        assertThat(StepRules.mayInspect(done, Set.of("Tova", "Ned"), "Tova", Skills.NONE).reason()).contains("You did this step");
        assertThat(StepRules.mayInspect(done, Set.of("Tova", "Ned"), "Ned", Skills.NONE).reason()).contains("before it was handed over");
        assertThat(StepRules.mayInspect(done, Set.of("Tova", "Ned"), "Rian", Skills.NONE).allowed()).isTrue();
        StepRun inspected = new StepRun(NUT, StepState.INSPECTED, Optional.of("Tova"));
        assertThat(StepRules.mayStart(List.of(inspected, StepRun.open(RING)), "ring").allowed()).isTrue();
        assertThat(StepRules.mayInspect(StepRun.open(RING), Set.of(), "Rian", Skills.NONE).reason()).contains("no hold point");
    }

    @Test
    void twoStepsInOneZoneDoNotRunAtOnce() {
        StepRun running = new StepRun(NUT, StepState.RUNNING, Optional.of("Tova"));
        Step other = Step.called("lines", "Lines").at(Posture.CLAMP, Zone.BRACKET).step();
        assertThat(StepRules.mayStart(List.of(running, StepRun.open(other)), "lines").reason()).contains("Tova is at the bottom bracket");
        assertThat(StepRules.mayStart(List.of(running, StepRun.open(BARS)), "bars").allowed()).isTrue();
        assertThat(StepRules.mayStart(List.of(running), "nut").reason()).contains("running already, with Tova");
    }

    @Test
    void onlyTheHandsThatStartedItTickIt() {
        StepRun running = new StepRun(BARS, StepState.RUNNING, Optional.of("Tova"));
        assertThat(StepRules.mayTick(running, "Tova", true).allowed()).isTrue();
        assertThat(StepRules.mayTick(running, "Rian", true).reason()).contains("Tova's hands");
        assertThat(StepRules.mayTick(running, "Tova", false).reason()).contains("not on hand");
        assertThat(StepRules.mayTick(StepRun.open(BARS), "Tova", true).reason()).contains("start it first");
    }

    private static Step step(String key, Posture posture, Zone zone, boolean power) {
        Step.Builder b = Step.called(key, key).at(posture, zone);
        return (power ? b.batteryIn() : b).step();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "CLAMP     | BARS    | false | CLAMP     | BRACKET | false | ''",
        "CLAMP     | BARS    | false | ON_WHEELS | BRACKET | false | Rian needs the bike on its wheels for 'other'; this step needs it in the clamp.",
        "ANY       | BARS    | false | ON_WHEELS | BRACKET | false | ''",
        "CLAMP     | BARS    | true  | CLAMP     | BRACKET | false | Rian works with the battery out at 'other'",
        "CLAMP     | BARS    | false | CLAMP     | BRACKET | true  | The battery is in for Rian's 'other'",
        "CLAMP     | BARS    | true  | CLAMP     | BRACKET | true  | ''",
        "ANY       | BENCH   | true  | CLAMP     | BRACKET | false | ''",
        "CLAMP     | BARS    | false | ANY       | BENCH   | true  | ''",
        "CLAMP     | BARS    | false | CLAMP     | BARS    | false | Rian is at the bars"})
    void twoStepsRunAtOnceOnlyWhereHandsPostureAndPowerAgree(Posture posture, Zone zone, boolean power, Posture otherPosture,
            Zone otherZone, boolean otherPower, String why) {
        List<StepRun> runs = List.of(StepRun.open(step("own", posture, zone, power)),
                new StepRun(step("other", otherPosture, otherZone, otherPower), StepState.RUNNING, Optional.of("Rian")));
        Ruling ruling = StepRules.mayStart(runs, "own");
        assertThat(ruling.allowed()).isEqualTo(why.isEmpty());
        assertThat(ruling.reason()).contains(why);
    }

    @Test
    void whatIsLeftHalfDoneIsTakenUpByAnybody() {
        StepRun running = new StepRun(BARS, StepState.RUNNING, Optional.of("Tova"));
        assertThat(StepRules.mayPause(running, "Tova", false).allowed()).isTrue();
        assertThat(StepRules.mayPause(running, "Rian", false).reason()).contains("in Tova's hands");
        assertThat(StepRules.mayPause(StepRun.open(BARS), "Tova", false).reason()).contains("not running");
        assertThat(StepRules.mayPause(running, "Orla", true).allowed()).as("for somebody who fell ill").isTrue();
        assertThat(StepRules.mayPause(StepRun.open(BARS), "Orla", true).reason()).contains("not running");
        assertThat(StepRules.mayStart(List.of(new StepRun(BARS, StepState.PAUSED, Optional.of("Tova"))), "bars").allowed()).isTrue();
    }

    @Test
    void aStepIsUndoneByItsDoerOrTheManagerWhileNothingStandsOnIt() {
        StepRun nut = new StepRun(NUT, StepState.INSPECTED, Optional.of("Tova"));
        assertThat(StepRules.mayUndo(List.of(nut, StepRun.open(RING)), "nut", "Tova", false).allowed()).isTrue();
        assertThat(StepRules.mayUndo(List.of(nut, StepRun.open(RING)), "nut", "Rian", false).reason()).contains("Tova did");
        assertThat(StepRules.mayUndo(List.of(nut, StepRun.open(RING)), "nut", "Orla", true).allowed()).isTrue();
        assertThat(StepRules.mayUndo(List.of(nut, new StepRun(RING, StepState.DONE, Optional.of("Rian"))), "nut", "Tova", false).reason())
                .isEqualTo("'Chainring' stands on it: undo that first.");
        assertThat(StepRules.mayUndo(List.of(StepRun.open(NUT)), "nut", "Tova", false).reason()).contains("not done");
    }

    @ParameterizedTest
    @CsvSource({"RUNNING,BATTERY_BAY,true", "PAUSED,BATTERY_BAY,true", "STUCK,BATTERY_BAY,true", "OPEN,BATTERY_BAY,false",
        "DONE,BATTERY_BAY,false", "SKIPPED,BATTERY_BAY,false", "RUNNING,BENCH,false"})
    void theBatteryMayStillBeInFromAStepThatWasLeft(StepState state, Zone zone, boolean mayBe) {
        Step power = Step.called("power", "Power").at(Posture.ON_WHEELS, zone).batteryIn().step();
        assertThat(StepRules.batteryMayBeIn(List.of(StepRun.open(BARS), new StepRun(power, state, Optional.of("Tova"))))).isEqualTo(mayBe);
        assertThat(StepRules.batteryMayBeIn(List.of(new StepRun(BARS, state, Optional.of("Tova"))))).isFalse();
    }

    /** Both roads: nobody says it is out while there is power, and nobody starts with power while somebody says it is out. */
    @ParameterizedTest
    @CsvSource({"LOOM,RUNNING,false", "LOOM,PAUSED,true", "LOOM,OPEN,true", "LOOM,DONE,true", "BENCH,RUNNING,true"})
    void theBatteryIsNotHeldOutWhileAStepHasPower(Zone zone, StepState state, boolean may) {
        Step first = Step.called("first-power", "First power").at(Posture.CLAMP, zone).batteryIn().step();
        Ruling ruling = StepRules.mayHoldBatteryOut(List.of(StepRun.open(BARS), new StepRun(first, state, Optional.of("Tova"))));
        assertThat(ruling.allowed()).isEqualTo(may);
        if (!may) {
            assertThat(ruling.reason()).contains("'First power', with Tova");
        }
    }
}
