package hingeyard.benchmarks;

import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.app.ShopClient.Answer;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A bill of more than 120 lines over HTTP with 20,000 parts in the drawers and 5,000 open reservations: quoted, made, looked at, taken
 * back.
 */
@EnabledIfSystemProperty(named = "bench", matches = "true")
@ExtendWith(RunningApp.class)
class BillBenchmark {

    private static final JsonMapper JSON = new JsonMapper();
    private static final int PARTS = 20_000;
    private static final int RESERVATIONS = 5_000;
    private static final int JOBS = 500;
    private static final int CONTENTS = 95;
    private static final int RUNS = 100;
    private static final int WARM_UP = 25;

    @Test
    void bill(RunningApp.App app) {
        JdbcTemplate jdbc = app.bean(JdbcTemplate.class);
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        long job = orla.book("Bench bill");
        orla.place(job, "RACK", null);
        orla.survey(job, "");
        drawers(jdbc);
        kit(orla);
        JsonNode match = orla.match(job, "BIG1");
        String bill = "/api/jobs/%d/bill".formatted(job);
        String make = JSON.writeValueAsString(Map.of("kitCode", "BIG1", "stamp", match.path("stamp").asString(), "consented",
                ShopClient.tradeOffs(match), "notTaken", List.of(), "waits", false, "agreement", ShopClient.agreement()));
        String quote = JSON.writeValueAsString(Map.of("kitCode", "BIG1", "stamp", match.path("stamp").asString(), "notTaken", List.of()));
        int lines = orla.post(bill, make).body().path("bill").path("lines").size();
        System.out.printf(
                "a bill of %d lines, %d parts in the drawers, %d reservations open; %d requests each over HTTP on loopback%n%n| request | median ms | p95 ms | worst ms |%n|---|---|---|---|%n",
                lines,
                jdbc.queryForObject("SELECT COUNT(*) FROM part", Integer.class),
                jdbc.queryForObject("SELECT COUNT(*) FROM reservation WHERE state = 'HELD'", Integer.class), RUNS);
        time("bill looked at, with what would be other now", () -> orla.get(bill), () -> {
        });
        forget(orla, jdbc, job);
        time("bill made: assessed, reserved, steps planned", () -> orla.post(bill, make), () -> forget(orla, jdbc, job));
        time("quote written", () -> orla.post("/api/jobs/%d/quotes".formatted(job), quote), () -> jdbc.update("DELETE FROM quote"));
        time("orders looked at", () -> orla.get("/api/orders"), () -> {
        });
    }

    private static void time(String name, Supplier<Answer> ask, Runnable after) {
        long[] nanos = new long[RUNS];
        for (int i = -WARM_UP; i < RUNS; i++) {
            long from = System.nanoTime();
            Answer answer = ask.get();
            if (i >= 0) {
                nanos[i] = System.nanoTime() - from;
            }
            if (answer.status() != 200) {
                throw new IllegalStateException(answer.toString());
            }
            after.run();
        }
        Arrays.sort(nanos);
        System.out.printf("| %s | %.0f | %.0f | %.0f |%n", name, nanos[RUNS / 2] / 1e6, nanos[RUNS * 95 / 100] / 1e6,
                nanos[RUNS - 1] / 1e6);
    }

    /** The job as it was: nobody makes a hundred revisions of one bill. */
    private static void forget(ShopClient orla, JdbcTemplate jdbc, long job) {
        orla.delete("/api/jobs/%d/bill".formatted(job), "{\"reason\":\"bench\"}");
        jdbc.update("DELETE l FROM bill_line l JOIN bill b ON b.id = l.bill_id WHERE b.job_id = ?", job);
        jdbc.update("DELETE FROM bill WHERE job_id = ?", job);
        jdbc.update("DELETE FROM reservation WHERE job_id = ?", job);
    }

    private static void drawers(JdbcTemplate jdbc) {
        jdbc.execute(
                "INSERT INTO part (number, name, used_as, place, thickness_um, plus_minus_um, inner_um, outer_um, price_minor, lead_days) SELECT CONCAT('BN-', seq), CONCAT('Bench piece ', seq), "
                        + "CONCAT('bench-', seq % 400), 'Z9', 1000, 50, 12000, 24000, 100, 3 FROM seq_1_to_" + PARTS);
        jdbc.execute(
                "INSERT INTO stock_movement (part_number, delta, kind, note, moved_by, moved_at) SELECT CONCAT('BN-', seq), 5, 'RECEIVED', 'bench', 'bench', NOW(3) FROM seq_1_to_"
                        + PARTS);
        List<String> columns = jdbc.queryForList(
                "SELECT column_name FROM information_schema.columns WHERE table_schema = DATABASE() AND table_name = 'job' AND column_name <> 'id'",
                String.class);
        String all = String.join(", ", columns);
        jdbc.execute(
                "INSERT INTO job (id, " + all + ") SELECT 100000 + seq, " + all + " FROM job JOIN seq_1_to_" + JOBS + " WHERE id = 408");
        jdbc.execute("UPDATE job SET place = 'GONE' WHERE id > 100000");
        jdbc.execute("INSERT INTO reservation (job_id, part_number, count, state, role) SELECT 100001 + seq % " + JOBS
                + ", CONCAT('BN-', seq), 1, 'HELD', 'bench' FROM seq_1_to_" + RESERVATIONS);
        jdbc.execute(
                "INSERT INTO stock_movement (part_number, delta, held_delta, kind, job_id, note, moved_by, moved_at) SELECT CONCAT('BN-', seq), 0, 1, 'RESERVED', 100001 + seq % "
                        + JOBS
                        + ", 'bench', 'bench', NOW(3) FROM seq_1_to_" + RESERVATIONS);
    }

    /** A kit with so much in its box that its bill is long. */
    private static void kit(ShopClient orla) {
        ObjectNode sheet = (ObjectNode) JSON.readTree(orla.get("/api/kits/VM4-S").body().path("text").asString());
        sheet.put("code", "BIG1");
        sheet.remove("variants");
        ArrayNode contents = (ArrayNode) sheet.path("contents");
        for (int i = 1; i <= CONTENTS; i++) {
            contents.addObject().put("name", "Small part " + i).put("count", 1).put("role", "bench-" + i);
        }
        Answer saved = orla.post("/api/kits",
                "{\"text\":%s,\"reason\":\"bench\"}".formatted(JSON.writeValueAsString(JSON.writeValueAsString(sheet))));
        if (saved.status() != 200) {
            throw new IllegalStateException(saved.toString());
        }
        orla.post("/api/drawers/BIG1/receipts", "{\"count\":5,\"note\":\"bench\"}");
    }
}
