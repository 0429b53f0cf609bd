package hingeyard.core.install;

import hingeyard.core.explain.Ruling;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** What may be done with a step now. */
public final class StepRules {

    private StepRules() {
    }

    /** The same where nothing is blocked. */
    public static Ruling mayStart(List<StepRun> runs, String key) {
        return mayStart(runs, key, Map.of());
    }

    /**
     * @param runs    every step of the job
     * @param key     the step to start
     * @param blocked why steps that mount certain roles cannot start, by role
     */
    public static Ruling mayStart(List<StepRun> runs, String key, Map<String, String> blocked) {
        StepRun run = find(runs, key);
        Optional<String> blocker = run.step().mounts().stream().sorted().filter(blocked::containsKey).map(blocked::get).findFirst();
        if (blocker.isPresent() && !run.finished()) {
            return Ruling.no("'%s' cannot start: %s.".formatted(run.step().title(), blocker.get()));
        }
        if (run.state() == StepState.RUNNING) {
            return Ruling.no("'%s' is running already, with %s.".formatted(run.step().title(), run.doer().orElse("somebody")));
        }
        if (run.state() != StepState.OPEN && run.state() != StepState.STUCK) {
            return Ruling.no("'%s' is done already.".formatted(run.step().title()));
        }
        for (StepRun other : runs) {
            Set<Milestone> shared = other.step().reaches().stream().filter(run.step().needs()::contains).collect(Collectors.toSet());
            if (!shared.isEmpty() && !other.finished() && other != run) {
                return Ruling.no(waitsFor(other));
            }
        }
        return runs.stream().filter(r -> r != run && r.state() == StepState.RUNNING && touches(run.step(), r.step())).findFirst()
                .map(r -> Ruling.no("%s is at the %s with '%s'.".formatted(r.doer().orElse("Somebody"),
                        zones(r.step()), r.step().title()))).orElseGet(Ruling::yes);
    }

    private static String waitsFor(StepRun other) {
        return other.state() == StepState.DONE ? "Waits for the second person to inspect '%s'.".formatted(other.step().title())
                : "Waits for '%s'.".formatted(other.step().title());
    }

    private static boolean touches(Step a, Step b) {
        return a.zones().stream().anyMatch(b.zones()::contains);
    }

    private static String zones(Step step) {
        return step.zones().stream().map(Zone::label).sorted().collect(Collectors.joining(" and "));
    }

    /**
     * @param run    the step
     * @param person who ticks it
     * @param stock  whether every part the step mounts is on hand
     */
    public static Ruling mayTick(StepRun run, String person, boolean stock) {
        if (run.state() != StepState.RUNNING) {
            return Ruling.no("'%s' is not running: start it first.".formatted(run.step().title()));
        }
        if (!stock) {
            return Ruling.no("'%s' mounts a part that is not on hand.".formatted(run.step().title()));
        }
        return run.doer().filter(d -> !d.equals(person)).map(d -> Ruling.no("'%s' is in %s's hands.".formatted(run.step().title(), d)))
                .orElseGet(Ruling::yes);
    }

    /** A hold point is inspected by somebody else than who did the step. */
    public static Ruling mayInspect(StepRun run, String person) {
        if (run.step().hold().isEmpty()) {
            return Ruling.no("'%s' is no hold point.".formatted(run.step().title()));
        }
        if (run.state() != StepState.DONE) {
            return Ruling.no("'%s' is not waiting for inspection.".formatted(run.step().title()));
        }
        return run.doer().filter(person::equals).map(d -> Ruling.no("A second person inspects: %s did this step.".formatted(d)))
                .orElseGet(Ruling::yes);
    }

    /**
     * Judges recorded figures.
     *
     * @return allowed when every figure is there and inside its window; else which one, what was read and what passes
     */
    public static Ruling judge(Step step, Map<String, BigDecimal> figures) {
        for (FigureWanted wanted : step.figures()) {
            BigDecimal read = figures.get(wanted.key());
            if (read == null) {
                return Ruling.no("%s is not recorded; %s passes.".formatted(wanted.name(), wanted.window()));
            }
            if (!wanted.passes(read)) {
                return Ruling.no("%s reads %s %s; %s passes, both ends included.".formatted(wanted.name(), read.toPlainString(), wanted.unit(),
                        wanted.window()));
            }
        }
        return Ruling.yes();
    }

    /** Whether every step is finished. */
    public static boolean allFinished(List<StepRun> runs) {
        return !runs.isEmpty() && runs.stream().allMatch(StepRun::finished);
    }

    private static StepRun find(List<StepRun> runs, String key) {
        return runs.stream().filter(r -> r.step().key().equals(key)).findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no step '" + key + "' on this job"));
    }
}
