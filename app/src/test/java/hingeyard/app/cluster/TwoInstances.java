package hingeyard.app.cluster;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.AtOnce;
import hingeyard.app.ShopClient;
import hingeyard.app.ShopClient.Answer;
import hingeyard.app.keeping.Pruning;
import java.io.BufferedReader;
import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What a shop's screens are promised holds wherever each of them is served: two instances of the application, each remembering what it
 * read,
 * on whatever the subclass gives them.
 */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
abstract class TwoInstances {

    private static final JsonMapper JSON = new JsonMapper();
    private static final int ROUNDS = 6;

    ConfigurableApplicationContext here;
    ConfigurableApplicationContext there;

    static String url(ConfigurableApplicationContext instance) {
        return "http://127.0.0.1:" + instance.getEnvironment().getProperty("local.server.port");
    }

    String hereUrl() {
        return url(here);
    }

    String thereUrl() {
        return url(there);
    }

    JdbcTemplate rows() {
        return here.getBean(JdbcTemplate.class);
    }

    /** Many people sign in from one address here, and one of them at most forgot the password. */
    private ShopClient someone(String name, String url) {
        rows().update("DELETE FROM failed_attempt");
        return ShopClient.signedIn(url, name);
    }

    private static void done(Answer answer) {
        assertThat(answer.status()).as(answer.toString()).isIn(200, 201, 204);
    }

    @Test
    void whoeverIsSignedInHereIsSignedInThere() {
        ShopClient tova = someone("tova", hereUrl());
        assertThat(tova.at(thereUrl()).get("/api/yard").status()).isEqualTo(200);
        done(tova.at(thereUrl()).delete("/api/session", ""));
        assertThat(tova.get("/api/yard").status()).as("signed out there").isEqualTo(401);
    }

    @Test
    void aScreenHereHearsWhatWasDoneThere() throws Exception {
        ShopClient orla = someone("orla", thereUrl());
        try (BufferedReader stream = someone("tova", hereUrl()).listen()) {
            CompletableFuture<Void> greeted = new CompletableFuture<>();
            CompletableFuture<String> told = CompletableFuture.supplyAsync(() -> {
                String found = stream.lines().peek(l -> {
                    if (l.contains("hello")) {
                        greeted.complete(null);
                    }
                }).filter(l -> l.contains("\"topic\":\"job\"")).findFirst().orElse("");
                return found;
            });
            greeted.get(30, TimeUnit.SECONDS);
            long job = orla.book("Heard of");
            assertThat(told.get(30, TimeUnit.SECONDS)).contains("\"job\":" + job);
        }
    }

    /** Everything that is remembered: asked here before, changed there, asked here again. */
    @Test
    void whatIsRememberedHereIsNotOlderThanWhatIsKnownThere() {
        ShopClient orla = someone("orla", hereUrl());
        ShopClient other = orla.at(thereUrl());
        long job = orla.book("Remembered");
        done(orla.place(job, "RACK", null));
        orla.survey(job, "");
        String match = "/api/jobs/%d/match/VM4-S".formatted(job);
        Map<String, Runnable> changes = new LinkedHashMap<>();
        changes.put("/api/drawers", () -> done(other.post("/api/drawers/BS-600/receipts", "{\"count\":3,\"note\":\"\"}")));
        changes.put(match + "?survey", () -> other.survey(job, "bracket.shell-width=83"));
        changes.put("/api/rules", () -> rule(other, "bracket.ground-road", "190 mm"));
        changes.put(match + "?rule", () -> rule(other, "bracket.ground-road", "170 mm"));
        changes.put("/api/kits/VM4-S", () -> kit(other, "VM4-S", "Told anew"));
        changes.put("/api/shop", () -> closed(other, LocalDate.now().plusDays(61)));
        changes.put("/api/yard", () -> other.book("Seen on the floor"));
        changes.put("/api/people", () -> done(other.put("/api/accounts/ned/roles", "{\"roles\":[\"TECHNICIAN\",\"STOCK_KEEPER\"]}")));
        changes.put("/api/jobs/%d/booking".formatted(job), () -> done(other.put("/api/jobs/%d/priority".formatted(job),
                "{\"priority\":\"FIRST\"}")));
        changes.forEach((path, change) -> {
            String asked = path.replaceAll("\\?.*", "");
            JsonNode before = told(orla, asked);
            assertThat(before).as(path).isEqualTo(told(other, asked));
            change.run();
            JsonNode after = told(orla, asked);
            assertThat(after).as("%s, changed there", path).isNotEqualTo(before);
            assertThat(after).as("%s, as it is there", path).isEqualTo(told(other, asked));
        });
    }

