package hingeyard.core.bill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.bill.BillLine.Source;
import hingeyard.core.rules.NumberRule;
import hingeyard.core.rules.ShopRules;
import hingeyard.core.stock.ReturnState;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class LastBillTest {

    private static final ShopRules RULES = ShopRules.standard().with(NumberRule.LABOUR, new BigDecimal("59"))
            .with(NumberRule.TAX, new BigDecimal("8.1"));

    private static LastBill.Line line(ReturnState state, int count, long price) {
        return new LastBill.Line(
                new BillLine(Source.FROM_DRAWER, "P", "Part", count, "why", "", "role", "A 1", price, Optional.empty(), Optional.empty()),
                state);
    }

    /** By hand: 50 min at 59 are 49.1666…; 8.1 % of 49.17 + 7.20 are 4.56597; of 49.17 alone 3.98277. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "KEPT    | 50 | 0    | 720 | 4917 | 457 | 6094  | 60.94 to pay",
        "SPENT   | 50 | 6094 | 720 | 4917 | 457 | 0     | nothing to pay",
        "USED    | 50 | 6094 | 0   | 4917 | 398 | -779  | 7.79 to give back",
        "AS_NEW  | 0  | 100  | 0   | 0    | 0   | -100  | 1.00 to give back"})
    void whatDoesNotComeBackAndTheLabourArePaid(ReturnState state, int minutes, long deposit, long parts, long labour, long tax,
            long balance, String said) {
        LastBill bill = LastBill.of(List.of(line(state, 3, 240), line(ReturnState.OPENED, 1, 119000)), 80, minutes, deposit,
                LastBill.Rates.of(RULES));
        assertThat(bill.partsMinor()).isEqualTo(parts);
        assertThat(bill.labourMinor()).isEqualTo(labour);
        assertThat(bill.taxMinor()).isEqualTo(tax);
        assertThat(bill.totalMinor()).isEqualTo(parts + labour + tax);
        assertThat(bill.balanceMinor()).isEqualTo(balance);
        assertThat(bill.said()).isEqualTo(said);
    }

    @ParameterizedTest
    @EnumSource(ReturnState.class)
    void itsCustomerPaysForNothingThatTheShopHasAgain(ReturnState state) {
        assertThat(line(state, 2, 500).sumMinor()).isEqualTo(state == ReturnState.SPENT || state == ReturnState.KEPT ? 1000 : 0);
    }

    @Test
    void moreMinutesThanWereWorkedAndNumbersBelowZeroAreRefused() {
        for (int[] wrong : new int[][]{{10, 11, 0}, {-1, -1, 0}, {10, -1, 0}, {10, 5, -1}}) {
            assertThatThrownBy(() -> LastBill.of(List.of(), wrong[0], wrong[1], wrong[2], LastBill.Rates.of(RULES)))
                    .isInstanceOf(IllegalArgumentException.class);
        }
    }
}
