package hingeyard.core.install.library;

import hingeyard.core.install.Hazard;
import hingeyard.core.install.Phase;
import hingeyard.core.install.Posture;
import hingeyard.core.install.WheelPlace;
import hingeyard.core.install.Zone;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** The words a fragment may be written with, for its schema and for people who write one. */
public final class LibraryTerms {

    private LibraryTerms() {
    }

    /** Facts of a job and what each may be; an empty list where it may be anything. */
    public static Map<String, List<String>> facts() {
        Map<String, List<String>> facts = new LinkedHashMap<>();
        Arrays.stream(Fact.values()).forEach(f -> facts.put(f.key(), f.possible()));
        return facts;
    }

    public static List<String> phases() {
        return Phase.keys();
    }

    public static List<String> zones() {
        return Arrays.stream(Zone.values()).map(LibraryTerms::key).toList();
    }

    public static List<String> postures() {
        return Arrays.stream(Posture.values()).map(LibraryTerms::key).toList();
    }

    public static List<String> wheels() {
        return Arrays.stream(WheelPlace.values()).map(WheelPlace::label).toList();
    }

    public static List<String> hazards() {
        return Arrays.stream(Hazard.values()).map(Hazard::key).toList();
    }

    private static String key(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
