package hingeyard.core.install.library;

import hingeyard.core.install.Phase;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * A run of work after which a bike may rest, overnight or on the rack.
 *
 * @param title  what it is called in a plan
 * @param phases what belongs to it, in their order
 * @param strip  whether it is done on the test strip
 */
public record LegPart(String title, List<Phase> phases, boolean strip) {

    private static final int LONGEST = 40;

    public LegPart {
        phases = List.copyOf(phases);
    }

    /** What is wrong with a library's parts: each phase belongs to one, and the phases of one come before those of the next. */
    static List<String> faults(List<LegPart> parts) {
        List<String> faults = new ArrayList<>();
        Set<Phase> met = new HashSet<>();
        Set<String> titles = new HashSet<>();
        int last = -1;
        for (LegPart part : parts) {
            if (part.title.isBlank() || part.title.length() > LONGEST || !titles.add(part.title)) {
                faults.add("'%s' is no title of its own of 1 to %d letters".formatted(part.title, LONGEST));
            }
            if (part.phases.isEmpty()) {
                faults.add("'%s' has no phase".formatted(part.title));
            }
            for (Phase phase : part.phases) {
                if (!met.add(phase)) {
                    faults.add("the phase '%s' stands twice".formatted(phase.label()));
                }
                if (phase.ordinal() < last) {
                    faults.add("the phase '%s' of '%s' comes before one that was told already".formatted(phase.label(), part.title));
                }
                last = Math.max(last, phase.ordinal());
            }
        }
        List.of(Phase.values()).stream().filter(p -> !met.contains(p))
                .forEach(p -> faults.add("the phase '%s' belongs to no leg".formatted(p.label())));
        return faults;
    }

    /**
     * The same parts, if they are whole.
     *
     * @throws IllegalArgumentException naming everything that is wrong
     */
    public static List<LegPart> checked(List<LegPart> parts) {
        List<String> faults = faults(parts);
        if (!faults.isEmpty()) {
            throw new IllegalArgumentException("legs: " + String.join("; ", faults));
        }
        return List.copyOf(parts);
    }
}
