package hingeyard.core.install.library;

import java.util.List;
import java.util.Map;

/**
 * A piece of the step library as it is written.
 *
 * @param fragment id, kebab-case, unique
 * @param version  counts up with every change, from 1
 * @param title    what work it is
 * @param addable  whether the manager may add it to a job whose kit does not ask for it
 * @param when     facts of a job that must hold, each with one of its values
 * @param unless   facts that must not
 * @param steps    in the order told; each follows the one above it unless it says otherwise
 */
public record FragmentText(String fragment, int version, String title, boolean addable, Map<String, List<String>> when,
        Map<String, List<String>> unless, List<StepText> steps) {

    public FragmentText {
        when = when == null ? Map.of() : when;
        unless = unless == null ? Map.of() : unless;
        steps = steps == null ? List.of() : List.copyOf(steps);
    }

    /** The same fragment with these steps. */
    FragmentText with(List<StepText> others) {
        return new FragmentText(fragment, version, title, addable, when, unless, others);
    }
}
