package hingeyard.core.plan;

import hingeyard.core.floor.Stand;
import hingeyard.core.people.Skill;
import hingeyard.core.plan.Hands.Room;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Puts jobs in one after the other, each leg as early as hands, stand and waits allow beside what is in already. A bike keeps its stand
 * from the first leg there to the last; only where a wait comes between, it hangs in the rack meanwhile, unless it is on the stand now.
 */
final class Schedule {

    /** Somebody stays with a bike when they finish no later than this many minutes after whoever would finish first. */
    static final int STAYS_WITH_IT = 30;
    private static final int MOST_PASSES = 20;

    /**
     * Whoever may do a leg.
     *
     * @param worker  number
     * @param learned what somebody skilled has to look at afterwards
     */
    record Candidate(int worker, int minutes, Set<Skill> learned) {
    }

    /**
     * A leg as it was put.
     *
     * @param stand number among the stands; -1 on none
     */
    record Put(int worker, int stand, Room room, int looked, Set<Skill> learned) {
    }

    /** What is known of a job before anything is put anywhere. */
    private final class Job {
        final PlanJob job;
        /** No earlier: the bike's arrival, the manager's word. */
        final int ready;
        final int due;
        final int weight;
        /** The stand it is on now, as a number among the stands; -1 on none. */
        final int on;
        final boolean[] carried = new boolean[question.stands().size()];
        final List<List<Candidate>> candidates = new ArrayList<>();
        /** By leg: the last leg of the stay that begins with it; -1 where none begins. */
        final int[] stays;
        final int[] waits;
        /** By leg: time that passes before it; null where none has to. */
        final Leg.Rested[] rests;
        /** By leg: the special tools it takes, as numbers. */
        final int[][] tools;
        Plan.Unplanned lacks;
        /** By leg: whose hands and which stand it was planned for before, as numbers; -1 where it was not. */
        final int[] wasHands;
        final int[] wasStand;
        /** By leg: when it was to begin; -1 where it was not planned. */
        final int[] wasStart;
        /** The day it was to be finished; -1 where it was not planned. */
        final int wasDay;

        Job(PlanJob job, Plan before) {
            this.job = job;
            wasHands = new int[job.legs().size()];
            wasStand = new int[job.legs().size()];
            Arrays.fill(wasHands, -1);
            Arrays.fill(wasStand, -1);
            wasStart = new int[job.legs().size()];
            Arrays.fill(wasStart, -1);
            List<PlacedLeg> was = before.of(job.number());
            // Legs are told apart by what is done in them: those that are done since are gone.
            for (PlacedLeg leg : was) {
                for (int i = 0; i < wasHands.length; i++) {
                    if (same(leg.leg(), job.legs().get(i))) {
                        wasHands[i] = workerOf(leg.person());
                        wasStand[i] = leg.stand().map(Schedule.this::standOf).orElse(-1);
                        wasStart[i] = horizon.minute(leg.start());
                    }
                }
            }
            wasDay = was.isEmpty() ? -1 : horizon.minute(was.get(was.size() - 1).looked()) / Horizon.DAY;
            ready = Math.max(horizon.now(), job.pin().notBefore().map(LocalDate::atStartOfDay).map(horizon::minute).orElse(0));
            due = job.promised().map(horizon::number).orElse(-1);
            weight = switch (job.priority()) {
                case FIRST -> 4;
                case USUAL -> 2;
                case CAN_WAIT -> 1;
            };
            on = job.stand().map(Schedule.this::standOf).orElse(-1);
            waits = job.legs().stream().mapToInt(l -> l.waits().stream().mapToInt(w -> horizon.minute(w.until())).max().orElse(0))
                    .toArray();
            rests = job.legs().stream().map(l -> l.rest().orElse(null)).toArray(Leg.Rested[]::new);
            tools = job.legs().stream().map(l -> IntStream.range(0, boards.length)
                    .filter(t -> l.tools().contains(question.tools().get(t).name())).toArray()).toArray(int[][]::new);
            stays = stays();
            for (int s = 0; s < carried.length; s++) {
                Stand stand = question.stands().get(s);
                carried[s] = stand.mayCarry(job.bike(), job.kit(), List.of()).allowed()
                        && job.pin().allowsOn(stand.number());
            }
            job.legs().forEach(l -> candidates.add(candidates(l, job.pin())));
            lacks = lacking().orElse(null);
        }

