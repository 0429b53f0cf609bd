package hingeyard.core.bike;

/** How a tyre's tread is cut. */
public enum Tread implements Choice {
    SMOOTH("smooth"),
    FINE("fine grooves"),
    BLOCKS("blocks");

    private final String label;

    Tread(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
