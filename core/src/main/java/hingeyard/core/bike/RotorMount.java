package hingeyard.core.bike;

/** How a rotor is held on its hub. */
public enum RotorMount implements Choice {
    SIX_BOLT("six bolts"),
    SPLINED("splined, lock-ring"),
    NONE("none");

    private final String label;

    RotorMount(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