        private static boolean same(Leg was, Leg is) {
            return is.steps().isEmpty() ? was.steps().isEmpty() && was.ordinal() == is.ordinal()
                    : was.steps().contains(is.steps().get(is.steps().size() - 1));
        }

        private int[] stays() {
            List<Leg> legs = job.legs();
            int[] last = new int[legs.size()];
            Arrays.fill(last, -1);
            int begun = -1;
            int end = -1;
            for (int i = 0; i < legs.size(); i++) {
                LegPlace place = legs.get(i).place();
                boolean onNow = on >= 0 && (begun == 0 || i == 0);
                boolean breaks = place == LegPlace.STRIP || !onNow && waits[i] > ready && end >= 0;
                if (breaks && begun >= 0) {
                    last[begun] = end;
                    begun = -1;
                    end = -1;
                }
                if (place == LegPlace.STAND || onNow && place != LegPlace.STRIP) {
                    begun = begun < 0 ? i : begun;
                    end = i;
                }
            }
            if (begun >= 0) {
                last[begun] = end;
            }
            return last;
        }

        /** What there is not for it. */
        private Optional<Plan.Unplanned> lacking() {
            for (int i = 0; i < candidates.size(); i++) {
                Leg leg = job.legs().get(i);
                if (candidates.get(i).isEmpty()) {
                    return Optional.of(nobody(leg));
                }
                if (candidates.get(i).stream().allMatch(c -> looker(c, leg.hold()).isPresent()
                        && looker(c, leg.hold()).get().isEmpty())) {
                    return Optional.of(new Plan.Unplanned(job.number(), "Nobody could look at '%s' when it is done.".formatted(leg.title()),
                            "Somebody else who works here has to be skilled in it, or comes from outside the shop."));
                }
            }
            boolean somewhere = false;
            for (boolean c : carried) {
                somewhere |= c;
            }
            boolean wants = Arrays.stream(stays).anyMatch(s -> s >= 0) && on < 0;
            if (wants && !somewhere) {
                return Optional.of(new Plan.Unplanned(job.number(), job.pin().stand().isPresent()
                        ? "It is to be on stand %d, which does not carry it or is not there.".formatted(job.pin().stand().get())
                        : job.pin().notOn().isPresent()
                                ? "No stand but %d, on which it is not to be, is rated for the bike with its kit."
                                        .formatted(job.pin().notOn().get())
                                : "No stand is rated for the bike with its kit.",
                        "Another stand, or none said."));
            }
            return Optional.empty();
        }

        private Plan.Unplanned nobody(Leg leg) {
            List<String> without = new TreeSet<>(leg.skills()).stream()
                    .filter(s -> question.workers().stream().noneMatch(w -> w.skills().grade(s).isPresent())).map(Skill::label).toList();
            Optional<String> said = leg.doer().or(() -> job.pin().person());
            if (!without.isEmpty()) {
                return new Plan.Unplanned(job.number(), "Nobody here does %s, which '%s' takes.".formatted(String.join(" and ", without),
                        leg.title()), "Enter who is skilled in it or learns it, or have it done outside the shop.");
            }
            if (said.isPresent()) {
                return new Plan.Unplanned(job.number(), "%s cannot do '%s': not in, or not skilled in it.".formatted(said.get(),
                        leg.title()), "Somebody else takes it over.");
            }
            if (job.pin().notBy().isPresent()) {
                return new Plan.Unplanned(job.number(), "Nobody but %s does '%s', and it is not to be %s.".formatted(
                        job.pin().notBy().get(), leg.title(), job.pin().notBy().get()), "Let them do it, or enter who else can.");
            }
            String all = new TreeSet<>(leg.skills()).stream().map(Skill::label).collect(Collectors.joining(" and "));
            return new Plan.Unplanned(job.number(),
                    all.isEmpty() ? "Nobody who does steps has hours entered." : "Nobody who is in does %s, all of it.".formatted(all),
                    "Enter hours, or who learns what is missing.");
        }
    }

