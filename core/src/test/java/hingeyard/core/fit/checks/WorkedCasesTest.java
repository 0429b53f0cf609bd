package hingeyard.core.fit.checks;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Cases;
import hingeyard.core.Given;
import hingeyard.core.GivenBike;
import hingeyard.core.GivenKits;
import hingeyard.core.bars.BarDrawing;
import hingeyard.core.bay.BayDrawing;
import hingeyard.core.explain.Exhibit;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitReport;
import hingeyard.core.kit.Kit;
import hingeyard.core.stack.StackSection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Cases worked out by hand, on both sides of each limit. */
class WorkedCasesTest {

    private static final Set<String> VERDICTS = Stream.of(Verdict.values()).map(Verdict::name).collect(Collectors.toSet());

    /** A front motor's lead leaves downwards on either side. */
    private static final String ONLY_FITS = "front-cable";

    static Stream<Arguments> bracket() {
        return Cases.of("/hingeyard/core/fit/bracket-cases.txt").map(WorkedCasesTest::joinEscaped);
    }

    static Stream<Arguments> hub() {
        return Cases.of("/hingeyard/core/fit/hub-cases.txt").map(WorkedCasesTest::joinEscaped);
    }

    static Stream<Arguments> families() {
        return Cases.of("/hingeyard/core/fit/family-cases.txt").map(WorkedCasesTest::joinEscaped);
    }

    /** A margin holds the column sign itself, written {@code \|} in the table. */
    private static Arguments joinEscaped(Arguments row) {
        String joined = Stream.of(row.get()).map(Object::toString).reduce((a, b) -> a.endsWith("\\")
                ? a.substring(0, a.length() - 1).strip() + " § " + b : a + "|" + b).orElseThrow();
        return Arguments.of(Stream.of(joined.split("\\|", -1)).map(c -> c.replace("§", "|").strip()).toArray());
    }

    @ParameterizedTest
    @MethodSource("bracket")
    void bracketMidDrive(String survey, String x1, String x2, String driveLeast, String spacers, String drawer, String check,
            String verdict, String margin, String remedies, String why) {
        Kit kit = Given.bracketKit(x1, x2, driveLeast, 13, "60", spacers.isEmpty() ? new String[0] : spacers.split(";"));
        Finding finding = finding(Given.report(Given.survey(survey), kit, Given.drawers(drawer.split(";"))), check);
        assertThat(finding.verdict()).as(why).isEqualTo(Verdict.valueOf(verdict));
        assertThat(finding.margin().text()).as(why).isEqualTo(margin);
        assertThat(RemediesSaid.of(finding)).as(why).isEqualTo(remedies);
        explained(finding);
    }

    @ParameterizedTest
    @MethodSource("hub")
    void frontHub(String survey, String shoulders, String drawer, String check, String verdict, String overridable, String margin,
            String remedies, String why) {
        Finding finding = finding(Given.report(Given.survey(survey), Given.frontHubKit(shoulders), Given.drawers(drawer)), check);
        assertThat(finding.verdict()).as(why).isEqualTo(Verdict.valueOf(verdict));
        assertThat(finding.overridable()).as(why).isEqualTo(overridable.equals("yes"));
        assertThat(finding.margin().text()).as(why).isEqualTo(margin);
        assertThat(RemediesSaid.of(finding)).as(why).isEqualTo(remedies);
        explained(finding);
    }

    @ParameterizedTest(name = "{0} | {1} | {3} {4}")
    @MethodSource("families")
    void everyFamily(String kit, String changes, String drawer, String check, String verdict, String overridable, String margin,
            String remedies, String why) {
        Finding finding = finding(GivenBike.of(changes).report(GivenKits.kit(kit), GivenKits.drawers(drawer)), check);
        assertThat(finding.verdict()).as(why + ": " + finding.sentence()).isEqualTo(Verdict.valueOf(verdict));
        assertThat(finding.margin().text()).as(why + ": " + finding.sentence()).isEqualTo(margin);
        assertThat(finding.overridable()).as(why).isEqualTo(overridable.equals("yes"));
        assertThat(RemediesSaid.of(finding)).as(why + ": " + finding.sentence()).isEqualTo(remedies);
        explained(finding);
    }

    /** A check that nobody worked out by hand, or only one way, does not stand in the catalogue. */
    @Test
    void everyCheckIsWorkedOutBothWays() {
        Map<String, Set<String>> verdicts = new HashMap<>();
        Stream.of(bracket(), hub(), families()).flatMap(s -> s).map(Arguments::get).forEach(row -> {
            List<String> cells = Stream.of(row).map(Object::toString).toList();
            String verdict = cells.stream().filter(VERDICTS::contains).findFirst().orElseThrow();
            verdicts.computeIfAbsent(cells.get(cells.indexOf(verdict) - 1), c -> new HashSet<>()).add(verdict);
        });
        assertThat(FitCheckCatalogue.all()).filteredOn(check -> !check.id().equals(ONLY_FITS))
                .allSatisfy(check -> assertThat(verdicts.getOrDefault(check.id(), Set.of())).as("%s", check.id()).hasSizeGreaterThan(1));
    }

    @ParameterizedTest
    @CsvSource({"10,60,FITS,+18 V", "13,60,FITS,+5.4 V", "13,54.6,FITS,+0 V", "13,54.5,NO_FIT,−0.1 V", "14,60,TRADE_OFF,+1.2 V",
        "14,58.7,NO_FIT,−0.1 V"})
    void controllerVoltage(int cells, String maxInput, Verdict verdict, String margin) {
        Finding finding = finding(Given.report(Given.survey(""), Given.bracketKit("70", "92", "0", cells, maxInput), Given.drawers()),
                "controller-voltage");
        assertThat(finding.verdict()).isEqualTo(verdict);
        assertThat(finding.margin().text()).isEqualTo(margin);
        assertThat(finding.overridable()).isEqualTo(verdict != Verdict.NO_FIT);
        explained(finding);
    }

    /** Every answer says its numbers, and every answer short of a plain fit says what would make it a yes. */
    private static void explained(Finding finding) {
        assertThat(finding.sentence()).isNotBlank().endsWith(".");
        if (finding.verdict() != Verdict.FITS) {
            assertThat(finding.remedies()).isNotEmpty();
        }
        assertThat(finding.kit().says()).isNotBlank();
        finding.exhibit().ifPresent(
                e -> assertThat(saidInInches(e)).as("a drawing for who reads inches").allSatisfy(s -> assertThat(s).doesNotContain(" mm")));
    }

    private static List<String> saidInInches(Exhibit exhibit) {
        if (exhibit instanceof StackSection stack) {
            return Stream.of(Stream.of(stack.noteInInches()), stack.othersInInches().stream(),
                    stack.layers().stream().map(StackSection.Layer::nameInInches),
                    stack.spans().stream().map(StackSection.Span::nameInInches)).flatMap(s -> s).toList();
        }
        return List.of(exhibit instanceof BayDrawing bay ? bay.noteInInches() : ((BarDrawing) exhibit).noteInInches());
    }

    private static Finding finding(FitReport report, String check) {
        return report.findings().stream().filter(f -> f.checkId().equals(check)).findFirst().orElseThrow();
    }
}
