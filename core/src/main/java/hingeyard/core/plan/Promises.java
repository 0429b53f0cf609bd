package hingeyard.core.plan;

import hingeyard.core.people.Skill;
import hingeyard.core.plan.Hands.Room;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Draws how a plan may turn out: legs take more or less, parts come late, jobs get stuck. Stands keep the order they were planned in; hands
 * do too, but whoever waits for one bike does what fits in between. The same question has the same draws.
 */
public final class Promises {

    private static final int DRAWS = 1_000;
    private static final int FEWER = 300;
    private static final int LEAST = 60;
    /** Legs drawn for one day of a booking at the most, so that four weeks of them are answered in a second or two. */
    private static final int LEGS_DRAWN = 60_000;
    private static final double LIKELY = 0.5;
    private static final double SAFE = 0.8;
    private static final long SEED = 4_051L;

    /** A leg with what it hangs on, as numbers. */
    private record Piece(int job, int worker, int stand, boolean begins, int minutes, boolean begun, List<Wait> waits, int[] lookers,
            boolean hold, int[] tools, int restsAfter, int rests) {
    }

    private final Horizon horizon;
    private final Hands[] hands;
    private final List<Piece> pieces = new ArrayList<>();
    private final List<Long> jobs;
    private final int[] ready;
    private final int standCount;
    /** How many there are of each special tool. */
    private final int[] tools;

    private Promises(PlanQuestion question, Plan plan) {
        horizon = new Horizon(question.now(), question.days());
        hands = question.workers().stream().map(w -> Hands.of(w, horizon)).toArray(Hands[]::new);
        jobs = List.copyOf(plan.finishes().keySet());
        ready = jobs.stream().mapToInt(j -> Math.max(horizon.now(),
                question.job(j).pin().notBefore().map(d -> horizon.minute(d.atStartOfDay())).orElse(0))).toArray();
        standCount = question.stands().size();
        tools = question.tools().stream().mapToInt(t -> t.count()).toArray();
        Map<String, Integer> byName = new HashMap<>();
        for (int w = 0; w < hands.length; w++) {
            byName.put(question.workers().get(w).name(), w);
        }
        List<Integer> numbers = question.stands().stream().map(s -> s.number()).toList();
        Map<Long, List<PlacedLeg>> byJob = plan.byJob();
        Map<String, Integer> placed = new HashMap<>();
        for (PlacedLeg leg : plan.legs()) {
            int worker = byName.get(leg.person());
            List<Skill> lacking = leg.leg().skills().stream().filter(s -> !question.workers().get(worker).skills().skilledIn(s)).toList();
            int[] lookers = IntStream.range(0, hands.length).filter(w -> w != worker && lacking.stream()
                    .allMatch(question.workers().get(w).skills()::skilledIn)).toArray();
            boolean begins = byJob.get(leg.job()).stream().filter(b -> b.leg().ordinal() == leg.leg().ordinal() - 1)
                    .filter(b -> b.stand().equals(leg.stand())).findFirst().isEmpty();
            pieces.add(new Piece(jobs.indexOf(leg.job()), worker, leg.stand().map(numbers::indexOf).orElse(-1), begins,
                    Worker.minutes(leg.leg().minutes(), Set.copyOf(lacking)), leg.leg().doer().isPresent(), leg.leg().waits(), lookers,
                    leg.leg().hold() || !lacking.isEmpty(), IntStream.range(0, tools.length)
                            .filter(t -> leg.leg().tools().contains(question.tools().get(t).name())).toArray(),
                    leg.leg().rest().map(r -> placed.get(r.since() + " " + leg.job())).orElse(-1),
                    leg.leg().rest().map(Leg.Rested::minutes).orElse(0)));
            placed.put(leg.leg().ordinal() + " " + leg.job(), pieces.size() - 1);
        }
    }

    /** The day to tell each planned job's customer, by its number. */
    public static Map<Long, Promise> of(PlanQuestion question, Plan plan, Spread spread) {
        Promises promises = new Promises(question, plan);
        int[][] all = promises.draw(spread, DRAWS);
        Map<String, int[][]> alone = new TreeMap<>();
        alone.put("a step may take longer than by the book", promises.draw(new Spread(spread.minutes(), 0, 0, 1), FEWER));
        alone.put("it, or one before it, may get stuck", promises.draw(new Spread(0, spread.stuck(), 0, 1), FEWER));
        alone.put("a part may come later than confirmed", promises.draw(new Spread(0, 0, spread.lateParts(), spread.lateDays()), FEWER));
        Map<Long, Promise> told = new TreeMap<>();
        for (int j = 0; j < promises.jobs.size(); j++) {
            LocalDate likely = promises.day(all[j], LIKELY);
            LocalDate safe = promises.day(all[j], SAFE);
            int job = j;
            List<String> between = likely.equals(safe) ? List.of()
                    : alone.entrySet().stream()
                            .filter(e -> promises.day(e.getValue()[job], SAFE).isAfter(plan.finish(promises.jobs.get(job))
                                    .orElseThrow().toLocalDate()))
                            .map(Map.Entry::getKey).collect(Collectors.toList());
            told.put(promises.jobs.get(j), new Promise(likely, safe, promises.percent(all[j], safe), between));
        }
        return told;
    }

