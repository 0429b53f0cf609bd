package hingeyard.core.plan;

/** Where a leg is done. */
public enum LegPlace {
    /** The kit alone, beside the bike; there is room for all. */
    BENCH("on the bench"),
    /** The bike on a stand of the shop. */
    STAND("on a stand"),
    /** The bike ridden. */
    STRIP("on the test strip");

    private final String label;

    LegPlace(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