    private final PlanQuestion question;
    private final Horizon horizon;
    private final Hands[] hands;
    private final Hands[] idle;
    private final Stall[] stalls;
    private final ToolBoard[] boards;
    private final Job[] jobs;
    private final int[] skilledIn;

    Schedule(PlanQuestion question) {
        this(question, new Plan(List.of(), List.of(), new Worth(0, 0, 0), List.of()));
    }

    /** @param before how it was planned until now: what need not move stays */
    Schedule(PlanQuestion question, Plan before) {
        this.question = question;
        this.horizon = new Horizon(question.now(), question.days());
        hands = question.workers().stream().map(w -> Hands.of(w, horizon)).toArray(Hands[]::new);
        idle = Arrays.stream(hands).map(Hands::idle).toArray(Hands[]::new);
        stalls = question.stands().stream().map(s -> new Stall()).toArray(Stall[]::new);
        boards = question.tools().stream().map(t -> new ToolBoard(t.count())).toArray(ToolBoard[]::new);
        skilledIn = question.workers().stream().mapToInt(w -> w.skills().grades().size()).toArray();
        jobs = question.jobs().stream().map(j -> new Job(j, before)).toArray(Job[]::new);
    }

    Horizon horizon() {
        return horizon;
    }

    int size() {
        return jobs.length;
    }

    private int workerOf(String name) {
        for (int w = 0; w < hands.length; w++) {
            if (question.workers().get(w).name().equals(name)) {
                return w;
            }
        }
        return -1;
    }

    private int standOf(int number) {
        for (int s = 0; s < stalls.length; s++) {
            if (question.stands().get(s).number() == number) {
                return s;
            }
        }
        return -1;
    }

    /** Whoever may do a leg; whoever has it in hand already, and nobody else, where somebody has. */
    private List<Candidate> candidates(Leg leg, Pin pin) {
        Optional<String> only = leg.doer().filter(d -> question.workers().stream().anyMatch(w -> w.name().equals(d))).or(pin::person);
        List<Candidate> all = new ArrayList<>();
        for (int w = 0; w < hands.length; w++) {
            Worker worker = question.workers().get(w);
            boolean inHand = leg.doer().filter(worker.name()::equals).isPresent();
            if (!inHand && !pin.allowsBy(worker.name())) {
                continue;
            }
            if (only.filter(n -> !n.equals(worker.name())).isPresent() || only.isEmpty() && !worker.does() || !hands[w].everIn()) {
                continue;
            }
            Optional<Set<Skill>> learned = worker.learning(leg);
            if (learned.isPresent()) {
                all.add(new Candidate(w, Worker.minutes(leg.minutes(), learned.get()), learned.get()));
            }
        }
        return all;
    }

    /** Who can look at what this candidate did; empty where nobody must. */
    private Optional<List<Integer>> looker(Candidate c, boolean hold) {
        if (!hold && c.learned.isEmpty()) {
            return Optional.empty();
        }
        List<Integer> can = new ArrayList<>();
        for (int w = 0; w < hands.length; w++) {
            Worker other = question.workers().get(w);
            if (w != c.worker && hands[w].everIn() && c.learned.stream().allMatch(other.skills()::skilledIn)) {
                can.add(w);
            }
        }
        return Optional.of(can);
    }

    /** When somebody else is in who can look at it. */
    private int looked(Candidate c, boolean hold, int end) {
        if (!hold && c.learned.isEmpty()) {
            return end;
        }
        int first = Horizon.END;
        for (int w = 0; w < hands.length; w++) {
            if (w != c.worker && first > end && skilled(w, c.learned)) {
                first = Math.min(first, idle[w].inFrom(end));
            }
        }
        return first;
    }

    private boolean skilled(int worker, Set<Skill> in) {
        for (Skill skill : in) {
            if (!question.workers().get(worker).skills().skilledIn(skill)) {
                return false;
            }
        }
        return true;
    }

