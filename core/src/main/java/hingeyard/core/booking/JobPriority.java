package hingeyard.core.booking;

/** Who comes first when there is not enough for all. */
public enum JobPriority {
    FIRST("before others"),
    USUAL("in turn"),
    CAN_WAIT("can wait");

    private final String label;

    JobPriority(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
