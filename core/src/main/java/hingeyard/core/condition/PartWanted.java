package hingeyard.core.condition;

import java.util.Optional;

/**
 * A part that work of the arrival check takes.
 *
 * @param name  as one asks for it
 * @param count how many, 1 or more
 * @param use   what such parts are used as in the drawers; ends in {@code #} where the number of cogs belongs there; empty where the drawers have no word for them
 * @param small whether every bench has some at hand: not worth an order of its own
 */
public record PartWanted(String name, int count, String use, boolean small) {

    private static final String COGS = "#";

    public PartWanted {
        if (count < 1) {
            throw new IllegalArgumentException("count " + count + ": must be 1 or more");
        }
    }

    /** The word to look under on a bike with so many cogs; empty where there is none, or where it hangs on cogs that nobody counted. */
    public Optional<String> use(Optional<Long> cogs) {
        return use.endsWith(COGS) ? cogs.map(n -> use.replace(COGS, n.toString())) : Optional.of(use).filter(u -> !u.isEmpty());
    }
}