    /**
     * Numbers of the jobs in the order in which a foreman would put them in: who comes before others, what was promised, what came first.
     */
    int[] foremansOrder() {
        return sorted((a, b) -> {
            int by = Boolean.compare(jobs[b].on >= 0, jobs[a].on >= 0);
            by = by != 0 ? by : jobs[a].job.priority().compareTo(jobs[b].job.priority());
            by = by != 0 ? by : Integer.compare(jobs[a].waits[0], jobs[b].waits[0]);
            return by != 0 ? by : Long.compare(jobs[a].job.number(), jobs[b].job.number());
        });
    }

    /** By the day each was promised for, those that come before others first. */
    int[] promisedOrder() {
        return sorted((a, b) -> {
            int by = jobs[a].job.priority().compareTo(jobs[b].job.priority());
            by = by != 0 ? by : Integer.compare(jobs[a].due < 0 ? Horizon.DAYS : jobs[a].due, jobs[b].due < 0 ? Horizon.DAYS : jobs[b].due);
            by = by != 0 ? by : Boolean.compare(jobs[b].on >= 0, jobs[a].on >= 0);
            by = by != 0 ? by : Integer.compare(jobs[a].waits[0], jobs[b].waits[0]);
            return by != 0 ? by : Long.compare(jobs[a].job.number(), jobs[b].job.number());
        });
    }

    /** As an earlier plan put them in; those it did not know come last, by number. */
    int[] as(List<Long> order) {
        return sorted((a, b) -> {
            int first = order.indexOf(jobs[a].job.number());
            int second = order.indexOf(jobs[b].job.number());
            int by = Integer.compare(first < 0 ? order.size() : first, second < 0 ? order.size() : second);
            return by != 0 ? by : Long.compare(jobs[a].job.number(), jobs[b].job.number());
        });
    }

    private int[] sorted(java.util.Comparator<Integer> by) {
        return IntStream.range(0, jobs.length).boxed().sorted(by).mapToInt(Integer::intValue).toArray();
    }

    /** What came of putting the jobs in, by job and leg; null where a job could not be. */
    Put[][] put(int[] order) {
        empty();
        Put[][] all = new Put[jobs.length][];
        List<Integer> later = new ArrayList<>();
        for (int j : order) {
            all[j] = put(jobs[j]);
            if (all[j] == null && jobs[j].lacks == null) {
                // Every stand is held by a bike that is on it and not put in yet.
                later.add(j);
            }
        }
        for (int j : later) {
            all[j] = put(jobs[j]);
        }
        return all;
    }

    /**
     * What came of leaving every job as it was planned before, in the same hands and on the same stands, as far as that is possible and it
     * is
     * finished no day later; the others are put in around them, in that order.
     */
    Put[][] kept(int[] order) {
        empty();
        Put[][] all = new Put[jobs.length][];
        List<Integer> later = new ArrayList<>();
        for (int j : order) {
            Put[] put = jobs[j].lacks == null ? asItWas(jobs[j]) : null;
            if (put == null) {
                later.add(j);
            } else {
                all[j] = put;
                if (jobs[j].on >= 0) {
                    stalls[jobs[j].on].release();
                }
                keep(jobs[j], put, true);
            }
        }
        List<Integer> last = new ArrayList<>();
        for (int j : later) {
            all[j] = put(jobs[j]);
            if (all[j] == null && jobs[j].lacks == null) {
                last.add(j);
            }
        }
        for (int j : last) {
            all[j] = put(jobs[j]);
        }
        return all;
    }

    /** Null where it cannot be, or would be finished on a later day. */
    private Put[] asItWas(Job job) {
        Put[] put = new Put[job.waits.length];
        int at = job.ready;
        for (int i = 0; i < put.length; i++) {
            Candidate was = job.wasStart[i] < 0 ? null : candidate(job.candidates.get(i), job.wasHands[i]);
            if (was == null) {
                return null;
            }
            Leg leg = job.job.legs().get(i);
            Room room = room(was, Math.max(begins(job, i, at, put), job.wasStart[i]), leg.doer().isPresent(), job.tools[i]);
            if (room == null) {
                return null;
            }
            put[i] = new Put(was.worker, job.wasStand[i], room, looked(was, leg.hold(), room.end()), was.learned);
            at = put[i].looked;
            if (at >= Horizon.END) {
                return null;
            }
        }
        return at / Horizon.DAY <= job.wasDay && standsFree(job, put) ? put : null;
    }

