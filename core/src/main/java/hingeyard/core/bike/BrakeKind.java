package hingeyard.core.bike;

/** What slows a wheel. */
public enum BrakeKind implements Choice {
    RIM("rim brake"),
    DISC("disc"),
    DRUM("drum"),
    COASTER("coaster"),
    NONE("none");

    private final String label;

    BrakeKind(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
