package hingeyard.core.install;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.install.Blocker.Kind;
import hingeyard.core.install.Blocker.Resolution;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class BlockerTest {

    @ParameterizedTest
    @EnumSource(Kind.class)
    void onlyWhatIsUnsafeOrTheCustomersIsForTheManagerAlone(Kind kind) {
        boolean alone = kind == Kind.UNSAFE || kind == Kind.CUSTOMER_DECIDES;
        assertThat(Blocker.mayClear(kind, "Nut", false).allowed()).isEqualTo(!alone);
        assertThat(Blocker.mayClear(kind, "Nut", true).allowed()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({"CLEARED,false,false,true", "SWAPPED_PARTS,false,false,false", "SWAPPED_PARTS,true,false,true", "ADDED_WORK,true,false,false", "ADDED_WORK,false,true,true", "ANOTHER_KIT,false,false,true"})
    void partsWantARevisionAndWorkWantsAName(Resolution how, boolean revised, boolean added, boolean may) {
        assertThat(Blocker.mayResolve(how, revised, added).allowed()).isEqualTo(may);
    }

    @ParameterizedTest
    @CsvSource({"TEST_FAILED,PART_DAMAGED,true", "FIGURE_OUTSIDE,UNSAFE,true", "UNSAFE,PART_DAMAGED,false", "UNSAFE,UNSAFE,true", "CUSTOMER_DECIDES,WRONG_PART,false"})
    void whatIsFoundNeverMakesAStopOfTheManagersAPlainOne(Kind now, Kind found, boolean may) {
        assertThat(Blocker.mayBecome(now, found, "Nut").allowed()).isEqualTo(may);
    }

    private static StepRun run(Step.Builder step, StepState state) {
        return new StepRun(step.step(), state, Optional.of("Tova"));
    }

    @Test
    void whatIsNeverLeftOut() {
        assertThat(StepRules.maySkip(run(Step.called("a", "A").hold("look"), StepState.OPEN)).reason()).contains("hold point");
        assertThat(StepRules.maySkip(run(Step.called("a", "A").mounts(List.of("motor")), StepState.OPEN)).reason()).contains("revise the bill");
        assertThat(StepRules.maySkip(run(Step.called("a", "A"), StepState.RUNNING)).reason()).contains("running");
        assertThat(StepRules.maySkip(run(Step.called("a", "A"), StepState.DONE)).reason()).contains("done");
        assertThat(StepRules.maySkip(run(Step.called("a", "A"), StepState.SKIPPED)).reason()).contains("left out already");
        assertThat(StepRules.maySkip(run(Step.called("a", "A"), StepState.STUCK)).allowed()).isTrue();
        assertThat(run(Step.called("a", "A"), StepState.SKIPPED).finished()).isTrue();
    }

    @Test
    void aStepMovesOnlyWhereNothingWaits() {
        List<StepRun> runs = List.of(run(Step.called("box", "Box").in(Phase.BOX), StepState.OPEN), run(Step.called("bars", "Bars").in(Phase.BARS), StepState.OPEN),
                run(Step.called("motor", "Motor").in(Phase.MOUNT), StepState.OPEN), run(Step.called("loom", "Loom").in(Phase.LOOM), StepState.OPEN));
        assertThat(StepRules.mayMove(runs, "motor", 1).allowed()).isTrue();
        assertThat(StepRules.mayMove(runs, "bars", 2).allowed()).isTrue();
        assertThat(StepRules.mayMove(runs, "motor", 0).reason()).contains("'Motor' comes after 'Box'");
        assertThat(StepRules.mayMove(runs, "motor", 3).reason()).contains("'Motor' comes before 'Loom'");
        assertThat(StepRules.mayMove(runs, "motor", 4).reason()).contains("no place 5");
    }
}
