package hingeyard.benchmarks;

import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.app.ShopClient.Answer;
import hingeyard.core.install.Posture;
import hingeyard.core.install.Step;
import hingeyard.core.install.Zone;
import hingeyard.formats.SheetJson;
import java.io.BufferedReader;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * A shop at full stretch: 40 technicians, each ticking a step every two seconds on a bike of their own, and 60 screens that look on, two
 * thirds of them at one
 * bike's steps, the others at the yard; every screen asks anew for what changed. How long a tick takes, how long until every other screen
 * was told and shows it,
 * and whether any screen missed one.
 */
@EnabledIfSystemProperty(named = "bench", matches = "true")
@ExtendWith(RunningApp.class)
class LiveBenchmark {

    private static final int TECHNICIANS = 40;
    private static final int VIEWERS = 60;
    private static final int EVERY_MS = 2_000;
    /**
     * The process has just begun: its first minutes run code that is not compiled yet. They have bikes of their own and are not counted.
     */
    private static final int WARM_UP = 45;
    private static final int ROUNDS = 30;
    private static final int YARD_GATHERS_MS = 250;
    private static final long FIRST_JOB = 700_000;
    private static final long WARM_UP_JOB = 800_000;
    private static final Pattern JOB = Pattern.compile("\"job\":(\\d+)");

    private final Map<Long, Long> lastTick = new ConcurrentHashMap<>();
    private final List<Long> tickNanos = java.util.Collections.synchronizedList(new ArrayList<>());
    private final List<Long> toldNanos = java.util.Collections.synchronizedList(new ArrayList<>());
    private final List<Long> shownNanos = java.util.Collections.synchronizedList(new ArrayList<>());
    private final List<Long> yardNanos = java.util.Collections.synchronizedList(new ArrayList<>());
    private final AtomicInteger refused = new AtomicInteger();

    @Test
    void live(RunningApp.App app) throws Exception {
        JdbcTemplate jdbc = app.bean(JdbcTemplate.class);
        jobs(jdbc, WARM_UP_JOB);
        jobs(jdbc, FIRST_JOB);
        // They listen for ever; the run does not wait for them.
        ExecutorService screens = Executors.newCachedThreadPool(r -> {
            Thread thread = new Thread(r, "screen");
            thread.setDaemon(true);
            return thread;
        });
        List<ShopClient> technicians = IntStream.range(0, TECHNICIANS)
                .mapToObj(i -> ShopClient.signedIn(app.url(), List.of("tova", "rian", "ned").get(i % 3))).toList();
        CountDownLatch listening = new CountDownLatch(VIEWERS);
        List<Map<Long, AtomicLong>> heard = new ArrayList<>();
        for (int i = 0; i < VIEWERS; i++) {
            ShopClient viewer = ShopClient.signedIn(app.url(), i % 3 == 0 ? "orla" : "ines");
            BufferedReader stream = viewer.listen();
            Map<Long, AtomicLong> counts = new ConcurrentHashMap<>();
            heard.add(counts);
            int screen = i;
            screens.submit(() -> look(viewer, stream, screen, counts, listening));
        }
        listening.await(60, TimeUnit.SECONDS);
        work(technicians, WARM_UP_JOB, WARM_UP);
        List.of(tickNanos, toldNanos, shownNanos, yardNanos).forEach(List::clear);
        heard.forEach(Map::clear);
        long before = jdbc.queryForObject("SELECT COALESCE(MAX(id), 0) FROM live_event", Long.class);
        work(technicians, FIRST_JOB, ROUNDS);
        long awaited = jdbc.queryForObject("SELECT COUNT(*) FROM live_event WHERE id > ? AND job_id >= ? AND job_id < ?", Long.class,
                before, FIRST_JOB, WARM_UP_JOB);
        long deadline = System.nanoTime() + TimeUnit.SECONDS.toNanos(20);
        while (heard.stream().anyMatch(h -> total(h) < awaited) && System.nanoTime() < deadline) {
            java.util.concurrent.locks.LockSupport.parkNanos(TimeUnit.MILLISECONDS.toNanos(50));
        }
        long missed = heard.stream().mapToLong(h -> awaited - total(h)).sum();
        System.out.printf(
                "%d technicians, a tick every %d ms each, %d screens; %d ticks, %d refused; %d events, %d missed by all screens together%n%n| what | median ms | p95 ms | worst ms |%n|---|---|---|---|%n",
                TECHNICIANS,
                EVERY_MS, VIEWERS, tickNanos.size(), refused.get(), awaited, missed);
        row("tick answered (start and tick of a step)", tickNanos);
        row("another screen told, from the tick's sending", toldNanos);
        row("another stand shows it, asked anew", shownNanos);
        row("a yard shows it, asked anew", yardNanos);
    }

    private static long total(Map<Long, AtomicLong> heard) {
        return heard.values().stream().mapToLong(AtomicLong::get).sum();
    }

