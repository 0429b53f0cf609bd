package hingeyard.core.install;

import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What is to be done again when other parts go on. A step that mounts such a part, and whatever came after it at the same place and was
 * tightened, read,
 * inspected or mounted there: the nut that was torqued over the old spacer says nothing of the new one.
 */
public final class Redo {

    private Redo() {
    }

    /**
     * @param steps   every step of the job
     * @param changed roles whose parts are others now
     * @return keys of the steps that have to be done again where they are done, in the list's order
     */
    public static Set<String> of(List<Step> steps, Set<String> changed) {
        Set<Step> again = new LinkedHashSet<>(steps.stream().filter(s -> s.mounts().stream().anyMatch(changed::contains)).toList());
        boolean more = !again.isEmpty();
        while (more) {
            List<Step> next = steps.stream()
                    .filter(s -> !again.contains(s) && says(s) && again.stream().anyMatch(a -> s.waitsFor(a) && meet(a, s))).toList();
            more = again.addAll(next);
        }
        return steps.stream().filter(again::contains).map(Step::key).collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** Whether a step leaves something behind that a change could make untrue. */
    private static boolean says(Step step) {
        return !step.fastenings().isEmpty() || !step.figures().isEmpty() || step.hold().isPresent() || step.guards().isPresent()
                || !step.mounts().isEmpty();
    }

    private static boolean meet(Step earlier, Step later) {
        return places(earlier).stream().anyMatch(places(later)::contains);
    }

    /** Where it is done; a wheel that is made ready on the bench comes out of the bike again. */
    private static Set<Zone> places(Step step) {
        Set<Zone> places = EnumSet.noneOf(Zone.class);
        places.addAll(step.zones());
        if (step.phase().filter(Phase.WHEEL::equals).isPresent() && places.remove(Zone.BENCH)) {
            places.add(Zone.FRONT_WHEEL);
            places.add(Zone.REAR_WHEEL);
        }
        places.remove(Zone.BENCH);
        return places;
    }
}
