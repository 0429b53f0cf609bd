package hingeyard.core.explain;

/**
 * What sort of limit a rule or a published figure is, and so how a value is decided that lies inside its own uncertainty of it. The first
 * two accept simply, the
 * third is guarded (the decision rules of ISO 14253-1 and JCGM 106).
 */
public enum LimitKind {
    /** The shop's own thumb figure, inclusive: with the best tool used, what lies on it passes, and the finding says what decides. */
    SCREENING("screening", "the shop's own figure: on it passes, and the dry fit decides"),
    /** Published by frame's or kit's maker, inclusive as printed: a nominal size equal to it meets it. */
    MAKERS("maker's", "published by the maker, inclusive as printed"),
    /** May never be overridden: inside the uncertainty it is not met. */
    SAFETY("safety", "never overridden: inside the uncertainty it counts as not met");

    private final String label;
    private final String decided;

    LimitKind(String label, String decided) {
        this.label = label;
        this.decided = decided;
    }

    public String label() {
        return label;
    }

    /** How a value on it is decided, for the rules' page. */
    public String decided() {
        return decided;
    }
}
