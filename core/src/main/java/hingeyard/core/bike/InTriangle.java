package hingeyard.core.bike;

/** What else is in the triangle. */
public enum InTriangle implements Choice {
    NOTHING("nothing"),
    PUMP("pump"),
    LOCK("lock"),
    CABLES("cables outside the tubes"),
    CHILD_SEAT("child's seat or basket");

    private final String label;

    InTriangle(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
