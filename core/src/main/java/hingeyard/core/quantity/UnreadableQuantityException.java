package hingeyard.core.quantity;

/** A text that is no quantity. Says what was given and what is understood. */
public final class UnreadableQuantityException extends IllegalArgumentException {

    private final String given;
    private final String understood;

    public UnreadableQuantityException(String given, String understood) {
        super("'" + given + "' is not understood. Understood: " + understood + ".");
        this.given = given;
        this.understood = understood;
    }

    public String given() {
        return given;
    }

    public String understood() {
        return understood;
    }
}
