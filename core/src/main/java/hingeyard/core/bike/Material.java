package hingeyard.core.bike;

/** What a fork or a dropout is made of. */
public enum Material implements Choice {
    STEEL("steel"),
    TITANIUM("titanium"),
    ALUMINIUM("aluminium"),
    MAGNESIUM_CASTING("magnesium casting"),
    CARBON("carbon"),
    UNIDENTIFIED("cannot be told"),
    DAMAGED("damaged or repaired");

    private final String label;

    Material(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
