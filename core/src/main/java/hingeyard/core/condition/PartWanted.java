package hingeyard.core.condition;

import hingeyard.core.bike.CogKind;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.RearMeasures;
import java.util.Optional;

/**
 * A part that work of the arrival check takes.
 *
 * @param name  as one asks for it
 * @param count how many, 1 or more
 * @param use   what such parts are used as in the drawers: {@code #} stands for the number of cogs, {@code @} for their kind, cassette or
 *              freewheel; empty where the drawers have no
 *              word for them
 * @param role  what the match and the kits call the same on the bike: brought by either, it is not brought twice; empty where neither knows
 *              it
 * @param small whether every bench has some at hand: not worth an order of its own
 */
public record PartWanted(String name, int count, String use, String role, boolean small) {

    public PartWanted {
        if (count < 1) {
            throw new IllegalArgumentException("count " + count + ": must be 1 or more");
        }
    }

    /** The word to look under for this bike; empty where there is none, or where it hangs on cogs that nobody looked at. */
    public Optional<String> use(FrameSurvey bike) {
        Optional<String> word = Optional.of(use).filter(u -> !u.isEmpty());
        if (use.contains("@")) {
            word = word.flatMap(u -> bike.choice(RearMeasures.COG_KIND).flatMap(PartWanted::word).map(kind -> u.replace("@", kind)));
        }
        return use.contains("#") ? word.flatMap(u -> bike.number(RearMeasures.COGS_COUNT).map(n -> u.replace("#", n.toString()))) : word;
    }

    private static Optional<String> word(CogKind kind) {
        return switch (kind) {
            case CASSETTE -> Optional.of("cassette");
            case SCREWED_FREEWHEEL -> Optional.of("freewheel");
            default -> Optional.empty();
        };
    }
}
