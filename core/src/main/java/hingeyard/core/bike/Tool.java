package hingeyard.core.bike;

import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Units;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/**
 * What a measure is taken with. The uncertainty is the half width of the band around a reading; a photo and another bike bring
 * their own with each reading.
 */
public enum Tool {
    CALIPER("caliper", Length.ofMicrometres(100), 4),
    FEELER("feeler gauge", Length.ofMicrometres(20), 4),
    TAPE("tape", Length.ofMillimetres(1), 4),
    STRING("string", Length.ofMillimetres(10), 4),
    MAGNET("magnet", Length.ZERO, 4),
    LOOK("by eye", Length.ZERO, 4),
    SCALES("scales", Length.ZERO, 4),
    DATA_SHEET("maker's data sheet", Length.ofMicrometres(200), 3),
    PHOTO("from photo", Length.ofMillimetres(10), 2),
    ESTIMATE("estimated", Length.ofMillimetres(5), 1),
    OTHER_BIKE("from another bike, confirm", Length.ofMillimetres(2), 0);

    private final String label;
    private final Length uncertainty;
    private final int trust;

    Tool(String label, Length uncertainty, int trust) {
        this.label = label;
        this.uncertainty = uncertainty;
        this.trust = trust;
    }

    public String label() {
        return label;
    }

    /** Stable code for files: the constant's name in kebab-case. */
    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public static Optional<Tool> ofCode(String code) {
        return Arrays.stream(values()).filter(t -> t.code().equals(code)).findFirst();
    }

    public Length uncertainty() {
        return uncertainty;
    }

    /**
     * How far off it may be, as the tool itself would show it: {@code ± 0.1 mm}, on a tape in inches {@code ± 3/64 in}; empty for what is
     * right or wrong.
     */
    public String plusMinus(Units units) {
        if (uncertainty.equals(Length.ZERO)) {
            return "";
        }
        return "± " + (units == Units.IMPERIAL && (this == TAPE || this == STRING) ? uncertainty.tapeInches() : uncertainty.text(units));
    }

    /** Whether a reading of this tool may take the place of one of {@code other} without anybody being asked. */
    public boolean mayReplace(Tool other) {
        return trust >= other.trust;
    }

    /** Whether verdicts may rest on it: a value of another bike only after somebody confirmed it. */
    public boolean countsForVerdicts() {
        return this != OTHER_BIKE;
    }
}
