package hingeyard.core.bike;

/** The stops of one walk round the bike, in the order in which one walks. */
public enum WalkStop {
    REAR_WHEEL("Rear wheel"),
    BRACKET("Bottom bracket"),
    TRIANGLE("Triangle"),
    FRONT("Fork and front wheel"),
    BARS("Bars"),
    WHOLE("Runs and the whole bike");

    private final String label;

    WalkStop(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
