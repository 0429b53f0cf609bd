package hingeyard.core.rules;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Given;
import hingeyard.core.bike.Material;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Origin;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitAssessor;
import hingeyard.core.fit.FitCase;
import hingeyard.core.fit.checks.FitCheckCatalogue;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Length;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Every threshold has a reason, and changing it changes the verdict it guards. */
class ShopRulesTest {

    @ParameterizedTest
    @EnumSource(LengthRule.class)
    void everyRuleSaysWhyAndWhence(LengthRule rule) {
        assertThat(rule.key()).matches("[a-z]+(\\.[a-z-]+)+");
        assertThat(rule.reason()).endsWith(".");
        assertThat(rule.source()).isNotBlank();
        assertThat(rule.standard().isNegative()).isFalse();
        assertThat(ShopRules.standard().value(rule)).isEqualTo(rule.standard());
        assertThat(ShopRules.standard().figure("x", rule)).satisfies(f -> {
            assertThat(f.origin()).isEqualTo(Origin.SHOP_RULE);
            assertThat(f.source()).isEqualTo(rule.key());
        });
    }

    @ParameterizedTest
    @CsvSource({"STEEL,4,1", "TITANIUM,2,0", "ALUMINIUM,2,0.5", "MAGNESIUM_CASTING,0,0", "CARBON,0,0", "UNIDENTIFIED,0,0", "DAMAGED,0,0"})
    void dropoutsGiveByMaterial(Material material, String spread, String pullIn) {
        assertThat(ShopRules.standard().spread(material)).isEqualTo(Length.ofMillimetres(spread));
        assertThat(ShopRules.standard().pullIn(material)).isEqualTo(Length.ofMillimetres(pullIn));
    }

    @Test
    void aStricterShopGetsStricterVerdicts() {
        Kit mid = Given.bracketKit("70", "92", "0", 13, "60");
        String survey = "bracket.standard=iso;bracket.shell-width=73";
        assertThat(verdict(survey, mid, ShopRules.standard(), "shell-standard")).isEqualTo(Verdict.FITS);
        assertThat(verdict(survey, mid, ShopRules.standard().with(LengthRule.AXLE_TUBE_CLEARANCE, Length.ofMillimetres("0.16")),
                "shell-standard"))
                .isEqualTo(Verdict.NO_FIT);
        assertThat(verdict(survey, mid, ShopRules.standard().with(LengthRule.LOCK_NUT_ENGAGEMENT, Length.ofMillimetres("16")),
                "bracket-stack"))
                .isEqualTo(Verdict.NO_FIT);
        Kit hub = Given.frontHubKit("103");
        String fork = "front.over-locknut=100;front.fork-material=steel";
        assertThat(verdict(fork, hub, ShopRules.standard(), "fork-width")).isEqualTo(Verdict.FITS_WITH);
        assertThat(verdict(fork, hub, ShopRules.standard().with(LengthRule.SPREAD_STEEL, Length.ofMillimetres("2")), "fork-width"))
                .isEqualTo(Verdict.NO_FIT);
    }

    private static Verdict verdict(String survey, Kit kit, ShopRules rules, String check) {
        return new FitAssessor(FitCheckCatalogue.all()).assess(new FitCase(Given.survey(survey), kit, Given.drawers(), rules)).findings()
                .stream()
                .filter(f -> f.checkId().equals(check)).map(Finding::verdict).findFirst().orElseThrow();
    }
}
