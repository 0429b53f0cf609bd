package hingeyard.core.bill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.bill.BillLine.Source;
import hingeyard.core.condition.ConditionCatalogue;
import hingeyard.core.condition.Found;
import hingeyard.core.condition.Grade;
import hingeyard.core.explain.Making;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.NumberRule;
import hingeyard.core.rules.ShopRules;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ChargesTest {

    private static BillLine line(Source source, String part, int count) {
        return new BillLine(source, part, part.isEmpty() ? "Bushing to be made" : part, count, "why", "", "", "");
    }

    private static ShopRules rules(String labour, String tax, String deposit) {
        return ShopRules.standard().with(NumberRule.LABOUR, new BigDecimal(labour)).with(NumberRule.TAX, new BigDecimal(tax))
                .with(NumberRule.DEPOSIT, new BigDecimal(deposit));
    }

    /** Parts of 1190.00 and two of 2.40; labour, tax and deposit by hand. 50 min at 59 are 49.1666…; 8.1 % of 1243.97 are 100.76157. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "0   | 60 | 0   | 0  | 119480 | 0    | 0     | 119480 | 0",
        "90  | 60 | 20  | 30 | 119480 | 9000 | 25696 | 154176 | 46253",
        "50  | 59 | 8.1 | 0  | 119480 | 4917 | 10076 | 134473 | 0",
        "1   | 60 | 0   | 50 | 119480 | 100  | 0     | 119580 | 59790"})
    void whatAJobCosts(int minutes, String labour, String tax, String deposit, long parts, long labourMinor, long taxMinor, long total,
            long depositMinor) {
        Bill bill = new Bill("K",
                List.of(line(Source.KIT_BOX, "BOX", 1), line(Source.FROM_DRAWER, "W", 2), line(Source.FROM_KIT, "W", 9),
                        line(Source.BACK_IN_DRAWER, "W", 9)))
                .priced(Map.of("BOX", 119000L, "W", 240L)::get);
        Charges charges = Charges.of(bill, minutes, rules(labour, tax, deposit));
        assertThat(charges.partsMinor()).isEqualTo(parts);
        assertThat(charges.labourMinor()).isEqualTo(labourMinor);
        assertThat(charges.taxMinor()).isEqualTo(taxMinor);
        assertThat(charges.totalMinor()).isEqualTo(total).isEqualTo(charges.partsMinor() + charges.labourMinor() + charges.taxMinor());
        assertThat(charges.depositMinor()).isEqualTo(depositMinor);
        assertThat(charges.unpriced()).isEmpty();
    }

    @Test
    void whatNobodyNamedAPriceForIsSaid() {
        Bill bill = new Bill("K",
                List.of(line(Source.KIT_BOX, "BOX", 1), line(Source.TO_ORDER, "", 1), line(Source.FROM_DRAWER, "W", 1),
                        line(Source.HANDED_BACK, "", 1)))
                .priced(part -> part.equals("BOX") ? 100 : 0);
        assertThat(Charges.of(bill, 0, ShopRules.standard()).unpriced()).containsExactly("Bushing to be made", "W");
    }

    @Test
    void whatHoldsStockSaysWhichDrawer() {
        Bill bill = new Bill("K",
                List.of(line(Source.KIT_BOX, "BOX", 1), new BillLine(Source.FROM_DRAWER, "W", "W", 1, "", "", "", "K01"),
                        line(Source.FROM_KIT, "BOX", 1), line(Source.FROM_DRAWER, "NEW", 1)))
                .placed(part -> part.equals("NEW") ? "" : "Shelf 1");
        assertThat(bill.lines().stream().map(BillLine::place))
                .as("the box, what was named before, what the box brings, what no drawer knows").containsExactly("Shelf 1", "K01", "", "");
    }

    @Test
    void nothingCostsLessThanNothing() {
        assertThatThrownBy(() -> Charges.of(new Bill("K", List.of()), -1, ShopRules.standard())).hasMessageContaining("-1 minutes");
        assertThatThrownBy(() -> new BillLine(Source.FROM_DRAWER, "W", "W", 1, "", "", "", "", -1, Optional.empty(), Optional.empty()))
                .hasMessageContaining("price -1");
    }

    /** A turned ring of 12 × 24 × 4 mm takes 16 minutes: 16/60 of the machine's hour, each. */
    @Test
    void whatIsMadeCostsItsMinutesOfTheMachine() {
        ShopRules rules = ShopRules.standard().with(NumberRule.MACHINE, new BigDecimal("30"));
        BillLine ring = new BillLine(Source.TO_MAKE, "", "Ring", 2, "stack", "check", "right", "", 0,
                Optional.of(Making.parse("turned-ring 12 24 4")), Optional.of(Length.ofMillimetres(4)));
        Bill bill = new Bill("K", List.of(ring)).priced(rules);
        assertThat(bill.lines().get(0).priceMinor()).isEqualTo(800);
        Charges charges = Charges.of(bill, 0, rules);
        assertThat(charges.partsMinor()).isEqualTo(1_600);
        assertThat(charges.unpriced()).isEmpty();
    }
}
