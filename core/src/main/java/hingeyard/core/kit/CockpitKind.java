package hingeyard.core.kit;

/** What a kit puts on the bars. */
public enum CockpitKind implements Labelled {
    THUMB_THROTTLE("thumb throttle"),
    TWIST_THROTTLE("twist throttle"),
    REMOTE("remote"),
    LEVER("brake lever with switch"),
    DISPLAY("display");

    private final String label;

    CockpitKind(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }

    public boolean throttle() {
        return this == THUMB_THROTTLE || this == TWIST_THROTTLE;
    }
}
