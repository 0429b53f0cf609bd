package hingeyard.core.rules;

import hingeyard.core.bike.Material;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Ruling;
import hingeyard.core.quantity.Amount;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.LengthParser;
import hingeyard.core.quantity.TorqueRange;
import hingeyard.core.quantity.Units;
import java.math.BigDecimal;
import java.util.HashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The rules in force in one shop. Immutable. */
public final class ShopRules {

    static final Length LONGEST = Length.ofMillimetres(500);
    private static final BigDecimal GREATEST = BigDecimal.valueOf(100_000);
    private static final Pattern TORQUE = Pattern.compile("(\\d{1,3}(?:[.,]\\d)?)(?:\\s*[–-]\\s*(\\d{1,3}(?:[.,]\\d)?))?(?:\\s*N·?m)?");
    private static final long GREATEST_TORQUE = 300_000;
    private static final long LEAST_TORQUE = 100;
    private static final Pattern NUMBER = Pattern.compile("\\d{1,6}([.,]\\d{1,3})?");
    private static final ShopRules STANDARD = new ShopRules(Map.of());

    /** By rule: a Length, a BigDecimal, a TorqueRange or a String. */
    private final Map<Rule, Object> changed;

    private ShopRules(Map<Rule, Object> changed) {
        this.changed = changed;
    }

    public static ShopRules standard() {
        return STANDARD;
    }

    public ShopRules with(LengthRule rule, Length value) {
        return changed(rule, value);
    }

    public ShopRules with(NumberRule rule, BigDecimal value) {
        return changed(rule, value);
    }

    /** @throws IllegalArgumentException when the school has no such option */
    public ShopRules with(School rule, String option) {
        if (!rule.options().contains(option)) {
            throw refused(rule, option);
        }
        return changed(rule, option);
    }

    /**
     * These rules with one of them changed to a value as it is entered, with or without its unit.
     *
     * @throws IllegalArgumentException naming the rule, the value and what is allowed
     */
    public ShopRules with(Rule rule, String said) {
        String text = said == null ? "" : said.strip();
        if (rule instanceof LengthRule length) {
            Length value = length(length, text);
            return with(length, value);
        }
        if (rule instanceof TorqueRule torque) {
            return changed(torque, torque(torque, text));
        }
        return rule instanceof NumberRule number ? with(number, number(number, text)) : with((School) rule, text);
    }

    /**
     * Whether a shop may set a rule to a value as it is entered: it can be read, is practice and no slip, and what belongs in order with it
     * stays in order. What was set before these bounds is still in force ({@link #with(Rule, String)}).
     */
    public Ruling mayBe(Rule rule, String said) {
        ShopRules then;
        try {
            then = with(rule, said);
        } catch (IllegalArgumentException e) {
            return Ruling.no(rule.allowed());
        }
        if (!then.plausible(rule)) {
            return Ruling.no(rule.allowed());
        }
        return RuleSpan.inOrder().stream().filter(pair -> pair.contains(rule))
                .filter(pair -> then.amount(pair.get(0)).compareTo(then.amount(pair.get(1))) > 0)
                .map(pair -> Ruling.no("'%s' (%s) does not stand above '%s' (%s)".formatted(pair.get(0).title(), then.text(pair.get(0)),
                        pair.get(1).title(), then.text(pair.get(1)))))
                .findFirst().orElse(Ruling.yes());
    }

    private boolean plausible(Rule rule) {
        if (rule instanceof TorqueRule torque) {
            RuleSpan span = RuleSpan.of(torque);
            return span.holds(RuleSpan.newtonMetres(value(torque).least().millinewtonMetres()))
                    && span.holds(RuleSpan.newtonMetres(value(torque).greatest().millinewtonMetres()));
        }
        return rule instanceof School
                || (rule instanceof LengthRule length ? RuleSpan.of(length) : RuleSpan.of((NumberRule) rule)).holds(amount(rule));
    }

    private BigDecimal amount(Rule rule) {
        return rule instanceof LengthRule length ? RuleSpan.millimetres(value(length)) : value((NumberRule) rule);
    }

    private static Length length(LengthRule rule, String text) {
        Length value;
        try {
            value = LengthParser.parse(text);
        } catch (IllegalArgumentException e) {
            throw refused(rule, text);
        }
        if (value.isNegative() || value.isMoreThan(LONGEST)) {
            throw refused(rule, text);
        }
        return value;
    }

