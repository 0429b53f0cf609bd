package hingeyard.core.install;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.install.Blocker.Kind;
import hingeyard.core.install.Blocker.Resolution;
import hingeyard.core.install.Blocker.Who;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class BlockerTest {

    @ParameterizedTest
    @EnumSource(Kind.class)
    void aPartThatIsNoGoodWhatIsUnsafeAndWhatIsTheCustomersAreNotClearedAtTheStand(Kind kind) {
        boolean elsewhere = Set.of(Kind.UNSAFE, Kind.CUSTOMER_DECIDES, Kind.PART_DAMAGED, Kind.WRONG_PART).contains(kind);
        assertThat(Blocker.mayClear(kind, "Nut", false).allowed()).isEqualTo(!elsewhere);
        assertThat(Blocker.mayClear(kind, "Nut", true).allowed()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({"UNSAFE,Only the manager lifts that.", "CUSTOMER_DECIDES,Only the manager lifts that.",
        "PART_DAMAGED,Only the stock keeper or the manager lifts that."})
    void whoeverCannotClearItIsToldWhoCan(Kind kind, String said) {
        assertThat(Blocker.mayClear(kind, "Nut", false).reason()).contains(said);
    }

    @ParameterizedTest
    @CsvSource({"PART_DAMAGED,STOCK_KEEPER,CLEARED,STOCK_KEEPER,true", "PART_DAMAGED,STOCK_KEEPER,ANOTHER_KIT,STOCK_KEEPER,false",
        "PART_DAMAGED,MANAGER,CLEARED,STOCK_KEEPER,false",
        "PART_DAMAGED,STOCK_KEEPER,CLEARED,TECHNICIAN,false", "UNSAFE,STOCK_KEEPER,CLEARED,STOCK_KEEPER,false",
        "TEST_FAILED,TECHNICIAN,CLEARED,TECHNICIAN,false",
        "UNSAFE,MANAGER,CLEARED,MANAGER,true", "PART_DAMAGED,STOCK_KEEPER,ANOTHER_KIT,MANAGER,true"})
    void awayFromTheStandTheManagerDecidesAndTheStockKeeperClearsTheirOwn(Kind kind, Who turn, Resolution how, Who hat, boolean may) {
        assertThat(Blocker.mayDecide(kind, turn, how, hat).allowed()).isEqualTo(may);
    }

    @ParameterizedTest
    @CsvSource({"CLEARED,false,false,true", "SWAPPED_PARTS,false,false,false", "SWAPPED_PARTS,true,false,true",
        "ADDED_WORK,true,false,false", "ADDED_WORK,false,true,true", "ANOTHER_KIT,false,false,true"})
    void partsWantARevisionAndWorkWantsAName(Resolution how, boolean revised, boolean added, boolean may) {
        assertThat(Blocker.mayResolve(how, revised, added).allowed()).isEqualTo(may);
    }

    @ParameterizedTest
    @CsvSource({"TEST_FAILED,PART_DAMAGED,true", "PART_DAMAGED,TEST_FAILED,false", "PART_DAMAGED,WRONG_PART,true",
        "FIGURE_OUTSIDE,UNSAFE,true", "UNSAFE,PART_DAMAGED,false", "UNSAFE,UNSAFE,true", "CUSTOMER_DECIDES,WRONG_PART,false"})
    void whatIsFoundNeverMakesAStopOfTheManagersAPlainOne(Kind now, Kind found, boolean may) {
        assertThat(Blocker.mayBecome(now, found, "Nut").allowed()).isEqualTo(may);
    }

    private static StepRun run(Step.Builder step, StepState state) {
        return new StepRun(step.step(), state, Optional.of("Tova"));
    }

    @Test
    void whatIsNeverLeftOut() {
        assertThat(StepRules.maySkip(run(Step.called("a", "A").hold("look"), StepState.OPEN)).reason()).contains("hold point");
        assertThat(StepRules.maySkip(run(Step.called("a", "A").guards("Wheels fall off."), StepState.OPEN)).reason())
                .isEqualTo("'A' is never left out. Wheels fall off.");
        assertThat(StepRules.maySkip(run(Step.called("a", "A").mounts(List.of("motor")), StepState.OPEN)).reason())
                .contains("revise the bill");
        assertThat(StepRules.maySkip(run(Step.called("a", "A"), StepState.RUNNING)).reason()).contains("running");
        assertThat(StepRules.maySkip(run(Step.called("a", "A"), StepState.DONE)).reason()).contains("done");
        assertThat(StepRules.maySkip(run(Step.called("a", "A"), StepState.SKIPPED)).reason()).contains("left out already");
        assertThat(StepRules.maySkip(run(Step.called("a", "A"), StepState.STUCK)).allowed()).isTrue();
        assertThat(run(Step.called("a", "A"), StepState.SKIPPED).finished()).isTrue();
    }

    @Test
    void aStepMovesOnlyWhereNothingWaits() {
        List<StepRun> runs = List.of(run(Step.called("box", "Box").in(Phase.BOX), StepState.OPEN),
                run(Step.called("bars", "Bars").in(Phase.BARS), StepState.OPEN),
                run(Step.called("motor", "Motor").in(Phase.MOUNT), StepState.OPEN),
                run(Step.called("loom", "Loom").in(Phase.LOOM), StepState.OPEN));
        assertThat(StepRules.mayMove(runs, "motor", 1).allowed()).isTrue();
        assertThat(StepRules.mayMove(runs, "bars", 2).allowed()).isTrue();
        assertThat(StepRules.mayMove(runs, "motor", 0).reason()).contains("'Motor' comes after 'Box'");
        assertThat(StepRules.mayMove(runs, "motor", 3).reason()).contains("'Motor' comes before 'Loom'");
        assertThat(StepRules.mayMove(runs, "motor", 4).reason()).contains("no place 5");
    }
}
