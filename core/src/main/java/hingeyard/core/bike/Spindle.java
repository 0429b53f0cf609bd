package hingeyard.core.bike;

/** How the cranks sit on their spindle. */
public enum Spindle implements Choice {
    SQUARE_TAPER("square taper"),
    SPLINED("splined"),
    ONE_PIECE("one piece");

    private final String label;

    Spindle(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
