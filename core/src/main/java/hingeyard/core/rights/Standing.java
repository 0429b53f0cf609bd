package hingeyard.core.rights;

/** Whether somebody works here. Whatever they did keeps their name. */
public enum Standing {
    ACTIVE("works here"),
    /** Away for longer, or not to come in for now: their password stays. */
    PAUSED("paused"),
    /** Left the shop: password, PIN and codes are gone with them. */
    GONE("let go");

    private final String label;

    Standing(String label) {
        this.label = label;
    }

    /** In lower case, to be read after the name. */
    public String label() {
        return label;
    }
}
