package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.ShopClient.Answer;
import hingeyard.formats.HistoryCommand;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.Random;
import java.util.concurrent.Callable;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;
import java.util.function.BooleanSupplier;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/**
 * A shop at work while what it runs on is struck: application and database killed and frozen, nodes of a cluster killed and cut off.
 * Clients book, receive, throw away, begin and leave steps,
 * make
 * and take back bills; whoever gets no answer sends the same command with the same key until there is one, as the screens do. Afterwards
 * everything that was answered is looked for: it is there, once, and what was refused is not there at all; ledger, levels, reservations
 * and histories add up. The same seed sends the same commands of each client and the same blows; where a blow falls is chance.
 */
public final class KillCampaign implements AutoCloseable {

    /** What is done to the shop. */
    public enum Blow {
        KILL_APPLICATION,
        KILL_DATABASE,
        FREEZE_APPLICATION,
        FREEZE_DATABASE,
        KILL_NODE,
        CUT_CABLE
    }

    /** What the shop runs on. */
    public interface Ground extends AutoCloseable {

        /** Where its instances are reached. */
        List<String> urls();

        /** Where the database is asked, past the application. */
        String database();

        List<Blow> blows();

        /** @param goes waits until a command lost its answer, or until some more were answered */
        void strike(Blow blow, Goes goes) throws IOException, InterruptedException;

        @Override
        void close() throws IOException;
    }

    /** How the work goes while something is struck. */
    public interface Goes {
        void untilOneIsLost() throws InterruptedException;

        void untilAnswered(int more) throws InterruptedException;
    }

    private enum Kind {
        BOOK,
        RECEIVE,
        SCRAP,
        STEP,
        BILL
    }

    /**
     * What became of it.
     *
     * @param lost     tries without an answer
     * @param repeated commands sent again after they had been answered
     * @param silence  by blow, the longest time in ms in which nobody was answered anything, from the blow to its end
     */
    public record Outcome(int commands, Map<String, Integer> answers, int lost, int repeated, Map<Blow, Integer> blows,
            Map<Blow, Long> silence) {
    }

    /** A command that was answered. */
    private record Done(Kind kind, String key, int status, String told, int count, String part) {
    }

    private static final int HANDS = 6;
    /** Longer than any answer takes on a slow machine that was not struck; a frozen one is given up after it. */
    private static final Duration PATIENCE = Duration.ofSeconds(10);
    private static final Duration BETWEEN_TRIES = Duration.ofMillis(100);
    private static final Duration LONGEST = Duration.ofMinutes(5);
    private static final List<String> PARTS = List.of("BS-600", "BS-400");

    private final long seed;
    private final Ground ground;
    private final JdbcTemplate jdbc;
    private final Queue<Done> answered = new ConcurrentLinkedQueue<>();
    private final AtomicInteger begun = new AtomicInteger();
    private final AtomicInteger lost = new AtomicInteger();
    private final AtomicInteger repeated = new AtomicInteger();
    private final Map<Blow, Integer> struck = new EnumMap<>(Blow.class);
    private final Map<Blow, Long> silence = new EnumMap<>(Blow.class);
    private volatile boolean over;
    private long lastAnswer = System.nanoTime();
    private long longestSilence;

    /** Of an application and a database of its own in this folder. */
    public KillCampaign(Path folder, long seed) throws IOException, InterruptedException {
        this(new OneShop(folder), seed);
    }

    /** @param ground closed with this */
    public KillCampaign(Ground ground, long seed) {
        this.seed = seed;
        this.ground = ground;
        this.jdbc = new JdbcTemplate(new DriverManagerDataSource(ground.database(), "yard", "test"));
    }

