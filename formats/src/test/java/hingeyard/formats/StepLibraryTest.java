package hingeyard.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.Given;
import hingeyard.core.GivenBike;
import hingeyard.core.GivenKits;
import hingeyard.core.bill.BillAssembler;
import hingeyard.core.bill.BillLine;
import hingeyard.core.fit.FitReport;
import hingeyard.core.install.FigureWanted;
import hingeyard.core.install.Phase;
import hingeyard.core.install.Redo;
import hingeyard.core.condition.ConditionCatalogue;
import hingeyard.core.condition.ConditionPoint;
import hingeyard.core.condition.Found;
import hingeyard.core.condition.Grade;
import hingeyard.core.install.library.StepLibrary;
import hingeyard.core.install.Step;
import hingeyard.core.install.StepPlan;
import hingeyard.core.install.StepPlanner;
import hingeyard.core.install.StepRules;
import hingeyard.core.install.StepRun;
import hingeyard.core.install.StepState;
import hingeyard.core.install.Work;
import hingeyard.core.install.library.FragmentText;
import hingeyard.core.install.library.StepText;
import hingeyard.core.install.library.LibraryLint;
import hingeyard.core.install.library.GuardLint;
import hingeyard.core.kit.KitItem;
import hingeyard.core.kit.ShopWork;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The library that ships: complete for every family, and what every list must say so that nobody is hurt and nothing is forgotten. */
class StepLibraryTest {

    private static final StepLibraryFiles.Shipped SHIPPED = StepLibraryFiles.shipped();
    private static final StepPlanner PLANNER = new StepPlanner(SHIPPED.library());

    /** Every family on a bike that tells little, and on one that tells much. */
    static Stream<FitReport> matches() throws IOException {
        List<FitReport> all = new ArrayList<>();
        for (String family : GivenKits.families()) {
            for (String bike : List.of(GivenKits.BIKE,
                    GivenKits.BIKE + ";bike.mass=40;bracket.front-derailleur=yes;front.brake-kind=disc;rear.brake-kind=disc")) {
                all.add(Given.report(Given.survey(bike), GivenKits.kit(family),
                        GivenKits.drawers("S1 bracket-spacer 3 t=2.5 i=34 o=42;ST battery-strap 4")));
            }
        }
        try (Stream<Path> sheets = Files.list(Path.of("../app/src/main/resources/demo/kits"))) {
            for (Path sheet : sheets.sorted().toList()) {
                KitSheetJson.read(Files.readString(sheet)).kits()
                        .forEach(kit -> all.add(Given.report(Given.survey(GivenKits.BIKE), kit, Given.drawers())));
            }
        }
        Stream.of(ShopWork.values()).forEach(work -> all.add(Given.report(Given.survey(GivenKits.BIKE), work.kit(), Given.drawers())));
        return all.stream();
    }

    private static StepPlan plan(FitReport match) {
        return PLANNER.plan(Work.of(match));
    }

    @ParameterizedTest
    @MethodSource("matches")
    void everyFamilyHasItsFullList(FitReport match) {
        List<Step> steps = plan(match).steps();
        assertThat(steps.size()).as(match.kit().fullName())
                .isBetween(!match.kit().boxed() ? 10 : match.kit().equipment().motor().isPresent() ? 40 : 20, 85);
        assertThat(steps).allSatisfy(step -> {
            assertThat(step.text()).hasSizeGreaterThan(60);
            assertThat(step.tools()).isNotEmpty();
            assertThat(step.zones()).isNotEmpty();
            assertThat(step.minutes()).isPositive();
            assertThat(step.figures()).extracting(FigureWanted::key).doesNotHaveDuplicates();
        });
        assertThat(steps.stream().filter(s -> s.hold().isPresent())).hasSizeGreaterThanOrEqualTo(match.kit().boxed() ? 2 : 1);
        assertThat(steps.stream().flatMap(s -> s.figures().stream())).hasSizeGreaterThan(match.kit().boxed() ? 4 : 2);
        assertThat(PLANNER.minutes(Work.of(match))).isEqualTo(plan(match).minutes());
    }

