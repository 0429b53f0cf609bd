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

    /** 68 + 4 = 72 wants to reach 72 + 0.5; 0.4 leaves 0.1, 0.2 twice (one each side or both on one) leaves 0.1 too. */
    @ParameterizedTest
    @CsvSource({"C1:0.4:1, Were “lock nut on its thread” 0.1 mm wider", "C1:0.2:2, Were “lock nut on its thread” 0.1 mm wider", "C1:0.2:1, Were “lock nut on its thread” 0.3 mm wider"})
    void ofABracketsStack(String drawer, String said) {
        Kit kit = Given.bracketKit("72", "86", "0", 13, "60");
        Finding finding = finding(kit, "bracket.shell-width=68", Given.drawers(drawer), "bracket-stack");
        assertThat(finding.verdict()).isEqualTo(Verdict.FITS_WITH);
        assertThat(finding.margin().text()).isEqualTo("none free");
        assertThat(finding.sentence()).contains(said).endsWith("would do; the limit stands.");
    }

    /** 110 between the dropouts, 98 of motor, eased apart by nothing: washers of 12 are far off, and none is there. */
    @ParameterizedTest
    @CsvSource({"front.over-locknut=110;front.fork-material=aluminium, width between the dropouts"})
    void ofAnAxlesWashers(String survey, String limit) {
        Finding finding = finding(Given.frontHubKit("98"), survey, Drawers.empty(), "fork-width");
        assertThat(finding.margin().text()).isEqualTo("none free");
        assertThat(finding.sentence()).contains("Were “" + limit + "”", "the limit stands");
    }

    private static Finding finding(Kit kit, String survey, Drawers drawers, String check) {
        return Given.report(Given.survey(survey), kit, drawers).findings().stream().filter(f -> f.checkId().equals(check)).findFirst().orElseThrow();
    }
}
