package hingeyard.core.bike;

import java.util.Locale;

/** An answer to a {@link ChoiceMeasure}. */
public interface Choice {

    /** The enum constant's own name. */
    String name();

    /** What it is called at the bench. */
    String label();

    /** Stable code for files and tables: the constant's name in kebab-case. */
    default String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