    /** Runs it, and fails where something is not as it was answered. */
    public Outcome run(int commands, int blows) throws Exception {
        Map<String, Integer> before = onHand();
        List<Hand> hands = new ArrayList<>();
        for (int h = 0; h < HANDS; h++) {
            hands.add(new Hand(h));
        }
        List<Blow> plan = new ArrayList<>();
        for (int i = 0; i < blows; i++) {
            plan.add(ground.blows().get(i % ground.blows().size()));
        }
        Collections.shuffle(plan, new Random(seed));
        List<Callable<Void>> all = new ArrayList<>();
        hands.forEach(hand -> all.add(() -> {
            // Whoever is done early goes on until the last blow has fallen.
            while (!over || begun.get() < commands) {
                begun.incrementAndGet();
                hand.one();
            }
            return null;
        }));
        all.add(() -> {
            try {
                Random random = new Random(seed);
                int share = commands / (blows + 1);
                for (Blow blow : plan) {
                    int until = answered.size() + share / 2 + random.nextInt(Math.max(1, share / 2));
                    await(() -> answered.size() >= until);
                    strike(blow);
                }
            } finally {
                over = true;
            }
            return null;
        });
        AtOnce.run(all);
        holds(before);
        return new Outcome(answered.size(),
                answered.stream().collect(Collectors.toMap(d -> d.kind + " " + d.status, d -> 1, Integer::sum, java.util.TreeMap::new)),
                lost.get(), repeated.get(), struck, silence);
    }

    private void strike(Blow blow) throws IOException, InterruptedException {
        int before = lost.get();
        hush();
        ground.strike(blow, new Goes() {
            @Override
            public void untilOneIsLost() throws InterruptedException {
                await(() -> lost.get() > before);
            }

            @Override
            public void untilAnswered(int more) throws InterruptedException {
                int done = answered.size();
                await(() -> answered.size() >= done + more);
            }
        });
        struck.merge(blow, 1, Integer::sum);
        int done = answered.size();
        await(() -> answered.size() > done);
        silence.merge(blow, TimeUnit.NANOSECONDS.toMillis(hush()), Math::max);
    }

    /** Begins to listen for the longest silence; what it was till now. */
    private synchronized long hush() {
        long longest = longestSilence;
        longestSilence = 0;
        lastAnswer = System.nanoTime();
        return longest;
    }

    /** Until something was answered or lost that makes it so; for as long as a very slow machine may take. */
    private synchronized void await(BooleanSupplier reached) throws InterruptedException {
        long end = System.nanoTime() + LONGEST.toNanos();
        while (!reached.getAsBoolean()) {
            long left = TimeUnit.NANOSECONDS.toMillis(end - System.nanoTime());
            if (left <= 0) {
                throw new IllegalStateException("nothing moves any more");
            }
            wait(left);
        }
    }

    private synchronized void heard() {
        long now = System.nanoTime();
        longestSilence = Math.max(longestSilence, now - lastAnswer);
        lastAnswer = now;
        notifyAll();
    }

    private synchronized void news() {
        notifyAll();
    }

    /** Somebody who works, one command after the other. */
    private final class Hand {

        private final String name;
        private final Random random;
        private final int first;
        private final ShopClient setting;
        private final ShopClient orla;
        private final ShopClient tova;
        private final long billed;
        private final long worked;
        private boolean running;
        private int turn;

        Hand(int number) {
            name = "kill-%d-%d".formatted(seed, number);
            random = new Random(seed * HANDS + number);
            first = number % ground.urls().size();
            setting = ShopClient.signedIn(ground.urls().get(first), "orla");
            orla = setting.waiting(PATIENCE);
            tova = ShopClient.signedIn(ground.urls().get(first), "tova").waiting(PATIENCE);
            billed = ready("bill " + name);
            worked = number < 2 ? ready("work " + name) : 0;
            if (worked > 0) {
                receive("VM4-S");
                Answer bill = setting.bill(worked, "VM4-S");
                Answer place = setting.place(worked, "STAND", freeStand());
                if (bill.status() != 200 || place.status() != 200) {
                    throw new IllegalStateException(bill + " " + place);
                }
            }
            receive("VM4-S");
        }

        private int freeStand() {
            List<Integer> taken = new ArrayList<>();
            setting.get("/api/yard").body().path("bikes").forEach(b -> b.path("job").path("stand").asIntOpt().ifPresent(taken::add));
            return Stream.iterate(1, i -> i + 1).limit(6).filter(s -> !taken.contains(s)).findFirst()
                    .orElseThrow(() -> new IllegalStateException("no free stand"));
        }

        private long ready(String bike) {
            long job = setting.book(bike);
            setting.place(job, "RACK", null);
            setting.survey(job, "");
            return job;
        }

        private void receive(String part) {
            setting.post("/api/drawers/%s/receipts".formatted(part), "{\"count\":1,\"note\":\"\"}");
        }

