package hingeyard.core.kit;

/** Where a battery's key and charge port are. */
public enum KeySide implements Labelled {
    AWAY_FROM_RAIL("on the side away from the tube"),
    LOWER_END("at its lower end"),
    UPPER_END("at its upper end"),
    BESIDE("on the bike's left or right");

    private final String label;

    KeySide(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
