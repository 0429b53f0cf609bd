package hingeyard.core.install.library;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Finds steps on which people's safety hangs and that nobody is kept from leaving out. */
public final class GuardLint {

    private static final String UNSAID = "People's safety hangs on it.";

    private static final Set<String> HOLDS_THE_WHEEL = Set.of("torque-arm", "torque-arm-adjustable", "safety-washer", "axle-hardware");
    private static final int LONGEST = 160;

    /**
     * What a step does tells that it stays: the wheel in its slots, brakes and steering, volts and poles, insulation, the ride, the last
     * round with the wrench.
     */
    private enum Guarded {
        WHEEL("holds the wheel", s -> s.mounts().stream().anyMatch(HOLDS_THE_WHEEL::contains)),
        BRAKES("makes the bike stop", s -> "brakes".equals(s.phase()) || s.mounts().contains("rear-brake")),
        STEERING("makes it steer", s -> s.mounts().contains("steering-cable")),
        VOLTS("reads volts or finds poles", s -> s.figures().stream().anyMatch(f -> "V".equals(f.unit()))),
        INSULATION("keeps a lead from being cut or pinched", s -> s.mounts().contains("axle-guard") || s.key().equals("continuity")),
        RIDE("tries the bike on the road", s -> "ride".equals(s.phase())),
        AGAIN("tightens again what matters", s -> s.key().startsWith("retorque") || s.key().endsWith("-again"));

        private final String does;
        private final Predicate<StepText> is;

        Guarded(String does, Predicate<StepText> is) {
            this.does = does;
            this.is = is;
        }
    }

    private GuardLint() {
    }

    /**
     * A shop's own fragment that was written before steps said what they guard: each takes over what the shipped step of its name says, and
     * whoever must say it
     * and has no such step is kept in all the same.
     */
    public static FragmentText completed(FragmentText own, List<FragmentText> shipped) {
        Map<String, String> said = shipped.stream().flatMap(f -> f.steps().stream()).filter(s -> s.guards() != null)
                .collect(Collectors.toMap(StepText::key, StepText::guards, (a, b) -> a));
        return own
                .with(own.steps().stream()
                        .map(s -> s.guards() != null ? s
                                : said.containsKey(s.key()) ? s.guarding(said.get(s.key())) : of(s).isEmpty() ? s : s.guarding(UNSAID))
                        .toList());
    }

    /** What is wrong with a step; nothing when it may be left out, or says why not. */
    static List<String> of(StepText step) {
        if (step.guards() != null) {
            boolean sentence = step.guards().length() <= LONGEST && step.guards().endsWith(".")
                    && Character.isUpperCase(step.guards().codePointAt(0));
            return sentence ? List.of()
                    : List.of("is no sentence of at most %d letters: say what happens to people without it".formatted(LONGEST));
        }
        return step.hold() != null ? List.of() : Stream.of(Guarded.values()).filter(g -> g.is.test(step))
                .map(g -> "is missing: it %s, so nobody leaves it out; say what happens without it".formatted(g.does)).limit(1).toList();
    }
}