        void one() throws InterruptedException {
            String key = "%s-%d".formatted(name, turn++);
            String part = PARTS.get(random.nextInt(PARTS.size()));
            int count = 1 + random.nextInt(3);
            switch (random.nextInt(8)) {
                case 0, 1 -> {
                    String asked = ShopClient.booking(key);
                    answer(Kind.BOOK, key, c -> c.post("/api/jobs", asked, key), orla, 0, "");
                }
                case 2, 3 -> answer(Kind.RECEIVE, key, c -> c.post("/api/drawers/%s/receipts".formatted(part),
                        "{\"count\":%d,\"note\":\"%s\"}".formatted(count, key), key), orla, count, part);
                case 4 -> answer(Kind.SCRAP, key, c -> c.post("/api/drawers/%s/scraps".formatted(part),
                        "{\"count\":1,\"reason\":\"%s\"}".formatted(key), key), orla, -1, part);
                case 5 -> bill(key);
                default -> step(key);
            }
        }

        private void step(String key) throws InterruptedException {
            if (worked == 0) {
                bill(key);
                return;
            }
            boolean start = !running;
            Done done = answer(Kind.STEP, key, c -> c.post("/api/jobs/%d/steps/kit-check/%s".formatted(worked, start ? "start" : "pause"),
                    start ? "{}" : "{\"note\":\"%s\"}".formatted(key), key), tova, start ? 1 : -1, "");
            assertThat(done.status).as("%s of %d: %s", start ? "start" : "pause", worked, done).isEqualTo(200);
            running = start;
        }

        /** Made when there is none, taken back when there is one. */
        private void bill(String key) throws InterruptedException {
            Answer now = asked(c -> c.get("/api/jobs/%d/bill".formatted(billed)), orla);
            if (now.body().path("bill").isObject()) {
                answer(Kind.BILL, key, c -> c.delete("/api/jobs/%d/bill".formatted(billed), "{\"reason\":\"%s\"}".formatted(key), key),
                        orla,
                        -1, "");
                return;
            }
            Answer match = asked(c -> c.get("/api/jobs/%d/match/VM4-S".formatted(billed)), orla);
            String make = ShopClient.billing("VM4-S", match.body());
            answer(Kind.BILL, key, c -> c.post("/api/jobs/%d/bill".formatted(billed), make, key), orla, 1, "");
        }

        private Done answer(Kind kind, String key, Function<ShopClient, Answer> send, ShopClient who, int count, String part)
                throws InterruptedException {
            Answer answer = asked(send, who);
            assertThat(answer.status()).as("%s %s: %s", kind, key, answer).isIn(200, 201, 409, 422);
            // The answer was there and is not believed. What was refused is not remembered: asked again, it may be carried out.
            if (random.nextInt(10) == 0 && answer.status() < 300) {
                Answer again = asked(send, who);
                repeated.incrementAndGet();
                assertThat(again.status() < 300).as("%s %s was %s and then %s", kind, key, answer, again).isTrue();
                assertThat(again.body().path("number")).isEqualTo(answer.body().path("number"));
            }
            Done done = new Done(kind, key, answer.status(), answer.body().path("number").asString(""), count, part);
            answered.add(done);
            heard();
            return done;
        }

        /** Sent again, the same with the same key, until it is answered. */
        private Answer asked(Function<ShopClient, Answer> send, ShopClient who) throws InterruptedException {
            long end = System.nanoTime() + LONGEST.toNanos();
            for (int turn = first;; turn++) {
                try {
                    // Whoever gets no answer here asks there.
                    Answer answer = send.apply(who.at(ground.urls().get(turn % ground.urls().size())));
                    if (answer.status() < 500) {
                        return answer;
                    }
                } catch (UncheckedIOException none) {
                    // No answer: whether it was carried out is not known.
                }
                lost.incrementAndGet();
                news();
                if (System.nanoTime() > end) {
                    throw new IllegalStateException("no answer any more");
                }
                LockSupport.parkNanos(BETWEEN_TRIES.toNanos());
            }
        }
    }

    private Map<String, Integer> onHand() {
        Map<String, Integer> onHand = new HashMap<>();
        jdbc.query("SELECT part_number, on_hand FROM stock_level", r -> {
            onHand.put(r.getString(1), r.getInt(2));
        });
        return onHand;
    }

