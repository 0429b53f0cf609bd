package hingeyard.app;

import hingeyard.app.ShopClient.Answer;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.Random;
import java.util.concurrent.Callable;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BooleanSupplier;
import tools.jackson.databind.json.JsonMapper;

/**
 * Clients who receive, count, throw away, put back, promise, wait, pick, order, take deliveries in, give one job's part to another and take
 * back at random, on few parts and few jobs so that they get in each other's way.
 * What was confirmed to them is remembered by a note of its own.
 */
final class ManyHands {

    private static final JsonMapper JSON = new JsonMapper();
    /** A machine whose disk stands still for a while is not a fault of ours; one that never answers is. */
    private static final Duration PATIENCE = Duration.ofMinutes(5);
    private static final List<String> PARTS = List.of("BS-600", "BS-400", "VM4-S");

    private final String url;
    private final List<Long> jobs;
    final Queue<String> confirmed = new ConcurrentLinkedQueue<>();
    final Queue<String> unexpected = new ConcurrentLinkedQueue<>();
    private final Queue<Long> orders = new ConcurrentLinkedQueue<>();
    final AtomicInteger done = new AtomicInteger();
    final AtomicInteger lost = new AtomicInteger();

    ManyHands(String url, int bikes) {
        this.url = url;
        this.jobs = new ArrayList<>();
        ShopClient orla = ShopClient.signedIn(url, "orla");
        for (int i = 0; i < bikes; i++) {
            long job = orla.book("Many hands %d %d".formatted(bikes, i));
            orla.place(job, "RACK", null);
            orla.survey(job, i % 2 == 0 ? "" : "bracket.shell-width=83");
            jobs.add(job);
        }
    }

    /** @param mayFail whether the database may be away: then an answer of 5xx, or none, confirms nothing */
    List<Callable<Integer>> clients(int count, BooleanSupplier goOn, boolean mayFail) {
        List<Callable<Integer>> clients = new ArrayList<>();
        for (int c = 0; c < count; c++) {
            ShopClient orla = ShopClient.signedIn(url, "orla");
            int seed = c;
            clients.add(() -> {
                Random random = new Random(seed);
                for (int i = 0; goOn.getAsBoolean(); i++) {
                    once(orla, random, "hand %d turn %d".formatted(seed, i), mayFail);
                }
                return seed;
            });
        }
        return clients;
    }

    /** Waits until so many movements were confirmed. */
    void awaitConfirmed(int count) throws InterruptedException {
        await(() -> confirmed.size() >= count, count + " confirmed movements");
    }

    /** Waits until another command got no answer than the {@code before} that got none. */
    void awaitLostAfter(int before) throws InterruptedException {
        await(() -> lost.get() > before, "a command without an answer");
    }

    private synchronized void await(BooleanSupplier reached, String what) throws InterruptedException {
        long end = System.nanoTime() + PATIENCE.toNanos();
        while (!reached.getAsBoolean()) {
            long left = TimeUnit.NANOSECONDS.toMillis(end - System.nanoTime());
            if (left <= 0) {
                throw new IllegalStateException("no %s within %d s: %d commands, %d without an answer, %d confirmed".formatted(what,
                        PATIENCE.toSeconds(), done.get(), lost.get(), confirmed.size()));
            }
            wait(left);
        }
    }

    private synchronized void told() {
        notifyAll();
    }

    private void lostOne() {
        lost.incrementAndGet();
        told();
    }

    private void once(ShopClient orla, Random random, String note, boolean mayFail) {
        String part = PARTS.get(random.nextInt(PARTS.size()));
        long job = jobs.get(random.nextInt(jobs.size()));
        try {
            Answer answer = switch (random.nextInt(12)) {
                case 0, 1 -> noted(orla.post("/api/drawers/%s/receipts".formatted(part),
                        "{\"count\":%d,\"note\":\"%s\"}".formatted(1 + random.nextInt(2), note), note), note);
                case 2 -> noted(
                        orla.post("/api/drawers/%s/scraps".formatted(part), "{\"count\":1,\"reason\":\"%s\"}".formatted(note), note), note);
                case 3 ->
                    noted(orla.post("/api/drawers/%s/put-backs".formatted(part), "{\"count\":1,\"note\":\"%s\"}".formatted(note), note),
                            note);
                case 4 -> count(orla, part, random, note);
                case 5 -> orla.bill(job, "VM4-S");
                case 7 -> waits(orla, job);
                case 8 -> order(orla, note);
                case 9, 10 -> deliver(orla, random, note);
                case 11 -> orla.post("/api/orders/reallocations", JSON.writeValueAsString(
                        Map.of("part", "VM4-S", "from", job, "to", jobs.get(random.nextInt(jobs.size())), "reason", note)));
                case 6 -> orla.post("/api/jobs/%d/bill/picks".formatted(job), "{\"parts\":[]}", note);
                default -> orla.delete("/api/jobs/%d/bill".formatted(job), "{\"reason\":\"another turn\"}");
            };
            if (answer.status() >= 500 && mayFail) {
                lostOne();
            } else if (!List.of(200, 404, 409, 422).contains(answer.status())) {
                unexpected.add(note + ": " + answer);
            }
        } catch (RuntimeException e) {
            if (!mayFail) {
                unexpected.add(note + ": " + e);
            }
            lostOne();
        }
        done.incrementAndGet();
    }

    private Answer waits(ShopClient orla, long job) {
        var match = orla.match(job, "VM4-S");
        return orla.post("/api/jobs/%d/bill".formatted(job),
                JSON.writeValueAsString(Map.of("kitCode", "VM4-S", "stamp", match.path("stamp").asString(), "consented",
                        ShopClient.tradeOffs(match), "notTaken",
                        List.of(), "waits", true, "agreement", ShopClient.agreement())));
    }

    private Answer order(ShopClient orla, String note) {
        Answer sent = orla.post("/api/orders", "{\"supplier\":\"Tesselby Fixings\",\"lines\":[{\"part\":\"BS-600\",\"count\":10}]}", note);
        sent.body().path("orders").valueStream().filter(o -> !o.path("closed").asBoolean()).map(o -> o.path("number").asLong())
                .forEach(orders::add);
        return sent;
    }

    private Answer deliver(ShopClient orla, Random random, String note) {
        Long order = orders.poll();
        return order == null ? order(orla, note)
                : noted(orla.post("/api/orders/%d/deliveries".formatted(order),
                        "{\"lines\":[{\"part\":\"BS-600\",\"count\":%d,\"lot\":\"%s\"}]}"
                                .formatted(1 + random.nextInt(6), note),
                        note), note);
    }

    private Answer noted(Answer answer, String note) {
        if (answer.status() == 200) {
            confirmed.add(note);
            told();
        }
        return answer;
    }

    private Answer count(ShopClient orla, String part, Random random, String note) {
        var row = orla.get("/api/drawers").body().valueStream().filter(r -> r.path("number").asString().equals(part)).findFirst()
                .orElseThrow();
        int seen = row.path("onHand").asInt();
        Map<String, Object> counted = Map.of("part", part, "seen", seen, "counted", Math.max(0, seen - random.nextInt(2)), "reason", note);
        return noted(orla.post("/api/drawers/places/%s/counts".formatted(row.path("place").asString().replace(" ", "%20")),
                JSON.writeValueAsString(Map.of("counts", List.of(counted))), note), note);
    }
}
