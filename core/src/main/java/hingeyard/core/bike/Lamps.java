package hingeyard.core.bike;

/** What the bike's lamps live on. */
public enum Lamps implements Choice {
    NONE("none"),
    OWN_BATTERY("their own battery"),
    DYNAMO("dynamo"),
    SIX_VOLTS("6 V from the drive's battery"),
    TWELVE_VOLTS("12 V from the drive's battery");

    private final String label;

    Lamps(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
