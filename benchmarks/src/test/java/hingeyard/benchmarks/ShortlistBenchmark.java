package hingeyard.benchmarks;

import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.app.ShopClient.Answer;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The shortlist of one bike over HTTP with 5,000 kit variants and 20,000 parts: asked again, and asked after a drawer moved. */
@EnabledIfSystemProperty(named = "bench", matches = "true")
@ExtendWith(RunningApp.class)
class ShortlistBenchmark {

    private static final JsonMapper JSON = new JsonMapper();
    private static final int PARTS = 20_000;
    private static final int VARIANTS = 5_000;
    private static final int PER_SHEET = 250;
    private static final int RUNS = 100;
    private static final int WARM_UP = 25;

    @Test
    void shortlist(RunningApp.App app) {
        JdbcTemplate jdbc = app.bean(JdbcTemplate.class);
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        parts(jdbc);
        variants(orla);
        // Each variant goes with its own battery: five thousand rows, not five thousand times a dozen.
        jdbc.update("DELETE FROM battery_sheet");
        long job = orla.post("/api/jobs", ShopClient.booking("Bench tourer").replace("MID_DRIVE", "DRIVE_KIT")).body().path("number")
                .asLong();
        orla.survey(job, "");
        String path = "/api/jobs/%d/shortlist".formatted(job);
        int rows = orla.get(path).body().path("rows").size();
        System.out.printf(
                "%d rows, %d parts in the drawers, %d kB; %d requests each over HTTP on loopback%n%n| request | median ms | p95 ms | worst ms |%n|---|---|---|---|%n",
                rows,
                orla.get("/api/drawers").body().size(), orla.bytes(path).body().length / 1024, RUNS);
        time("shortlist asked again", orla, path, () -> {
        });
        time("shortlist after a delivery", orla, path, () -> orla.post("/api/drawers/BS-050/receipts", "{\"count\":1,\"note\":\"bench\"}"));
        time("one kit's hinge after a delivery", orla, "/api/jobs/%d/match/TN9".formatted(job),
                () -> orla.post("/api/drawers/BS-050/receipts", "{\"count\":1,\"note\":\"bench\"}"));
    }

    private static void time(String name, ShopClient client, String path, Runnable before) {
        long[] nanos = new long[RUNS];
        for (int i = -WARM_UP; i < RUNS; i++) {
            before.run();
            long from = System.nanoTime();
            client.bytes(path);
            if (i >= 0) {
                nanos[i] = System.nanoTime() - from;
            }
        }
        Arrays.sort(nanos);
        System.out.printf("| %s | %.0f | %.0f | %.0f |%n", name, nanos[RUNS / 2] / 1e6, nanos[RUNS * 95 / 100] / 1e6,
                nanos[RUNS - 1] / 1e6);
    }

    private static void parts(JdbcTemplate jdbc) {
        jdbc.execute(
                "INSERT INTO part (number, name, used_as, place, thickness_um, plus_minus_um, inner_um, outer_um, price_minor, lead_days) SELECT CONCAT('BN-', seq), CONCAT('Bench piece ', seq), "
                        + "CONCAT('bench-', seq % 400), 'Z9', 1000, 50, 12000, 24000, 100, 3 FROM seq_1_to_" + PARTS);
        jdbc.execute(
                "INSERT INTO stock_movement (part_number, delta, kind, note, moved_by, moved_at) SELECT CONCAT('BN-', seq), 5, 'RECEIVED', 'bench', 'bench', NOW(3) FROM seq_1_to_"
                        + PARTS);
    }

    private static void variants(ShopClient orla) {
        List<String> sheets = List.of("TN9", "KF2", "OR5", "VM4-S");
        for (int made = 0; made < VARIANTS; made += PER_SHEET) {
            int n = made / PER_SHEET;
            ObjectNode sheet = (ObjectNode) JSON
                    .readTree(orla.get("/api/kits/" + sheets.get(n % sheets.size())).body().path("text").asString());
            sheet.put("code", "BV" + n);
            ArrayNode variants = sheet.putArray("variants");
            for (int i = 1; i < PER_SHEET; i++) {
                ObjectNode variant = variants.addObject().put("code", "BV" + n + "-" + i);
                ObjectNode change = variant.putObject("change").put("name", "bench variant " + i);
                change.putObject("controller").put("limit", "%d A".formatted(10 + i % 12));
                change.putObject("battery").put("milliampereHours", 7000 + 100 * i);
            }
            Answer saved = orla.post("/api/kits",
                    "{\"text\":%s,\"reason\":\"bench\"}".formatted(JSON.writeValueAsString(JSON.writeValueAsString(sheet))));
            if (saved.status() != 200) {
                throw new IllegalStateException(saved.toString());
            }
        }
    }
}
