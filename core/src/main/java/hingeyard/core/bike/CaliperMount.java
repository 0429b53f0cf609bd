package hingeyard.core.bike;

/** How a caliper is held on frame or fork. */
public enum CaliperMount implements Choice {
    POST("post mount"),
    IS("tabs with cross bolts"),
    FLAT("flat mount"),
    NONE("none");

    private final String label;

    CaliperMount(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
