package hingeyard.core.booking;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Collectors;

/** Amounts of a need that cannot be. */
public final class RefusedNeedException extends IllegalArgumentException {

    private final transient Map<NeedAmount, String> said;
    private final transient Map<NeedAmount, String> faults;

    RefusedNeedException(Map<NeedAmount, String> said, Map<NeedAmount, String> faults) {
        super(faults.entrySet().stream()
                .map(f -> "%s: '%s' is not possible. Possible: %s.".formatted(f.getKey().title(), said.get(f.getKey()), f.getValue()))
                .collect(Collectors.joining(" ")) + " Nothing was saved.");
        this.said = Collections.unmodifiableMap(new LinkedHashMap<>(said));
        this.faults = Collections.unmodifiableMap(new LinkedHashMap<>(faults));
    }

    /** What was given for each. */
    public Map<NeedAmount, String> said() {
        return said;
    }

    /** What is possible, for each that cannot be. */
    public Map<NeedAmount, String> faults() {
        return faults;
    }
}
