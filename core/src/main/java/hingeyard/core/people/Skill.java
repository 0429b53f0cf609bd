package hingeyard.core.people;

import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Collectors;

/** A kind of work that not everybody does alone. */
public enum Skill {
    WHEELS("wheels"),
    BRAKES("brakes and hydraulics"),
    ELECTRICS("electrics"),
    MACHINING("machining"),
    WELDING("welding");

    /** What steps name that everybody of the workshop does alone. */
    public static final String GENERAL = "general";

    private final String label;

    Skill(String label) {
        this.label = label;
    }

    /** As steps name it. */
    public String label() {
        return label;
    }

    /** @return empty for what everybody does */
    public static Optional<Skill> named(String label) {
        return Arrays.stream(values()).filter(s -> s.label.equals(label)).findFirst();
    }

    /** Whether a step may name it. */
    public static boolean known(String label) {
        return GENERAL.equals(label) || named(label).isPresent();
    }

    /** What a step may name, as one says it. */
    public static String all() {
        return GENERAL + ", " + Arrays.stream(values()).map(Skill::label).collect(Collectors.joining(", "));
    }
}
