package hingeyard.core.bike;

import hingeyard.core.quantity.Length;

/** What a measure is taken with. The uncertainty is the half width of the band around a reading. */
public enum Tool {
    TAPE("tape", Length.ofMillimetres(1)),
    CALIPER("caliper", Length.ofMicrometres(100)),
    STRING("string", Length.ofMillimetres(10)),
    MAGNET("magnet", Length.ZERO),
    LOOK("by eye", Length.ZERO),
    DATA_SHEET("maker's data sheet", Length.ofMicrometres(200)),
    ESTIMATE("estimated", Length.ofMillimetres(5));

    private final String label;
    private final Length uncertainty;

    Tool(String label, Length uncertainty) {
        this.label = label;
        this.uncertainty = uncertainty;
    }

    public String label() {
        return label;
    }

    public Length uncertainty() {
        return uncertainty;
    }
}
