package hingeyard.benchmarks;

import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntConsumer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.extension.ExtendWith;

/** The yard and a move on a floor of 200 bikes, 60 of them with a bill and its list of steps, all measured. */
@EnabledIfSystemProperty(named = "bench", matches = "true")
@ExtendWith(RunningApp.class)
class YardBenchmark {

    private static final int BIKES = 200;
    private static final int BILLED = 60;
    private static final int WARM_UP = 200;
    private static final int RUNS = 400;

    @Test
    void floor(RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        List<Long> jobs = fill(orla);
        System.out.println("| request | median ms | p95 ms | worst ms | bytes | bytes on the wire |");
        System.out.println("|---|---|---|---|---|---|");
        row("yard", i -> orla.bytes("/api/yard"), orla.bytes("/api/yard").body().length, orla.packed("/api/yard"));
        String some = "/api/yard/drawings?job=" + jobs.get(0);
        row("one drawing", i -> orla.bytes(some), orla.bytes(some).body().length, orla.packed(some));
        long moved = jobs.get(0);
        String[] places = {"{\"to\":\"STAND\",\"stand\":6}", "{\"to\":\"RACK\"}"};
        // Away and back, so that what is weighed is no refusal.
        orla.answer("/api/jobs/%d/place".formatted(moved), places[0]);
        int answer = orla.answer("/api/jobs/%d/place".formatted(moved), places[1]).body().length();
        row("a move", i -> {
            if (orla.answer("/api/jobs/%d/place".formatted(moved), places[i % 2]).statusCode() != 200) {
                throw new IllegalStateException("the move was refused");
            }
        }, answer, 0);
    }

    private static List<Long> fill(ShopClient orla) {
        List<Long> jobs = new ArrayList<>();
        orla.get("/api/yard").body().path("bikes").forEach(b -> {
            if (b.path("job").path("stand").asInt(0) == 6) {
                orla.place(b.path("job").path("number").asLong(), "RACK", null);
            }
        });
        int there = orla.get("/api/yard").body().path("bikes").size();
        for (int i = there; i < BIKES; i++) {
            long job = orla.book("Bench bike " + i);
            orla.place(job, "RACK", null);
            orla.survey(job, "");
            if (jobs.size() < BILLED) {
                orla.post("/api/drawers/VM4-S/receipts", "{\"count\":1,\"note\":\"\"}");
                orla.bill(job, "VM4-S");
            }
            jobs.add(job);
        }
        return jobs;
    }

    private static void row(String name, IntConsumer ask, int bytes, int packed) {
        long[] nanos = new long[RUNS];
        for (int i = -WARM_UP; i < RUNS; i++) {
            long from = System.nanoTime();
            ask.accept(i + WARM_UP);
            if (i >= 0) {
                nanos[i] = System.nanoTime() - from;
            }
        }
        Arrays.sort(nanos);
        System.out.printf("| %s | %.1f | %.1f | %.1f | %d | %d |%n", name, nanos[RUNS / 2] / 1e6, nanos[RUNS * 95 / 100] / 1e6,
                nanos[RUNS - 1] / 1e6, bytes, packed);
    }
}
