package hingeyard.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Given;
import hingeyard.core.GivenKits;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Verdict;
import hingeyard.core.stock.Drawers;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ManagersWordTest {

    private static Finding finding(FitReport report, String check) {
        return report.findings().stream().filter(f -> f.checkId().equals(check)).findFirst().orElseThrow();
    }

    private static FitReport report(String kit, String bike) {
        return Given.report(Given.survey(GivenKits.bike(bike)), GivenKits.kit(kit), Drawers.empty());
    }

    @Test
    void turnsANoIntoAConsentThatNamesWhoAndWhy() {
        FitReport no = report("mid", "bars.straight-length=120");
        Finding before = finding(no, "bars");
        Finding after = finding(no.with(List.of(new ManagersWord("bars", "he brings a longer bar", "Orla M."))), "bars");
        assertThat(before.verdict()).isEqualTo(Verdict.NO_FIT);
        assertThat(after.verdict()).isEqualTo(Verdict.TRADE_OFF);
        assertThat(after.sentence()).startsWith(before.sentence()).endsWith("Overridden by Orla M.: he brings a longer bar");
        assertThat(after.figures()).isEqualTo(before.figures());
        assertThat(after.remedies()).anyMatch(r -> r.kind() == Remedy.Kind.CONSENT).noneMatch(r -> r.kind() == Remedy.Kind.OTHER_KIT);
    }

    /** Whatever a manager says, these stand. */
    @ParameterizedTest
    @CsvSource({"front, front.fork-material=carbon, fork-material", "front, front.slot-width=9.0, fork-slot",
        "front, front.over-locknut=74, fork-width", "mid cells=16, , controller-voltage",
        "mid, bike.permitted-mass=60, total-mass"})
    void neverMovesWhatIsDangerous(String kit, String bike, String check) {
        FitReport no = report(kit, bike == null ? "" : bike);
        FitReport said = no.with(List.of(new ManagersWord(check, "he insists", "Orla M.")));
        if (finding(no, check).verdict() == Verdict.NO_FIT) {
            assertThat(finding(no, check).overridable()).isFalse();
        }
        assertThat(finding(said, check)).isEqualTo(finding(no, check));
        assertThat(said.verdict()).isEqualTo(no.verdict());
    }

    @Test
    void movesNothingThatDoesNotSayNo() {
        FitReport fine = report("mid", "");
        assertThat(fine.with(List.of(new ManagersWord("bars", "to be sure", "Orla M.")))).isEqualTo(fine);
    }

    @Test
    void saysWhyItMayNotBeSaid() {
        assertThat(ManagersWord.over(finding(report("mid", "bars.straight-length=120"), "bars")).allowed()).isTrue();
        assertThat(ManagersWord.over(finding(report("mid", ""), "bars")).reason()).contains("nothing to override");
        assertThat(ManagersWord.over(finding(report("front", "front.fork-material=carbon"), "fork-material")).reason())
                .contains("never overridden");
    }
}
