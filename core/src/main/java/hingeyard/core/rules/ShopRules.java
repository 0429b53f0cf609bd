package hingeyard.core.rules;

import hingeyard.core.bike.Material;
import hingeyard.core.explain.Figure;
import hingeyard.core.quantity.Length;
import java.util.EnumMap;
import java.util.Map;

/** The thresholds in force in one shop. */
public final class ShopRules {

    private final Map<LengthRule, Length> changed;

    private ShopRules(Map<LengthRule, Length> changed) {
        this.changed = changed;
    }

    public static ShopRules standard() {
        return new ShopRules(new EnumMap<>(LengthRule.class));
    }

    /** These rules with one of them changed. */
    public ShopRules with(LengthRule rule, Length value) {
        Map<LengthRule, Length> more = new EnumMap<>(LengthRule.class);
        more.putAll(changed);
        more.put(rule, value);
        return new ShopRules(more);
    }

    public Length value(LengthRule rule) {
        return changed.getOrDefault(rule, rule.standard());
    }

    public Figure figure(String label, LengthRule rule) {
        return Figure.shopRule(label, value(rule), rule.key());
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
}
