package hingeyard.core.bill;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Given;
import hingeyard.core.GivenKits;
import hingeyard.core.explain.Ruling;
import hingeyard.core.fit.FitReport;
import hingeyard.core.kit.Kit;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class BillRulesTest {

    private static final Kit KIT = Given.wholeBracketKit("70", "92", "0", 13, "60");
    private static final FitReport GOES = Given.report(Given.survey(GivenKits.bike("bracket.shell-width=73")), KIT, Given.drawers());
    private static final FitReport NEVER = Given.report(Given.survey(GivenKits.bike("bracket.standard=none")), KIT, Given.drawers());
    private static final Ruling STOPS = Ruling.no("Fork: cracks stops it.");

    private static String why(FitReport report, String billed, Ruling condition, boolean manager) {
        return BillRules.mayMake(report, Optional.ofNullable(billed), condition, manager).reason();
    }

    /** What cannot be changed by asking somebody else is said first. */
    @Test
    void saysTheFirstThingInTheWay() {
        assertThat(BillRules.mayMake(GOES, Optional.empty(), Ruling.yes(), true).allowed()).isTrue();
        assertThat(why(NEVER, KIT.code(), STOPS, false)).isEqualTo("Its bill is made.");
        assertThat(why(GOES, "TN9", STOPS, false)).isEqualTo("Billed with TN9.");
        assertThat(why(NEVER, null, STOPS, false)).isEqualTo(NEVER.headline() + ".");
        assertThat(why(GOES, null, STOPS, false)).isEqualTo("Fork: cracks stops it.");
        assertThat(why(GOES, null, Ruling.yes(), false)).isEqualTo("The manager makes the bill.");
    }
}