    private static Candidate candidate(List<Candidate> all, int worker) {
        return all.stream().filter(c -> c.worker == worker).findFirst().orElse(null);
    }

    /** Whether each stay of it finds its stand free, and is on one stand. */
    private boolean standsFree(Job job, Put[] put) {
        for (int i = 0; i < put.length;) {
            int last = Math.max(i, job.stays[i]);
            boolean stays = job.stays[i] >= 0;
            int stand = put[i].stand;
            for (int k = i; k <= last; k++) {
                if (stays ? put[k].stand != stand || stand < 0 : put[k].stand >= 0) {
                    return false;
                }
            }
            if (stays && !(job.on >= 0 && i == 0)) {
                int from = put[i].room.start();
                if (!job.carried[stand] || stalls[stand].freeFrom(from) != from || stalls[stand].freeUntil(from) < put[last].looked) {
                    return false;
                }
            } else if (stays && stand != job.on) {
                return false;
            }
            i = last + 1;
        }
        return true;
    }

    private void empty() {
        for (Hands h : hands) {
            h.clear();
        }
        for (Stall s : stalls) {
            s.clear(false);
        }
        for (ToolBoard b : boards) {
            b.clear();
        }
        for (Job job : jobs) {
            if (job.on >= 0) {
                stalls[job.on].clear(true);
            }
        }
    }

    private Put[] put(Job job) {
        if (job.lacks != null) {
            if (job.on >= 0) {
                // It stays where it is, and nobody knows how long.
                stalls[job.on].release();
                stalls[job.on].take(0, Horizon.END);
            }
            return null;
        }
        Put[] put = tried(job);
        if (put == null) {
            return null;
        }
        if (job.on >= 0) {
            stalls[job.on].release();
        }
        keep(job, put, true);
        return put;
    }

    /** Where it would be put now; null where it cannot be. */
    private Put[] tried(Job job) {
        Put[] put = new Put[job.waits.length];
        int ready = job.ready;
        for (int i = 0; i < put.length;) {
            int last = Math.max(i, job.stays[i]);
            if (job.stays[i] < 0) {
                put[i] = best(job, i, begins(job, i, ready, put), stays(job, i, put), -1);
            } else if (!stay(job, i, last, ready, put)) {
                return null;
            }
            if (put[last] == null || put[last].looked >= Horizon.END) {
                return null;
            }
            ready = put[last].looked;
            i = last + 1;
        }
        return put;
    }

    /** @param in else it is taken out again */
    private void keep(Job job, Put[] put, boolean in) {
        for (int i = 0; i < put.length; i++) {
            boolean now = job.on >= 0 && i == 0;
            if (in) {
                hands[put[i].worker].take(put[i].room);
            } else {
                hands[put[i].worker].give(put[i].room);
            }
            for (int t : job.tools[i]) {
                if (in) {
                    boards[t].take(put[i].room.start(), put[i].room.end());
                } else {
                    boards[t].give(put[i].room.start(), put[i].room.end());
                }
            }
            if (job.stays[i] >= 0) {
                keep(put[i].stand, now ? 0 : put[i].room.start(), put[job.stays[i]].looked, in);
            } else if (now) {
                keep(job.on, 0, Math.max(1, put[0].room.start()), in);
            }
        }
    }

    private void keep(int stand, int from, int to, boolean in) {
        if (in) {
            stalls[stand].take(from, to);
        } else {
            stalls[stand].give(from, to);
        }
    }

    /**
     * Lets every job begin as early as all others let it: one that was put in while a stand's own bike was not yet planned did not know
     * when that stand is free. Follows {@link #put(int[])}.
     */
    void settle(Put[][] all) {
        settle(all, false);
    }

    /** @param same whether it may begin earlier only in the same hands and on the same stands */
    void settle(Put[][] all, boolean same) {
        boolean moved = true;
        for (int pass = 0; moved && pass < MOST_PASSES; pass++) {
            moved = false;
            for (int j = 0; j < jobs.length; j++) {
                if (all[j] != null) {
                    keep(jobs[j], all[j], false);
                    Put[] again = tried(jobs[j]);
                    boolean earlier = again != null && sooner(again, all[j]) && (!same || sameHands(again, all[j]));
                    all[j] = earlier ? again : all[j];
                    moved |= earlier;
                    keep(jobs[j], all[j], true);
                }
            }
        }
    }

