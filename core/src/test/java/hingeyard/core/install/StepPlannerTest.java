package hingeyard.core.install;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.Given;
import hingeyard.core.fit.FitReport;
import hingeyard.core.rules.School;
import hingeyard.core.rules.ShopRules;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StepPlannerTest {

    private static final FitReport MID = Given.report(Given.survey("bracket.standard=iso;bracket.shell-width=73"),
            Given.bracketKit("70", "92", "0", 13, "60"), Given.drawers());

    private static Step step(String key, Phase phase, String... after) {
        return Step.called(key, key).in(phase).at(Posture.ANY, Zone.BENCH).after(List.of(after)).step();
    }

    private static StepPlan plan(Step... steps) {
        return plan(MID, steps);
    }

    private static StepPlan plan(FitReport match, Step... steps) {
        return new StepPlanner(work -> List.of(steps)).plan(Work.of(match));
    }

    private static List<String> keys(StepPlan plan) {
        return plan.steps().stream().map(Step::key).toList();
    }

    /** The hard order of the trade, pair by pair: physics and safety. */
    @ParameterizedTest
    @CsvSource({"BOX,BENCH", "BENCH,BASELINE", "BENCH,DRY_FIT", "BASELINE,DRY_FIT", "DRY_FIT,PREPARE", "DRY_FIT,WHEEL", "DRY_FIT,BARS",
        "STRIP,PREPARE", "PREPARE,LINES", "LINES,MOUNT",
        "LINES,BATTERY", "WHEEL,MOUNT", "MOUNT,BRAKES", "MOUNT,TRAIN", "MOUNT,LOOM", "BATTERY,LOOM", "BARS,LOOM", "LOOM,POWER",
        "BRAKES,POWER", "TRAIN,POWER", "POWER,FUNCTIONS", "FUNCTIONS,RIDE",
        "RIDE,CLOSE", "BOX,CLOSE", "LINES,POWER"})
    void phasesKeepTheHardOrder(Phase before, Phase after) {
        assertThat(after.before()).contains(before);
        assertThat(before.before()).doesNotContain(after);
        assertThat(keys(plan(step("later", after), step("sooner", before)))).containsExactly("sooner", "later");
    }

    @Test
    void whatNoHardRuleOrdersIsFree() {
        for (Phase[] free : new Phase[][]{{Phase.BARS, Phase.MOUNT}, {Phase.BATTERY, Phase.MOUNT}, {Phase.WHEEL, Phase.LINES},
            {Phase.TRAIN, Phase.BRAKES}, {Phase.BARS, Phase.BATTERY}}) {
            assertThat(free[0].before()).doesNotContain(free[1]);
            assertThat(free[1].before()).doesNotContain(free[0]);
        }
    }

    @ParameterizedTest
    @CsvSource({"before-stripping,dry,strip", "after-stripping,strip,dry"})
    void theSchoolSaysWhetherItIsFittedDryBeforeOrAfterStripping(String school, String first, String second) {
        ShopRules rules = ShopRules.standard().with(School.DRY_FIT, school);
        FitReport match = new FitReport(MID.bike(), MID.kit(), rules, MID.findings());
        for (boolean turned : List.of(true, false)) {
            Step dry = step("dry", Phase.DRY_FIT);
            Step strip = step("strip", Phase.STRIP);
            assertThat(keys(turned ? plan(match, strip, dry) : plan(match, dry, strip))).containsExactly(first, second);
        }
    }

    @Test
    void stepsOfAPhaseWithNoneInBetweenStillWait() {
        StepPlan plan = plan(step("ride", Phase.RIDE), step("box", Phase.BOX));
        assertThat(keys(plan)).containsExactly("box", "ride");
        assertThat(plan.find("ride").orElseThrow().needs()).as("only what some step reaches").containsExactly(Milestone.BOX_CHECKED);
    }

    @Test
    void namesTheStepsOfACircleAndAStepThatStandsTwice() {
        assertThatThrownBy(() -> plan(step("a", Phase.MOUNT, "b"), step("b", Phase.MOUNT, "a"))).hasMessageContaining("a, b");
        assertThatThrownBy(() -> plan(step("early", Phase.BOX, "late"), step("late", Phase.RIDE))).hasMessageContaining("early, late");
        assertThatThrownBy(() -> plan(step("a", Phase.MOUNT), step("a", Phase.BARS))).hasMessageContaining("'a' stands twice");
    }

    /** Random lists: each wait is kept, each step is there once, equal input gives an equal list, and the order told is never better. */
    @Test
    void everyListKeepsEveryHardRule() {
        Random random = new Random(11);
        for (int round = 0; round < 300; round++) {
            Step[] steps = random(random, 4 + random.nextInt(22));
            StepPlan plan = plan(steps);
            assertThat(plan.steps()).extracting(Step::key)
                    .containsExactlyInAnyOrder(Arrays.stream(steps).map(Step::key).toArray(String[]::new));
            List<Step> before = new ArrayList<>();
            for (Step step : plan.steps()) {
                assertThat(before).containsAll(plan.steps().stream().filter(other -> other != step && step.waitsFor(other)).toList());
                before.add(step);
            }
            assertThat(plan.turns()).isLessThanOrEqualTo(plan.asTold());
            assertThat(plan.bound()).isLessThanOrEqualTo(plan.turns());
            assertThat(plan(steps)).isEqualTo(plan);
        }
    }

    static Step[] random(Random random, int count) {
        Posture[] postures = Posture.values();
        List<String> tools = List.of("hex 4", "hex 5", "meter", "torque wrench 2–25", "caliper");
        Step[] steps = new Step[count];
        for (int i = 0; i < count; i++) {
            Step.Builder step = Step.called("s" + (char) ('a' + i / 26) + (char) ('a' + i % 26), "S")
                    .in(Phase.values()[Math.min(Phase.values().length - 1, i * Phase.values().length / count)])
                    .at(postures[random.nextInt(postures.length)], Zone.BARS).tools(List.of(tools.get(random.nextInt(5))));
            if (random.nextInt(4) == 0) {
                step.wheels(List.of(WheelPlace.values()[random.nextInt(4)]));
            }
            if (i > 0 && random.nextInt(3) == 0) {
                step.after(List.of(steps[random.nextInt(i)].key()));
            }
            steps[i] = step.step();
        }
        return steps;
    }
}
