package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.ShopClient.Answer;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** Settings, the stand-in for the controller, devices and papers over HTTP. */
@ExtendWith(RunningApp.class)
class CommissionTest {

    private static JsonNode page(JsonNode sheet, String meaning) {
        return sheet.path("settings").valueStream().filter(s -> s.path("meaning").asString().equals(meaning)).findFirst().orElseThrow();
    }

    @Test
    void settingsAreComputedSetAndSayWhoSetThem(RunningApp.App app) {
        ShopClient ned = ShopClient.signedIn(app.url(), "ned");
        JsonNode sheet = ned.get("/api/jobs/405/settings").body();
        assertThat(page(sheet, "wheel circumference").path("value").asString()).matches("\\d{4} mm");
        assertThat(page(sheet, "speed limit").path("value").asString()).isEqualTo("25 km/h");
        String number = page(sheet, "assist levels").path("page").asString();
        assertThat(ned.put("/api/jobs/405/settings/" + number, "{\"value\":\" \"}").body().path("faults").toString()).contains("value");
        assertThat(ned.put("/api/jobs/405/settings/99", "{\"value\":\"1\"}").status()).isEqualTo(404);
        JsonNode set = page(ned.put("/api/jobs/405/settings/" + number, "{\"value\":\"3\"}").body(), "assist levels");
        assertThat(set.path("value").asString()).isEqualTo("3");
        assertThat(set.path("by").asString()).isEqualTo("Ned");
        // A job of class A: no display makes it faster, and the display itself knows no fourth level.
        String limit = page(sheet, "speed limit").path("page").asString();
        assertThat(ned.put("/api/jobs/405/settings/" + limit, "{\"value\":\"32 km/h\"}").body().path("faults").toString())
                .contains("at most 25 km/h on this job");
        assertThat(ned.put("/api/jobs/405/settings/" + limit, "{\"value\":\"100000\"}").status()).isEqualTo(422);
        assertThat(ned.put("/api/jobs/405/settings/" + number, "{\"value\":\"4\"}").body().path("faults").toString())
                .contains("the display takes 3, 5, 9");
        assertThat(ShopClient.signedIn(app.url(), "ines").put("/api/jobs/405/settings/" + number, "{\"value\":\"5\"}").status())
                .isEqualTo(403);
        assertThat(ned.get("/api/jobs/408/settings").detail()).as("no kit is chosen there yet").contains("has no kit yet");
    }

    @Test
    void aStartCodeIsShownToNobodyAndStandsOnTheGuideAlone(RunningApp.App app) {
        ShopClient tova = ShopClient.signedIn(app.url(), "tova");
        String page = page(tova.get("/api/jobs/405/settings").body(), "start code").path("page").asString();
        assertThat(tova.put("/api/jobs/405/settings/" + page, "{\"value\":\"8471\"}").body().toString()).doesNotContain("8471")
                .contains("••••");
        assertThat(paper(tova, 405, "settings")).doesNotContain("8471");
        assertThat(paper(tova, 405, "job-sheet")).doesNotContain("8471");
        assertThat(paper(tova, 405, "guide")).doesNotContain("8471").contains("on the copy that the manager prints");
        assertThat(paper(ShopClient.signedIn(app.url(), "orla"), 405, "guide")).contains("8471");
    }

    private static String paper(ShopClient who, long job, String paper) {
        return new String(who.bytes("/api/jobs/%d/papers/%s.html".formatted(job, paper)).body(), StandardCharsets.UTF_8);
    }

    @Test
    void faultsAreSwitchedOnAndTheTestsShowThem(RunningApp.App app) {
        ShopClient tova = ShopClient.signedIn(app.url(), "tova");
        assertThat(tova.get("/api/jobs/405/controller/functions").body().path("figures").path("pedal-stop").asDouble()).isLessThan(0.5);
        JsonNode sheet = tova.put("/api/jobs/405/controller/faults", "{\"fault\":\"BRAKE_SWITCH_STUCK\",\"on\":true}").body();
        assertThat(sheet.path("seen").asString()).contains("brake sign");
        assertThat(tova.get("/api/jobs/405/controller/functions").body().path("figures").path("pedal-stop").asDouble()).isGreaterThan(0.5);
        assertThat(tova.get("/api/jobs/405/controller/no-such-step").status()).isEqualTo(404);
        tova.put("/api/jobs/405/controller/faults", "{\"fault\":\"BRAKE_SWITCH_STUCK\",\"on\":false}");
        assertThat(tova.get("/api/symptoms").body().path("symptoms").size()).isGreaterThanOrEqualTo(10);
    }

