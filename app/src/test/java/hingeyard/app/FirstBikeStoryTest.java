package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.ShopClient.Answer;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** One bike from the gate to the bill and the steps, by HTTP against a real database. */
@ExtendWith(RunningApp.class)
class FirstBikeStoryTest {

    private ShopClient orla;
    private ShopClient tova;
    private ShopClient ines;

    @BeforeEach
    void signIn(RunningApp.App app) {
        orla = ShopClient.signedIn(app.url(), "orla");
        tova = ShopClient.signedIn(app.url(), "tova");
        ines = ShopClient.signedIn(app.url(), "ines");
        for (String kit : List.of("TN9", "VM4-L", "VM4-S")) {
            ines.post("/api/drawers/%s/receipts".formatted(kit), "{\"count\":5,\"note\":\"for the tests\"}");
        }
    }

    private long arrived(String width) {
        long job = orla.book("Quay tourer");
        assertThat(orla.place(job, "RACK", null).status()).isEqualTo(200);
        tova.survey(job, "bracket.shell-width=" + width);
        return job;
    }

    @Test
    void nobodyComesInWithoutAPassword(RunningApp.App app) {
        ShopClient stranger = ShopClient.stranger(app.url());
        assertThat(stranger.get("/api/yard").status()).isEqualTo(401);
        assertThat(stranger.post("/api/session", "{\"username\":\"orla\",\"password\":\"guess\"}").status()).isEqualTo(401);
        assertThat(stranger.post("/api/jobs", ShopClient.booking("x")).status()).isEqualTo(401);
    }

    @Test
    void rolesDoWhatTheyMay() {
        assertThat(tova.post("/api/jobs", ShopClient.booking("x")).status()).isEqualTo(403);
        assertThat(ines.place(408, "RACK", null).status()).isEqualTo(403);
        assertThat(tova.post("/api/drawers/BS-400/receipts", "{\"count\":1,\"note\":\"\"}").status()).isEqualTo(403);
    }

