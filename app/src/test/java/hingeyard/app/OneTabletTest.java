package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.ShopClient.Answer;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Several hands at one tablet, wrenches with their days, and a library the shop may change. */
@ExtendWith(RunningApp.class)
class OneTabletTest {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static String switchTo(String who, String pin) {
        return "{\"username\":\"%s\",\"pin\":\"%s\"}".formatted(who, pin);
    }

    @Test
    void handsChangeByNumberAndNobodyGuessesForLong(RunningApp.App app) {
        ShopClient tablet = ShopClient.signedIn(app.url(), "tova");
        assertThat(ShopClient.stranger(app.url()).post("/api/session/switch", switchTo("ned", "1470")).status())
                .as("a tablet nobody signed in at").isIn(401, 403);
        assertThat(tablet.get("/api/session/hands").body().toString())
                .contains("\"displayName\":\"Ned\",\"roles\":[\"TECHNICIAN\"],\"pin\":true");
        assertThat(tablet.post("/api/session/switch", switchTo("ned", "1470")).body().path("who").path("displayName").asString())
                .isEqualTo("Ned");
        assertThat(tablet.get("/api/session").body().path("who").path("username").asString()).isEqualTo("ned");
        assertThat(tablet.post("/api/session/switch", switchTo("ines", "1234")).detail()).contains("no PIN yet");
        for (int i = 0; i < 5; i++) {
            assertThat(tablet.post("/api/session/switch", switchTo("rian", "9999")).detail()).isEqualTo("That is not their PIN.");
        }
        assertThat(tablet.post("/api/session/switch", switchTo("rian", "3692")).detail()).as("even the right one waits now")
                .contains("Tried in vain 5 times");
        app.bean(JdbcTemplate.class).update("UPDATE failed_attempt SET last_at = last_at - INTERVAL 1 MINUTE WHERE what LIKE 'pin rian %'");
        assertThat(tablet.post("/api/session/switch", switchTo("rian", "3692")).status()).isEqualTo(200);
        assertThat(
                app.bean(JdbcTemplate.class).queryForObject("SELECT COUNT(*) FROM failed_attempt WHERE what LIKE 'pin rian %'",
                        Integer.class))
                .isZero();
    }

    @Test
    void aNumberIsChosenAgainstThePasswordAndIsNoObviousOne(RunningApp.App app) {
        ShopClient ines = ShopClient.signedIn(app.url(), "ines");
        for (String bad : List.of("12", "1234", "7777", "abcd", "123456789")) {
            assertThat(ines.put("/api/session/pin", "{\"password\":\"wharf-ines\",\"pin\":\"%s\"}".formatted(bad)).detail()).as(bad)
                    .isNotBlank();
        }
        assertThat(ines.put("/api/session/pin", "{\"password\":\"wrong\",\"pin\":\"5092\"}").status()).isEqualTo(401);
        assertThat(ines.put("/api/session/pin", "{\"password\":\"wharf-ines\",\"pin\":\"5092\"}").status()).isEqualTo(204);
        assertThat(app.bean(JdbcTemplate.class).queryForObject("SELECT pin_hash FROM person_pin WHERE username = 'ines'", String.class))
                .startsWith("$2").doesNotContain("5092");
        assertThat(ines.post("/api/session/switch", switchTo("ines", "5092")).status()).isEqualTo(200);
        app.bean(JdbcTemplate.class).update("DELETE FROM person_pin WHERE username = 'ines'");
    }

    @Test
    void whoGuessesPasswordsWaits(RunningApp.App app) {
        ShopClient stranger = ShopClient.stranger(app.url());
        String wrong = "{\"username\":\"guessed\",\"password\":\"x\"}";
        for (int i = 0; i < 5; i++) {
            assertThat(stranger.post("/api/session", wrong).status()).isEqualTo(401);
        }
        assertThat(stranger.post("/api/session", wrong).detail()).contains("Tried in vain 5 times");
    }

