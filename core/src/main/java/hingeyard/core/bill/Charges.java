package hingeyard.core.bill;

import hingeyard.core.explain.Making;
import hingeyard.core.made.MadeKind;
import hingeyard.core.rules.NumberRule;
import hingeyard.core.rules.ShopRules;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;

/**
 * What a job costs, in hundredths of the shop's money. Labour and tax are each rounded once, half up; the total is their sum, so that the
 * figures on paper add up.
 *
 * @param partsMinor     all charged lines
 * @param minutes        of labour: the planned steps, and what was mended before them
 * @param anHour         what an hour costs, whole money
 * @param labourMinor    minutes at that
 * @param taxPercent     on parts and labour
 * @param taxMinor       that much
 * @param totalMinor     parts, labour and tax
 * @param depositPercent of the total, on approval
 * @param depositMinor   that much
 * @param unpriced       charged lines that nobody named a price for: they come on top
 */
public record Charges(long partsMinor, int minutes, BigDecimal anHour, long labourMinor, BigDecimal taxPercent, long taxMinor,
        long totalMinor, BigDecimal depositPercent, long depositMinor,
        List<String> unpriced) {

    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);
    private static final BigDecimal MINUTES_IN_AN_HOUR = BigDecimal.valueOf(60);

    public Charges {
        unpriced = List.copyOf(unpriced);
    }

    /**
     * @param bill    with prices
     * @param minutes what its steps are planned with, 0 or more
     */
    public static Charges of(Bill bill, int minutes, ShopRules rules) {
        if (minutes < 0) {
            throw new IllegalArgumentException("labour of " + minutes + " minutes: must be 0 or more");
        }
        long parts = bill.lines().stream().filter(BillLine::charged).mapToLong(l -> Math.multiplyExact(l.priceMinor(), (long) l.count()))
                .sum();
        BigDecimal anHour = rules.value(NumberRule.LABOUR);
        long labour = labour(anHour, minutes);
        long tax = percent(parts + labour, rules.value(NumberRule.TAX));
        long total = parts + labour + tax;
        return new Charges(parts, minutes, anHour, labour, rules.value(NumberRule.TAX), tax, total, rules.value(NumberRule.DEPOSIT),
                percent(total, rules.value(NumberRule.DEPOSIT)),
                bill.lines().stream().filter(l -> l.charged() && l.priceMinor() == 0).map(BillLine::name).distinct().toList());
    }

    /** Minutes at so much an hour, in hundredths. */
    static long labour(BigDecimal anHour, int minutes) {
        return anHour.multiply(HUNDRED).multiply(BigDecimal.valueOf(minutes)).divide(MINUTES_IN_AN_HOUR, 0, RoundingMode.HALF_UP)
                .longValueExact();
    }

    /** What one made part costs, in hundredths: the minutes it is reckoned with at the machine's hour. */
    static long machine(Making making, ShopRules rules) {
        return labour(rules.value(NumberRule.MACHINE), Math.toIntExact(MadeKind.of(making).minutes()));
    }

    static long percent(long amount, BigDecimal percent) {
        return BigDecimal.valueOf(amount).multiply(percent).divide(HUNDRED, 0, RoundingMode.HALF_UP).longValueExact();
    }
}