    private void holds(Map<String, Integer> before) {
        Map<String, List<Long>> jobs = new HashMap<>();
        jdbc.query("SELECT b.name, j.id FROM job j JOIN bike b ON b.id = j.bike_id WHERE b.name LIKE 'kill-%'", r -> {
            jobs.computeIfAbsent(r.getString(1), k -> new ArrayList<>()).add(r.getLong(2));
        });
        Map<String, List<Integer>> moved = new HashMap<>();
        jdbc.query("SELECT note, delta FROM stock_movement WHERE note LIKE 'kill-%'", r -> {
            moved.computeIfAbsent(r.getString(1), k -> new ArrayList<>()).add(r.getInt(2));
        });
        Map<String, Integer> paused = counted(
                "SELECT detail, COUNT(*) FROM step_event WHERE what = 'PAUSED' AND detail LIKE 'kill-%' GROUP BY detail");
        Map<String, Integer> withdrawn = counted(
                "SELECT withdrawn_reason, COUNT(*) FROM bill WHERE withdrawn_reason LIKE 'kill-%' GROUP BY withdrawn_reason");
        Map<String, Integer> receipts = counted(
                "SELECT command_key, COUNT(*) FROM command_receipt WHERE answer IS NOT NULL GROUP BY command_key");
        Map<String, Integer> wanted = new HashMap<>();
        for (Done done : answered) {
            boolean carriedOut = done.status < 300;
            assertThat(receipts.getOrDefault(done.key, 0)).as("receipt of %s", done).isEqualTo(carriedOut ? 1 : 0);
            switch (done.kind) {
                case BOOK -> assertThat(jobs.getOrDefault(done.key, List.of())).as("%s", done)
                        .isEqualTo(carriedOut ? List.of(Long.parseLong(done.told)) : List.of());
                case RECEIVE, SCRAP -> {
                    assertThat(moved.getOrDefault(done.key, List.of())).as("%s", done)
                            .isEqualTo(carriedOut ? List.of(done.count) : List.of());
                    wanted.merge(done.part, carriedOut ? done.count : 0, Integer::sum);
                }
                case STEP -> assertThat(paused.getOrDefault(done.key, 0)).as("%s", done).isEqualTo(done.count < 0 ? 1 : 0);
                case BILL -> assertThat(withdrawn.getOrDefault(done.key, 0)).as("%s", done).isEqualTo(carriedOut && done.count < 0 ? 1 : 0);
            }
        }
        List<String> keys = answered.stream().map(Done::key).toList();
        assertThat(keys).doesNotHaveDuplicates();
        assertThat(jobs.keySet()).as("nothing that nobody was answered").isSubsetOf(keys);
        assertThat(moved.keySet()).isSubsetOf(keys);
        assertThat(paused.keySet()).isSubsetOf(keys);
        long starts = answered.stream().filter(d -> d.kind == Kind.STEP && d.count > 0).count();
        assertThat(jdbc.queryForObject("""
                SELECT COUNT(*) FROM step_event e JOIN job j ON j.id = e.job_id JOIN bike b ON b.id = j.bike_id
                WHERE e.what = 'STARTED' AND b.name LIKE 'work kill-%'""", Long.class)).isEqualTo(starts);
        Map<String, Integer> now = onHand();
        wanted.forEach((part, delta) -> assertThat(now.get(part)).as(part).isEqualTo(before.get(part) + delta));
        ShopClient orla = ShopClient.signedIn(ground.urls().get(0), "orla");
        assertThat(orla.get("/api/drawers/audit").body().toString()).as("ledger, levels and reservations").isEqualTo("[]");
        assertThat(orla.get("/api/audit").body().toString()).as("histories").isEqualTo("[]");
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        PrintStream out = new PrintStream(said, true, StandardCharsets.UTF_8);
        assertThat(HistoryCommand.run(ground.database(), "yard", "test", TestDatabase.HISTORY_KEY, out, out)).as("%s", said).isZero();
    }

    private Map<String, Integer> counted(String sql) {
        Map<String, Integer> counts = new HashMap<>();
        jdbc.query(sql, r -> {
            counts.put(r.getString(1), r.getInt(2));
        });
        return counts;
    }

    @Override
    public void close() throws IOException {
        ground.close();
    }
}