    @Test
    void aWrenchSaysWhenItIsDueAndOnlyReadsWhatItCan(RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        assertThat(orla.get("/api/wrenches").body().path("wrenches").valueStream().filter(w -> w.path("overdue").asBoolean())
                .map(w -> w.path("code").asString())).containsExactly("W3");
        assertThat(ShopClient.signedIn(app.url(), "tova").put("/api/wrenches/W9", wrench("2", "25", "2026-01-01", "2027-01-01")).status())
                .isEqualTo(403);
        assertThat(orla.put("/api/wrenches/W9", wrench("25", "2", "2026-01-01", "2027-01-01")).body().path("faults").toString())
                .contains("least");
        assertThat(orla.put("/api/wrenches/W9", wrench("2", "25", "2026-02-01", "2026-01-01")).body().path("faults").toString())
                .contains("due");
        assertThat(orla.put("/api/wrenches/W9", wrench("2", "25", "2026-01-01", "2036-01-01")).status()).isEqualTo(200);
        app.bean(JdbcTemplate.class).update("DELETE FROM wrench WHERE code = 'W9'");
    }

    private static String wrench(String least, String most, String calibrated, String due) {
        return "{\"name\":\"test\",\"leastNm\":%s,\"mostNm\":%s,\"calibratedOn\":\"%s\",\"dueOn\":\"%s\"}".formatted(least, most,
                calibrated, due);
    }

    @Test
    void aReadingKeepsItsWrenchAndWhetherItWasOverdue(RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        String steps = orla.get("/api/jobs/404/steps").body().toString();
        assertThat(steps).contains("\"key\":\"nut-torque\"");
        ShopClient rian = ShopClient.signedIn(app.url(), "rian");
        assertThat(rian.step(404, "lock-nut", "tick", "{\"figures\":{\"nut-torque\":90},\"wrenches\":{\"nut-torque\":\"W1\"}}").detail())
                .contains("2.0 to 25.0 N·m");
        assertThat(rian.step(404, "lock-nut", "tick", "{\"figures\":{\"nut-torque\":90},\"wrenches\":{\"nut-torque\":\"W7\"}}").body()
                .path("faults").toString()).contains("wrench");
        Answer ticked = rian.step(404, "lock-nut", "tick", "{\"figures\":{\"nut-torque\":90},\"wrenches\":{\"nut-torque\":\"W3\"}}");
        assertThat(ticked.status()).as(ticked.toString()).isEqualTo(200);
        assertThat(ticked.body().toString()).contains("\"wrench\":\"W3\",\"overdue\":true");
        assertThat(orla.get("/api/jobs/404/steps/history").body().toString()).contains("Lock nut 90 N·m (wrench W3)");
        assertThat(rian.step(404, "lock-nut", "undo", "{\"reason\":\"for the next test\"}").status()).isEqualTo(200);
        assertThat(rian.step(404, "lock-nut", "start", "").status()).isEqualTo(200);
    }

    @Test
    void theBatteryIsOutForAsLongAsSomebodyHoldsItOut(RunningApp.App app) {
        ShopClient tova = ShopClient.signedIn(app.url(), "tova");
        ShopClient ned = ShopClient.signedIn(app.url(), "ned");
        // Job 403 stands on the strip with power steps under way.
        assertThat(ned.post("/api/jobs/403/steps/battery-out", "").detail()).as("it is in")
                .contains("The battery is in for 'Levels and pedal stop', with Tova");
        tova.step(403, "functions", "pause", "{\"note\":\"asked to stop\"}");
        assertThat(ned.post("/api/jobs/403/steps/battery-out", "").body().path("batteryHeldOut").toString()).contains("\"person\":\"Ned\"");
        assertThat(tova.step(403, "functions", "start", "").detail()).contains("Ned holds the battery out of this bike. They are asked");
        assertThat(ned.get("/api/jobs/403/steps/now").body().path("batteryHeldOut").toString())
                .contains("\"askedBy\":\"Tova\",\"askedFor\":\"Levels and pedal stop\"");
        assertThat(ned.delete("/api/jobs/403/steps/battery-out", "").body().path("batteryHeldOut").toString()).isEqualTo("[]");
        assertThat(tova.step(403, "functions", "start", "").status()).isEqualTo(200);
    }

