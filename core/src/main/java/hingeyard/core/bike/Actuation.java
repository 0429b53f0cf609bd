package hingeyard.core.bike;

/** What carries the hand's force to the brake. */
public enum Actuation implements Choice {
    CABLE("cable"),
    HYDRAULIC_MINERAL("hydraulic, mineral oil"),
    HYDRAULIC_DOT("hydraulic, DOT fluid"),
    COASTER("coaster"),
    DRUM("drum cable"),
    NONE("none");

    private final String label;

    Actuation(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
