package hingeyard.core.booking;

/** A legal class asked for. Neutral examples: what holds where the rider rides is the local law's to say. */
public enum LegalClass {
    OPEN("not settled"),
    /** What it allows in watts and kilometres an hour are the shop's rules: said where they count, not in its name. */
    CLASS_A("Class A: pedal assist"),
    CLASS_B("Class B: with throttle"),
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
