package hingeyard.core.booking;

/** What the rider needs beyond amounts. */
public enum NeedWish {
    THROTTLE("throttle wanted"),
    MUST_FOLD("must still fold"),
    MUST_CARRY("is carried upstairs"),
    DISCREET("should look discreet");

    private final String label;

    NeedWish(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