    @ParameterizedTest
    @MethodSource("matches")
    void theOrderIsTheBestThereIsOrSaysHowFarItMayBeOff(FitReport match) {
        StepPlan plan = plan(match);
        assertThat(plan.turns()).isLessThanOrEqualTo(plan.asTold());
        assertThat(plan.bound().postures()).as("no list turns the bike once more than it must").isEqualTo(plan.turns().postures());
        assertThat(plan(match)).isEqualTo(plan);
    }

    @ParameterizedTest
    @MethodSource("matches")
    void powerComesOnlyOnTheBenchAndAtTheEnd(FitReport match) {
        List<Step> steps = plan(match).steps();
        assertThat(steps.stream().filter(Step::batteryIn)).allSatisfy(s -> {
            assertThat(s.phase().orElseThrow()).isIn(Phase.BENCH, Phase.BASELINE, Phase.POWER, Phase.FUNCTIONS, Phase.RIDE);
            assertThat(s.cautions()).isNotEmpty();
        });
        assertThat(steps.get(steps.size() - 1).key()).isEqualTo("sign-off");
        assertThat(steps.get(0).key()).isEqualTo(match.kit().boxed() ? "kit-check" : "baseline");
    }

    @ParameterizedTest
    @MethodSource("matches")
    void everyPartOfTheBillIsMountedByExactlyOneStep(FitReport match) {
        List<String> mounted = plan(match).steps().stream().flatMap(s -> s.mounts().stream()).toList();
        if (match.goesOn()) {
            BillAssembler.assemble(match, List.of()).lines().stream()
                    .filter(l -> !l.role().isEmpty() && l.source() != BillLine.Source.BACK_IN_DRAWER)
                    .map(BillLine::role).distinct().forEach(role -> assertThat(mounted).as(role).containsOnlyOnce(role));
        }
        match.kit().contents().stream().filter(i -> i.piece().isEmpty()).map(KitItem::role).distinct()
                .forEach(role -> assertThat(mounted).as(role).containsOnlyOnce(role));
    }

