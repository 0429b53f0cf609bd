package hingeyard.core.kit;

/** Connectors by shape. */
public enum PlugKind implements Labelled {
    BLADE_PAIR("blade pair", true),
    BULLET_PAIR("bullet pair", false),
    BARREL("barrel", true),
    RING_POST("ring post", false),
    MOULDED("moulded signal plug", true),
    CONTACT_PLATE("sliding contact plate", true);

    private final String label;
    private final boolean keyed;

    PlugKind(String label, boolean keyed) {
        this.label = label;
        this.keyed = keyed;
    }

    @Override
    public String label() {
        return label;
    }

    /** Whether it goes together one way only; the others get a polarity step. */
    public boolean keyed() {
        return keyed;
    }
}
