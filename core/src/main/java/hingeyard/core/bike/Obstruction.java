package hingeyard.core.bike;

/** What crosses the inside of the shell. */
public enum Obstruction implements Choice {
    NOTHING("nothing"),
    GUIDE_SCREW("cable guide screw"),
    SLEEVE("plastic sleeve"),
    THREAD("bottle or drain thread"),
    CABLE("cable"),
    HOSE("brake hose");

    private final String label;

    Obstruction(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
