package hingeyard.core.fit.checks;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Given;
import hingeyard.core.bike.WheelEnd;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.PieceSize;
import hingeyard.core.rules.ShopRules;
import hingeyard.core.stock.DrawerPart;
import hingeyard.core.stock.Drawers;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the drawers give for a lip or a thru-axle. */
class HubDropoutCheckTest {

    private static Finding assess(String survey, DrawerPart... parts) {
        return new HubDropoutCheck(WheelEnd.FRONT)
                .assess(new FitCase(Given.survey(survey), Given.frontHubKit("100"), new Drawers(List.of(parts)), ShopRules.standard()));
    }

    private static DrawerPart washer(String outer, String thick, String bore, int free) {
        return new DrawerPart("SW-1", "Safety washer " + outer, "safety-washer", "B09", free,
                Optional.of(PieceSize.of(thick, "0.05", bore, outer)));
    }

    /** Recess 20 across, 1.5 deep, axle 12: 19 to 20 fills it. */
    @ParameterizedTest
    @CsvSource({"20, 1.5, 12, 2, DRAWER", "19, 1.5, 12, 2, DRAWER", "18.9, 1.5, 12, 2, BUY", "20.1, 1.5, 12, 2, BUY", "20, 1.4, 12, 2, BUY",
        "20, 1.5, 11.9, 2, BUY",
        "20, 2.5, 12.2, 2, DRAWER", "20, 1.5, 12, 1, BUY"})
    void aSafetyWasherFillsTheRecessOrIsBought(String outer, String thick, String bore, int free, Remedy.Supply supply) {
        Finding finding = assess("front.dropout-kind=open-slot;front.recess-diameter=20;front.recess-depth=1.5",
                washer(outer, thick, bore, free));
        assertThat(finding.verdict()).isEqualTo(Verdict.FITS_WITH);
        Remedy.PartNeed need = finding.remedies().get(0).part().orElseThrow();
        assertThat(need.supply()).isEqualTo(supply);
        assertThat(need.count()).as("one each side").isEqualTo(2);
        if (supply == Remedy.Supply.BUY) {
            assertThat(need.name()).contains("19–20 mm", "at least 1.5 mm thick");
        }
    }

    @Test
    void anAdapterGivesAThruAxleForkSlots() {
        DrawerPart adapter = new DrawerPart("TA-15", "Slot adapter for a thru-axle of 15", "thru-axle-adapter-front", "D09", 1,
                Optional.empty());
        assertThat(assess("front.dropout-kind=thru-axle", adapter).verdict()).isEqualTo(Verdict.FITS_WITH);
        assertThat(assess("front.dropout-kind=closed", adapter).verdict()).isEqualTo(Verdict.NO_FIT);
        assertThat(assess("front.dropout-kind=thru-axle",
                new DrawerPart("TA-15", "Slot adapter", "thru-axle-adapter-front", "D09", 0, Optional.empty())).verdict())
                .isEqualTo(Verdict.NO_FIT);
    }
}
