package hingeyard.core.fit.checks;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Given;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Verdict;
import hingeyard.core.kit.Kit;
import hingeyard.core.stock.Drawers;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a limit would have to give way by is said where no drawer helps, and changes no verdict. */
class GivingWayTest {

    /** A fork of 95 that gives nothing and a motor of 98. */
    @ParameterizedTest
    @CsvSource({"front.over-locknut=95;front.fork-material=aluminium"})
    void ofAnAxlesWashers(String survey) {
        Finding finding = finding(Given.frontHubKit("98"), survey, Drawers.empty(), "fork-width");
        assertThat(finding.verdict()).isEqualTo(Verdict.NO_FIT);
        assertThat(finding.sentence()).contains("may be spread by 2 mm at most");
    }

    /** Where a bought piece would do, nothing is said of limits: the piece is. */
    @ParameterizedTest
    @CsvSource({"C1:0.4:1", "C1:0.2:2"})
    void notWhereAPieceWouldDo(String drawer) {
        Finding finding = finding(Given.bracketKit("72", "86", "0", 13, "60"), "bracket.shell-width=68", Given.drawers(drawer),
                "bracket-stack");
        assertThat(finding.verdict()).isEqualTo(Verdict.FITS_WITH);
        assertThat(finding.sentence()).doesNotContain("It would take");
    }

    private static Finding finding(Kit kit, String survey, Drawers drawers, String check) {
        return Given.report(Given.survey(survey), kit, drawers).findings().stream().filter(f -> f.checkId().equals(check)).findFirst()
                .orElseThrow();
    }
}
