package hingeyard.core.plan;

import hingeyard.core.plan.Schedule.Put;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.Collectors;

/**
 * Plans. The jobs are put in one after the other ({@code Schedule}); which comes before which is searched: from the better of a foreman's
 * order and the promised days, one job is moved or two change places at a time, and a worse order is followed for a while where it is not
 * worse than one that
 * was met some steps before (late acceptance). The number of steps is given, not the time, and chance is seeded: the same question has the
 * same plan.
 */
public final class Planner {

    /** Enough for a shop's weeks; about a second for sixty jobs. */
    public static final int THOROUGH = 3_000;
    /** For trying what might help. */
    public static final int QUICK = 300;
    /** Trying an order takes about this power of a shop's size, and a larger shop still wants an answer in seconds. */
    private static final long AFFORDABLE = 250_000_000L;
    private static final int STEADY_ROUNDS = 6;
    /** A job on another day than was wanted weighs as much as so many that change hands or stands. */
    private static final int DAY_OFF = 10;
    private static final int MEMORY = 60;
    /** A job that is not late is looked for so many times. */
    private static final int LOOKED_FOR = 4;
    private static final long SEED = 20_260_101L;

    private Planner() {
    }

    /** An order of jobs and what came of it. */
    private record Tried(int[] order, Put[][] put, Worth worth) {

        static Tried of(Schedule schedule, int[] order) {
            Put[][] put = schedule.put(order);
            return new Tried(order, put, schedule.worth(put));
        }

        static Tried better(Tried a, Tried b) {
            return b.worth.betterThan(a.worth) ? b : a;
        }
    }

    /**
     * How many orders a shop of this size tries in a second or so.
     *
     * @param most for small ones
     */
    public static int affordable(int jobs, int most) {
        long size = Math.max(1, jobs);
        return (int) Math.min(most, AFFORDABLE / (size * size * size));
    }

    /**
     * @param steps how many orders are tried at the most, 0 or more
     * @return the best plan met; every leg as early as the others let it
     */
    public static Plan plan(PlanQuestion question, int steps) {
        Schedule schedule = new Schedule(question);
        Tried start = Tried.better(Tried.of(schedule, schedule.promisedOrder()), Tried.of(schedule, schedule.foremansOrder()));
        return steady(question, search(schedule, start, 0, steps));
    }

    /**
     * Plans anew after something has changed, from how it was planned before: what need not move stays.
     *
     * @param steps how many orders are tried at the most; with 0 nothing but what changed moves
     */
    public static Plan again(PlanQuestion question, Plan before, int steps) {
        Schedule schedule = new Schedule(question, before);
        return steady(question, search(schedule, Tried.of(schedule, schedule.as(before.order())), 0, steps));
    }

    /**
     * What was agreed, carried on to now: every job stays in the same hands and on the same stands and is finished no day later, as far as
     * that is still possible; what has changed or is new is put in around them. Nothing is searched for.
     */
    public static Plan carriedOn(PlanQuestion question, Plan agreed) {
        Plan now = agreed;
        for (int round = 0; round < STEADY_ROUNDS; round++) {
            Schedule schedule = new Schedule(question, now);
            int[] order = schedule.as(now.order());
            Put[][] put = schedule.kept(order);
            schedule.settle(put, true);
            Plan next = schedule.plan(put, order);
            if (next.legs().equals(now.legs())) {
                return next;
            }
            now = next;
        }
        return now;
    }

    /**
     * The same with one job put in before all others.
     *
     * @throws IllegalArgumentException when there is no such job
     */
    public static Plan first(PlanQuestion question, Plan before, long job, int steps) {
        question.job(job);
        Schedule schedule = new Schedule(question, before);
        List<Long> order = new ArrayList<>(before.order());
        order.remove(job);
        order.add(0, job);
        return search(schedule, Tried.of(schedule, schedule.as(order)), 1, steps);
    }

    /**
     * A plan that takes some jobs as a better one has them, and leaves all others where they are. What cannot be had without the rest of
     * the better plan comes as near as it can: the answer is told before it is agreed to.
     *
     * @param accepted numbers of the jobs that change
     */
    public static Plan partly(PlanQuestion question, Plan plan, Plan better, Set<Long> accepted) {
        List<PlacedLeg> mixed = new ArrayList<>();
        plan.legs().stream().filter(l -> !accepted.contains(l.job())).forEach(mixed::add);
        better.legs().stream().filter(l -> accepted.contains(l.job())).forEach(mixed::add);
        Map<Long, LocalDateTime> wanted = new Plan(mixed, List.of(), plan.worth(), List.of()).finishes();
        List<Long> byRank = new ArrayList<>(question.jobs().stream().map(PlanJob::number).toList());
        byRank.sort(Comparator.comparingInt((Long j) -> rank((accepted.contains(j) ? better : plan).order(), j))
                .thenComparing(j -> !accepted.contains(j)));
        List<Long> byFinish = new ArrayList<>(byRank);
        byFinish.sort(Comparator.comparing(j -> wanted.getOrDefault(j, LocalDateTime.MAX)));
        List<Long> acceptedFirst = new ArrayList<>(byRank);
        acceptedFirst.sort(Comparator.comparing(j -> !accepted.contains(j)));
        Plan best = null;
        int least = Integer.MAX_VALUE;
        for (List<Long> order : List.of(byRank, byFinish, acceptedFirst, plan.order(), better.order())) {
            Plan from = new Plan(mixed, List.of(), plan.worth(), order);
            for (Plan tried : List.of(carriedOn(question, from), again(question, from, 0))) {
                int off = DAY_OFF * off(question, tried, wanted) + PlanDifference.of(question, from, tried).size();
                if (off < least) {
                    least = off;
                    best = tried;
                }
            }
        }
        return best;
    }

