package hingeyard.core.bike;

/** The kinds of bicycle the yard draws and surveys. */
public enum BikeKind {
    DIAMOND("diamond frame"),
    STEP_THROUGH("step-through"),
    FULL_SUSPENSION("full suspension"),
    FAT_TYRE("fat tyre"),
    FOLDING("folding, small wheels"),
    LONG_TAIL("long-tail cargo"),
    BOX_CARGO("box cargo");

    private final String label;

    BikeKind(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
