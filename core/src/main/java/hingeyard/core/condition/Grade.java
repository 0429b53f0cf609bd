package hingeyard.core.condition;

/** How a point was found. */
public enum Grade {
    GOOD("good"),
    WITH_JOB("with the job"),
    STOPS("stops the job");

    private final String label;

    Grade(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
