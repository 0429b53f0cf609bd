package hingeyard.core.bike;

/** A plain answer. */
public enum YesNo implements Choice {
    YES("yes"),
    NO("no");

    private final String label;

    YesNo(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
