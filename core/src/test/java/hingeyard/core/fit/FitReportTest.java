package hingeyard.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Given;
import hingeyard.core.GivenKits;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.FrontMeasures;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.checks.FitCheckCatalogue;
import hingeyard.core.rules.ShopRules;
import hingeyard.core.stack.StackSection;
import hingeyard.core.stock.Drawers;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class FitReportTest {

    private static final FrameSurvey SURVEY = Given.survey(GivenKits.bike("bracket.shell-width=73"));

    @Test
    void verdictIsTheWorstAndEveryCheckIsListed() {
        FitReport report = Given.report(SURVEY, Given.wholeBracketKit("76", "92", "3", 14, "60", "3.0x1"), Given.drawers());
        assertThat(report.findings()).extracting(f -> f.checkId()).startsWith("shell-standard", "shell-obstruction", "bracket-stack")
                .contains("left-clearance", "rear-brake", "polarity", "charger")
                .doesNotContain("fork-width", "rear-width", "roller-clamp").doesNotHaveDuplicates();
        assertThat(report.verdict()).isEqualTo(Verdict.TRADE_OFF);
        assertThat(report.goesOn()).isTrue();
        assertThat(report.headline()).isEqualTo("Fits with a compromise");
    }

    private static Finding finding(Verdict verdict, Remedy... remedies) {
        return Finding.of("check-" + verdict, "Check").remedies(List.of(remedies)).is(verdict, "So it is.");
    }

    /** What stands at a match's head, and whether a bill follows. */
    @ParameterizedTest(name = "{1}")
    @MethodSource("heads")
    void theHeadSaysHowItEnds(List<Finding> findings, String headline, boolean goesOn) {
        FitReport report = new FitReport(Given.report(SURVEY, Given.frontHubKit("100"), Given.drawers()).bike(), Given.frontHubKit("100"),
                ShopRules.standard(), findings);
        assertThat(report.headline()).isEqualTo(headline);
        assertThat(report.goesOn()).isEqualTo(goesOn);
        assertThat(report.remedies(Remedy.Kind.WORK))
                .hasSize((int) findings.stream().flatMap(f -> f.remedies().stream()).filter(r -> r.kind() == Remedy.Kind.WORK).count());
    }

    static Stream<Arguments> heads() {
        Remedy part = Remedy.part(new Remedy.PartNeed("A", "A", 1, Remedy.Supply.DRAWER, "K1", "a"), "1 × A");
        Remedy work = Remedy.work("wheels", 5, "True it.");
        return Stream.of(Arguments.of(List.of(), "Fits", true), Arguments.of(List.of(finding(Verdict.FITS)), "Fits", true),
                Arguments.of(List.of(finding(Verdict.FITS_WITH, work)), "Fits with some work", true),
                Arguments.of(List.of(finding(Verdict.FITS_WITH, part, work)), "Fits with one part", true),
                Arguments.of(List.of(finding(Verdict.FITS_WITH, part), finding(Verdict.FITS_WITH, part, part)), "Fits with 3 parts", true),
                Arguments.of(List.of(finding(Verdict.FITS_WITH, part), finding(Verdict.TRADE_OFF)), "Fits with a compromise", true),
                Arguments.of(List.of(finding(Verdict.TRADE_OFF), finding(Verdict.MEASURE, Remedy.measure("Measure.", "a"))),
                        "Measure one thing first", false),
                Arguments.of(List.of(finding(Verdict.MEASURE, Remedy.measure("Measure.", "a", "b"))), "Measure 2 things first", false),
                Arguments.of(List.of(finding(Verdict.MEASURE, Remedy.sheet("Its cut-off."))), "Complete the kit's sheet first", false),
                Arguments.of(List.of(finding(Verdict.MEASURE, Remedy.measure("Measure.", "a")), finding(Verdict.NO_FIT)), "Does not fit",
                        false));
    }

    @Test
    void saysWhichMeasuresAreMissing() {
        FitReport report = Given.report(Given.survey(GivenKits.bike("-bracket.standard;-bracket.shell-width")),
                Given.wholeBracketKit("76", "92", "3", 13, "60"), Given.drawers());
        assertThat(report.toMeasure()).containsExactly("bracket.standard", "bracket.shell-width");
        assertThat(report.headline()).isEqualTo("Measure 2 things first");
        assertThat(new FitAssessor(FitCheckCatalogue.all()).measuresFor(Given.frontHubKit("100")))
                .as("what a front motor asks, each once, and nothing of the bracket")
                .startsWith(FrontMeasures.FORK_MATERIAL, FrontMeasures.DROPOUT_KIND, FrontMeasures.RECESS_DIAMETER,
                        FrontMeasures.RECESS_DEPTH, FrontMeasures.SLOT_WIDTH)
                .contains(FrontMeasures.OVER_LOCKNUT, FrontMeasures.BEAD_SEAT, FrontMeasures.BRAKE_KIND).doesNotHaveDuplicates()
                .noneMatch(m -> m.key().startsWith("bracket.right-stay"));
    }

    @Test
    void theSectionAddsUpToTheAxle() {
        FitReport report = Given.report(SURVEY, Given.wholeBracketKit("80", "94", "3", 13, "60", "3.0x2"), Given.drawers("C1:4:2"));
        StackSection section = (StackSection) report.findings().stream().filter(f -> f.checkId().equals("bracket-stack")).findFirst()
                .orElseThrow().exhibit().orElseThrow();
        for (int i = 1; i < section.layers().size(); i++) {
            StackSection.Layer before = section.layers().get(i - 1);
            assertThat(section.layers().get(i).from()).isEqualTo(before.from().plus(before.thickness()));
        }
        assertThat(section.layers()).extracting(StackSection.Layer::role).startsWith(StackSection.Role.BODY)
                .endsWith(StackSection.Role.NUT);
    }

    @Test
    void theOrderOfTheStockNeverChangesTheAnswer() {
        List<String> stock = new ArrayList<>(List.of("C1:1:3", "C2:1.5:3", "C3:2:3", "C4:2.5:3", "C5:4:3"));
        FitReport first = Given.report(SURVEY, Given.wholeBracketKit("84", "96", "2", 13, "60"),
                Given.drawers(stock.toArray(String[]::new)));
        Random random = new Random(7);
        for (int i = 0; i < 20; i++) {
            Collections.shuffle(stock, random);
            Drawers shuffled = Given.drawers(stock.toArray(String[]::new));
            assertThat(Given.report(SURVEY, Given.wholeBracketKit("84", "96", "2", 13, "60"), shuffled)).isEqualTo(first);
        }
    }

    @Test
    void anInchValueGivesTheSameAnswerAsItsMetricEqual() {
        FrameSurvey inches = Given.survey(GivenKits.bike("bracket.shell-width=2.874015 in"));
        FrameSurvey metric = Given.survey(GivenKits.bike("bracket.shell-width=73.0"));
        assertThat(Given.report(inches, Given.wholeBracketKit("76", "92", "3", 13, "60"), Given.drawers()).findings())
                .isEqualTo(Given.report(metric, Given.wholeBracketKit("76", "92", "3", 13, "60"), Given.drawers()).findings());
    }

    @Test
    void neverThrowsOnAnySurveyOrKit() {
        Random random = new Random(11);
        for (int i = 0; i < 5_000; i++) {
            StringBuilder survey = new StringBuilder();
            if (random.nextBoolean()) {
                survey.append("bracket.shell-width=").append(60 + random.nextInt(700) / 10.0).append(random.nextBoolean() ? "@TAPE;" : ";");
            }
            if (random.nextBoolean()) {
                survey.append("front.over-locknut=").append(60 + random.nextInt(1000) / 10.0).append(';');
            }
            if (random.nextBoolean()) {
                var options = FrontMeasures.FORK_MATERIAL.options();
                survey.append("front.fork-material=").append(options.get(random.nextInt(options.size())).code()).append(';');
            }
            Drawers drawers = Given.drawers("C1:2:" + random.nextInt(3), "C2:3.5:" + random.nextInt(3), "W1:1.5:" + random.nextInt(4));
            var kit = random.nextBoolean() ? Given.frontHubKit(String.valueOf(70 + random.nextInt(80)))
                    : Given.wholeBracketKit(String.valueOf(60 + random.nextInt(40)), String.valueOf(107 + random.nextInt(30)),
                            String.valueOf(random.nextInt(9)), 7 + random.nextInt(14), "60", "2.5x2");
            FitReport report = Given.report(Given.survey(survey.toString()), kit, drawers);
            assertThat(report.findings()).isNotEmpty().allSatisfy(f -> assertThat(f.sentence()).isNotBlank());
            report.findings().stream().filter(f -> f.verdict() == Verdict.MEASURE)
                    .forEach(f -> assertThat(f.remedies())
                            .anyMatch(r -> r.kind() == Remedy.Kind.MEASURE && !r.measures().isEmpty() || r.kind() == Remedy.Kind.SHEET));
        }
    }
}
