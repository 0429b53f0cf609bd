package hingeyard.core.install;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collection;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A kit comes off again: what was done is put right, the last thing first. Each step says what becomes of its work, see {@link Reverse};
 * where one mounts parts and says nothing, they come off.
 *
 * <p>
 * What was put on after something else comes off before it, also by way of steps that leave nothing to be put right: the hard order of the
 * installation, turned round. What is set to what is then on the bike, a brake to its wheel, comes when everything else is done, in the
 * installation's own order.
 */
public final class TakeOff {

    /** Before the key of the step whose work is put right. */
    public static final String PREFIX = "off-";

    /** In these the bike itself becomes another; what is read, proven and ridden leaves nothing behind. */
    private static final Set<Phase> CHANGING = EnumSet.complementOf(EnumSet.of(Phase.BOX, Phase.BENCH, Phase.BASELINE, Phase.POWER,
            Phase.FUNCTIONS, Phase.RIDE, Phase.CLOSE, Phase.OFF, Phase.AS_CAME));
    private static final Set<String> FOR_PUTTING_ON = Set.of("grease", "thread locker", "paint marker", "carbon paste");
    private static final String TORQUE_WRENCH = "torque wrench";
    private static final String HALF_DONE = "This step was only partly done: undo as much as was done. ";
    private static final int LEAST_MINUTES = 2;
    private static final int LONGEST_KEY = 60;
    private static final int NAMED = 3;

    private TakeOff() {
    }

    /**
     * @param steps in an order that keeps every hard rule
     * @param stays what stays other than the bike came, in sentences
     * @param keeps roles whose parts stay on the bike
     * @param said  what this order costs and saves
     */
    public record Plan(List<Step> steps, List<String> stays, Set<String> keeps, String said) {
    }

    /** Whether a step of this phase must say what becomes of its work. */
    public static boolean changes(Phase phase) {
        return CHANGING.contains(phase);
    }

    /** Whether anything of this was done that has to be put right. */
    public static boolean needed(List<StepRun> runs) {
        return runs.stream().anyMatch(r -> touched(r) && (mayChange(r.step()) || !r.step().mounts().isEmpty() && !onBench(r.step())));
    }

    /** Whether a step takes a kit off or ends that. */
    public static boolean isOf(Step step) {
        return step.phase().filter(p -> p == Phase.OFF || p == Phase.AS_CAME).isPresent();
    }

    /** Whether a kit comes off on this job, or came off and nothing came after it. */
    static boolean underWay(List<StepRun> runs) {
        return runs.stream().anyMatch(r -> isOf(r.step()) && r.state() != StepState.SKIPPED);
    }

    /** Whether hands were at it and it was not left out. */
    private static boolean touched(StepRun run) {
        return run.state() != StepState.OPEN && run.state() != StepState.SKIPPED;
    }

    private static boolean onBench(Step step) {
        return step.phase().filter(p -> p == Phase.BOX || p == Phase.BENCH).isPresent();
    }

    private static boolean mayChange(Step step) {
        return step.phase().map(CHANGING::contains).orElse(true)
                && step.reverse().map(r -> r.work().isPresent() || !r.stays().isBlank()).orElse(true);
    }

    /**
     * @param runs  every step of the job, in its order
     * @param parts names of what each role on the bill is, as a mechanic reads them
     * @param ends  steps of the library for every kit that comes off: those of {@link Phase#OFF} come first, the others last
     */
    public static Plan of(List<StepRun> runs, Map<String, List<String>> parts, Collection<Step> ends) {
        List<BitSet> before = before(runs);
        Set<String> first = ends.stream().filter(s -> s.phase().filter(Phase.OFF::equals).isPresent()).map(Step::key)
                .collect(Collectors.toSet());
        List<Step> taken = new ArrayList<>();
        List<String> stays = new ArrayList<>();
        Set<String> keeps = new HashSet<>();
        // The last thing done is the first to come off, wherever nothing forbids another order.
        List<Integer> made = new ArrayList<>();
        List<Integer> set = new ArrayList<>();
        Map<Integer, Step> steps = new HashMap<>();
        for (int i = runs.size() - 1; i >= 0; i--) {
            StepRun run = runs.get(i);
            if (!touched(run)) {
                continue;
            }
            run.step().reverse().filter(r -> r.work().isEmpty()).ifPresent(r -> {
                keeps.addAll(run.step().mounts());
                if (!r.stays().isBlank()) {
                    stays.add(0, r.stays());
                }
            });
            int at = i;
            // What two steps mounted together is off when the first of them is undone.
            Set<String> off = run.step().mounts().stream()
                    .filter(role -> runs.subList(0, at).stream().noneMatch(r -> touched(r) && r.step().mounts().contains(role)))
                    .collect(Collectors.toSet());
            Optional<Step> one = one(run, parts).map(s -> s.dismounting(off));
            if (one.isPresent()) {
                if (last(run.step())) {
                    set.add(0, i);
                } else {
                    Set<String> after = made.stream().filter(later -> before.get(later).get(at)).map(later -> key(runs.get(later).step()))
                            .collect(Collectors.toCollection(HashSet::new));
                    after.addAll(first);
                    taken.add(one.get().comingAfter(after));
                    made.add(i);
                }
                steps.put(i, one.get());
            }
        }
        Set<String> back = new HashSet<>(first);
        taken.forEach(s -> back.add(s.key()));
        for (int i : set) {
            Set<String> after = set.stream().filter(earlier -> before.get(i).get(earlier)).map(earlier -> key(runs.get(earlier).step()))
                    .collect(Collectors.toCollection(HashSet::new));
            after.addAll(back);
            taken.add(steps.get(i).comingAfter(after));
        }
        List<Step> all = new ArrayList<>(ends.stream().filter(s -> first.contains(s.key())).toList());
        all.addAll(taken);
        all.addAll(ends.stream().filter(s -> !first.contains(s.key())).toList());
        StepPlan order = StepPlanner.ordered(all);
        return new Plan(order.steps(), stays, keeps, order.said());
    }