    @Test
    void aRefusedBookingNamesEveryFieldAndSavesNothing() {
        int before = orla.get("/api/yard").body().path("bikes").size();
        Answer answer = orla.post("/api/jobs", ShopClient.booking(" ").replace("\"DISTANCE\":\"20\"", "\"DISTANCE\":\"4000 km\""));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body().path("faults").findValuesAsString("field")).containsExactlyInAnyOrder("bike.model", "need.DISTANCE");
        assertThat(answer.detail()).contains("1 km to 300 km, 0.6 mi to 186.4 mi", "Nothing was saved");
        assertThat(orla.post("/api/jobs", ShopClient.booking("x").replaceAll("\"arrivesOn\":\"[^\"]*\"", "\"arrivesOn\":\"2020-01-01\""))
                .detail())
                .contains("arrivesOn", "2020-01-01", "from today to a year ahead");
        assertThat(orla.post("/api/jobs", "{\"customer\": }").status()).isEqualTo(400);
        assertThat(orla.get("/api/yard").body().path("bikes").size()).isEqualTo(before);
    }

    @Test
    void aRepeatedCommandIsCarriedOutOnce() {
        Answer first = orla.post("/api/jobs", ShopClient.booking("Twice sent"), "key-" + System.nanoTime());
        String key = "again-" + System.nanoTime();
        String booking = ShopClient.booking("Twice sent");
        long one = orla.post("/api/jobs", booking, key).body().path("number").asLong();
        long two = orla.post("/api/jobs", booking, key).body().path("number").asLong();
        assertThat(two).isEqualTo(one).isNotEqualTo(first.body().path("number").asLong());
    }

    @Test
    void measuresAreRefusedAtTheirFieldAndNeverLostBetweenTwoPeople() {
        long job = orla.book("Quay tourer");
        Answer impossible = tova.measure(job, "bracket.shell-width", "730", "CALIPER", 0);
        assertThat(impossible.status()).isEqualTo(422);
        assertThat(impossible.body().path("faults").get(0).path("field").asString()).isEqualTo("bracket.shell-width");
        assertThat(impossible.detail()).contains("60–130", "usual are 68");
        assertThat(tova.measure(job, "bracket.shell-width", "2 7/8 in", "CALIPER", 0).status()).isEqualTo(200);
        Answer second = orla.measure(job, "bracket.shell-width", "73", "CALIPER", 0);
        assertThat(second.status()).isEqualTo(409);
        assertThat(second.detail()).contains("Tova measured shell width", "73.025 mm", "not saved");
        JsonNode field = field(job, "bracket.shell-width");
        assertThat(orla.measure(job, "bracket.shell-width", "73", "CALIPER", field.path("taken").path("id").asLong()).status())
                .isEqualTo(200);
        assertThat(field(job, "bracket.shell-width").path("earlier").size()).isEqualTo(1);
    }

    private JsonNode field(long job, String key) {
        for (JsonNode field : orla.get("/api/jobs/" + job).body().path("fields")) {
            if (field.path("key").asString().equals(key)) {
                return field;
            }
        }
        throw new AssertionError(key);
    }

    @Test
    void theBillIsMadeFromTheMatchThatWasSeen() {
        long job = arrived("73");
        String stamp = orla.match(job, "TN9").path("stamp").asString();
        assertThat(orla.match(job, "TN9").path("goesOn").asBoolean()).isTrue();
        long seen = field(job, "bracket.shell-width").path("taken").path("id").asLong();
        tova.measure(job, "bracket.shell-width", "72.8", "CALIPER", seen);
        assertThat(orla.bill(job, "TN9", stamp, List.of()).detail()).contains("changed since you looked");
        assertThat(tova.bill(job, "TN9", List.of()).status()).isEqualTo(403);
        assertThat(orla.bill(job, "VM4-L", List.of()).detail()).contains("Consent is missing for: ");
        Answer made = orla.bill(job, "TN9", List.of());
        assertThat(made.status()).isEqualTo(200);
        assertThat(made.body().path("bill").path("revision").asString()).isEqualTo("A");
        assertThat(orla.bill(job, "TN9", List.of()).detail()).contains("has a bill already");
    }

    @Test
    void takingTheBillBackFreesItsPartsUntilAStepHasBegun() {
        long job = arrived("83");
        int before = orla.free("BS-600");
        assertThat(orla.bill(job, "VM4-L").status()).isEqualTo(200);
        assertThat(orla.delete("/api/jobs/%d/bill".formatted(job), "{\"reason\":\" \"}").status()).isEqualTo(422);
        assertThat(orla.delete("/api/jobs/%d/bill".formatted(job), "{\"reason\":\"customer waits\"}").status()).isEqualTo(200);
        assertThat(orla.free("BS-600")).isEqualTo(before);
        assertThat(orla.get("/api/jobs/%d/steps".formatted(job)).body().path("steps").size()).isZero();
        assertThat(orla.bill(job, "VM4-L").body().path("bill").path("revision").asString()).isEqualTo("B");
        orla.place(job, "STAND", 5);
        tova.step(job, "kit-check", "start", "{}");
        assertThat(orla.delete("/api/jobs/%d/bill".formatted(job), "{\"reason\":\"too late\"}").detail()).contains("have begun");
        assertThat(orla.place(job, "RACK", null).detail()).contains("A step is running");
        tova.step(job, "kit-check", "tick", "{\"figures\":{}}");
        orla.place(job, "RACK", null);
    }

    @Test
    void stepsKeepTheirOrderTheirWindowsAndTheirHands(RunningApp.App app) {
        long job = arrived("73");
        orla.bill(job, "TN9", List.of());
        assertThat(tova.step(job, "kit-check", "start", "{}").detail()).contains("put the bike on a stand first");
        assertThat(orla.place(job, "STAND", 1).detail()).contains("Stand 1 holds job");
        assertThat(orla.place(job, "STAND", 9).detail()).contains("one of 1, 2, 3, 4, 5, 6");
        assertThat(orla.place(job, "STAND", 5).status()).isEqualTo(200);
        assertThat(tova.step(job, "baseline", "start", "{}").detail())
                .contains("Waits for 'Check the box against its list', and then 1 more.");
        int boxes = orla.get("/api/drawers").body().findParents("number").stream().filter(r -> r.path("number").asString().equals("TN9"))
                .findFirst().orElseThrow().path("onHand").asInt();
        tova.step(job, "kit-check", "start", "{}");
        assertThat(tova.step(job, "kit-check", "tick", "{\"figures\":{}}").status()).isEqualTo(200);
        assertThat(orla.get("/api/drawers").body().findParents("number").stream().filter(r -> r.path("number").asString().equals("TN9"))
                .findFirst().orElseThrow().path("onHand").asInt()).as("the box is consumed when it is opened").isEqualTo(boxes - 1);

        tova.step(job, "bench-power", "start", "{}");
        assertThat(ShopClient.signedIn(app.url(), "rian").step(job, "bench-power", "tick", "{\"figures\":{\"battery-volts\":48}}").detail())
                .contains("Tova's hands");
        assertThat(tova.step(job, "bench-power", "tick", "{\"figures\":{}}").detail()).contains("Battery at its plug", "39–54.6 V");
        Answer outside = tova.step(job, "bench-power", "tick", "{\"figures\":{\"battery-volts\":31.2}}");
        JsonNode stuck = step(outside, "bench-power");
        assertThat(stuck.path("state").asString()).isEqualTo("STUCK");
        assertThat(stuck.path("stuckReason").asString()).contains("reads 31.2 V; 39–54.6 V passes");
        tova.step(job, "bench-power", "start", "{}");
        Answer inside = tova.step(job, "bench-power", "tick", "{\"figures\":{\"battery-volts\":48.2}}");
        assertThat(step(inside, "bench-power").path("state").asString()).isEqualTo("DONE");
        assertThat(step(inside, "bench-power").path("readings").size()).as("the refused reading is kept too").isEqualTo(2);
        assertThat(orla.place(job, "RAIL", null).detail()).contains("Steps are still open");
        assertThat(orla.place(job, "STRIP", null).detail()).contains("no first power");
        orla.place(job, "RACK", null);
    }

    private static JsonNode step(Answer answer, String key) {
        for (JsonNode step : answer.body().path("steps")) {
            if (step.path("key").asString().equals(key)) {
                return step;
            }
        }
        throw new AssertionError(key + " in " + answer);
    }

    @Test
    void findsByNumberCustomerBikeAndFrame() {
        assertThat(orla.get("/api/find?text=PL-00").body().findValuesAsString("frameNumber")).contains("PL-0093", "PL-0094");
        assertThat(orla.get("/api/find?text=hedda").body().findValuesAsString("customer")).contains("Hedda Kvist");
        orla.post("/api/jobs", ShopClient.booking("Frame Hider", "ext. 408", "Hides 408", "").replaceAll("\"frameNumber\":\"[^\"]*\"",
                "\"frameNumber\":\"F-4088\""));
        assertThat(orla.get("/api/find?text=408").body().get(0).path("number").asLong()).isEqualTo(408);
        assertThat(orla.get("/api/find?text=").body().size()).isZero();
        assertThat(orla.get("/api/jobs/99999").status()).isEqualTo(404);
    }
}
