package hingeyard.core.install;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** Where a step needs a wheel. A step that names none does not mind. */
public enum WheelPlace {
    FRONT_IN,
    FRONT_OUT,
    REAR_IN,
    REAR_OUT;

    /** Whether both are about the same wheel. */
    boolean sameWheel(WheelPlace other) {
        return ordinal() / 2 == other.ordinal() / 2;
    }

    /** For example {@code front out}. */
    public String label() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    public static Optional<WheelPlace> find(String label) {
        return Arrays.stream(values()).filter(p -> p.label().equals(label)).findFirst();
    }
}