    /**
     * The same for one job, from fewer draws and without what the days between are made of: for trying many days.
     *
     * @throws IllegalArgumentException when that job is not planned
     */
    static Promise quick(PlanQuestion question, Plan plan, Spread spread, long job) {
        Promises promises = new Promises(question, plan);
        int at = promises.jobs.indexOf(job);
        if (at < 0) {
            throw new IllegalArgumentException("job %d is not planned".formatted(job));
        }
        int[] finishes = promises.draw(spread, Math.max(LEAST, Math.min(FEWER, LEGS_DRAWN / Math.max(1, plan.legs().size()))))[at];
        LocalDate safe = promises.day(finishes, SAFE);
        return new Promise(promises.day(finishes, LIKELY), safe, promises.percent(finishes, safe), List.of());
    }

    /** The moment by which each planned job is finished in such a share of the draws. */
    static Map<Long, LocalDateTime> by(PlanQuestion question, Plan plan, Spread spread, double share) {
        Promises promises = new Promises(question, plan);
        int[][] all = promises.draw(spread, DRAWS);
        Map<Long, LocalDateTime> by = new TreeMap<>();
        for (int j = 0; j < promises.jobs.size(); j++) {
            by.put(promises.jobs.get(j), promises.horizon.at(quantile(all[j], share)));
        }
        return by;
    }

    private LocalDate day(int[] finishes, double share) {
        return horizon.day(Math.min(quantile(finishes, share), Horizon.END - 1) / Horizon.DAY);
    }

    private static int quantile(int[] finishes, double share) {
        int[] sorted = finishes.clone();
        Arrays.sort(sorted);
        return sorted[Math.max(0, (int) Math.ceil(share * sorted.length) - 1)];
    }

    private int percent(int[] finishes, LocalDate day) {
        int end = (horizon.number(day) + 1) * Horizon.DAY;
        return (int) (100 * Arrays.stream(finishes).filter(f -> f < end).count() / finishes.length);
    }

    /** When each job is finished, by job and draw. */
    private int[][] draw(Spread spread, int draws) {
        SplittableRandom chance = new SplittableRandom(SEED);
        int[][] finishes = new int[jobs.size()][draws];
        for (int d = 0; d < draws; d++) {
            int[] done = ready.clone();
            for (Hands h : hands) {
                h.clear();
            }
            int[] stand = new int[standCount];
            int[][] back = Arrays.stream(tools).mapToObj(int[]::new).toArray(int[][]::new);
            int[] ends = new int[pieces.size()];
            for (int p = 0; p < ends.length; p++) {
                Piece piece = pieces.get(p);
                int at = done[piece.job];
                if (piece.restsAfter >= 0) {
                    at = Math.max(at, Math.min(Horizon.END, ends[piece.restsAfter] + piece.rests));
                }
                if (piece.stand >= 0 && piece.begins) {
                    at = Math.max(at, stand[piece.stand]);
                }
                for (Wait wait : piece.waits) {
                    at = Math.max(at, horizon.minute(wait.until()) + late(wait, spread, chance));
                }
                for (int t : piece.tools) {
                    at = Math.max(at, back[t][first(back[t])]);
                }
                double factor = Math.exp(spread.minutes() * normal(chance));
                Room room = hands[piece.worker].room(Math.min(at, Horizon.END), Math.max(1, (int) Math.round(piece.minutes * factor)),
                        piece.begun);
                int end = room == null ? Horizon.END : room.end();
                ends[p] = end;
                if (room != null) {
                    hands[piece.worker].take(room);
                }
                for (int t : piece.tools) {
                    back[t][first(back[t])] = end;
                }
                int looked = piece.hold ? looked(piece, end) : end;
                if (spread.stuck() > 0 && chance.nextDouble() < spread.stuck()) {
                    looked = hands[piece.worker].inFrom(Math.min(Horizon.END, looked + Horizon.DAY));
                }
                done[piece.job] = looked;
                if (piece.stand >= 0) {
                    stand[piece.stand] = Math.max(stand[piece.stand], looked);
                }
                finishes[piece.job][d] = looked;
            }
        }
        return finishes;
    }

    /** Which piece of a tool is back first. */
    private static int first(int[] back) {
        int first = 0;
        for (int i = 1; i < back.length; i++) {
            first = back[i] < back[first] ? i : first;
        }
        return first;
    }

    private int looked(Piece piece, int end) {
        int first = Horizon.END;
        for (int w : piece.lookers) {
            first = Math.min(first, hands[w].inFrom(end));
        }
        return first;
    }

    private static int late(Wait wait, Spread spread, SplittableRandom chance) {
        boolean mayBe = wait.kind() == Wait.Kind.PART || !wait.known();
        return mayBe && spread.lateParts() > 0 && chance.nextDouble() < spread.lateParts()
                ? (1 + chance.nextInt(spread.lateDays())) * Horizon.DAY : 0;
    }

    /** Of mean 0 and deviation 1 (Box and Muller). */
    private static double normal(SplittableRandom chance) {
        return Math.sqrt(-2 * Math.log(1 - chance.nextDouble())) * Math.cos(2 * Math.PI * chance.nextDouble());
    }
}