    @Test
    void aReadingIsTakenWhileItIsFresh(RunningApp.App app) {
        ShopClient tova = ShopClient.signedIn(app.url(), "tova");
        JdbcTemplate jdbc = app.bean(JdbcTemplate.class);
        assertThat(tova.post("/api/devices/wrench/readings", "{\"value\":91.5,\"unit\":\"N·m\"}").body().path("reading").path("value")
                .asDouble()).isEqualTo(91.5);
        assertThat(tova.post("/api/devices/scale/readings", "{\"value\":1,\"unit\":\"kg\"}").body().path("faults").toString())
                .contains("device");
        assertThat(tova.post("/api/devices/meter/readings", "{\"value\":1,\"unit\":\"N·m\"}").body().path("faults").toString())
                .contains("unit");
        assertThat(tova.post("/api/devices/replay", "{\"csv\":\"device,value,unit\\nmeter,38.4,V\\nmeter,many,V\"}").body().path("faults")
                .toString()).contains("line 3");
        assertThat(tova.get("/api/devices/meter").body().has("reading")).as("nothing of a wrong file is kept").isFalse();
        assertThat(tova.post("/api/devices/replay", "{\"csv\":\"device,value,unit\\nmeter,38.4,V\"}").body().asInt()).isEqualTo(1);
        assertThat(tova.get("/api/devices/meter").body().path("reading").path("value").asDouble()).isEqualTo(38.4);
        jdbc.update("UPDATE device_reading SET sent_at = sent_at - INTERVAL 5 MINUTE");
        assertThat(tova.get("/api/devices/meter").body().has("reading")).as("it belonged to another step").isFalse();
    }

    @Test
    void theStepThatSetsTheDisplayWaitsForEveryPage(RunningApp.App app) {
        JdbcTemplate jdbc = app.bean(JdbcTemplate.class);
        ShopClient tova = ShopClient.signedIn(app.url(), "tova");
        // Its hands are put there: the way to it is long, and this is about its pages.
        jdbc.update("UPDATE step SET state = 'RUNNING', doer = 'Tova' WHERE job_id = 405 AND step_key = 'settings'");
        try {
            assertThat(tova.step(405, "settings", "tick", "{\"figures\":{}}").detail()).contains("of the display are not written down",
                    "wheel circumference");
            JsonNode sheet = tova.post("/api/jobs/405/settings/as-shown", "").body();
            assertThat(sheet.path("settings").valueStream().filter(s -> !s.has("by")).map(s -> s.path("meaning").asString()))
                    .as("codes are asked for").isSubsetOf("start code");
            tova.put("/api/jobs/405/settings/" + page(sheet, "start code").path("page").asString(), "{\"value\":\"1934\"}");
            Answer ticked = tova.step(405, "settings", "tick", "{\"figures\":{}}");
            assertThat(ticked.body().path("steps").valueStream().filter(s -> s.path("key").asString().equals("settings"))
                    .map(s -> s.path("state").asString())).containsExactly("DONE");
        } finally {
            jdbc.update("UPDATE step SET state = 'OPEN', doer = NULL, done_at = NULL WHERE job_id = 405 AND step_key = 'settings'");
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"job-sheet|Second person:", "job-sheet|left-hand: counter-clockwise", "job-sheet|Lithium battery",
        "settings|wheel circumference", "guide|Never charge a battery that is damaged",
        "guide|Parts handed back", "guide|We want it back", "handed-back|Bottom bracket cups and spindle", "handed-back|Handed over by",
        "next-check|every fastener again", "next-check|lock nut", "guide|Bottom bracket cups and spindle"})
    void papersSayWhatTheyMust(String paper, String says, RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        assertThat(paper(orla, 405, paper)).contains(says);
        assertThat(new String(orla.bytes("/api/jobs/405/papers/%s.pdf".formatted(paper)).body(), 0, 5, StandardCharsets.US_ASCII))
                .isEqualTo("%PDF-");
        assertThat(orla.get("/api/jobs/405/papers/love-letter.pdf").status()).isEqualTo(404);
    }
}
