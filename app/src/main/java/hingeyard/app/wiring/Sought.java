package hingeyard.app.wiring;

/** What somebody looks for, as it goes into a {@code like … escape '!'}: every sign stands for itself. */
public final class Sought {

    private Sought() {
    }

    public static String literal(String text) {
        return text.replace("!", "!!").replace("%", "!%").replace("_", "!_");
    }
}
