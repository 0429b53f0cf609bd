package hingeyard.core.explain;

/**
 * Whether something may be done now, and why not.
 *
 * @param allowed whether it may
 * @param reason  when it may not: what stands in the way and what would clear it; empty otherwise
 */
public record Ruling(boolean allowed, String reason) {

    private static final Ruling YES = new Ruling(true, "");

    public static Ruling yes() {
        return YES;
    }

    public static Ruling no(String reason) {
        return new Ruling(false, reason);
    }
}
