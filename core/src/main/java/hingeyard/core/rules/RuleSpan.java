package hingeyard.core.rules;

import hingeyard.core.explain.LimitKind;
import hingeyard.core.quantity.Length;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * How far a shop may move a threshold. Beyond four times or a quarter of the standard a value is a slip of the key, not practice; where a
 * wheel, a brake or a steerer hangs on it, it moves by half towards danger and no further. Some have bounds of their own, from what the
 * thing is: a share ends at 100 %, a class's speed at what a bicycle rides.
 *
 * @param least smallest value, in millimetres, newton metres or the rule's own unit
 * @param most  greatest value
 * @param why   a sentence without its point
 */
record RuleSpan(BigDecimal least, BigDecimal most, String why) {

    private static final BigDecimal FOUR = BigDecimal.valueOf(4);
    private static final BigDecimal HALF_MORE = new BigDecimal("1.5");
    private static final BigDecimal HALF = new BigDecimal("0.5");
    /** Digits behind the point of a derived bound. */
    private static final int DIGITS = 2;
    private static final String SLIP = "further off it is a slip of the key";
    private static final String GUARDED = "somebody's safety hangs on it";

    private static final Map<NumberRule, RuleSpan> OWN = new EnumMap<>(Map.ofEntries(
            own(NumberRule.TAX, "0", "60", "no tax on repairs is higher"),
            own(NumberRule.DEPOSIT, "0", "100", "a share of the price"),
            own(NumberRule.LABOUR, "0", "100000", "the shop's own money"),
            own(NumberRule.MACHINE, "0", "100000", "the shop's own money"),
            own(NumberRule.QUOTE_DAYS, "1", "365", "prices of another year are no offer"),
            own(NumberRule.FIRST_CHECK, "1", "26", "spokes and nuts settle within weeks"),
            own(NumberRule.FIRST_CHECK_KM, "20", "1000", "spokes and nuts settle within the first rides"),
            own(NumberRule.CLASS_A_POWER, "100", "1000", "a bicycle's motor"),
            own(NumberRule.CLASS_B_POWER, "100", "2000", "a bicycle's motor"),
            own(NumberRule.CLASS_A_SPEED, "10", "50", "a bicycle's assistance"),
            own(NumberRule.CLASS_B_SPEED, "10", "50", "a bicycle's assistance"),
            own(NumberRule.CLASS_WALK, "0", "10", "somebody walks beside it"),
            own(NumberRule.STACK_PIECES, "1", "6", "a solver tries them all, and loose pieces creep"),
            own(NumberRule.BATTERY_UNUSED, "0", "100", "a share of the battery"),
            own(NumberRule.RANGE_RESERVE, "0", "100", "a share of the day"),
            own(NumberRule.WIRE_DROP, "0.1", "10", "the rest is heat under the tape"),
            own(NumberRule.CHARGER_WINDOW, "0.1", "1", GUARDED),
            own(NumberRule.PAYLOAD, "1", "3", GUARDED),
            own(NumberRule.ARMS_TWO_ABOVE, "0", "1500", GUARDED),
            own(NumberRule.DISCREET_LEADS, "0", "12", SLIP),
            own(NumberRule.TIES_AT_ENDS, "0", "10", SLIP)));

    private static final Map<LengthRule, RuleSpan> OWN_LENGTHS = new EnumMap<>(Map.of(
            LengthRule.TAPE_OVER_LEAST, new RuleSpan(BigDecimal.ZERO, BigDecimal.valueOf(4), "tape sits in the rim's bed"),
            LengthRule.TAPE_OVER_MOST, new RuleSpan(BigDecimal.ONE, BigDecimal.valueOf(8), "tape sits in the rim's bed"),
            LengthRule.TIE_EVERY,
            new RuleSpan(BigDecimal.valueOf(30), BigDecimal.valueOf(400), "nearer they touch, further apart a loom hangs")));

    /** What must not come to stand above what. */
    private static final List<List<Rule>> IN_ORDER = List.of(List.of(LengthRule.TAPE_OVER_LEAST, LengthRule.TAPE_OVER_MOST),
            List.of(NumberRule.CHAINLINE_GOOD, NumberRule.CHAINLINE_WORN), List.of(NumberRule.TYRE_NARROW, NumberRule.TYRE_WIDE),
            List.of(NumberRule.CLASS_A_POWER, NumberRule.CLASS_B_POWER), List.of(NumberRule.CLASS_A_SPEED, NumberRule.CLASS_B_SPEED),
            List.of(LengthRule.CRANK_SYMMETRY, LengthRule.CRANKS_APART));

    private static Map.Entry<NumberRule, RuleSpan> own(NumberRule rule, String least, String most, String why) {
        return Map.entry(rule, new RuleSpan(new BigDecimal(least), new BigDecimal(most), why));
    }

    /** A shop's threshold is no longer than half a metre. */
    private RuleSpan cut(Length longest) {
        return new RuleSpan(least, most.min(millimetres(longest)), why);
    }

    static RuleSpan of(LengthRule rule) {
        return OWN_LENGTHS.getOrDefault(rule,
                derived(millimetres(rule.standard()), rule.kind().filter(LimitKind.SAFETY::equals).isPresent(), rule.title()))
                .cut(ShopRules.LONGEST);
    }

    static BigDecimal millimetres(Length length) {
        return length.amount();
    }

    static RuleSpan of(NumberRule rule) {
        return OWN.getOrDefault(rule,
                derived(rule.standard(), rule.kind().filter(LimitKind.SAFETY::equals).isPresent(), rule.title()));
    }

    static RuleSpan of(TorqueRule rule) {
        return new RuleSpan(newtonMetres(rule.standard().least().millinewtonMetres()).multiply(HALF),
                newtonMetres(rule.standard().greatest().millinewtonMetres()).multiply(HALF_MORE), "looser it comes off, tighter it strips");
    }

    static BigDecimal newtonMetres(long milli) {
        return BigDecimal.valueOf(milli, 3);
    }

    private static RuleSpan derived(BigDecimal standard, boolean guarded, String title) {
        boolean greatest = !title.contains("at least");
        BigDecimal least = guarded && !greatest ? standard.multiply(HALF) : standard.divide(FOUR, DIGITS, RoundingMode.UP);
        BigDecimal most = guarded && greatest ? standard.multiply(HALF_MORE) : standard.multiply(FOUR);
        return new RuleSpan(least, most, guarded ? GUARDED : SLIP);
    }

    boolean holds(BigDecimal value) {
        return value.compareTo(least) >= 0 && value.compareTo(most) <= 0;
    }

    /** Two rules of which the second must not be below the first. */
    static List<List<Rule>> inOrder() {
        return IN_ORDER;
    }

    static String plain(BigDecimal value) {
        return value.signum() == 0 ? "0" : value.stripTrailingZeros().toPlainString();
    }

    /** A torque is entered in tenths. */
    static String tenths(BigDecimal newtonMetres, RoundingMode inwards) {
        return newtonMetres.setScale(1, inwards).toPlainString();
    }

    String text(String unit) {
        return "from %s to %s %s; %s".formatted(plain(least), plain(most), unit, why);
    }
}
