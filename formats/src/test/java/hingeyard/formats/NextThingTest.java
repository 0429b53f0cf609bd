package hingeyard.formats;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Given;
import hingeyard.core.GivenKits;
import hingeyard.core.bike.BikeGeometry;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.Shape;
import hingeyard.core.booking.CallOff;
import hingeyard.core.booking.JobKind;
import hingeyard.core.condition.ConditionCatalogue;
import hingeyard.core.condition.Found;
import hingeyard.core.condition.Grade;
import hingeyard.core.fit.FitReport;
import hingeyard.core.floor.FloorStanding.Tone;
import hingeyard.core.floor.FloorStanding;
import hingeyard.core.floor.NextThing.InStock;
import hingeyard.core.floor.NextThing.JobOnFloor;
import hingeyard.core.floor.NextThing.Stuck;
import hingeyard.core.floor.NextThing.Supply;
import hingeyard.core.floor.NextThing;
import hingeyard.core.floor.Place;
import hingeyard.core.install.Step;
import hingeyard.core.install.StepPlanner;
import hingeyard.core.install.StepRun;
import hingeyard.core.install.StepState;
import hingeyard.core.install.Work;
import hingeyard.core.kit.Kit;
import hingeyard.formats.StepLibraryFiles;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What the yard says of a bike, in every stage of its job. */
class NextThingTest {

    private static final Supply ALL_THERE = new Supply(List.of(), Optional::empty);

    private static final StepPlanner PLANNER = new StepPlanner(StepLibraryFiles.shipped().library());

    private static final Kit KIT = Given.wholeBracketKit("70", "92", "0", 13, "60");
    private static final FrameSurvey SURVEY = Given.survey(GivenKits.bike("bracket.shell-width=73"));
    private static final FitReport GOES = Given.report(SURVEY, KIT, Given.drawers());
    private static final FitReport ASKS = Given.report(Given.survey(GivenKits.bike("-bracket.standard;-bracket.shell-width")), KIT,
            Given.drawers());
    private static final FitReport NEVER = Given.report(Given.survey(GivenKits.bike("bracket.standard=none")), KIT, Given.drawers());

    private static JobOnFloor job(Place place) {
        return job(place, JobKind.MID_DRIVE);
    }

    private static JobOnFloor job(Place place, JobKind kind) {
        return new JobOnFloor(402, kind, place, "hills", "Quay tourer 56", Optional.empty());
    }

    private static Found found(String point, Grade grade) {
        return new Found(ConditionCatalogue.find(point).orElseThrow(), grade, "seen", Optional.empty());
    }

    private static FloorStanding before(Place place, FitReport... shortlist) {
        return NextThing.tell(job(place), List.of(), Map.of(), List.of(found("tyres", Grade.GOOD)), ALL_THERE,
                () -> InStock.of(List.of(shortlist)));
    }

    /** A plan of which so many steps are finished and the next is in that state. */
    private static FloorStanding during(Place place, int finished, StepState next) {
        return during(place, finished, next, ALL_THERE);
    }

