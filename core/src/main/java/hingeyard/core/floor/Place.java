package hingeyard.core.floor;

/** A place on the floor. */
public enum Place {
    GATE("the gate"),
    RACK("the rack"),
    STAND("a stand"),
    STRIP("the test strip"),
    RAIL("the rail"),
    /** Off the floor: collected, taken back as it came, or never brought. */
    GONE("the customer");

    private final String label;

    Place(String label) {
        this.label = label;
    }

    /** Whether a bike there stands on the shop's floor or is awaited. */
    public boolean onFloor() {
        return this != GONE;
    }

    public String label() {
        return label;
    }
}
