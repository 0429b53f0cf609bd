package hingeyard.core.install;

/** Where on the bike hands are. */
public enum Zone {
    FRONT_WHEEL("front wheel"),
    BARS("bars"),
    BRACKET("bottom bracket"),
    REAR_WHEEL("rear wheel"),
    BATTERY_BAY("battery bay"),
    LOOM("loom"),
    BENCH("bench");

    private final String label;

    Zone(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