    /** Without the moment it was told at. */
    private static JsonNode told(ShopClient who, String path) {
        JsonNode body = who.get(path).body();
        return body instanceof ObjectNode object ? object.without("now") : body;
    }

    private static void rule(ShopClient who, String key, String value) {
        JsonNode rule = who.get("/api/rules").body().valueStream().filter(r -> r.path("key").asString().equals(key)).findFirst()
                .orElseThrow();
        done(who.post("/api/rules/" + key, "{\"value\":\"%s\",\"reason\":\"two instances\",\"seen\":%d}".formatted(value,
                rule.path("seen").asLong())));
    }

    private static void kit(ShopClient who, String code, String name) {
        JsonNode sheet = who.get("/api/kits/" + code).body();
        String text = ((ObjectNode) JSON.readTree(sheet.path("text").asString())).put("name", name).toString();
        done(who.post("/api/kits", "{\"text\":%s,\"seen\":%d,\"reason\":\"two instances\"}".formatted(JSON.writeValueAsString(text),
                sheet.path("version").asInt())));
    }

    private static void closed(ShopClient who, LocalDate day) {
        ObjectNode shop = (ObjectNode) who.get("/api/shop").body();
        ((ArrayNode) shop.path("closed")).addObject().put("day", day.toString()).put("why", "stocktaking");
        done(who.put("/api/shop", shop.toString()));
    }

    /** Five slips are free, wherever they are made, also at once. */
    @Test
    void missesAreCountedTogether() throws Exception {
        rows().update("DELETE FROM failed_attempt");
        List<Callable<Integer>> tries = new ArrayList<>();
        for (int i = 0; i < 16; i++) {
            ShopClient stranger = ShopClient.stranger(i % 2 == 0 ? hereUrl() : thereUrl());
            tries.add(() -> stranger.post("/api/session", "{\"username\":\"rian\",\"password\":\"a guess\"}").status());
        }
        List<Integer> statuses = AtOnce.run(tries);
        rows().update("DELETE FROM failed_attempt");
        assertThat(statuses).filteredOn(s -> s == 401).hasSize(5);
        assertThat(statuses).filteredOn(s -> s == 429).hasSize(11);
    }

