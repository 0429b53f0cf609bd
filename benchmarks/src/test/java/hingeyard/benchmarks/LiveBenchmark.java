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
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * A shop at full stretch: 40 technicians, each ticking a step every two seconds on a bike of their own, and 60 screens that look on, two thirds of them at one
 * bike's steps, the others at the yard; every screen reads anew what changed. How long a tick takes, how long until every other screen was told and shows it,
 * and whether any screen missed one.
 */
@EnabledIfSystemProperty(named = "bench", matches = "true")
@ExtendWith(RunningApp.class)
class LiveBenchmark {

    private static final int TECHNICIANS = 40;
    private static final int VIEWERS = 60;
    private static final int EVERY_MS = 2_000;
    private static final int ROUNDS = 15;
    private static final long FIRST_JOB = 700_000;
    private static final Pattern JOB = Pattern.compile("\"job\":(\\d+)");

    private final Map<Long, Long> lastTick = new ConcurrentHashMap<>();
    private final List<Long> tickNanos = java.util.Collections.synchronizedList(new ArrayList<>());
    private final List<Long> toldNanos = java.util.Collections.synchronizedList(new ArrayList<>());
    private final List<Long> shownNanos = java.util.Collections.synchronizedList(new ArrayList<>());
    private final AtomicInteger refused = new AtomicInteger();

    @Test
    void live(RunningApp.App app) throws Exception {
        JdbcTemplate jdbc = app.bean(JdbcTemplate.class);
        jobs(jdbc);
        long before = jdbc.queryForObject("SELECT COALESCE(MAX(id), 0) FROM live_event", Long.class);
        // They listen for ever; the run does not wait for them.
        ExecutorService screens = Executors.newCachedThreadPool(r -> {
            Thread thread = new Thread(r, "screen");
            thread.setDaemon(true);
            return thread;
        });
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
        work(app);
        long awaited = jdbc.queryForObject("SELECT COUNT(*) FROM live_event WHERE id > ? AND job_id >= ?", Long.class, before, FIRST_JOB);
        long deadline = System.nanoTime() + TimeUnit.SECONDS.toNanos(20);
        while (heard.stream().anyMatch(h -> total(h) < awaited) && System.nanoTime() < deadline) {
            java.util.concurrent.locks.LockSupport.parkNanos(TimeUnit.MILLISECONDS.toNanos(50));
        }
        long missed = heard.stream().mapToLong(h -> awaited - total(h)).sum();
        System.out.printf("%d technicians, a tick every %d ms each, %d screens; %d ticks, %d refused; %d events, %d missed by all screens together%n%n| what | median ms | p95 ms | worst ms |%n|---|---|---|---|%n", TECHNICIANS,
                EVERY_MS, VIEWERS, tickNanos.size(), refused.get(), awaited, missed);
        row("tick answered (start and tick of a step)", tickNanos);
        row("another screen told, from the tick's sending", toldNanos);
        row("another screen shows it, read anew", shownNanos);
    }

    private static long total(Map<Long, AtomicLong> heard) {
        return heard.values().stream().mapToLong(AtomicLong::get).sum();
    }

    /** One screen: two of three look at a bike's steps, the others at the yard. */
    private void look(ShopClient viewer, BufferedReader stream, int screen, Map<Long, AtomicLong> heard, CountDownLatch listening) {
        boolean yard = screen % 3 == 0;
        long own = FIRST_JOB + screen % TECHNICIANS;
        try {
            for (String line = stream.readLine(); line != null; line = stream.readLine()) {
                if (line.contains("hello")) {
                    listening.countDown();
                }
                Matcher job = JOB.matcher(line);
                if (!job.find() || Long.parseLong(job.group(1)) < FIRST_JOB) {
                    continue;
                }
                long number = Long.parseLong(job.group(1));
                heard.computeIfAbsent(number, n -> new AtomicLong()).incrementAndGet();
                Long sent = lastTick.get(number);
                if (sent == null) {
                    continue;
                }
                toldNanos.add(System.nanoTime() - sent);
                if (!yard && number == own) {
                    viewer.get("/api/jobs/%d/steps".formatted(own));
                    shownNanos.add(System.nanoTime() - sent);
                }
            }
        } catch (IOException closed) {
            // The run is over.
        }
    }

    private void work(RunningApp.App app) throws InterruptedException {
        ScheduledExecutorService hands = Executors.newScheduledThreadPool(TECHNICIANS);
        CountDownLatch done = new CountDownLatch(TECHNICIANS * ROUNDS);
        for (int i = 0; i < TECHNICIANS; i++) {
            ShopClient technician = ShopClient.signedIn(app.url(), List.of("tova", "rian", "ned").get(i % 3));
            long job = FIRST_JOB + i;
            AtomicInteger round = new AtomicInteger();
            hands.scheduleAtFixedRate(() -> {
                int at = round.getAndIncrement();
                if (at < ROUNDS) {
                    tick(technician, job, "load-" + at);
                    done.countDown();
                }
            }, i * EVERY_MS / TECHNICIANS, EVERY_MS, TimeUnit.MILLISECONDS);
        }
        done.await(ROUNDS * EVERY_MS * 3L, TimeUnit.MILLISECONDS);
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
        long[] sorted = nanos.stream().mapToLong(Long::longValue).sorted().toArray();
        if (sorted.length > 0) {
            System.out.printf("| %s | %.0f | %.0f | %.0f |%n", name, sorted[sorted.length / 2] / 1e6, sorted[sorted.length * 95 / 100] / 1e6, sorted[sorted.length - 1] / 1e6);
        }
    }

    /** Forty bikes on the strip, each with steps that want nothing but hands, beside a list as long as a real one. */
    private static void jobs(JdbcTemplate jdbc) {
        List<String> columns = jdbc.queryForList("SELECT column_name FROM information_schema.columns WHERE table_schema = DATABASE() AND table_name = 'job' AND column_name <> 'id'", String.class);
        String all = String.join(", ", columns);
        String from = all.replaceAll("\\bstand\\b", "NULL").replaceAll("\\bplace\\b", "'STRIP'");
        jdbc.execute("INSERT INTO job (id, " + all + ") SELECT " + (FIRST_JOB - 1) + " + seq, " + from + " FROM job JOIN seq_1_to_" + TECHNICIANS + " WHERE id = 403");
        List<Object[]> steps = new ArrayList<>();
        for (int job = 0; job < TECHNICIANS; job++) {
            for (int i = 0; i < Math.max(ROUNDS, 56); i++) {
                Step step = Step.called("load-" + i, "Step " + i + " of a list as long as a real one").text("What a mechanic is told in a few sentences, so that the answer has the size it has. ".repeat(3))
                        .at(Posture.ANY, Zone.BENCH).tools(List.of("bare hands")).step();
                steps.add(new Object[] {FIRST_JOB + job, i, step.key(), SheetJson.write(step), "OPEN", 0});
            }
        }
        jdbc.batchUpdate("INSERT INTO step (job_id, ordinal, step_key, body, state, version) VALUES (?, ?, ?, ?, ?, ?)", steps);
        System.out.println(Arrays.toString(new Object[] {steps.size(), "steps written"}));
    }
}
