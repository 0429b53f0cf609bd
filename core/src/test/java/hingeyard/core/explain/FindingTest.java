package hingeyard.core.explain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.Given;
import hingeyard.core.GivenKits;
import hingeyard.core.fit.FitReport;
import hingeyard.core.quantity.Length;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FindingTest {

    @Test
    void verdictsAreOrderedFromBestToWorst() {
        assertThat(Verdict.values()).containsExactly(Verdict.FITS, Verdict.FITS_WITH, Verdict.TRADE_OFF, Verdict.MEASURE, Verdict.NO_FIT);
        assertThat(Verdict.worstOf(List.of())).isEqualTo(Verdict.FITS);
        assertThat(Verdict.worstOf(List.of(Verdict.TRADE_OFF, Verdict.FITS, Verdict.MEASURE))).isEqualTo(Verdict.MEASURE);
        assertThat(Verdict.FITS.worseOf(Verdict.NO_FIT)).isEqualTo(Verdict.NO_FIT);
    }

    @Test
    void marginsSayHowFarOfWhatIsWanted() {
        assertThat(Margin.of(Length.ofMillimetres("3.4"), Length.ofMillimetres("2")).text()).isEqualTo("3.4 mm clear, 2 mm needed");
        assertThat(Margin.of(Length.ofMillimetres("-0.4"), Length.ofMillimetres("2")).text()).isEqualTo("overlaps by 0.4 mm");
        assertThat(Margin.said("x").flipping(true).flips()).isTrue();
    }

    @Test
    void aPartNeedOfNothingIsRefused() {
        assertThatThrownBy(() -> new Remedy.PartNeed("C1", "Spacer", 0, Remedy.Supply.DRAWER, "C1", "r")).hasMessageContaining("Spacer")
                .hasMessageContaining("at least 1");
    }

    /** Whoever reads a finding can do the arithmetic again: each computed figure stands beside the figures it came from. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "bracket.standard=iso;bracket.shell-width=73 | shell-standard | Clearance round the tube | Narrowest diameter inside | Axle tube diameter"})
    void computedFiguresCanBeWorkedOutAgain(String survey, String check, String difference, String from, String less) {
        Finding finding = Given.report(Given.survey(survey), Given.bracketKit("70", "92", "0", 13, "60"), Given.drawers()).findings()
                .stream()
                .filter(f -> f.checkId().equals(check)).findFirst().orElseThrow();
        assertThat(amount(finding, difference)).isEqualTo(amount(finding, from).minus(amount(finding, less)));
    }

    private static Length amount(Finding finding, String label) {
        return (Length) finding.figures().stream().filter(f -> f.label().equals(label)).findFirst().orElseThrow().amount();
    }

    @Test
    void everyMeasuredFigureNamesItsMeasureAndEveryPublishedOneItsSheet() {
        FitReport mid = Given.report(Given.survey("bracket.standard=iso;bracket.shell-width=73"),
                Given.bracketKit("70", "92", "2", 14, "60", "2.0x1"), Given.drawers());
        FitReport hub = Given.report(Given.survey(Given.FORK), Given.frontHubKit("98"), Given.drawers());
        for (FitReport report : List.of(mid, hub)) {
            assertThat(report.findings()).flatExtracting(Finding::figures).isNotEmpty().allSatisfy(f -> {
                assertThat(f.source()).isNotBlank();
                if (f.origin() == Origin.PUBLISHED) {
                    assertThat(f.source()).isIn(report.kit().code(), report.kit().battery().code());
                }
                if (f.origin() == Origin.MEASURED) {
                    assertThat(hingeyard.core.bike.MeasureCatalogue.find(f.source())).isPresent();
                }
            });
        }
    }

    @Test
    void headlinesCountWhatIsAsked() {
        assertThat(headline("-bracket.shell-width", "70", "0")).isEqualTo("Measure one thing first");
        assertThat(headline("", "70", "0")).isEqualTo("Fits");
        assertThat(headline("", "79", "0")).isEqualTo("Fits with 2 parts");
        assertThat(headline("bracket.standard=none", "70", "0")).isEqualTo("Does not fit");
        assertThat(Given.report(Given.survey("front.over-locknut=100;front.fork-material=steel"), Given.frontHubKit("102"), Given.drawers())
                .headline()).startsWith("Measure").endsWith("things first");
    }

    private static String headline(String bike, String threadFrom, String driveLeast) {
        return Given
                .report(Given.survey(GivenKits.bike(bike)), Given.wholeBracketKit(threadFrom, "92", driveLeast, 13, "60"), Given.drawers())
                .headline();
    }
}
