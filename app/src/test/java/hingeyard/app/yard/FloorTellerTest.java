package hingeyard.app.yard;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.booking.JobCard;
import hingeyard.app.install.StepStand;
import hingeyard.app.yard.FloorStanding.Tone;
import hingeyard.core.Given;
import hingeyard.core.GivenKits;
import hingeyard.app.yard.FloorTeller.Supply;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.Shape;
import hingeyard.core.booking.JobKind;
import hingeyard.core.kit.ShopWork;
import hingeyard.core.booking.JobPriority;
import hingeyard.core.condition.ConditionCatalogue;
import hingeyard.core.condition.Found;
import hingeyard.core.condition.Grade;
import hingeyard.core.fit.FitReport;
import hingeyard.core.floor.Place;
import hingeyard.core.install.Step;
import hingeyard.core.install.StepPlanner;
import hingeyard.core.install.StepRun;
import hingeyard.core.install.StepState;
import hingeyard.core.install.Work;
import hingeyard.core.kit.Kit;
import hingeyard.formats.StepLibraryFiles;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What the yard says of a bike, in every stage of its job. */
class FloorTellerTest {

    private static final Supply ALL_THERE = new Supply(List.of(), Optional::empty);

    private static final StepPlanner PLANNER = new StepPlanner(StepLibraryFiles.shipped().library());

    private static final Kit KIT = Given.wholeBracketKit("70", "92", "0", 13, "60");
    private static final FrameSurvey SURVEY = Given.survey(GivenKits.bike("bracket.shell-width=73"));
    private static final FitReport GOES = Given.report(SURVEY, KIT, Given.drawers());
    private static final FitReport ASKS = Given.report(Given.survey(GivenKits.bike("-bracket.standard;-bracket.shell-width")), KIT,
            Given.drawers());
    private static final FitReport NEVER = Given.report(Given.survey(GivenKits.bike("bracket.standard=none")), KIT, Given.drawers());

    private static JobCard job(Place place) {
        return job(place, JobKind.MID_DRIVE);
    }

    private static JobCard job(Place place, JobKind kind) {
        return new JobCard(402, 1, 1, BikeKind.DIAMOND, "diamond frame", "Quay tourer 56", "Quay tourer", "56", "QT", "#2b5d8a", "Hedda",
                "ext. 7", kind, kind.label(), "hills",
                "20 km", "12.4 mi", LocalDate.of(2026, 3, 24), place, Optional.empty(), Optional.empty(),
                kind.shopWork().map(ShopWork::code), JobPriority.USUAL);
    }

    private static Found found(String point, Grade grade) {
        return new Found(ConditionCatalogue.find(point).orElseThrow(), grade, "seen", Optional.empty());
    }

    private static FloorStanding before(Place place, FitReport... shortlist) {
        return FloorTeller.tell(job(place), List.of(), List.of(found("tyres", Grade.GOOD)), ALL_THERE, () -> List.of(shortlist));
    }

    /** A plan of which so many steps are finished and the next is in that state. */
    private static FloorStanding during(Place place, int finished, StepState next) {
        return during(place, finished, next, ALL_THERE);
    }

    private static FloorStanding during(Place place, int finished, StepState next, Supply supply) {
        List<Step> steps = PLANNER.plan(Work.of(GOES)).steps();
        List<StepStand> stands = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            boolean hold = steps.get(i).hold().isPresent();
            StepState state = i < finished ? (hold ? StepState.INSPECTED : StepState.DONE) : i == finished ? next : StepState.OPEN;
            Optional<String> doer = state == StepState.OPEN ? Optional.empty() : Optional.of("Tova");
            boolean stuck = state == StepState.STUCK;
            stands.add(new StepStand(new StepRun(steps.get(i), state, doer),
                    new StepStand.At(i, Optional.empty(), Optional.empty(), Optional.empty(),
                            stuck ? Optional.of("screw too short") : Optional.empty(),
                            stuck ? Optional.of(Instant.EPOCH) : Optional.empty(), Optional.empty())));
        }
        return FloorTeller.tell(job(place), stands, List.of(), supply, List::of);
    }

    private static int indexOf(String key) {
        return PLANNER.plan(Work.of(GOES)).steps().stream().map(Step::key).toList().indexOf(key);
    }

    private static Shape.Ink ink(FloorStanding standing, String part) {
        return FloorTeller.draw(job(Place.STAND), SURVEY, Optional.of(KIT), standing).shapes().stream().filter(s -> s.part().equals(part))
                .findFirst().orElseThrow().ink();
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
        assertThat(FloorTeller.tell(job(Place.RACK), List.of(), List.of(), ALL_THERE, () -> List.of(GOES)).line())
                .isEqualTo("arrival check is open");
        FloorStanding stopped = FloorTeller.tell(job(Place.RACK), List.of(), List.of(found("fork-cracks", Grade.STOPS)), ALL_THERE,
                () -> List.of(GOES));
        assertThat(stopped.tone()).isEqualTo(Tone.STUCK);
        assertThat(stopped.line()).isEqualTo("Fork: cracks: seen");
        assertThat(stopped.next()).isEqualTo("arrival");
        assertThat(FloorTeller
                .tell(job(Place.RACK, JobKind.LIGHTS), List.of(), List.of(found("tyres", Grade.GOOD)), ALL_THERE, () -> List.of(GOES))
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
}