    private static boolean sameHands(Put[] one, Put[] other) {
        for (int i = 0; i < one.length; i++) {
            if (one[i].worker != other[i].worker || one[i].stand != other[i].stand) {
                return false;
            }
        }
        return true;
    }

    private static boolean sooner(Put[] one, Put[] other) {
        long by = 0;
        for (int i = 0; i < one.length; i++) {
            by += one[i].room.start() - other[i].room.start() + one[i].looked - other[i].looked;
        }
        return by < 0;
    }

    /** Puts the legs of one stay where they end first. */
    private boolean stay(Job job, int first, int last, int ready, Put[] put) {
        if (job.on >= 0 && first == 0) {
            return legs(job, first, last, ready, job.on, put) < Horizon.END;
        }
        int before = first > 0 ? lastStand(put, first) : job.wasStand[first];
        int best = -1;
        int bestEnd = Horizon.END;
        int bestFrom = 0;
        int tried = -1;
        int triedEnd = 0;
        int triedStart = 0;
        int bestStart = 0;
        int earliest = Math.max(ready, job.waits[first]);
        for (int s = 0; s < stalls.length; s++) {
            if (!job.carried[s]) {
                continue;
            }
            for (int from = stalls[s].freeFrom(earliest); from < Horizon.END; from = stalls[s].freeFrom(stalls[s].freeUntil(from))) {
                int end = from == tried ? triedEnd : legs(job, first, last, from, s, put);
                triedStart = from == tried || end >= Horizon.END ? triedStart : put[first].room.start();
                tried = from;
                triedEnd = end;
                int until = stalls[s].freeUntil(from);
                if (end <= until) {
                    if (end < bestEnd || end == bestEnd && (triedStart < bestStart || triedStart == bestStart && s == before)) {
                        best = s;
                        bestEnd = end;
                        bestStart = triedStart;
                        bestFrom = from;
                    }
                    break;
                }
                if (end >= bestEnd || until >= Horizon.END) {
                    break;
                }
            }
        }
        return best >= 0 && legs(job, first, last, bestFrom, best, put) < Horizon.END;
    }

    private static int lastStand(Put[] put, int before) {
        for (int i = before - 1; i >= 0; i--) {
            if (put[i].stand >= 0) {
                return put[i].stand;
            }
        }
        return -1;
    }

    /** Puts legs one after the other; answers when the last is done and looked at, {@link Horizon#END} when they cannot be. */
    private int legs(Job job, int first, int last, int ready, int stand, Put[] put) {
        int at = ready;
        for (int i = first; i <= last; i++) {
            put[i] = best(job, i, begins(job, i, at, put), stays(job, i, put), stand);
            if (put[i] == null || put[i].looked >= Horizon.END) {
                return Horizon.END;
            }
            at = put[i].looked;
        }
        return at;
    }

    /** The first minute at which a leg may begin once the job has come to it. */
    private static int begins(Job job, int leg, int at, Put[] put) {
        int from = Math.max(at, job.waits[leg]);
        return job.rests[leg] == null ? from
                : Math.min(Horizon.END, Math.max(from, put[job.rests[leg].since()].room.end() + job.rests[leg].minutes()));
    }

    /** Who stays with it if that is hardly later: whose it was to be, else whoever was at the bike before; -1 for nobody. */
    private static int stays(Job job, int leg, Put[] put) {
        return job.wasHands[leg] >= 0 || leg == 0 ? job.wasHands[leg] : put[leg - 1].worker;
    }

    /** Whoever has it done and looked at first; whoever was at the bike before, if that is hardly later; then who can do least else. */
    private Put best(Job job, int leg, int ready, int before, int stand) {
        Leg of = job.job.legs().get(leg);
        Put best = null;
        Put stays = null;
        for (Candidate c : job.candidates.get(leg)) {
            Room room = room(c, ready, of.doer().isPresent(), job.tools[leg]);
            if (room == null || best != null && c.worker != before && room.end() > best.looked) {
                continue;
            }
            Put put = new Put(c.worker, stand, room, looked(c, of.hold(), room.end()), c.learned);
            if (c.worker == before) {
                stays = put;
            }
            if (best == null || put.looked < best.looked || put.looked == best.looked && skilledIn[c.worker] < skilledIn[best.worker]) {
                best = put;
            }
        }
        return stays != null && stays.looked <= best.looked + STAYS_WITH_IT ? stays : best;
    }

