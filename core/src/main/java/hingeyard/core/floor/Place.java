package hingeyard.core.floor;

/** A place on the floor. */
public enum Place {
    GATE("the gate"),
    RACK("the rack"),
    STAND("a stand"),
    STRIP("the test strip"),
    RAIL("the rail");

    private final String label;

    Place(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