    private static TorqueRange torque(TorqueRule rule, String text) {
        Matcher ends = TORQUE.matcher(text);
        if (!ends.matches()) {
            throw refused(rule, text);
        }
        String least = ends.group(1).replace(',', '.');
        TorqueRange value;
        try {
            value = TorqueRange.ofNewtonMetres(least, ends.group(2) == null ? least : ends.group(2).replace(',', '.'));
        } catch (IllegalArgumentException e) {
            throw refused(rule, text);
        }
        if (value.least().millinewtonMetres() < LEAST_TORQUE || value.greatest().millinewtonMetres() > GREATEST_TORQUE) {
            throw refused(rule, text);
        }
        return value;
    }

    private static BigDecimal number(NumberRule rule, String text) {
        String bare = text.endsWith(rule.unit()) ? text.substring(0, text.length() - rule.unit().length()).strip() : text;
        if (!NUMBER.matcher(bare).matches()) {
            throw refused(rule, text);
        }
        BigDecimal value = new BigDecimal(bare.replace(',', '.'));
        if (value.compareTo(GREATEST) > 0) {
            throw refused(rule, text);
        }
        return value;
    }

    private static IllegalArgumentException refused(Rule rule, String text) {
        return new IllegalArgumentException("%s: '%s' cannot be; allowed is %s".formatted(rule.title(), text, rule.allowed()));
    }

    private ShopRules changed(Rule rule, Object value) {
        Map<Rule, Object> more = new HashMap<>(changed);
        more.put(rule, value);
        return new ShopRules(Map.copyOf(more));
    }

    public Length value(LengthRule rule) {
        return changed.getOrDefault(rule, rule.standard()) instanceof Length l ? l : rule.standard();
    }

    public BigDecimal value(NumberRule rule) {
        return changed.getOrDefault(rule, rule.standard()) instanceof BigDecimal n ? n : rule.standard();
    }

    public TorqueRange value(TorqueRule rule) {
        return changed.getOrDefault(rule, rule.standard()) instanceof TorqueRange t ? t : rule.standard();
    }

    /** For physics. */
    public double number(NumberRule rule) {
        return value(rule).doubleValue();
    }

    public String value(School rule) {
        return changed.getOrDefault(rule, rule.standardText()).toString();
    }

    /** The value in force, in the unit of whoever reads it. */
    public String text(Rule rule, Units units) {
        return rule instanceof LengthRule l ? value(l).text(units) : text(rule);
    }

    /** The value in force, as it is entered. */
    public String text(Rule rule) {
        if (rule instanceof NumberRule n) {
            return value(n).toPlainString() + " " + n.unit();
        }
        if (rule instanceof TorqueRule t) {
            return value(t).toString();
        }
        return rule instanceof LengthRule l ? value(l).text(Units.METRIC) : value((School) rule);
    }

    public Figure figure(String label, LengthRule rule) {
        return Figure.shopRule(label, value(rule), rule.key());
    }

    public Figure figure(NumberRule rule) {
        return Figure.shopRule(rule.title(), new Amount(value(rule), rule.unit()), rule.key());
    }

    /** How far dropouts of a material may be eased apart. */
    public Length spread(Material material) {
        return switch (material) {
            case STEEL -> value(LengthRule.SPREAD_STEEL);
            case TITANIUM -> value(LengthRule.SPREAD_TITANIUM);
            case ALUMINIUM -> value(LengthRule.SPREAD_ALUMINIUM);
            case MAGNESIUM_CASTING, CARBON, UNIDENTIFIED, DAMAGED -> Length.ZERO;
        };
    }

    /** How far clamping may pull dropouts of a material in. */
    public Length pullIn(Material material) {
        return switch (material) {
            case STEEL -> value(LengthRule.PULL_IN_STEEL);
            case ALUMINIUM -> value(LengthRule.PULL_IN_ALUMINIUM);
            case TITANIUM, MAGNESIUM_CASTING, CARBON, UNIDENTIFIED, DAMAGED -> Length.ZERO;
        };
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof ShopRules rules && changed.equals(rules.changed);
    }

    @Override
    public int hashCode() {
        return changed.hashCode();
    }
}
