package hingeyard.core.bike;

/** The kinds of bicycle the yard draws and surveys. */
public enum BikeKind {
    DIAMOND("diamond frame"),
    STEP_THROUGH("step-through"),
    FULL_SUSPENSION("full suspension"),
    FAT_TYRE("fat tyre"),
    FOLDING("folding, small wheels"),
    LONG_TAIL("long-tail cargo"),
    BOX_CARGO("box cargo"),
    DELTA_TRIKE("delta trike"),
    RECUMBENT_TRIKE("recumbent trike"),
    STAND_UP_TRIKE("stand-up trike, folding arm"),
    BARE_FRAME("bare frame");

    private final String label;

    BikeKind(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
