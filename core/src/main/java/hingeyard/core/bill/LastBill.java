package hingeyard.core.bill;

import hingeyard.core.quantity.Scale;
import hingeyard.core.rules.NumberRule;
import hingeyard.core.rules.ShopRules;
import hingeyard.core.stock.ReturnState;
import java.math.BigDecimal;
import java.util.List;

/**
 * What is paid when a kit came off again, in hundredths of the shop's money: what does not come back, and the labour. What comes back in
 * whatever state is the shop's loss or gain, not its customer's. Labour and tax are each rounded once, half up, so that the figures on
 * paper add up.
 *
 * @param lines        every line that had left its drawer, with its state
 * @param partsMinor   those that do not come back
 * @param workMinutes  that were worked by the book: what was done, and what was put right
 * @param minutes      of them that are charged
 * @param anHour       what an hour costs, whole money
 * @param labourMinor  charged minutes at that
 * @param taxPercent   on parts and labour
 * @param taxMinor     that much
 * @param totalMinor   parts, labour and tax
 * @param depositMinor what was paid before
 */
public record LastBill(List<Line> lines, long partsMinor, int workMinutes, int minutes, BigDecimal anHour, long labourMinor,
        BigDecimal taxPercent, long taxMinor, long totalMinor, long depositMinor) {

    /** What labour and tax are reckoned at. @param anHour whole money */
    public record Rates(BigDecimal anHour, BigDecimal taxPercent) {

        /** As a bill was agreed. */
        public static Rates of(Charges agreed) {
            return new Rates(agreed.anHour(), agreed.taxPercent());
        }

        public static Rates of(ShopRules rules) {
            return new Rates(rules.value(NumberRule.LABOUR), rules.value(NumberRule.TAX));
        }
    }

    /** One line of it. */
    public record Line(BillLine line, ReturnState state) {

        /** What it costs. */
        public long sumMinor() {
            return state.comesBack() ? 0 : Math.multiplyExact(line.priceMinor(), (long) line.count());
        }
    }

    public LastBill {
        lines = List.copyOf(lines);
    }

    /**
     * @param workMinutes  0 or more
     * @param minutes      0 to {@code workMinutes}
     * @param depositMinor 0 or more
     * @throws IllegalArgumentException for numbers that are not so
     */
    public static LastBill of(List<Line> lines, int workMinutes, int minutes, long depositMinor, Rates rates) {
        if (workMinutes < 0 || minutes < 0 || minutes > workMinutes || depositMinor < 0) {
            throw new IllegalArgumentException(
                    "%d of %d minutes, deposit %d: charged minutes are at most those worked, nothing is below 0".formatted(minutes,
                            workMinutes, depositMinor));
        }
        long parts = lines.stream().mapToLong(Line::sumMinor).sum();
        BigDecimal anHour = rates.anHour;
        long labour = Charges.labour(anHour, minutes);
        BigDecimal tax = rates.taxPercent;
        long taxed = Charges.percent(parts + labour, tax);
        return new LastBill(lines, parts, workMinutes, minutes, anHour, labour, tax, taxed, parts + labour + taxed, depositMinor);
    }

    /** What is still to be paid; below 0 what is given back. */
    public long balanceMinor() {
        return totalMinor - depositMinor;
    }

    /** For a sentence: {@code 42.50 to pay}, {@code 10.00 to give back}, {@code nothing to pay}. */
    public String said() {
        long balance = balanceMinor();
        return balance == 0 ? "nothing to pay" : Scale.money(Math.abs(balance)) + (balance > 0 ? " to pay" : " to give back");
    }
}