    /** One screen: two of three look at a bike's steps, the others at the yard; each asks again for what changed, as the front end does. */
    private void look(ShopClient viewer, BufferedReader stream, int screen, Map<Long, AtomicLong> heard, CountDownLatch listening) {
        boolean yard = screen % 3 == 0;
        Set<Long> own = Set.of(FIRST_JOB + screen % TECHNICIANS, WARM_UP_JOB + screen % TECHNICIANS);
        BlockingQueue<Map<Long, Long>> moved = new LinkedBlockingQueue<>();
        Thread asking = new Thread(() -> ask(viewer, yard, moved), "asking");
        asking.setDaemon(true);
        asking.start();
        try {
            for (String line = stream.readLine(); line != null; line = stream.readLine()) {
                if (line.contains("hello")) {
                    listening.countDown();
                }
                Map<Long, Long> sent = new HashMap<>();
                for (Matcher job = JOB.matcher(line); job.find();) {
                    long number = Long.parseLong(job.group(1));
                    if (number >= FIRST_JOB) {
                        if (number < WARM_UP_JOB) {
                            heard.computeIfAbsent(number, n -> new AtomicLong()).incrementAndGet();
                        }
                        Optional.ofNullable(lastTick.get(number)).ifPresent(at -> sent.put(number, at));
                    }
                }
                sent.values().forEach(at -> toldNanos.add(System.nanoTime() - at));
                if (!yard) {
                    sent.keySet().retainAll(own);
                }
                if (!sent.isEmpty()) {
                    moved.add(sent);
                }
            }
        } catch (IOException closed) {
            // The run is over.
        }
    }

    /** Asks for what moved since it last asked; a yard gathers for a moment, as its screen does. */
    private void ask(ShopClient viewer, boolean yard, BlockingQueue<Map<Long, Long>> moved) {
        try {
            while (true) {
                Map<Long, Long> sent = new HashMap<>(moved.take());
                if (yard) {
                    java.util.concurrent.locks.LockSupport.parkNanos(TimeUnit.MILLISECONDS.toNanos(YARD_GATHERS_MS));
                }
                List<Map<Long, Long>> more = new ArrayList<>();
                moved.drainTo(more);
                more.forEach(sent::putAll);
                viewer.get(
                        yard ? "/api/yard/standings?job=" + sent.keySet().stream().map(String::valueOf).collect(Collectors.joining("&job="))
                                : "/api/jobs/%d/steps/now".formatted(sent.keySet().iterator().next()));
                (yard ? yardNanos : shownNanos).addAll(sent.values().stream().map(at -> System.nanoTime() - at).toList());
            }
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
        }
    }

    private void work(List<ShopClient> technicians, long first, int rounds) throws InterruptedException {
        ScheduledExecutorService hands = Executors.newScheduledThreadPool(TECHNICIANS);
        CountDownLatch done = new CountDownLatch(TECHNICIANS * rounds);
        for (int i = 0; i < TECHNICIANS; i++) {
            ShopClient technician = technicians.get(i);
            long job = first + i;
            AtomicInteger round = new AtomicInteger();
            hands.scheduleAtFixedRate(() -> {
                int at = round.getAndIncrement();
                if (at < rounds) {
                    tick(technician, job, "load-" + at);
                    done.countDown();
                }
            }, i * EVERY_MS / TECHNICIANS, EVERY_MS, TimeUnit.MILLISECONDS);
        }
        done.await(rounds * EVERY_MS * 3L, TimeUnit.MILLISECONDS);
        hands.shutdownNow();
    }

    private void tick(ShopClient technician, long job, String step) {
        long from = System.nanoTime();
        lastTick.put(job, from);
        Answer started = technician.step(job, step, "start", "");
        Answer ticked = technician.step(job, step, "tick", "{\"figures\":{}}");
        tickNanos.add(System.nanoTime() - from);
        if (started.status() != 200 || ticked.status() != 200) {
            refused.incrementAndGet();
        }
    }

    private static void row(String name, List<Long> nanos) {
        long[] sorted;
        synchronized (nanos) {
            sorted = nanos.stream().mapToLong(Long::longValue).sorted().toArray();
        }
        if (sorted.length > 0) {
            System.out.printf("| %s | %.0f | %.0f | %.0f |%n", name, sorted[sorted.length / 2] / 1e6,
                    sorted[sorted.length * 95 / 100] / 1e6, sorted[sorted.length - 1] / 1e6);
        }
    }

    /** Forty bikes on the strip, each with steps that want nothing but hands, beside a list as long as a real one. */
    private static void jobs(JdbcTemplate jdbc, long first) {
        List<String> columns = jdbc.queryForList(
                "SELECT column_name FROM information_schema.columns WHERE table_schema = DATABASE() AND table_name = 'job' AND column_name <> 'id'",
                String.class);
        String all = String.join(", ", columns);
        String from = all.replaceAll("\\bstand\\b", "NULL").replaceAll("\\bplace\\b", "'STRIP'");
        jdbc.execute("INSERT INTO job (id, " + all + ") SELECT " + (first - 1) + " + seq, " + from + " FROM job JOIN seq_1_to_"
                + TECHNICIANS + " WHERE id = 403");
        List<Object[]> steps = new ArrayList<>();
        for (int job = 0; job < TECHNICIANS; job++) {
            for (int i = 0; i < Math.max(ROUNDS, 56); i++) {
                Step step = Step.called("load-" + i, "Step " + i + " of a list as long as a real one")
                        .text("What a mechanic is told in a few sentences, so that the answer has the size it has. ".repeat(3))
                        .at(Posture.ANY, Zone.BENCH).tools(List.of("bare hands")).step();
                steps.add(new Object[]{first + job, i, step.key(), SheetJson.write(step), "OPEN", 0});
            }
        }
        jdbc.batchUpdate("INSERT INTO step (job_id, ordinal, step_key, body, state, version) VALUES (?, ?, ?, ?, ?, ?)", steps);
        System.out.println(Arrays.toString(new Object[]{steps.size(), "steps written"}));
    }
}
