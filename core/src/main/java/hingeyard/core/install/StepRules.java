package hingeyard.core.install;

import hingeyard.core.explain.Ruling;
import hingeyard.core.people.SecondPerson;
import hingeyard.core.people.Skills;
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
        return mayStart(runs, find(runs, key), blocked);
    }

    /** The same for one of the job's steps. */
    public static Ruling mayStart(List<StepRun> runs, StepRun run, Map<String, String> blocked) {
        Optional<String> blocker = blocked.isEmpty() || run.finished() ? Optional.empty()
                : run.step().mounts().stream().sorted().filter(blocked::containsKey).map(blocked::get).findFirst();
        if (blocker.isPresent()) {
            return Ruling.no("'%s' cannot start: %s.".formatted(run.step().title(), blocker.get()));
        }
        if (run.state() == StepState.RUNNING) {
            return Ruling.no("'%s' is running already, with %s.".formatted(run.step().title(), run.doer().orElse("somebody")));
        }
        if (run.state() != StepState.OPEN && run.state() != StepState.STUCK && run.state() != StepState.PAUSED) {
            return Ruling.no("'%s' is done already.".formatted(run.step().title()));
        }
        List<StepRun> open = runs.stream().filter(r -> r != run && !r.finished() && run.step().waitsFor(r.step())).toList();
        if (!open.isEmpty()) {
            return Ruling.no(waitsFor(open));
        }
        return runs.stream().filter(r -> r != run && r.state() == StepState.RUNNING).flatMap(r -> clash(run.step(), r).stream()).findFirst()
                .map(Ruling::no).orElseGet(Ruling::yes);
    }

    /** Why a step cannot run beside one that runs: hands in the same place, the bike otherwise, or power where the battery must be out. */
    private static Optional<String> clash(Step step, StepRun running) {
        Step other = running.step();
        String who = running.doer().orElse("Somebody");
        if (touches(step, other)) {
            return Optional.of("%s is at the %s with '%s'.".formatted(who, zones(other), other.title()));
        }
        if (step.posture() != other.posture() && step.posture() != Posture.ANY && other.posture() != Posture.ANY) {
            return Optional.of("%s needs the bike %s for '%s'; this step needs it %s.".formatted(who, other.posture().label(),
                    other.title(), step.posture().label()));
        }
        // A battery on the bench powers nothing on the bike.
        boolean onTheBike = !step.zones().contains(Zone.BENCH) && !other.zones().contains(Zone.BENCH);
        if (onTheBike && step.batteryIn() && !other.batteryIn()) {
            return Optional.of(
                    "%s works with the battery out at '%s'; this step needs it in. Ask first, then wait.".formatted(who, other.title()));
        }
        return onTheBike && !step.batteryIn() && other.batteryIn()
                ? Optional.of("The battery is in for %s's '%s'; this step needs it out.".formatted(who, other.title())) : Optional.empty();
    }

    /**
     * The manager leaves a step out. Hold points stay, and so does every step that says what it guards: people's safety hangs on them.
     * Steps that mount a part
     * of the bill stay too; the bill is revised instead.
     */
    public static Ruling maySkip(StepRun run) {
        String title = run.step().title();
        if (run.step().hold().isPresent()) {
            return Ruling.no("'%s' is a hold point: it is never left out.".formatted(title));
        }
        if (run.step().guards().isPresent()) {
            return Ruling.no("'%s' is never left out. %s".formatted(title, run.step().guards().get()));
        }
        if (!run.step().mounts().isEmpty()) {
            return Ruling.no("'%s' mounts parts of the bill: revise the bill instead.".formatted(title));
        }
        if (!run.step().dismounts().isEmpty()) {
            return Ruling.no("'%s' takes parts of the bill off the bike: they go back or are paid for.".formatted(title));
        }
        return run.state() == StepState.OPEN || run.state() == StepState.STUCK || run.state() == StepState.PAUSED ? Ruling.yes()
                : Ruling.no("'%s' is %s: only a step that is still to be done is left out.".formatted(title,
                        run.state() == StepState.SKIPPED ? "left out already" : run.state() == StepState.RUNNING ? "running" : "done"));
    }

    /**
     * The manager puts a step to another place in the list.
     *
     * @param runs every step of the job, in its order
     * @param to   its place afterwards, from 0
     */
    public static Ruling mayMove(List<StepRun> runs, String key, int to) {
        StepRun run = find(runs, key);
        int from = runs.indexOf(run);
        if (to < 0 || to >= runs.size()) {
            return Ruling.no("There is no place %d in this list; its places are 1 to %d.".formatted(to + 1, runs.size()));
        }
        for (StepRun passed : runs.subList(Math.min(from, to), Math.max(from, to) + 1)) {
            boolean before = to < from ? run.step().waitsFor(passed.step()) : passed.step().waitsFor(run.step());
            if (passed != run && before) {
                return to < from
                        ? Ruling.no("'%s' comes after '%s': that order is a hard one.".formatted(run.step().title(), passed.step().title()))
                        : Ruling.no(
                                "'%s' comes before '%s': that order is a hard one.".formatted(run.step().title(), passed.step().title()));
            }
        }
        return Ruling.yes();
    }

    /**
     * A step is left half done by whoever is at it, with a note for whoever goes on; by the manager for somebody who fell ill or left, who
     * looks first how far it came.
     */
    public static Ruling mayPause(StepRun run, String person, boolean manager) {
        return run.state() != StepState.RUNNING ? Ruling.no("'%s' is not running.".formatted(run.step().title()))
                : run.doer().filter(d -> !manager && !d.equals(person))
                        .map(d -> Ruling.no(
                                "'%s' is in %s's hands: the note is theirs or the manager's to write.".formatted(run.step().title(), d)))
                        .orElseGet(Ruling::yes);
    }

    /**
     * A ticked step is undone by who did it or by the manager, and only while nothing stands on it.
     *
     * @param runs every step of the job
     */
    public static Ruling mayUndo(List<StepRun> runs, String key, String person, boolean manager) {
        return mayUndo(runs, find(runs, key), person, manager);
    }

    /** The same for one of the job's steps. */
    public static Ruling mayUndo(List<StepRun> runs, StepRun run, String person, boolean manager) {
        if (run.state() != StepState.DONE && run.state() != StepState.INSPECTED) {
            return Ruling.no("'%s' is not done: there is nothing to undo.".formatted(run.step().title()));
        }
        if (!TakeOff.isOf(run.step()) && TakeOff.underWay(runs)) {
            return Ruling.no("The kit is being removed: '%s' stays on record as it was done.".formatted(run.step().title()));
        }
        if (!manager && run.doer().filter(person::equals).isEmpty()) {
            return Ruling.no("%s did '%s': they or the manager undo it.".formatted(run.doer().orElse("Somebody else"), run.step().title()));
        }
        return runs.stream()
                .filter(r -> r != run && r.state() != StepState.OPEN && r.state() != StepState.SKIPPED && r.step().waitsFor(run.step()))
                .findFirst()
                .map(r -> Ruling.no("'%s' stands on it: undo that first.".formatted(r.step().title()))).orElseGet(Ruling::yes);
    }

    /** The first of them is what can be done about it. */
    private static String waitsFor(List<StepRun> open) {
        StepRun first = open.get(0);
        String more = open.size() == 1 ? "" : ", and then %d more".formatted(open.size() - 1);
        return first.state() == StepState.DONE ? "Waits for the second person to inspect '%s'%s.".formatted(first.step().title(), more)
                : "Waits for '%s'%s.".formatted(first.step().title(), more);
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

    /**
     * A hold point is inspected, and accepted or not, by somebody who had no hand in the step; so is what somebody did who is not skilled
     * in
     * it, and then by somebody who is.
     *
     * @param hands  everybody who was at it on this job, also before it was handed over
     * @param skills what that person is skilled in
     */
    public static Ruling mayInspect(StepRun run, Set<String> hands, String person, Skills skills) {
        if (!run.wantsSecond()) {
            return Ruling.no("'%s' is no hold point.".formatted(run.step().title()));
        }
        if (run.state() != StepState.DONE) {
            return Ruling.no("'%s' is not waiting for inspection.".formatted(run.step().title()));
        }
        if (run.doer().filter(person::equals).isPresent()) {
            return Ruling.no("You did this step: a second person inspects it.");
        }
        if (hands.contains(person)) {
            return Ruling.no("You were at this step before it was handed over: somebody who was not inspects it.");
        }
        return run.second().map(skill -> SecondPerson.mayLook(skill, skills)).orElseGet(Ruling::yes);
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
                return Ruling
                        .no("%s reads %s %s; %s passes, both ends included.".formatted(wanted.name(), read.toPlainString(), wanted.unit(),
                                wanted.window()));
            }
        }
        return Ruling.yes();
    }

    /**
     * Whether the battery may still be in from a step that wanted it: one that runs, was left half done or is stuck. On the bench it powers
     * nothing on the bike.
     */
    public static boolean batteryMayBeIn(List<StepRun> runs) {
        return runs.stream().filter(r -> r.state() == StepState.RUNNING || r.state() == StepState.PAUSED || r.state() == StepState.STUCK)
                .anyMatch(r -> r.step().powersBike());
    }

    /** Nobody says that the battery is out of a bike on which a step runs with power. */
    public static Ruling mayHoldBatteryOut(List<StepRun> runs) {
        return runs.stream().filter(r -> r.state() == StepState.RUNNING && r.step().powersBike()).findFirst()
                .map(r -> Ruling.no("The battery is in for '%s', with %s: they finish or hand over first.".formatted(r.step().title(),
                        r.doer().orElse("somebody"))))
                .orElseGet(Ruling::yes);
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
