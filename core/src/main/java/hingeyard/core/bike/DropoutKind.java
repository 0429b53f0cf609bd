package hingeyard.core.bike;

/** How an axle is held in a dropout. */
public enum DropoutKind implements Choice {
    OPEN_SLOT("open slot"),
    HOODED("hooded or horizontal slot"),
    CLOSED("closed"),
    THRU_AXLE("thru-axle");

    private final String label;

    DropoutKind(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
