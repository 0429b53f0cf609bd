package hingeyard.core.quantity;

import java.util.Locale;

/** In which units somebody reads lengths, masses and speeds. The choice belongs to the person. */
public enum Units {
    METRIC,
    IMPERIAL;

    /** By its code, {@code metric} or {@code imperial}; metric for anything else. */
    public static Units of(String code) {
        return code != null && code.toLowerCase(Locale.ROOT).equals("imperial") ? IMPERIAL : METRIC;
    }
}
