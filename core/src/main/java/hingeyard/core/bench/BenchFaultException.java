package hingeyard.core.bench;

/** An input of a calculator that cannot be: which, what was given, and what is allowed. */
public final class BenchFaultException extends IllegalArgumentException {

    private static final long serialVersionUID = 1;

    private final String field;
    private final String given;
    private final String allowed;

    public BenchFaultException(String field, String given, String allowed) {
        super("%s: %s, allowed: %s".formatted(field, given, allowed));
        this.field = field;
        this.given = given;
        this.allowed = allowed;
    }

    public String field() {
        return field;
    }

    public String given() {
        return given;
    }

    public String allowed() {
        return allowed;
    }
}