    /**
     * A better plan without what brings nothing: the jobs that it finishes earlier, and of all others as few as that takes. Where that
     * keeps
     * fewer promised days, the better plan itself; where nothing is earlier, the plan as it is.
     */
    public static Plan trimmed(PlanQuestion question, Plan plan, Plan better) {
        List<PlanDifference.Moved> lines = PlanDifference.of(question, plan, better);
        Set<Long> earlier = lines.stream().filter(m -> m.days() < 0).map(PlanDifference.Moved::job).collect(Collectors.toSet());
        if (earlier.isEmpty()) {
            return better.worth().late() < plan.worth().late() ? better : plan;
        }
        Plan less = partly(question, plan, better, earlier);
        boolean asGood = less.worth().unplanned() <= better.worth().unplanned() && less.worth().late() <= better.worth().late();
        return asGood && PlanDifference.of(question, plan, less).size() < lines.size() ? less : better;
    }

    private static int rank(List<Long> order, long job) {
        int at = order.indexOf(job);
        return at < 0 ? order.size() : at;
    }

    /** By how many days jobs are finished otherwise than wanted. */
    private static int off(PlanQuestion question, Plan plan, Map<Long, LocalDateTime> wanted) {
        Map<Long, LocalDateTime> is = plan.finishes();
        int off = 0;
        for (PlanJob job : question.jobs()) {
            LocalDateTime want = wanted.get(job.number());
            LocalDateTime have = is.get(job.number());
            if (want == null || have == null) {
                off += want == have ? 0 : Horizon.DAYS;
            } else {
                off += (int) Math.abs(ChronoUnit.DAYS.between(want.toLocalDate(), have.toLocalDate()));
            }
        }
        return off;
    }

    /** As a foreman would plan who takes whatever comes first: for comparing. */
    public static Plan firstComeFirstServed(PlanQuestion question) {
        Schedule schedule = new Schedule(question);
        return settled(schedule, schedule.foremansOrder());
    }

    /** A plan that stays as it is when it is planned again and nothing has changed. */
    private static Plan steady(PlanQuestion question, Plan plan) {
        Plan now = plan;
        for (int round = 0; round < STEADY_ROUNDS; round++) {
            Schedule schedule = new Schedule(question, now);
            Plan next = settled(schedule, schedule.as(now.order()));
            if (next.legs().equals(now.legs())) {
                return next;
            }
            now = next;
        }
        return now;
    }

    private static Plan settled(Schedule schedule, int[] order) {
        Put[][] put = schedule.put(order);
        schedule.settle(put);
        return schedule.plan(put, order);
    }

    /** @param fixed how many at the front stay there */
    private static Plan search(Schedule schedule, Tried start, int fixed, int steps) {
        SplittableRandom chance = new SplittableRandom(SEED);
        Tried now = start;
        Tried best = start;
        Worth[] memory = new Worth[MEMORY];
        Arrays.fill(memory, start.worth);
        int movable = schedule.size() - fixed;
        for (int step = 0; movable > 1 && step < steps; step++) {
            int[] order = now.order.clone();
            int from = fixed + chosen(schedule, now, fixed, chance);
            if (from > fixed && schedule.late(now.put, order[from]) > 0 && chance.nextBoolean()) {
                // One that is late comes before one that is not, or changes places with it.
                other(order, from, inTime(schedule, now, fixed, from, chance), chance.nextBoolean());
            } else {
                other(order, from, near(fixed, from, movable, chance), chance.nextInt(3) > 0);
            }
            if (Arrays.equals(order, now.order)) {
                continue;
            }
            Tried tried = Tried.of(schedule, order);
            int slot = step % MEMORY;
            if (tried.worth.compareTo(now.worth) <= 0 || tried.worth.compareTo(memory[slot]) <= 0) {
                now = tried;
            }
            if (now.worth.betterThan(memory[slot])) {
                memory[slot] = now.worth;
            }
            best = Tried.better(best, tried);
        }
        return settled(schedule, best.order);
    }

    /** One that is late as often as any; counted behind those that stay at the front. */
    private static int chosen(Schedule schedule, Tried now, int fixed, SplittableRandom chance) {
        int movable = now.order.length - fixed;
        int any = chance.nextInt(movable);
        if (chance.nextInt(2) == 0) {
            for (int i = 0; i < movable; i++) {
                int at = (any + i) % movable;
                if (schedule.late(now.put, now.order[fixed + at]) > 0) {
                    return at;
                }
            }
        }
        return any;
    }

    /** Near by more often than far: most plans are nearly right. */
    private static int near(int fixed, int from, int movable, SplittableRandom chance) {
        int any = fixed + chance.nextInt(movable);
        return chance.nextInt(4) > 0 ? fixed + Math.floorMod(from - fixed + 1 + chance.nextInt(8) - 5, movable) : any;
    }

    /** Somewhere before it, where one is put in that is not late, if that is soon met. */
    private static int inTime(Schedule schedule, Tried now, int fixed, int from, SplittableRandom chance) {
        int to = fixed + chance.nextInt(from - fixed);
        for (int i = 0; i < LOOKED_FOR && schedule.late(now.put, now.order[to]) > 0; i++) {
            to = fixed + chance.nextInt(from - fixed);
        }
        return to;
    }

    private static void other(int[] order, int from, int to, boolean moves) {
        if (moves) {
            move(order, from, to);
        } else {
            int job = order[from];
            order[from] = order[to];
            order[to] = job;
        }
    }

    private static void move(int[] order, int from, int to) {
        int job = order[from];
        if (from < to) {
            System.arraycopy(order, from + 1, order, from, to - from);
        } else {
            System.arraycopy(order, to, order, to + 1, from - to);
        }
        order[to] = job;
    }
}
