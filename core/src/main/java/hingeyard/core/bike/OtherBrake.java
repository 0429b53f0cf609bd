package hingeyard.core.bike;

/** What could brake the rear wheel besides a coaster hub or a fixed cog. */
public enum OtherBrake implements Choice {
    NONE("none, and no mounts"),
    MOUNTS("none, but mounts and a braking track"),
    FITTED("a hand brake works on it");

    private final String label;

    OtherBrake(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
