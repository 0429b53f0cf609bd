package hingeyard.core.condition;

/** On what ground a stop was lifted. */
public enum Lift {
    MENDED("mended or replaced, and looked at again"),
    ACCEPTED("looked at again and judged acceptable");

    private final String label;

    Lift(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