    private static FloorStanding during(Place place, int finished, StepState next, Supply supply) {
        List<Step> steps = PLANNER.plan(Work.of(GOES)).steps();
        List<StepRun> runs = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            boolean hold = steps.get(i).hold().isPresent();
            StepState state = i < finished ? (hold ? StepState.INSPECTED : StepState.DONE) : i == finished ? next : StepState.OPEN;
            runs.add(new StepRun(steps.get(i), state, state == StepState.OPEN ? Optional.empty() : Optional.of("Tova")));
        }
        Map<String, Stuck> stuck = next != StepState.STUCK ? Map.of()
                : Map.of(steps.get(finished).key(), new Stuck("screw too short", Optional.of(Instant.EPOCH)));
        return NextThing.tell(job(place), runs, stuck, List.of(), supply, () -> InStock.of(List.of()));
    }

    private static int indexOf(String key) {
        return PLANNER.plan(Work.of(GOES)).steps().stream().map(Step::key).toList().indexOf(key);
    }

    private static Shape.Ink ink(FloorStanding standing, String part) {
        return BikeGeometry.draw(BikeKind.DIAMOND, SURVEY, Optional.of(KIT.drive().outline(KIT.battery())), standing.motor(),
                standing.battery()).shapes().stream().filter(s -> s.part().equals(part))
                .findFirst().orElseThrow().ink();
    }

    private static FloorStanding off(CallOff off, Place place, StepState last) {
        List<StepRun> runs = new ArrayList<>(PLANNER.plan(Work.of(GOES)).steps().stream()
                .map(s -> new StepRun(s, s.hold().isPresent() ? StepState.INSPECTED : StepState.DONE, Optional.of("Tova"))).toList());
        PLANNER.takeOff(List.copyOf(runs), Map.of("motor", List.of("1 × Motor")), Work.of(GOES)).steps()
                .forEach(s -> runs.add(
                        new StepRun(s, s.hold().isPresent() && last == StepState.DONE ? StepState.INSPECTED : last, Optional.of("Tova"))));
        return NextThing.tell(new JobOnFloor(402, JobKind.MID_DRIVE, place, "hills", "Quay tourer 56", Optional.of(off)), runs, Map.of(),
                List.of(found("fork-cracks", Grade.GOOD)), new Supply(List.of("1 × Nut missing"), Optional::empty),
                () -> InStock.of(List.of()));
    }

    @Test
    void aKitThatComesOffIsTakenToAStandThenSettledThenItIsOver() {
        assertThat(off(CallOff.COMING_OFF, Place.RACK, StepState.OPEN).line()).isEqualTo("kit removal: needs a stand");
        assertThat(off(CallOff.COMING_OFF, Place.STAND, StepState.OPEN).line())
                .isEqualTo("next: Remove the battery and photograph the bike");
        assertThat(off(CallOff.COMING_OFF, Place.STAND, StepState.DONE)).satisfies(s -> {
            assertThat(s.line()).isEqualTo("kit removed: record the returns");
            assertThat(s.next()).isEqualTo("call-off");
            assertThat(s.asks()).isNotEmpty();
        });
        assertThat(off(CallOff.COMING_OFF, Place.STAND, StepState.DONE).motor()).as("what came off is not on the bike")
                .isEqualTo(Shape.Ink.PLANNED);
        assertThat(off(CallOff.OVER, Place.RACK, StepState.OPEN).line()).isEqualTo("called off: return to customer");
    }

    @Test
    void beforeTheBillItSaysWhatToDoNext() {
        assertThat(before(Place.GATE).line()).isEqualTo("hills");
        assertThat(before(Place.RACK, GOES, NEVER).line()).isEqualTo("one kit fits: choose");
        assertThat(before(Place.RACK, GOES, GOES).line()).isEqualTo("2 kits fit: choose");
        assertThat(before(Place.RACK, ASKS, NEVER).line()).isEqualTo("measure shell standard, shell width");
        assertThat(before(Place.RACK, NEVER).line()).isEqualTo("no kit in stock fits");
        assertThat(before(Place.RACK, ASKS).next()).isEqualTo("sheet");
        assertThat(before(Place.RACK, GOES).next()).isEqualTo("hinge");
    }

    @Test
    void theArrivalCheckComesFirstAndStopsWhatFollows() {
        assertThat(NextThing.tell(job(Place.RACK), List.of(), Map.of(), List.of(), ALL_THERE, () -> InStock.of(List.of(GOES))).line())
                .isEqualTo("arrival check is open");
        FloorStanding stopped = NextThing.tell(job(Place.RACK), List.of(), Map.of(), List.of(found("fork-cracks", Grade.STOPS)), ALL_THERE,
                () -> InStock.of(List.of(GOES)));
        assertThat(stopped.tone()).isEqualTo(Tone.STUCK);
        assertThat(stopped.line()).isEqualTo("Fork: cracks: seen");
        assertThat(stopped.next()).isEqualTo("arrival");
        assertThat(NextThing
                .tell(job(Place.RACK, JobKind.LIGHTS), List.of(), Map.of(), List.of(found("tyres", Grade.GOOD)), ALL_THERE,
                        () -> InStock.of(List.of(GOES)))
                .line())
                .isEqualTo("lights: make the bill");
    }

    @Test
    void onTheStandItSaysWhoIsAtWhat() {
        assertThat(during(Place.RACK, 0, StepState.OPEN).line()).isEqualTo("parts held, wants a stand");
        assertThat(during(Place.RACK, 3, StepState.OPEN).line()).as("its stand was wanted for another bike").isEqualTo("back to a stand");
        FloorStanding running = during(Place.STAND, 2, StepState.RUNNING);
        assertThat(running.line()).isEqualTo("Record the bike as it came");
        assertThat(running.hands()).containsExactly("Tova");
        assertThat(running.stepsDone()).isEqualTo(2);
        assertThat(during(Place.STAND, 2, StepState.OPEN).line()).isEqualTo("next: Record the bike as it came");
        FloorStanding held = during(Place.STAND, indexOf("second-nut"), StepState.DONE);
        assertThat(held.line()).isEqualTo("second person: Second nut, paint mark");
        assertThat(held.tone()).isEqualTo(Tone.ASKS);
    }

    @Test
    void whatIsStuckIsHatchedAndSaysWhy() {
        FloorStanding stuck = during(Place.STAND, indexOf("tooth-plate"), StepState.STUCK);
        assertThat(stuck.tone()).isEqualTo(Tone.STUCK);
        assertThat(stuck.line()).isEqualTo("screw too short");
        assertThat(stuck.stuckSince()).contains(Instant.EPOCH);
        assertThat(ink(stuck, "motor")).isEqualTo(Shape.Ink.STUCK);
        assertThat(ink(stuck, "battery")).isEqualTo(Shape.Ink.PLANNED);
        assertThat(ink(during(Place.STAND, indexOf("dry-fit-battery"), StepState.STUCK), "battery")).isEqualTo(Shape.Ink.STUCK);
    }

    @Test
    void theKitTurnsFromDashedToInkAsItIsMounted() {
        assertThat(ink(during(Place.STAND, 1, StepState.OPEN), "motor")).isEqualTo(Shape.Ink.PLANNED);
        assertThat(ink(during(Place.STAND, indexOf("tooth-plate"), StepState.OPEN), "motor")).isEqualTo(Shape.Ink.FITTED);
        FloorStanding all = during(Place.STAND, 1000, StepState.OPEN);
        assertThat(ink(all, "battery")).isEqualTo(Shape.Ink.FITTED);
        assertThat(all.line()).isEqualTo("finished: hang it on the rail");
        assertThat(all.minutesLeft()).contains(0);
        assertThat(during(Place.RAIL, 1000, StepState.OPEN).line()).isEqualTo("ready to collect");
    }

    @Test
    void whatASupplierOwesKeepsABikeStuckAndWhatComesIsSaidWithItsDay() {
        FloorStanding claimed = during(Place.STAND, 1, StepState.OPEN, new Supply(List.of("2 × Axle nut missing"), () -> Optional.empty()));
        assertThat(claimed.line()).isEqualTo("2 × Axle nut missing");
        assertThat(claimed.tone()).isEqualTo(Tone.STUCK);
        assertThat(claimed.next()).isEqualTo("kit-check");
        assertThat(during(Place.RACK, 0, StepState.OPEN, new Supply(List.of(), () -> Optional.of("Spacer 2.5, Mon 9 Mar"))).line())
                .isEqualTo("waits for Spacer 2.5, Mon 9 Mar");
        assertThat(during(Place.RACK, 0, StepState.OPEN).line()).isEqualTo("parts held, wants a stand");
    }

    /** What stands still comes first, the longest first; a bike on the rail asks nothing of the shop. */
    @Test
    void theOrderInWhichBikesAreAnswered() {
        FloorStanding stuck = during(Place.STAND, 4, StepState.STUCK);
        FloorStanding stopped = NextThing.tell(job(Place.RACK), List.of(), Map.of(), List.of(found("fork-cracks", Grade.STOPS)), ALL_THERE,
                () -> InStock.of(List.of()));
        FloorStanding asks = before(Place.RACK, GOES);
        FloorStanding finished = during(Place.STAND, 1000, StepState.OPEN);
        assertThat(List.of(stuck, stopped, asks, finished)).extracting(FloorStanding::asks).isSorted().doesNotContain("");
        assertThat(during(Place.RAIL, 1000, StepState.OPEN).asks()).isEmpty();
        assertThat(during(Place.STAND, 2, StepState.RUNNING).asks()).isEmpty();
    }
}