    @ParameterizedTest
    @MethodSource("matches")
    void everyListCanBeWorkedThroughInAnyOrderItsRulesAllow(FitReport match) {
        List<StepRun> runs = new ArrayList<>(plan(match).steps().stream().map(StepRun::open).toList());
        Random random = new Random(3);
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
            runs.set(next, new StepRun(step, step.hold().isPresent() ? StepState.INSPECTED : StepState.DONE, Optional.of("Tova")));
        }
    }

    /** What particular finds and options bring or leave out. */
    @ParameterizedTest
    @CsvFileSource(resources = "/steps.csv", numLinesToSkip = 1, delimiter = '|')
    void whatIsFoundDecides(String family, String found, String there, String notThere) {
        List<String> keys = plan(
                Given.report(Given.survey(GivenKits.BIKE + (found == null ? "" : ";" + found)), GivenKits.kit(family), Given.drawers()))
                .steps().stream().map(Step::key).toList();
        assertThat(keys).containsAll(List.of(there.split(" ")));
        assertThat(keys).doesNotContainAnyElementsOf(List.of(notThere.split(" ")));
    }

    @Test
    void tooHeavyForTheClampItGoesOnItsBackAndNeverOntoItsBars() {
        FitReport heavy = Given.report(Given.survey(GivenKits.BIKE + ";bike.mass=40"), GivenKits.kit("mid"), Given.drawers());
        assertThat(plan(heavy).steps()).noneMatch(s -> s.posture() == hingeyard.core.install.Posture.CLAMP)
                .anyMatch(s -> s.posture() == hingeyard.core.install.Posture.ON_BACK);
        assertThat(plan(heavy).steps()).extracting(Step::key).contains("guard-bars");
    }

    @Test
    void windowsAndTorquesFollowKitAndShop() {
        FitReport match = Given.report(Given.survey(GivenKits.BIKE), GivenKits.kit("mid"), Given.drawers());
        StepPlan plan = plan(match);
        assertThat(plan.find("bench-power").orElseThrow().figures().get(0).window())
                .isEqualTo(match.kit().battery().empty().amount().toPlainString() + "–" + match.kit().battery().full().text());
        assertThat(plan.find("lock-nut").orElseThrow().fastenings().get(0).source()).isEqualTo("kit's sheet");
        assertThat(plan.find("battery-rail").orElseThrow().fastenings().get(0)).satisfies(f -> {
            assertThat(f.source()).isEqualTo("shop's table");
            assertThat(f.torque().newtonMetres()).isEqualTo("3–4");
        });
        assertThat(plan.find("cranks-pedals").orElseThrow().fastenings()).filteredOn(f -> f.leftHand()).extracting(f -> f.what())
                .containsExactly("left pedal");
    }

    static final String GOOD = """
            fragment: made-up
            version: 1
            title: Made up
            steps:
              - key: one
                title: One
                phase: mount
                zones: [bars]
                minutes: 5
                tools: [hex 4, torque wrench 2–25]
                text: >-
                  Long enough for a mechanic who never did it, who wants to know what to hold and what to look at.
                fasten:
                  - {what: clamp, torque: shop m5, locker: dry}
                leaves: nothing
            """;

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "phase: mount | phase: mounting | 7 | is not possible here", "zones: [bars] | zones: [roof] | 8 | is not possible here",
        "torque: shop m5 | torque: shop m99 | 14 | has no torque",
        "torque: shop m5 | torque: tight | 14 | has no torque", "hex 4 | hex 4.5 | 10 | is no tool of the shop's list",
        "hex 4, torque wrench 2–25 | hex 4 | 10 | no torque wrench",
        "minutes: 5 | minutes: 500 | 9 | allowed 1 to 480", "hex 4 | soldering iron | 5 | 'fumes' is missing",
        "what: clamp | what: left pedal | 14 | left-hand thread",
        "minutes: 5 | after: [two], minutes | 9 | ", "key: one | key: lock-nut | 5 | stands in bracket-mid-drive already",
        "title: One | title: [One] | 6 | ",
        "zones: [bars] | zones: [] | 8 | where on the bike"})
    void aWrongFragmentIsRefusedWithLineAndReason(String right, String wrong, int line, String reason) {
        String text = GOOD.replace(right, wrong);
        assertThat(text).isNotEqualTo(GOOD);
        assertThatThrownBy(() -> StepLibraryFiles.read(text, SHIPPED.fragments(), SHIPPED.tools()))
                .isInstanceOf(UnreadableSheetException.class)
                .hasMessageContaining("line " + line).hasMessageContaining(reason == null ? "" : reason);
    }

    /** What cures or settles is counted from a step of the same fragment that comes before, and says why. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"truing run-out | mm | ", "truing run-out | V | 'truing run-out' in mm",
        "truing wobble | mm | enumeration", "pressure tyre | bar | "})
    void aFigureFromTheBenchIsOneItFindsAndInItsUnit(String bench, String unit, String reason) {
        String faults = faults(GOOD.replace("minutes: 5",
                "minutes: 5\n    figures: [{key: v, name: Read, unit: %s, from: 1, to: 2, tool: caliper, bench: %s}]"
                        .formatted(unit, bench)));
        if (reason == null) {
            assertThat(faults).doesNotContain("the bench finds");
        } else {
            assertThat(faults).contains("figures", reason);
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"since: two, minutes: 60, why: glue sets | 'two' is no step of this fragment before it",
        "since: one, minutes: 60, why: glue sets | 'one' is no step of this fragment before it",
        "since: one, minutes: 3000, why: glue sets | allowed 1 to 2880", "since: one, minutes: 60, why: Glue sets. | no full stop"})
    void aRestWithoutItsStepItsTimeOrItsReasonIsRefused(String rests, String reason) {
        assertThat(faults(GOOD.replace("minutes: 5", "minutes: 5\n    rests: {" + rests + "}"))).contains("rests", reason);
    }

    @Test
    void theLegsThatShipAreWholeAndAWrongOneIsRefused() {
        assertThat(SHIPPED.legs()).extracting(l -> l.title()).startsWith("box and bench run").contains("test ride and sign-off");
        assertThat(SHIPPED.legs()).filteredOn(l -> l.strip()).hasSize(1);
        JsonNode none = new JsonMapper().readTree("[{\"title\":\"all\",\"phases\":[\"mounting\"]}]");
        assertThatThrownBy(() -> StepLibraryFiles.legs(none)).hasMessageContaining("'mounting' is no phase; there are ");
        JsonNode half = new JsonMapper().readTree("[{\"title\":\"all\",\"phases\":[\"mount\"]}]");
        assertThatThrownBy(() -> StepLibraryFiles.legs(half)).hasMessageContaining("the phase 'loom' belongs to no leg");
    }

    /** Whoever writes a step that holds a wheel, stops a bike, reads volts or rides says why nobody leaves it out. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"minutes: 5 | mounts: [torque-arm] | holds the wheel",
        "minutes: 5 | mounts: [safety-washer] | holds the wheel", "minutes: 5 | mounts: [steering-cable] | makes it steer",
        "minutes: 5 | mounts: [axle-guard] | keeps a lead", "minutes: 5 | mounts: [rear-brake] | makes the bike stop",
        "phase: mount | phase: brakes | makes the bike stop", "phase: mount | phase: ride | tries the bike on the road",
        "key: one | key: straps-again-again | tightens again",
        "minutes: 5 | figures: [{key: v, name: Volts, unit: V, from: 1, to: 2, tool: meter}] | reads volts"})
    void aStepThatSafetyHangsOnSaysWhyItIsNeverLeftOut(String right, String wrong, String does) {
        String text = GOOD.replace(right, wrong.startsWith("mounts") || wrong.startsWith("figures") ? right + "\n    " + wrong : wrong);
        assertThatThrownBy(() -> StepLibraryFiles.read(text, SHIPPED.fragments(), SHIPPED.tools()))
                .hasMessageContaining("/guards): is missing: it " + does);
        String held = text.replace("minutes: 5", "minutes: 5\n    hold: Pull at it.");
        assertThat(faults(held)).as("a hold point is never left out anyway").doesNotContain("guards");
        assertThat(faults(text.replace("minutes: 5", "minutes: 5\n    guards: Without it somebody is hurt."))).doesNotContain("guards");
        assertThat(faults(text.replace("minutes: 5", "minutes: 5\n    guards: without it"))).contains("is no sentence");
    }

    private static String faults(String text) {
        try {
            StepLibraryFiles.read(text, SHIPPED.fragments(), SHIPPED.tools());
            return "";
        } catch (UnreadableSheetException e) {
            return e.getMessage();
        }
    }

    /**
     * A shop's own fragment of before steps said what they guard is no fault of the shop's: what shipped says it, or that much is said that
     * nobody leaves it out.
     */
    @Test
    void anOldFragmentOfTheShopsOwnGuardsWhatTheShippedOneDoes() {
        FragmentText shipped = SHIPPED.fragments().stream().filter(f -> f.fragment().equals("front-hub")).findFirst().orElseThrow();
        String old = SHIPPED.texts().get(SHIPPED.fragments().indexOf(shipped)).lines().filter(l -> !l.strip().startsWith("guards:"))
                .map(l -> l.replace("key: front-lead", "key: lead-our-way"))
                .collect(Collectors.joining("\n"));
        FragmentText own = GuardLint.completed(StepLibraryFiles.read(old), SHIPPED.fragments());
        assertThat(own.steps()).filteredOn(s -> s.key().equals("torque-arm")).extracting(StepText::guards)
                .containsExactly("An axle that turns in its slots tears its lead off and lets the wheel out.");
        assertThat(own.steps()).filteredOn(s -> s.key().equals("lead-our-way")).extracting(StepText::guards)
                .containsExactly("People's safety hangs on it.");
        assertThat(LibraryLint.of(List.of(own), SHIPPED.tools())).isEmpty();
    }

    /** Every step of every fragment: its minutes are another number in the next version, and nothing else is another. */
    @Test
    void minutesAreChangedInTheTextAndNothingElse() {
        for (int i = 0; i < SHIPPED.fragments().size(); i++) {
            FragmentText before = SHIPPED.fragments().get(i);
            for (int j = 0; j < before.steps().size(); j++) {
                StepText step = before.steps().get(j);
                FragmentText after = StepLibraryFiles
                        .read(FragmentEdit.minutes(SHIPPED.texts().get(i), before.version() + 1, step.key(), 333).orElseThrow());
                assertThat(after.version()).isEqualTo(before.version() + 1);
                assertThat(after.steps().get(j).minutes()).as(step.key()).isEqualTo(333);
                assertThat(after.steps().get(j)).usingRecursiveComparison().ignoringFields("minutes").isEqualTo(step);
                assertThat(after).usingRecursiveComparison().ignoringFields("version", "steps").isEqualTo(before);
                List<StepText> others = new ArrayList<>(after.steps());
                others.set(j, step);
                assertThat(others).as("beside " + step.key()).isEqualTo(before.steps());
            }
        }
        assertThat(FragmentEdit.minutes("version: 1\nsteps: [{key: one, minutes: 5}]", 2, "one", 7)).as("written in one line: by hand")
                .isEmpty();
    }

    /**
     * For every family and every part it mounts: the step that mounts it, every later one that tightens something of its name, and the last
     * round with the wrench are
     * done again when the part is another; what comes before it is not.
     */
    @ParameterizedTest
    @MethodSource("matches")
    void whateverAChangedPartTookPartInIsDoneAgain(FitReport match) {
        List<Step> steps = plan(match).steps();
        for (String role : steps.stream().flatMap(s -> s.mounts().stream()).distinct().toList()) {
            Set<String> again = Redo.of(steps, Set.of(role));
            List<Step> mounting = steps.stream().filter(s -> s.mounts().contains(role)).toList();
            assertThat(again).as(role).containsAll(mounting.stream().map(Step::key).toList());
            String name = role.replace('-', ' ');
            assertThat(steps)
                    .filteredOn(
                            s -> s.fastenings().stream().anyMatch(f -> f.what().contains(name)) && mounting.stream().anyMatch(s::waitsFor))
                    .as(role).allMatch(s -> again.contains(s.key()));
            assertThat(steps).filteredOn(s -> again.contains(s.key()) && !mounting.contains(s)).as(role)
                    .allMatch(s -> mounting.stream().anyMatch(m -> steps.indexOf(m) < steps.indexOf(s)));
        }
    }

    @Test
    void otherScrewsUnderThePlateAreTorquedAgainAndInspectedAgain() {
        List<Step> steps = plan(Given.report(Given.survey(GivenKits.BIKE), GivenKits.kit("mid"), Given.drawers())).steps();
        assertThat(Redo.of(steps, Set.of("plate-screws")))
                .contains("tooth-plate", "swing-up", "lock-nut", "second-nut", "retorque", "sign-off")
                .doesNotContain("motor-on-spacers", "battery-rail", "bench-power");
    }

    /** By the shop's own rule: a figure's window follows it, not what the application ships with. */
    @Test
    void theWidestSlotFollowsTheShopsOwnPlay() {
        FitReport match = GivenBike.of("rule=dropout.slot-play:0.5").report(GivenKits.kit("front"), Given.drawers());
        assertThat(plan(match).find("slots").orElseThrow().figures().get(0).window()).isEqualTo("10–10.5 mm");
    }

    @Test
    void stepsThatNoJobReachesAndCirclesAreFound() {
        String never = GOOD.replace("title: Made up", "title: Made up\nwhen: {drive: [front-hub]}").replace("minutes: 5",
                "minutes: 5\n    when: {drive: [rear-hub-cassette]}");
        assertThatThrownBy(() -> StepLibraryFiles.read(never, SHIPPED.fragments(), SHIPPED.tools())).hasMessageContaining("never reached");
        String second = GOOD.substring(GOOD.indexOf("  - key")).replace("key: one", "key: two").replace("phase: mount",
                "phase: ride\n    hazards: [road]");
        String circle = GOOD.replace("minutes: 5", "minutes: 5\n    after: [two]") + second;
        assertThatThrownBy(() -> StepLibraryFiles.read(circle, SHIPPED.fragments(), SHIPPED.tools()))
                .hasMessageContaining("wait for one another: one, two");
        assertThat(StepLibraryFiles.read(GOOD, SHIPPED.fragments(), SHIPPED.tools())).extracting(FragmentText::fragment)
                .isEqualTo("made-up");
    }

    @Test
    void whatTheManagerAddsJoinsTheList() {
        FitReport match = Given.report(Given.survey(GivenKits.BIKE), GivenKits.kit("mid"), Given.drawers());
        assertThat(SHIPPED.library().addable()).extracting(FragmentText::fragment).containsExactly("disc-brakes", "bar-tube", "build-up",
                "display-swap", "diagnosis", "lights", "service", "retorque-check");
        List<String> more = PLANNER.plan(new Work(match, Set.of("bar-tube"), Set.of())).steps().stream().map(Step::key).toList();
        assertThat(more).containsAll(plan(match).steps().stream().map(Step::key).toList()).contains("bar-new-on", "bar-brakes");
    }

    /** What the arrival check brings is a step of its own in its place, mounts what it takes, and counts its minutes once. */
    @ParameterizedTest
    @MethodSource("points")
    void whatIsDoneWithTheJobIsAStep(ConditionPoint point) {
        FitReport match = Given.report(Given.survey(GivenKits.BIKE), GivenKits.kit("roller"), Given.drawers());
        Work with = Work.of(match, Set.of(), List.of(new Found(point, Grade.WITH_JOB, "seen", Optional.empty())));
        StepPlan plan = PLANNER.plan(with);
        List<Step> more = plan.steps().stream().filter(s -> plan(match).find(s.key()).isEmpty()).toList();
        assertThat(more).singleElement().satisfies(s -> {
            assertThat(s.mounts()).isEqualTo(Set.of(point.role()));
            assertThat(s.minutes()).isEqualTo(Math.max(point.minutes(), s.minutes()));
            assertThat(s.guards().isPresent() || s.hold().isPresent() || !point.grave() || point.key().equals("material"))
                    .as("what may hurt somebody is never left out").isTrue();
        });
        assertThat(PLANNER.minutes(with)).isEqualTo(plan.minutes());
    }

    static Stream<ConditionPoint> points() {
        return ConditionCatalogue.all().stream();
    }

    /** A shop that threw the fragment out of its library: nothing is lost. */
    @Test
    void whatTheLibraryDoesNotTellIsDoneAsThePointSays() {
        List<FragmentText> without = SHIPPED.fragments().stream().filter(f -> !f.fragment().equals("arrival")).toList();
        FitReport match = Given.report(Given.survey(GivenKits.BIKE), GivenKits.kit("mid"), Given.drawers());
        ConditionPoint tyres = ConditionCatalogue.find("tyres").orElseThrow();
        StepPlanner planner = new StepPlanner(new StepLibrary(without, SHIPPED.tools()));
        Work with = Work.of(match, Set.of(), List.of(new Found(tyres, Grade.WITH_JOB, "cracked", Optional.empty())));
        assertThat(planner.plan(with).find("arrival-tyres").orElseThrow()).satisfies(s -> {
            assertThat(s.minutes()).isEqualTo(30);
            assertThat(s.mounts()).containsExactly("arrival-tyres");
        });
        assertThat(planner.minutes(with)).isEqualTo(planner.plan(with).minutes());
    }

    @Test
    void theSchemaIsTheOnePublished() throws IOException {
        Path published = Path.of("../docs/formats/step-fragment.schema.json");
        if (Boolean.getBoolean("api.write")) {
            Files.writeString(published, StepLibrarySchema.text());
        }
        assertThat(Files.readString(published)).as("run ./yard api").isEqualTo(StepLibrarySchema.text());
    }
}
