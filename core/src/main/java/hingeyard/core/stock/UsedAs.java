package hingeyard.core.stock;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;

/**
 * What a part of the drawers is used as: the words by which checks, steps and bills ask for it. A part under any other word would lie there
 * unasked for ever.
 */
public final class UsedAs {

    private static final Set<String> PLAIN = Set.of("axle-guard", "axle-washer", "bar-sleeve", "battery", "battery-clamp", "battery-strap",
            "boom-mount", "bracket-spacer", "brake-cable", "brake-pads", "cable-separator",
            "caliper-washer", "chainring", "chainring-spacer", "clip-on-cut-off", "closing-link", "combined-lever", "crank-spacer",
            "display-mount", "freewheel-washer", "gear-shim", "grease", "grips",
            "insert", "kit-box", "lamp", "lead-extension", "levers", "light-converter", "light-relay", "link-bearings", "locker",
            "loom-wrap", "magnet", "magnet-ring", "motor-band", "motor-block", "other", "plate-spacer",
            "plug", "plug-adapter", "port-cap", "rail", "rail-stand-off", "rear-brake-set", "rim-tape", "rotor-adapter", "rotor-bolt",
            "rotor-shim", "safety-washer", "seat-plate", "sensor-mount",
            "steerer-spacer", "steering-cable", "thru-axle-adapter-front", "thru-axle-adapter-rear", "tie", "torque-arm",
            "torque-arm-adjustable", "tube", "tube-sleeve", "tyre", "wireless-sensor");
    /** Those that carry a figure or a standard of their own. */
    private static final List<String> FAMILIES = List.of("bolt-m#", "cassette-#", "chain-#", "charger-#s", "freewheel-#", "rotor-six-bolt",
            "rotor-splined", "shifter-#", "sleeve-*", "supply-lead-#");
    private static final Pattern SHAPE = Pattern.compile(
            "bolt-m\\d{1,2}|(?:cassette|chain|freewheel|shifter|supply-lead)-\\d{1,2}|charger-\\d{1,2}s|rotor-(?:six-bolt|splined)|sleeve-[a-z0-9-]+");

    private UsedAs() {
    }

    /** Whether anything asks for parts by this word. */
    public static boolean known(String use) {
        return PLAIN.contains(use) || SHAPE.matcher(use).matches();
    }

    /** The words there are, those with a figure as {@code chain-#}. */
    public static List<String> words() {
        Set<String> all = new TreeSet<>(PLAIN);
        all.addAll(FAMILIES);
        return List.copyOf(all);
    }

    /** The words that begin alike, or that contain the same, for whoever mistyped one; all of them where none does. */
    public static List<String> like(String use) {
        String head = use.split("-")[0];
        List<String> near = words().stream().filter(w -> !head.isEmpty() && w.contains(head)).toList();
        return near.isEmpty() ? words() : near;
    }
}
