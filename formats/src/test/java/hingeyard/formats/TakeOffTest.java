package hingeyard.formats;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Given;
import hingeyard.core.GivenKits;
import hingeyard.core.fit.FitReport;
import hingeyard.core.install.Phase;
import hingeyard.core.install.Reverse;
import hingeyard.core.install.Step;
import hingeyard.core.install.StepPlanner;
import hingeyard.core.install.StepRun;
import hingeyard.core.install.StepState;
import hingeyard.core.install.TakeOff;
import hingeyard.core.install.Work;
import hingeyard.core.install.library.FragmentText;
import hingeyard.core.install.library.ReverseLint;
import hingeyard.core.install.library.StepLibrary;
import hingeyard.core.install.library.StepText;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Kits of every family come off again, after any part of their list was done. */
class TakeOffTest {

    private static final StepLibrary LIBRARY = StepLibraryFiles.shipped().library();
    private static final StepPlanner PLANNER = new StepPlanner(LIBRARY);

    static Stream<FitReport> matches() throws IOException {
        return StepLibraryTest.matches();
    }

    private static List<StepRun> runs(List<Step> steps, int done, StepState last) {
        List<StepRun> runs = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            StepState state = i > done ? StepState.OPEN
                    : i == done ? last : steps.get(i).hold().isPresent() ? StepState.INSPECTED : StepState.DONE;
            runs.add(new StepRun(steps.get(i), state, Optional.of("Tova")));
        }
        return runs;
    }

    private static TakeOff.Plan off(List<StepRun> runs, FitReport match) {
        Map<String, List<String>> names = runs.stream().flatMap(r -> r.step().mounts().stream()).distinct()
                .collect(Collectors.toMap(role -> role, role -> List.of("1 × " + role)));
        return TakeOff.of(runs, names, LIBRARY.takenOff(Work.of(match)));
    }

    private static boolean last(Step step) {
        return step.reverse().flatMap(Reverse::work).map(Reverse.PutBack::last).orElse(false);
    }

    /** By asking every pair, not by the plan's own bookkeeping. */
    private static boolean standsOn(List<Step> steps, int later, int earlier, Set<Integer> seen) {
        for (int i = 0; i < steps.size(); i++) {
            if (i != later && steps.get(later).waitsFor(steps.get(i))
                    && (i == earlier || seen.add(i) && standsOn(steps, i, earlier, seen))) {
                return true;
            }
        }
        return false;
    }

    @ParameterizedTest
    @MethodSource("matches")
    void whatStandsOnSomethingComesOffBeforeIt(FitReport match) {
        List<Step> steps = PLANNER.plan(Work.of(match)).steps();
        List<String> off = off(runs(steps, steps.size(), StepState.OPEN), match).steps().stream().map(Step::key).toList();
        for (int a = 0; a < steps.size(); a++) {
            for (int b = 0; b < steps.size(); b++) {
                int first = off.indexOf(TakeOff.PREFIX + steps.get(b).key());
                int then = off.indexOf(TakeOff.PREFIX + steps.get(a).key());
                if (first < 0 || then < 0) {
                    continue;
                }
                boolean stands = standsOn(steps, b, a, new HashSet<>());
                if (last(steps.get(a)) != last(steps.get(b))) {
                    assertThat(last(steps.get(a))).as("%s, %s: set when all is back on", steps.get(a).key(), steps.get(b).key())
                            .isEqualTo(first < then);
                } else if (stands) {
                    assertThat(first < then).as("%s stands on %s", steps.get(b).key(), steps.get(a).key()).isNotEqualTo(last(steps.get(a)));
                }
            }
        }
        assertThat(off.get(0)).isEqualTo("off-begin");
        assertThat(off.subList(off.size() - 4, off.size())).containsExactlyInAnyOrder("off-counted", "as-came-stops", "as-came-turns",
                "as-came-ride");
    }

    /**
     * After any number of steps: every part that is on the bike comes off once or is said to stay, and nothing that is not there is named.
     */
    @ParameterizedTest
    @MethodSource("matches")
    void everyPartThatIsOnTheBikeComesOffOnceOrStays(FitReport match) {
        List<Step> steps = PLANNER.plan(Work.of(match)).steps();
        for (int done = 0; done <= steps.size(); done += 7) {
            List<StepRun> runs = runs(steps, done, StepState.PAUSED);
            TakeOff.Plan plan = off(runs, match);
            Set<String> on = runs.stream().filter(r -> r.state() != StepState.OPEN)
                    .filter(r -> !r.step().phase().map(p -> p == Phase.BOX || p == Phase.BENCH).orElse(false))
                    .flatMap(r -> r.step().mounts().stream()).collect(Collectors.toCollection(TreeSet::new));
            List<String> taken = plan.steps().stream().flatMap(s -> s.dismounts().stream()).sorted().toList();
            assertThat(taken).doesNotHaveDuplicates().noneMatch(plan.keeps()::contains);
            Set<String> said = new TreeSet<>(taken);
            said.addAll(plan.keeps());
            assertThat(said).isEqualTo(on);
            assertThat(TakeOff.needed(runs)).as("after %d steps", done).isEqualTo(plan.steps().size() > 5 || !plan.stays().isEmpty());
        }
    }

    @ParameterizedTest
    @MethodSource("matches")
    void whatIsPutBackIsReadAtTheWrenchAndTheBatteryIsOut(FitReport match) {
        List<Step> steps = PLANNER.plan(Work.of(match)).steps();
        TakeOff.Plan plan = off(runs(steps, steps.size(), StepState.OPEN), match);
        assertThat(plan.steps()).allSatisfy(s -> {
            assertThat(s.text()).hasSizeGreaterThan(60);
            assertThat(s.tools()).isNotEmpty();
            assertThat(s.batteryIn()).isFalse();
            assertThat(s.mounts()).isEmpty();
            assertThat(s.phase().orElseThrow()).isIn(Phase.OFF, Phase.AS_CAME);
            assertThat(s.figures()).hasSameSizeAs(s.fastenings());
        });
        assertThat(plan.steps().stream().filter(s -> s.hold().isPresent())).extracting(Step::key).containsExactly("as-came-stops");
    }

    @Test
    void aMidDriveComesOffInItsOrderAndTheBikesOwnPartsGoBack() {
        FitReport match = Given.report(Given.survey(GivenKits.BIKE), GivenKits.kit("mid"), Given.drawers());
        List<Step> steps = PLANNER.plan(Work.of(match)).steps();
        TakeOff.Plan plan = TakeOff.of(runs(steps, steps.size(), StepState.OPEN),
                Map.of("lock-nut", List.of("1 × Lock nut, from the box"), "second-nut", List.of("1 × Thin nut, drawer A 3"), "motor",
                        List.of("1 × Motor, from the box"), "cranks", List.of("1 × Cranks, pair, from the box")),
                LIBRARY.takenOff(Work.of(match)));
        assertThat(plan.steps()).extracting(Step::key).containsSubsequence("off-begin", "off-second-nut", "off-lock-nut",
                "off-motor-on-spacers", "off-bracket-out", "off-pedals-cranks-off", "off-chain-aside", "as-came-stops");
        Step nut = plan.steps().stream().filter(s -> s.key().equals("off-second-nut")).findFirst().orElseThrow();
        assertThat(nut.title()).isEqualTo("Remove: Thin nut");
        assertThat(nut.text()).contains("1 × Thin nut, drawer A 3.", "Second nut comes off counter-clockwise.");
        assertThat(nut.minutes()).isEqualTo(3);
        assertThat(nut.tools()).doesNotContain("torque wrench 20–120", "paint marker");
        // No separator is on the bill: nothing of it comes off.
        assertThat(plan.steps()).extracting(Step::key).doesNotContain("off-lines-flat");
        assertThat(plan.stays()).contains("The faces and threads of the bracket shell stay cut clean.");
        Step cranks = plan.steps().stream().filter(s -> s.key().equals("off-pedals-cranks-off")).findFirst().orElseThrow();
        assertThat(cranks.fastenings()).extracting(f -> f.what() + " " + f.leftHand()).containsExactly("crank bolts false",
                "right pedal false", "left pedal true");
        // The kit's own pedals come off the other way round.
        assertThat(plan.steps().stream().filter(s -> s.key().equals("off-cranks-pedals")).findFirst().orElseThrow().text())
                .contains("Left pedal has a left-hand thread and comes off clockwise.");
    }

    @Test
    void nothingIsTakenOffWhereNothingWasPutOn() {
        FitReport match = Given.report(Given.survey(GivenKits.BIKE), GivenKits.kit("mid"), Given.drawers());
        List<Step> steps = PLANNER.plan(Work.of(match)).steps();
        int box = (int) steps.stream().takeWhile(s -> s.phase().orElseThrow().ordinal() <= Phase.BASELINE.ordinal()).count();
        assertThat(TakeOff.needed(runs(steps, box - 1, StepState.DONE))).isFalse();
        assertThat(TakeOff.needed(List.of())).isFalse();
        StepRun cranks = new StepRun(steps.stream().filter(s -> s.key().equals("pedals-cranks-off")).findFirst().orElseThrow(),
                StepState.RUNNING, Optional.of("Tova"));
        assertThat(TakeOff.needed(List.of(cranks))).isTrue();
        assertThat(off(List.of(cranks), match).steps().get(1).text()).startsWith("This step was only partly done");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "leaves: nothing | xx: nothing | not defined in the schema",
        "leaves: nothing | minutes: 5 | is missing: say how it is put 'back'",
        "leaves: nothing | leaves: it stays | neither 'nothing' nor a sentence",
        "leaves: nothing | back: {title: Off, minutes: 5, text: short} | at least 60 tell a mechanic enough",
    })
    void aStepThatChangesTheBikeSaysWhatBecomesOfIt(String said, String other, String refused) {
        String yaml = StepLibraryTest.GOOD.replace(said, other.equals("minutes: 5") ? "people: 1" : other);
        try {
            StepLibraryFiles.read(yaml, StepLibraryFiles.shipped().fragments(), StepLibraryFiles.shipped().tools());
            assertThat(yaml).as("was taken").isEmpty();
        } catch (UnreadableSheetException e) {
            assertThat(e.getMessage()).contains(refused);
        }
    }

    @Test
    void anOldFragmentOfTheShopsOwnSaysWhatTheShippedOneDoes() {
        FragmentText shipped = LIBRARY.find("bracket-mid-drive").orElseThrow();
        FragmentText old = StepLibraryFiles
                .read(StepLibraryFiles.shipped().texts().stream().filter(t -> t.startsWith("fragment: bracket-mid-drive"))
                        .findFirst().orElseThrow().replaceAll("(?m)^    leaves: .*\n", "").replaceAll("(?m)^    back:\n(      .*\n)+", ""));
        assertThat(old.steps()).allSatisfy(s -> assertThat(s.back() == null && s.leaves() == null).isTrue());
        assertThat(ReverseLint.completed(old, List.of(shipped)).steps().stream().map(StepText::back).toList())
                .isEqualTo(shipped.steps().stream().map(StepText::back).toList());
    }
}
