package hingeyard.core.explain;

import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Quantity;

/**
 * One number a finding rests on.
 *
 * @param label  what it is
 * @param amount how much, with unit
 * @param origin where it came from
 * @param source the measure's key, the rule's key or the name of the published sheet it stands in
 */
public record Figure(String label, Quantity amount, Origin origin, String source) {

    public static Figure measured(String label, Quantity amount, String measureKey) {
        return new Figure(label, amount, Origin.MEASURED, measureKey);
    }

    public static Figure published(String label, Quantity amount, String sheet) {
        return new Figure(label, amount, Origin.PUBLISHED, sheet);
    }

    /** A computed length is said no finer than it could be measured. */
    public static Figure computed(String label, Quantity amount, String how) {
        if (amount instanceof Length length) {
            return new Figure(label, length.told(), Origin.COMPUTED, how);
        }
        return new Figure(label, amount, Origin.COMPUTED, how);
    }

    public static Figure limit(String label, Quantity amount, String source) {
        return new Figure(label, amount, Origin.LIMIT, source);
    }

    public static Figure shopRule(String label, Quantity amount, String ruleKey) {
        return new Figure(label, amount, Origin.SHOP_RULE, ruleKey);
    }
}