    @Test
    void theLibraryIsChangedByAVersionAndRefusedWhole(RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        assertThat(orla.get("/api/step-library").body().path("steps").asInt()).isGreaterThan(240);
        String yaml = orla.get("/api/step-library/sleeve-adapter").body().path("yaml").asString();
        assertThat(bring(orla, yaml, "x", false).body().path("faults").toString()).contains("version", "2: the one in force counted up");
        assertThat(bring(orla, yaml.replace("minutes: 10", "minutes: many"), "x", true).body().path("faults").toString()).contains("line ");
        String changed = yaml.replace("version: 1", "version: 2").replace("minutes: 10", "minutes: 12");
        assertThat(bring(orla, changed, "", false).body().path("faults").toString()).contains("reason");
        assertThat(bring(ShopClient.signedIn(app.url(), "tova"), changed, "x", false).status()).isEqualTo(403);
        assertThat(bring(orla, changed, "two shops took longer", false).status()).isEqualTo(200);
        assertThat(orla.get("/api/step-library/sleeve-adapter").body().path("version").asInt()).isEqualTo(2);
        app.bean(JdbcTemplate.class).update("DELETE FROM step_fragment");
    }

    /** What the shop learned moves no price by itself: the manager takes it into the book, and from then on labour is billed by it. */
    @Test
    void learnedMinutesGoIntoTheBookByTheManagersWord(RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        JdbcTemplate jdbc = app.bean(JdbcTemplate.class);
        long asked = orla.book("Learned from");
        orla.survey(asked, "");
        int book = step(orla).path("minutes").asInt();
        // Other stories tick this step at once too, as tests do.
        int tickedAtOnce = step(orla).path("leftOut").asInt();
        int before = minutes(orla, asked);
        List<Long> jobs = IntStream.range(0, 7).mapToObj(i -> orla.book("Learned from " + i)).toList();
        for (int i = 0; i < 7; i++) {
            // Two of the seven were ticked at once.
            jdbc.update(
                    "INSERT INTO step (job_id, ordinal, step_key, body, state, worked_seconds, version) SELECT ?, 0, step_key, body, 'DONE', ?, 0 FROM step WHERE step_key = 'clean-down' LIMIT 1",
                    jobs.get(i),
                    i < 2 ? 3 : (book + 7) * 60);
        }
        try {
            JsonNode learned = step(orla);
            assertThat(learned.path("learned").asInt()).isEqualTo(book + 7);
            assertThat(learned.path("leftOut").asInt()).isEqualTo(tickedAtOnce + 2);
            assertThat(minutes(orla, asked)).as("nobody took it over yet").isEqualTo(before);
            String given = "{\"step\":\"clean-down\",\"minutes\":%d}";
            assertThat(ShopClient.signedIn(app.url(), "tova").post("/api/step-library/minutes", given.formatted(book + 7)).status())
                    .isEqualTo(403);
            assertThat(orla.post("/api/step-library/minutes", given.formatted(book + 1)).detail())
                    .contains("takes %d minutes by what was learned since".formatted(book + 7));
            assertThat(orla.post("/api/step-library/minutes", "{\"step\":\"papers\",\"minutes\":5}").detail())
                    .contains("has not learned how long");
            assertThat(orla.post("/api/step-library/minutes", given.formatted(book + 7)).status()).isEqualTo(200);
            assertThat(step(orla).path("minutes").asInt()).isEqualTo(book + 7);
            assertThat(minutes(orla, asked)).isEqualTo(before + 7);
            assertThat(orla.get("/api/step-library").body().path("changes").get(0).path("reason").asString())
                    .contains("%d min learned here, %d by the book before".formatted(book + 7, book));
        } finally {
            jobs.forEach(j -> jdbc.update("DELETE FROM step WHERE job_id = ?", j));
            jdbc.update("DELETE FROM step_fragment");
        }
    }

    private static JsonNode step(ShopClient who) {
        return who.get("/api/step-library").body().path("fragments").valueStream().flatMap(f -> f.path("steps").valueStream())
                .filter(s -> s.path("key").asString().equals("clean-down")).findFirst().orElseThrow();
    }

    private static int minutes(ShopClient who, long job) {
        return who.match(job, "VM4-S").path("minutes").asInt();
    }

    private static Answer bring(ShopClient who, String yaml, String reason, boolean tryOnly) {
        return who.post("/api/step-library",
                JSON.createObjectNode().put("yaml", yaml).put("reason", reason).put("tryOnly", tryOnly).toString());
    }
}
