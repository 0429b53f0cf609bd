package hingeyard.core.install.library;

import hingeyard.core.install.Phase;
import hingeyard.core.install.TakeOff;
import hingeyard.core.install.library.StepText.BackText;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Finds steps that change the bike and do not say what becomes of it when the kit comes off again. */
public final class ReverseLint {

    private static final int LEAST_TEXT = 60;
    private static final int LONGEST = 200;

    /** @param field of the step that is wrong */
    record Fault(String field, String reason) {
    }

    private ReverseLint() {
    }

    /** A shop's own fragment that was written before steps said it: each takes over what the shipped step of its name says. */
    public static FragmentText completed(FragmentText own, List<FragmentText> shipped) {
        Map<String, StepText> said = shipped.stream().flatMap(f -> f.steps().stream()).filter(s -> s.back() != null || s.leaves() != null)
                .collect(Collectors.toMap(StepText::key, s -> s, (a, b) -> a));
        return own.with(own.steps().stream().map(s -> s.back() != null || s.leaves() != null ? s
                : Optional.ofNullable(said.get(s.key())).map(k -> s.reversed(k.back(), k.leaves())).orElse(s)).toList());
    }

    /** @param tools every tool the shop names */
    static List<Fault> of(StepText step, Set<String> tools) {
        List<Fault> faults = new ArrayList<>();
        boolean mustSay = step.mounts().isEmpty() && Phase.find(step.phase()).filter(TakeOff::changes).isPresent();
        if (step.back() != null && step.leaves() != null) {
            faults.add(new Fault("leaves", "says what stays where 'back' says how it is put right: one of the two"));
        } else if (mustSay && step.back() == null && step.leaves() == null) {
            faults.add(new Fault("leaves",
                    "is missing: say how it is put 'back' when the kit comes off, what it leaves, or 'nothing' where it changes nothing"));
        }
        if (step.leaves() != null && !step.leaves().equals(StepMaker.NOTHING)
                && !(step.leaves().length() <= LONGEST && step.leaves().endsWith(".")
                        && Character.isUpperCase(step.leaves().codePointAt(0)))) {
            faults.add(new Fault("leaves",
                    "is neither 'nothing' nor a sentence of at most %d letters for the bike's owner".formatted(LONGEST)));
        }
        if (step.back() != null) {
            back(step, step.back(), tools, faults);
        }
        return faults;
    }

    private static void back(StepText step, BackText back, Set<String> tools, List<Fault> faults) {
        if (back.text().strip().length() < LEAST_TEXT) {
            faults.add(new Fault("back",
                    "of %d letters; at least %d tell a mechanic enough".formatted(back.text().strip().length(), LEAST_TEXT)));
        }
        back.tools().stream().filter(t -> !tools.contains(t))
                .forEach(t -> faults.add(new Fault("back", "'%s' is no tool of the shop's list".formatted(t))));
        List<String> taken = back.tools().isEmpty() ? step.tools() : back.tools();
        back.fasten().forEach(f -> FastenerLint.fastener(f, taken).forEach(w -> faults.add(new Fault("back", w))));
    }
}
