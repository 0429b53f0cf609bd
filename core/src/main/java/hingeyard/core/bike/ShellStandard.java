package hingeyard.core.bike;

import hingeyard.core.quantity.Length;
import java.util.Optional;

/**
 * Bottom bracket shell standards. The minor diameter is what an axle tube must pass: for threads the basic minor diameter
 * (major − 1.0825 × pitch, 60° form; 1.37 in × 24 tpi: 34.80 − 1.15), for bores the nominal bore.
 */
public enum ShellStandard implements Choice {
    ISO("threaded 1.37 in × 24", "33.65"),
    ITALIAN("threaded 36 mm × 24", "34.85"),
    T47("threaded 47 × 1", "45.92"),
    PRESS_41("press-fit bore 41", "41.00"),
    PRESS_42("press-fit bore 42", "42.00"),
    PRESS_46("press-fit bore 46", "46.00"),
    ONE_PIECE("one-piece bore 51.3", "51.30"),
    NONE("no shell", null);

    private final String label;
    private final Length minorDiameter;

    ShellStandard(String label, String minorMillimetres) {
        this.label = label;
        this.minorDiameter = minorMillimetres == null ? null : Length.ofMillimetres(minorMillimetres);
    }

    @Override
    public String label() {
        return label;
    }

    /** The narrowest diameter inside; empty when there is no shell. */
    public Optional<Length> minorDiameter() {
        return Optional.ofNullable(minorDiameter);
    }
}
