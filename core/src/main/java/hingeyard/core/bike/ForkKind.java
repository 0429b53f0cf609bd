package hingeyard.core.bike;

/** Whether a fork springs. */
public enum ForkKind implements Choice {
    RIGID("rigid"),
    SPRUNG("sprung"),
    ONE_SIDED("one-sided");

    private final String label;

    ForkKind(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
