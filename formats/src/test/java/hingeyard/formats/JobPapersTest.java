package hingeyard.formats;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Given;
import hingeyard.core.GivenKits;
import hingeyard.core.bike.BikeGeometry;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.Shape.Ink;
import hingeyard.core.commission.NextCheck;
import hingeyard.core.commission.Setting;
import hingeyard.core.explain.Exhibit;
import hingeyard.core.explain.Finding;
import hingeyard.core.fit.FitReport;
import hingeyard.core.install.Hazard;
import hingeyard.core.install.Step;
import hingeyard.core.install.StepPlanner;
import hingeyard.core.install.Work;
import hingeyard.core.kit.ShopWork;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class JobPapersTest {

    private static final LocalDate ON = LocalDate.of(2026, 3, 9);

    private static JobPaper paper(FitReport match, List<JobPaper.Done> steps) {
        return new JobPaper(GivenShop.OWN, 412, "Customer <& Sons>", List.of("Quay tourer, frame QT-1", ""), match.kit().fullName(),
                match.kit().boxed(),
                BikeGeometry.draw(BikeKind.DIAMOND, Given.survey(GivenKits.BIKE),
                        Optional.of(match.kit().drive().outline(match.kit().battery())), Ink.FITTED, Ink.FITTED).bare(),
                "#2b5d8a", ON, steps,
                List.of(new Setting("2", "wheel circumference", "900 to 2400 mm", "2183 mm", "computed", false),
                        new Setting("12", "start code", "4 digits", "8471", "the customer's own", true)),
                List.of("Largest cog given up: consented"), new JobPaper.Back(List.of("Bracket cups and spindle"), List.of("Pedals"), true),
                List.of("Motor M4-1"),
                List.of("By rule of thumb 64 km"), new NextCheck(Optional.empty(), 4, 150).handedOver(ON));
    }

    private static FitReport match(String family) {
        return Given.report(Given.survey(GivenKits.BIKE), GivenKits.kit(family), Given.drawers());
    }

    private static List<JobPaper.Done> open(FitReport match) {
        return new StepPlanner(StepLibraryFiles.shipped().library()).plan(Work.of(match)).steps().stream()
                .map(s -> new JobPaper.Done(s, "", "", List.of(), drawing(s, match))).toList();
    }

    private static Optional<Exhibit> drawing(Step step, FitReport match) {
        return match.findings().stream().filter(f -> step.exhibitOf().filter(f.checkId()::equals).isPresent()).findFirst()
                .flatMap(Finding::exhibit);
    }

    static List<String> families() {
        return GivenKits.families();
    }

    /**
     * Every family's sheet prints: each step with its words, each torque with its unit, each hold point, each figure with a line to write
     * on.
     */
    @ParameterizedTest
    @MethodSource("families")
    void theJobSheetHasEverythingOfEveryFamily(String family) {
        FitReport match = match(family);
        List<JobPaper.Done> steps = open(match);
        String sheet = JobPapers.jobSheet(paper(match, steps));
        for (JobPaper.Done done : steps) {
            Step step = done.step();
            assertThat(sheet).contains(Paper.escaped(step.title()), Paper.escaped(step.text()));
            step.hold().ifPresent(h -> assertThat(sheet).contains(Paper.escaped(h)));
            step.fastenings().forEach(f -> assertThat(sheet).contains(f.torque().newtonMetres() + " N·m"));
            step.figures().forEach(f -> assertThat(sheet).contains(Paper.escaped(f.name()) + ": ______"));
            step.cautions().forEach(c -> assertThat(sheet).contains(Paper.escaped(c)));
        }
        assertThat(new String(JobPapers.pdf(sheet), 0, 5, StandardCharsets.US_ASCII)).isEqualTo("%PDF-");
    }

    /** The bars, the bay and the bracket's stack each once, though three steps show the stack. */
    @Test
    void theJobSheetShowsEachDrawingOnce() {
        FitReport match = Given.report(Given.survey(GivenKits.BIKE), GivenKits.kit("mid"),
                GivenKits.drawers("S1 bracket-spacer 6 t=2 i=34 o=42"));
        String sheet = JobPapers.jobSheet(paper(match, open(match)));
        for (String title : List.of("Spacer stack, drive side left", "Battery in the triangle", "may end here")) {
            assertThat(sheet.split(java.util.regex.Pattern.quote(title), -1)).as(title).hasSize(2);
        }
        assertThat(new String(JobPapers.pdf(sheet), 0, 5, StandardCharsets.US_ASCII)).isEqualTo("%PDF-");
    }

    /** A bike that was only served is neither heavier nor faster than it was. */
    @ParameterizedTest
    @EnumSource(ShopWork.class)
    void theGuideAfterWorkWithoutAKitSpeaksOfNoMotor(ShopWork work) {
        FitReport match = Given.report(Given.survey(GivenKits.BIKE), work.kit(), Given.drawers());
        String guide = JobPapers.guide(paper(match, open(match)));
        assertThat(guide).contains("Your bike", "Try both brakes", "What was done").doesNotContain("converted", "heavier and faster",
                "We want it back", "Record the bike as it came");
        assertThat(JobPapers.guide(paper(match("mid"), open(match("mid")))))
                .contains("Your converted bike", "heavier and faster", "We want it back").doesNotContain("What was done");
    }

    @Test
    void aCautionOfManyStepsStandsAtTheHeadOnce() {
        FitReport match = match("mid");
        String sheet = JobPapers.jobSheet(paper(match, open(match)));
        String battery = Paper.escaped(Hazard.BATTERY.caution());
        assertThat(sheet.split(java.util.regex.Pattern.quote(battery), -1)).hasSize(2);
    }

    @Test
    void whatIsDoneShowsItsFiguresAndItsPeopleInPlaceOfLines() {
        FitReport match = match("mid");
        List<JobPaper.Done> steps = new ArrayList<>(open(match));
        Step first = steps.get(1).step();
        steps.set(1, new JobPaper.Done(first, "inspected", "Tova, inspected by Rian", List.of("Battery at its plug: 41.2 V (30–42 V)"),
                Optional.empty()));
        String sheet = JobPapers.jobSheet(paper(match, steps));
        assertThat(sheet).contains("<b>inspected</b>", "Tova, inspected by Rian", "Battery at its plug: 41.2 V");
        assertThat(JobPapers.jobSheet(paper(match, List.of()))).contains("No steps are planned yet.");
    }

    /** Every fastener that was tightened is on the list with its torque and what was read; one that was left out is not. */
    @ParameterizedTest
    @MethodSource("families")
    void theNextCheckHasEveryFastener(String family) {
        FitReport match = match(family);
        List<JobPaper.Done> steps = new ArrayList<>(open(match));
        Optional<JobPaper.Done> torqued = steps.stream().filter(d -> !d.step().fastenings().isEmpty()).findFirst();
        if (torqued.isEmpty()) {
            assertThat(JobPapers.nextCheck(paper(match, steps))).contains("None of this installation has a torque", "Paint marks");
            return;
        }
        JobPaper.Done first = torqued.get();
        steps.set(steps.indexOf(first), new JobPaper.Done(first.step(), "done", "Tova", List.of("Read: 44.5 N·m"), Optional.empty()));
        String check = JobPapers.nextCheck(paper(match, steps));
        assertThat(check).contains("6 April 2026", "150 km", "Read: 44.5 N·m", "now: ______", "Paint marks");
        steps.forEach(d -> d.step().fastenings()
                .forEach(f -> assertThat(check).contains(Paper.escaped(f.what()), f.torque().newtonMetres() + " N·m")));
        steps.set(steps.indexOf(steps.stream().filter(d -> d.step() == first.step()).findFirst().orElseThrow()),
                new JobPaper.Done(first.step(), JobPaper.LEFT_OUT, "", List.of(), Optional.empty()));
        assertThat(JobPapers.nextCheck(paper(match, steps)))
                .doesNotContain("<span class=\"soft\">" + Paper.escaped(first.step().title()) + "</span>");
    }

    @Test
    void whatIsHandedBackIsTickedAndKeysGoWithoutTheirNumbers() {
        String receipt = JobPapers.handedBack(paper(match("mid"), List.of()));
        assertThat(receipt).contains("Bracket cups and spindle", "Pedals", "The kit's, spare among them", "Motor M4-1", "Handed over by");
    }

    @Test
    void namesAreEscapedAndACodeStandsOnTheGuideAlone() {
        JobPaper paper = paper(match("mid"), List.of());
        assertThat(JobPapers.settings(paper)).contains("Customer &lt;&amp; Sons&gt;", "2183 mm").doesNotContain("8471");
        assertThat(JobPapers.guide(paper)).contains("8471", "6 April 2026", "150 km", "Bracket cups and spindle", "Largest cog given up",
                "Never charge a battery that is damaged", "By rule of thumb 64 km");
    }
}
