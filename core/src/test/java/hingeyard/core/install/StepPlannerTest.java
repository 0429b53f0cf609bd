package hingeyard.core.install;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.Given;
import hingeyard.core.GivenKits;
import hingeyard.core.fit.FitReport;
import hingeyard.core.install.families.StepFamilyCatalogue;
import hingeyard.core.kit.Kit;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StepPlannerTest {

    static final FitReport MID = Given.report(Given.survey("bracket.standard=iso;bracket.shell-width=73"),
            Given.bracketKit("70", "92", "0", 13, "60"), Given.drawers());
    static final FitReport HUB = Given.report(Given.survey(Given.FORK), Given.frontHubKit("100"), Given.drawers());

    private static StepPlan plan(FitReport match) {
        return new StepPlanner(StepFamilyCatalogue.all()).plan(match);
    }

    @ParameterizedTest
    @CsvSource({"kit-check,bench-power", "bench-power,pedals-cranks-off", "dry-fit,derailleur-off", "lines-flat,motor-on-spacers",
            "tooth-plate,swing-up", "swing-up,lock-nut", "lock-nut,second-nut", "second-nut,chainring", "loom,first-power", "first-power,functions",
            "functions,ride", "ride,sign-off"})
    void midDriveKeepsTheHardOrder(String before, String after) {
        List<String> keys = plan(MID).steps().stream().map(Step::key).toList();
        assertThat(keys.indexOf(before)).as("%s before %s in %s", before, after, keys).isNotNegative().isLessThan(keys.indexOf(after));
    }

    @ParameterizedTest
    @CsvSource({"bench-power,wheel-out", "slots,wheel-in", "tyre-over,wheel-in", "torque-arm,axle-nuts", "axle-nuts,front-brake", "loom,first-power"})
    void frontHubKeepsTheHardOrder(String before, String after) {
        List<String> keys = plan(HUB).steps().stream().map(Step::key).toList();
        assertThat(keys.indexOf(before)).as("%s before %s in %s", before, after, keys).isNotNegative().isLessThan(keys.indexOf(after));
    }

    @Test
    void aSleeveAddsItsOwnStepBetweenDryFitAndMotor() {
        FitReport press = Given.report(Given.survey("bracket.standard=press-41;bracket.shell-width=73"),
                Given.bracketKit("70", "92", "0", 13, "60"), Given.drawers());
        List<String> keys = plan(press).steps().stream().map(Step::key).toList();
        assertThat(keys.indexOf("sleeve")).isBetween(keys.indexOf("dry-fit") + 1, keys.indexOf("motor-on-spacers") - 1);
        assertThat(plan(MID).find("sleeve")).isEmpty();
    }

    /** The labour of a shortlist is that of the steps, of every family. */
    @Test
    void minutesAreThoseOfThePlan() {
        StepPlanner planner = new StepPlanner(StepFamilyCatalogue.all());
        for (String family : GivenKits.families()) {
            FitReport report = Given.report(Given.survey(GivenKits.BIKE), GivenKits.kit(family), Given.drawers());
            assertThat(planner.minutes(report)).as(family).isEqualTo(planner.plan(report).minutes()).isNotNegative();
        }
    }

    @Test
    void sameInputGivesTheSameList() {
        assertThat(plan(MID)).isEqualTo(plan(MID));
    }

    @Test
    void everyPlanCanBeWorkedThroughInItsOwnOrderAndInNoOther() {
        for (FitReport match : List.of(MID, HUB)) {
            List<StepRun> runs = new ArrayList<>(plan(match).steps().stream().map(StepRun::open).toList());
            Random random = new Random(3);
            Set<Milestone> reached = new HashSet<>();
            while (!StepRules.allFinished(runs)) {
                List<Integer> startable = new ArrayList<>();
                for (int i = 0; i < runs.size(); i++) {
                    if (StepRules.mayStart(runs, runs.get(i).step().key()).allowed()) {
                        startable.add(i);
                    }
                }
                assertThat(startable).as("something can always be done").isNotEmpty();
                int next = startable.get(random.nextInt(startable.size()));
                Step step = runs.get(next).step();
                assertThat(reached).containsAll(step.needs());
                runs.set(next, new StepRun(step, step.hold().isPresent() ? StepState.INSPECTED : StepState.DONE, java.util.Optional.of("Tova")));
                for (Milestone m : step.reaches()) {
                    boolean all = runs.stream().filter(r -> r.step().reaches().contains(m)).allMatch(StepRun::finished);
                    if (all) {
                        reached.add(m);
                    }
                }
            }
        }
    }

    @Test
    void everyStepTellsAMechanicEnough() {
        for (FitReport match : List.of(MID, HUB)) {
            assertThat(plan(match).steps()).hasSizeGreaterThanOrEqualTo(12).allSatisfy(step -> {
                assertThat(step.text()).hasSizeGreaterThan(60);
                assertThat(step.tools()).isNotEmpty();
                assertThat(step.zones()).isNotEmpty();
                assertThat(step.minutes()).isPositive();
            });
            assertThat(plan(match).steps()).anyMatch(s -> s.hold().isPresent()).anyMatch(s -> !s.figures().isEmpty())
                    .anyMatch(Step::batteryIn);
        }
        assertThat(plan(MID).steps()).flatExtracting(Step::fastenings).anyMatch(Fastening::leftHand);
    }

    @Test
    void namesTheStepsOfACircleAndTheMilestoneNobodyReaches() {
        Kit kit = MID.kit();
        StepFamily circle = family(Step.called("a", "A").needs(Milestone.POWERED).reaches(Milestone.RIDDEN).step(),
                Step.called("b", "B").needs(Milestone.RIDDEN).reaches(Milestone.POWERED).step());
        assertThatThrownBy(() -> new StepPlanner(List.of(circle)).plan(new FitReport(kit, List.of()))).hasMessageContaining("a, b");
        StepFamily open = family(Step.called("a", "A").needs(Milestone.RIDDEN).step());
        assertThatThrownBy(() -> new StepPlanner(List.of(open)).plan(new FitReport(kit, List.of())))
                .hasMessageContaining("'a'").hasMessageContaining("it has been ridden");
    }

    private static StepFamily family(Step... steps) {
        return new StepFamily() {
            @Override
            public String id() {
                return "made-up";
            }

            @Override
            public boolean concerns(FitReport match) {
                return true;
            }

            @Override
            public List<Step> steps(FitReport match) {
                return List.of(steps);
            }
        };
    }
}