    /** Of eight that want the last box, one has it. */
    @Test
    void theLastPartIsPromisedOnce() throws Exception {
        ShopClient orla = someone("orla", hereUrl());
        List<Long> jobs = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            long job = orla.book("Last part " + i);
            done(orla.place(job, "RACK", null));
            orla.survey(job, "");
            jobs.add(job);
        }
        for (int round = 0; round < ROUNDS; round++) {
            rows().update(
                    "INSERT INTO stock_movement (part_number, delta, kind, note, moved_by, moved_at) VALUES ('VM4-S', ?, 'RECEIVED', 'count', 'test', NOW(3))",
                    1 - orla.free("VM4-S"));
            JsonNode match = orla.match(jobs.get(0), "VM4-S");
            List<Callable<Answer>> tries = new ArrayList<>();
            for (long job : jobs) {
                ShopClient who = tries.size() % 2 == 0 ? orla : orla.at(thereUrl());
                tries.add(() -> who.bill(job, "VM4-S", match.path("stamp").asString(), ShopClient.tradeOffs(match)));
            }
            List<Answer> answers = AtOnce.run(tries);
            assertThat(answers).as("round %d", round).filteredOn(a -> a.status() == 200).hasSize(1);
            assertThat(answers).filteredOn(a -> a.status() == 409).hasSize(jobs.size() - 1);
            assertThat(orla.free("VM4-S")).isZero();
            long winner = jobs.get(answers.indexOf(answers.stream().filter(a -> a.status() == 200).findFirst().orElseThrow()));
            done(orla.at(thereUrl()).delete("/api/jobs/%d/bill".formatted(winner), "{\"reason\":\"another round\"}"));
        }
        assertThat(orla.get("/api/drawers/audit").body()).isEmpty();
    }

    /** Pressed twice, and each press went to another instance. */
    @Test
    void oneCommandSentToBothIsDoneOnce() throws Exception {
        ShopClient orla = someone("orla", hereUrl());
        for (int round = 0; round < ROUNDS; round++) {
            String key = "both-%d-%d".formatted(round, System.nanoTime());
            String booking = ShopClient.booking(key);
            List<Answer> answers = AtOnce.run(List.of(() -> orla.post("/api/jobs", booking, key),
                    () -> orla.at(thereUrl()).post("/api/jobs", booking, key)));
            assertThat(answers).allSatisfy(a -> done(a));
            assertThat(answers.get(0).body()).isEqualTo(answers.get(1).body());
            assertThat(rows().queryForObject("SELECT COUNT(*) FROM bike WHERE name = ?", Integer.class, key)).isEqualTo(1);
        }
    }

    /** Each would be right alone; both together would leave a shop that nobody can open. */
    @Test
    void twoManagersCannotPauseOneAnother() throws Exception {
        ShopClient orla = someone("orla", hereUrl());
        done(orla.put("/api/accounts/ines/roles", "{\"roles\":[\"STOCK_KEEPER\",\"MANAGER\"]}"));
        for (int round = 0; round < ROUNDS; round++) {
            ShopClient first = someone("orla", hereUrl());
            ShopClient second = someone("ines", thereUrl());
            List<Integer> statuses = AtOnce.run(List.of(
                    () -> first.put("/api/accounts/ines/standing", "{\"standing\":\"PAUSED\"}").status(),
                    () -> second.put("/api/accounts/orla/standing", "{\"standing\":\"PAUSED\"}").status()));
            assertThat(rows().queryForObject("SELECT COUNT(*) FROM person WHERE standing = 'ACTIVE' AND roles LIKE '%MANAGER%'",
                    Integer.class)).as("round %d: %s", round, statuses).isEqualTo(1);
            rows().update("UPDATE person SET standing = 'ACTIVE' WHERE username IN ('orla', 'ines')");
        }
    }

    /** A bike is put on a stand while the stand is taken out of the shop. */
    @Test
    void noBikeStandsOnAStandThatIsGone() throws Exception {
        ShopClient orla = someone("orla", hereUrl());
        long job = orla.book("Stands nowhere");
        done(orla.place(job, "RACK", null));
        for (int round = 0; round < ROUNDS; round++) {
            ObjectNode shop = (ObjectNode) orla.get("/api/shop").body();
            ObjectNode more = shop.deepCopy();
            ((ArrayNode) more.path("stands")).addObject().put("number", 17).put("name", "17").put("holds",
                    shop.path("stands").get(0).path("holds").asString());
            done(orla.put("/api/shop", more.toString()));
            shop.put("version", orla.get("/api/shop").body().path("version").asInt());
            List<Integer> statuses = AtOnce.run(List.of(() -> orla.put("/api/shop", shop.toString()).status(),
                    () -> orla.at(thereUrl()).place(job, "STAND", 17).status()));
            assertThat(rows().queryForObject(
                    "SELECT COUNT(*) FROM job WHERE place = 'STAND' AND stand NOT IN (SELECT number FROM stand)", Integer.class))
                    .as("round %d: %s", round, statuses).isZero();
            assertThat(statuses).as("one of them").containsOnlyOnce(200);
            orla.place(job, "RACK", null);
            ObjectNode again = shop.deepCopy().put("version", orla.get("/api/shop").body().path("version").asInt());
            done(orla.put("/api/shop", again.toString()));
        }
    }

    @Test
    void whatIsOldIsClearedAwayOnce() throws Exception {
        Timestamp old = Timestamp.from(Instant.now().minus(Duration.ofDays(400)));
        int events = 3_000;
        rows().batchUpdate("INSERT INTO live_event (topic, job_id, happened_at) VALUES ('job', 777, ?)",
                java.util.Collections.nCopies(events, new Object[]{old}));
        List<Callable<Integer>> both = List.of(() -> here.getBean(Pruning.class).run(), () -> there.getBean(Pruning.class).run());
        int gone = AtOnce.run(both).stream().mapToInt(n -> n).sum();
        assertThat(gone).isGreaterThanOrEqualTo(events);
        assertThat(rows().queryForObject("SELECT events FROM live_event_gone WHERE job_id = 777 AND topic = 'job'", Integer.class))
                .as("none counted twice").isEqualTo(events);
        rows().update("DELETE FROM live_event_gone WHERE job_id = 777");
    }
}