    /** The first room in somebody's hours in which the tools are there, too; null when there is none. */
    private Room room(Candidate c, int ready, boolean begun, int[] tools) {
        int at = ready;
        while (true) {
            Room room = hands[c.worker].room(at, c.minutes, begun);
            int until = -1;
            for (int t = 0; room != null && until < 0 && t < tools.length; t++) {
                until = boards[tools[t]].takenUntil(room.start(), room.end());
            }
            if (until < 0) {
                return room;
            }
            at = until;
        }
    }

    Worth worth(Put[][] all) {
        int unplanned = 0;
        long late = 0;
        long effort = 0;
        for (int j = 0; j < jobs.length; j++) {
            Put[] put = all[j];
            if (put == null) {
                unplanned++;
                continue;
            }
            int end = put[put.length - 1].looked;
            if (jobs[j].due >= 0) {
                late += (long) jobs[j].weight * horizon.openDays(jobs[j].due, end / Horizon.DAY);
            }
            effort += horizon.shopMinutes(end) * jobs[j].weight / 2;
            effort += jobs[j].wasDay >= 0 && jobs[j].wasDay != end / Horizon.DAY ? Worth.OTHER_DAY : 0;
            for (int i = 0; i < put.length; i++) {
                int from = put[i].room.start() / Horizon.DAY;
                effort += put[i].room.end() > (from + 1) * Horizon.DAY ? Worth.CUT : 0;
                effort += jobs[j].wasHands[i] >= 0 && jobs[j].wasHands[i] != put[i].worker ? Worth.OTHER_HANDS : 0;
                effort += jobs[j].wasStand[i] >= 0 && put[i].stand >= 0 && jobs[j].wasStand[i] != put[i].stand ? Worth.OTHER_STAND : 0;
                if (i > 0) {
                    effort += put[i].worker != put[i - 1].worker ? Worth.HANDOVER : 0;
                    int last = lastStand(put, i);
                    effort += put[i].stand >= 0 && last >= 0 && last != put[i].stand ? Worth.STAND_CHANGE : 0;
                }
            }
        }
        return new Worth(unplanned, late, effort);
    }

    /** How much a job's lateness weighs, for choosing what to try next. */
    long late(Put[][] all, int job) {
        Put[] put = all[job];
        return put == null || jobs[job].due < 0 ? 0
                : (long) jobs[job].weight * horizon.openDays(jobs[job].due, put[put.length - 1].looked / Horizon.DAY);
    }

    Plan plan(Put[][] all, int[] order) {
        List<PlacedLeg> legs = new ArrayList<>();
        List<Plan.Unplanned> unplanned = new ArrayList<>();
        for (int j = 0; j < jobs.length; j++) {
            PlanJob job = jobs[j].job;
            if (all[j] == null) {
                unplanned.add(jobs[j].lacks != null ? jobs[j].lacks
                        : new Plan.Unplanned(job.number(),
                                "It does not come to its end within %d days, with the hands and stands there are.".formatted(Horizon.DAYS),
                                "More hours, more stands, or fewer jobs before it."));
                continue;
            }
            for (int i = 0; i < all[j].length; i++) {
                Put put = all[j][i];
                legs.add(new PlacedLeg(job.number(), job.legs().get(i), question.workers().get(put.worker).name(),
                        put.stand < 0 ? Optional.empty() : Optional.of(question.stands().get(put.stand).number()),
                        idle[put.worker].stretches(put.room).stream()
                                .map(s -> new PlacedLeg.Stretch(horizon.at(s[0]), horizon.at(s[1]))).toList(),
                        horizon.at(put.looked), !put.learned.isEmpty()));
            }
        }
        return new Plan(legs, unplanned, worth(all), Arrays.stream(order).mapToObj(j -> jobs[j].job.number()).toList());
    }
}
