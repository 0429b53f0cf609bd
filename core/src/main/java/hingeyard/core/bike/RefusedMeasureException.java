package hingeyard.core.bike;

/** A value that this measure cannot have. Says which measure, what was given and what is allowed. */
public final class RefusedMeasureException extends IllegalArgumentException {

    private final Measure measure;
    private final String given;
    private final String allowed;

    public RefusedMeasureException(Measure measure, String given, String allowed) {
        super(measure.title() + ": " + given + " is not possible. Possible: " + allowed + ". Nothing was saved.");
        this.measure = measure;
        this.given = given;
        this.allowed = allowed;
    }

    public Measure measure() {
        return measure;
    }

    public String given() {
        return given;
    }

    public String allowed() {
        return allowed;
    }
}
