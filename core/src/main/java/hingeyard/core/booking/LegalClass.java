package hingeyard.core.booking;

/** A legal class asked for. Neutral examples: what holds where the rider rides is the local law's to say. */
public enum LegalClass {
    OPEN("not settled"),
    CLASS_A("Class A: pedal assist, 250 W, 25 km/h"),
    CLASS_B("Class B: 750 W, 32 km/h, with throttle"),
    OFF_ROAD("off-road only");

    /** Stands wherever a class is shown. */
    public static final String REMINDER = "Check your local rules: they stand above any class named here.";

    private final String label;

    LegalClass(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
