package hingeyard.core.bike;

/** Whether a rail lies on a tube or rocks on it. */
public enum TubeShape implements Choice {
    STRAIGHT("straight"),
    BENT("bent or bowed");

    private final String label;

    TubeShape(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
