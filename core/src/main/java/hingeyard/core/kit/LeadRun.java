package hingeyard.core.kit;

/** The ways leads take along a bike. */
public enum LeadRun implements Labelled {
    BARS_TO_BRACKET("bars to bracket"),
    BARS_TO_BATTERY("bars to battery"),
    BATTERY_TO_MOTOR("battery to motor"),
    BRACKET_TO_REAR_AXLE("bracket to rear axle"),
    BARS_TO_FRONT_AXLE("bars to front axle");

    private final String label;

    LeadRun(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
