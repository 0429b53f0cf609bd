package hingeyard.core.commission;

import hingeyard.core.install.Blocker;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** What is wrong with a symptom finder: an end that leads nowhere helps nobody at a stand. */
public final class SymptomLint {

    private static final int LEAST_CAUSES = 2;

    private SymptomLint() {
    }

    /** @param steps keys of every step the library has */
    public static List<String> of(List<Symptom> symptoms, Set<String> steps) {
        List<String> faults = new ArrayList<>();
        Set<String> ids = new HashSet<>();
        for (Symptom s : symptoms) {
            if (!ids.add(s.id())) {
                faults.add("symptom '" + s.id() + "' stands twice");
            }
            if (s.causes().size() < LEAST_CAUSES) {
                faults.add("symptom '" + s.id() + "' has fewer than two causes: there is nothing to find");
            }
            s.steps().stream().filter(k -> !steps.contains(k)).forEach(k -> faults.add("symptom '" + s.id() + "': no step '" + k + "'"));
            Set<String> causes = new HashSet<>();
            for (Symptom.Cause c : s.causes()) {
                String where = "symptom '" + s.id() + "', cause '" + c.id() + "': ";
                if (!causes.add(c.id())) {
                    faults.add(where + "stands twice");
                }
                if (c.step().isBlank() == c.stop().isBlank()) {
                    faults.add(where + "ends in a step or in a stop, one of them");
                }
                if (!c.step().isBlank() && !steps.contains(c.step())) {
                    faults.add(where + "no step '" + c.step() + "'");
                }
                if (!c.stop().isBlank() && Arrays.stream(Blocker.Kind.values()).noneMatch(k -> k.name().equals(c.stop()))) {
                    faults.add(where + "no kind of stop '" + c.stop() + "'");
                }
            }
        }
        return faults;
    }
}