    private static boolean last(Step step) {
        return step.reverse().flatMap(Reverse::work).filter(Reverse.PutBack::last).isPresent();
    }

    /** By place, which places come before it, also by way of others. The list keeps every hard rule, so one pass does. */
    private static List<BitSet> before(List<StepRun> runs) {
        List<BitSet> before = new ArrayList<>();
        for (int i = 0; i < runs.size(); i++) {
            BitSet mine = new BitSet();
            for (int j = 0; j < i; j++) {
                if (runs.get(i).step().waitsFor(runs.get(j).step())) {
                    mine.set(j);
                    mine.or(before.get(j));
                }
            }
            before.add(mine);
        }
        return before;
    }

    private static String key(Step step) {
        String key = PREFIX + step.key();
        return key.substring(0, Math.min(key.length(), LONGEST_KEY));
    }

    private static Optional<Step> one(StepRun run, Map<String, List<String>> parts) {
        Step step = run.step();
        boolean half = run.state() != StepState.DONE && run.state() != StepState.INSPECTED;
        Optional<Reverse.PutBack> work = step.reverse().flatMap(Reverse::work);
        if (work.isPresent()) {
            return Optional.of(putBack(step, work.get(), half));
        }
        if (!step.mounts().isEmpty()) {
            // What the bill does not name was not put on.
            List<String> names = step.mounts().stream().sorted().flatMap(r -> parts.getOrDefault(r, List.of()).stream()).distinct()
                    .toList();
            return step.reverse().isEmpty() && !onBench(step) && !names.isEmpty() ? Optional.of(off(step, names, half)) : Optional.empty();
        }
        return step.reverse().isEmpty() && mayChange(step) ? Optional.of(asBefore(step, half)) : Optional.empty();
    }

    private static Step.Builder like(Step step, String title, int minutes) {
        return Step.called(key(step), title).in(Phase.OFF).at(step.posture(), step.zones()).work(step.skill(), step.people(), minutes)
                .careful(step.cautions());
    }

    private static Step putBack(Step step, Reverse.PutBack work, boolean half) {
        Step.Builder built = like(step, work.title(), work.minutes()).text((half ? HALF_DONE : "") + work.text())
                .tools(work.tools().isEmpty() ? step.tools() : work.tools());
        if (!work.fastenings().isEmpty()) {
            built.guards("What was opened is closed again at its figure before anybody rides on it.");
        }
        int at = 0;
        for (Fastening fastening : work.fastenings()) {
            built.fasten(fastening);
            String what = fastening.what();
            built.record(new FigureWanted("torque-" + ++at, what.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + what.substring(1),
                    "N·m", fastening.torque().least().amount(), fastening.torque().greatest().amount(), TORQUE_WRENCH));
        }
        return built.step();
    }

    private static Step off(Step step, List<String> names, boolean half) {
        StringBuilder text = new StringBuilder(half ? HALF_DONE : "").append(String.join("; ", names)).append('.');
        for (Fastening f : step.fastenings()) {
            text.append(' ').append(loosened(f));
        }
        text.append(" Check thread, paint and seal of every part as you take it off, and bag it with the job number: the manager records ")
                .append("its condition.");
        return like(step, "Remove: " + shortly(step, names), half(step.minutes())).text(text.toString()).tools(loosening(step.tools()))
                .step();
    }

    /** Which way it turns is what is got wrong; and what locker holds wants warmth, not force. */
    private static String loosened(Fastening f) {
        String way = f.leftHand() ? "has a left-hand thread and comes off clockwise" : "comes off counter-clockwise";
        return "%s %s%s.".formatted(f.what().substring(0, 1).toUpperCase(java.util.Locale.ROOT) + f.what().substring(1), way,
                f.locker().contains("locker") ? "; warm it where its locker holds" : "");
    }

    private static Step asBefore(Step step, boolean half) {
        return like(step, "Put right: " + step.title(), half(step.minutes()))
                .text((half ? HALF_DONE : "")
                        + "The library does not say how this is put right; done as this tells it, the other way round: "
                        + step.text())
                .tools(step.tools()).step();
    }

    private static String shortly(Step step, List<String> names) {
        return names.size() > NAMED ? step.title() : names.stream().map(TakeOff::bare).collect(Collectors.joining(", "));
    }

    /** A part's line without its count and its place. */
    private static String bare(String line) {
        return line.replaceFirst("^\\d+ × ", "").replaceFirst(", (from the box|drawer .*|to order|not from stock.*)$", "");
    }

    /** Taking off takes half as long as putting on, rounded up: nothing is measured, centred or torqued. */
    private static int half(int minutes) {
        return Math.max(LEAST_MINUTES, (minutes + 1) / 2);
    }

    private static List<String> loosening(List<String> tools) {
        List<String> left = tools.stream().filter(t -> !FOR_PUTTING_ON.contains(t) && !t.startsWith(TORQUE_WRENCH)).toList();
        return left.isEmpty() ? List.of("bare hands") : left;
    }
}
