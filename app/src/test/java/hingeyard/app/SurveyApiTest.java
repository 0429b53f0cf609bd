package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.ShopClient.Answer;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The survey by HTTP: doubts and contradictions are asked, values from elsewhere take nobody's place, files are refused whole. */
@ExtendWith(RunningApp.class)
class SurveyApiTest {

    private static final JsonMapper JSON = new JsonMapper();

    private static Answer sure(ShopClient who, long job, String key, String text, String tool, long seen) {
        return who.post("/api/jobs/%d/measures/%s".formatted(job, key),
                "{\"text\":\"%s\",\"tool\":\"%s\",\"seen\":%d,\"sure\":true}".formatted(text, tool, seen));
    }

    @Test
    void theUnusualIsAskedAndTheImpossibleTogetherIsToldAtOnce(RunningApp.App app) {
        ShopClient tova = ShopClient.signedIn(app.url(), "tova");
        long job = ShopClient.signedIn(app.url(), "orla").book("Doubtful");
        Answer unusual = tova.measure(job, "bracket.shell-width", "64", "CALIPER", 0);
        assertThat(unusual.status()).isEqualTo(409);
        assertThat(unusual.body().path("faults").get(0).path("field").asString()).isEqualTo("sure");
        assertThat(unusual.detail()).contains("64.0 mm is unusual; most are 68–120 mm. Sure?", "not saved yet");
        assertThat(sure(tova, job, "bracket.shell-width", "64", "CALIPER", 0).status()).isEqualTo(200);

        tova.measure(job, "rear.over-locknut", "135", "CALIPER", 0);
        Answer clash = tova.measure(job, "rear.thru-axle", "197", "LOOK", 0);
        assertThat(clash.detail())
                .contains("Rear over-locknut distance 135.0 mm and Rear thru-axle, stated width 197 mm do not go together");
        Answer saved = sure(tova, job, "rear.thru-axle", "197", "LOOK", 0);
        assertThat(saved.body().path("clashes").get(0).path("id").asString()).isEqualTo("rear-axle-width");
    }

    @Test
    void aSurveyThatContradictsItselfMakesNoBill(RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        long job = orla.book("Contradicted");
        orla.place(job, "RACK", null);
        orla.survey(job, "");
        sure(orla, job, "rear.cog-smallest", "34", "LOOK", 0);
        sure(orla, job, "rear.cog-largest", "14", "LOOK", 0);
        assertThat(orla.bill(job, "TN9").detail()).contains("contradicts itself", "the largest cannot be smaller");
    }

    @Test
    void measuresOfTheShortlistAreAskedFirst(RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        long job = anyDrive(orla, "Asked");
        assertThat(asked(orla.get("/api/jobs/" + job).body())).contains("bracket.shell-width", "front.over-locknut");
        Answer hubOnly = orla.post("/api/jobs/%d/asked-kits".formatted(job), "{\"kits\":[\"KF2\"]}");
        assertThat(asked(hubOnly.body())).contains("front.over-locknut").doesNotContain("bracket.shell-width");
        assertThat(orla.post("/api/jobs/%d/asked-kits".formatted(job), "{\"kits\":[\"NOPE\"]}").detail()).contains("NOPE");
    }

    @Test
    void aKitThatIsOutAlreadyAsksForNothingMore(RunningApp.App app) {
        ShopClient tova = ShopClient.signedIn(app.url(), "tova");
        long job = anyDrive(ShopClient.signedIn(app.url(), "orla"), "Hub is out");
        assertThat(asked(tova.get("/api/jobs/" + job).body())).contains("front.slot-width", "bracket.shell-width");
        Answer carbon = tova.measure(job, "front.fork-material", "carbon", "MAGNET", 0);
        assertThat(asked(carbon.body())).contains("bracket.shell-width").noneMatch(k -> k.startsWith("front."));
    }

    private static long anyDrive(ShopClient orla, String bike) {
        return orla.post("/api/jobs", ShopClient.booking(bike).replace("MID_DRIVE", "DRIVE_KIT")).body().path("number").asLong();
    }

    private static java.util.List<String> asked(JsonNode sheet) {
        java.util.List<String> keys = new java.util.ArrayList<>();
        sheet.path("fields").forEach(f -> {
            if (f.path("holdsUp").size() > 0) {
                keys.add(f.path("key").asString());
            }
        });
        return keys;
    }

    private static long sizedTourer(RunningApp.App app, String customer) {
        String booking = ShopClient.booking(customer, customer.toLowerCase(Locale.ROOT), "Quay tourer", "").replace("\"size\":\"\"",
                "\"size\":\"52\"");
        return ShopClient.signedIn(app.url(), "orla").post("/api/jobs", booking).body().path("number").asLong();
    }

    @Test
    void anEarlierBikesSurveyIsCopiedMarkedAndCountsOnceConfirmed(RunningApp.App app) {
        ShopClient tova = ShopClient.signedIn(app.url(), "tova");
        long from = sizedTourer(app, "Copy Source");
        tova.measure(from, "bracket.shell-width", "73", "CALIPER", 0);
        tova.measure(from, "bracket.right-stay-60", "30", "CALIPER", 0);
        long job = sizedTourer(app, "Copy Tester");
        tova.measure(job, "bracket.shell-width", "72.8", "CALIPER", 0);
        JsonNode sources = tova.get("/api/jobs/%d/survey/sources".formatted(job)).body();
        assertThat(sources.valueStream().map(n -> n.path("job").asLong())).contains(from).doesNotContain(job);
        Answer copied = tova.post("/api/jobs/%d/survey/copy".formatted(job), "{\"job\":%d}".formatted(from));
        assertThat(copied.body().path("entered").asInt()).isPositive();
        JsonNode sheet = tova.get("/api/jobs/" + job).body();
        JsonNode stay = PhotoTest.taken(sheet, "bracket.right-stay-60");
        assertThat(stay.path("confirm").asBoolean()).isTrue();
        assertThat(stay.path("quality").asString()).contains("from another bike, confirm");
        assertThat(PhotoTest.taken(sheet, "bracket.shell-width").path("confirm").asBoolean()).as("its own value stays").isFalse();
        Answer confirmed = tova.measure(job, "bracket.right-stay-60", stay.path("text").asString(), "CALIPER", stay.path("id").asLong());
        assertThat(PhotoTest.taken(confirmed.body(), "bracket.right-stay-60").path("confirm").asBoolean()).isFalse();
        assertThat(tova.post("/api/jobs/409/survey/copy", "{\"job\":%d}".formatted(from)).detail())
                .contains("no bike of the same frame and size");
    }

    @Test
    void anotherBikesValueCountsForNoVerdict(RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        String booking = ShopClient.booking("Verdict Tester", "ext. 3", "Quay tourer", "").replace("\"size\":\"\"", "\"size\":\"52\"");
        long job = orla.post("/api/jobs", booking).body().path("number").asLong();
        long from = orla.get("/api/jobs/%d/survey/sources".formatted(job)).body().get(0).path("job").asLong();
        orla.post("/api/jobs/%d/survey/copy".formatted(job), "{\"job\":%d}".formatted(from));
        assertThat(orla.match(job, "TN9").path("verdict").asString()).isEqualTo("MEASURE");
        assertThat(asked(orla.get("/api/jobs/" + job).body())).contains("bracket.shell-width");
    }

    @Test
    void aSurveyGoesOutAsAFileAndComesBackTheSame(RunningApp.App app) {
        ShopClient tova = ShopClient.signedIn(app.url(), "tova");
        String file = new String(tova.bytes("/api/jobs/410/survey.json").body(), StandardCharsets.UTF_8);
        Answer same = read(tova, 410, file, false);
        assertThat(same.body().path("lines").findValuesAsString("outcome")).containsOnly("SAME");
        long job = ShopClient.signedIn(app.url(), "orla").book("Diamond");
        assertThat(read(tova, job, file, false).detail()).contains("bike.kind", "diamond frame");
        String asDiamond = file.replace("\"step-through\"", "\"diamond\"");
        int lines = same.body().path("lines").size();
        assertThat(read(tova, job, asDiamond, false).body().path("entered").asInt()).as("only looked at").isZero();
        assertThat(read(tova, job, asDiamond, true).body().path("entered").asInt()).isEqualTo(lines);
    }

    @Test
    void aWrongFileIsRefusedWholeWithLineColumnAndReason(RunningApp.App app) {
        ShopClient tova = ShopClient.signedIn(app.url(), "tova");
        String file = new String(tova.bytes("/api/jobs/410/survey.json").body(), StandardCharsets.UTF_8);
        long job = ShopClient.signedIn(app.url(), "orla").book("Untouched");
        Answer refused = read(tova, job, file.replace("\"step-through\"", "\"diamond\"").replaceFirst("\"622 mm\"", "\"62 metres\""), true);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.detail()).contains("nothing of it was kept", "line ", "column ", "62 metres");
        assertThat(tova.get("/api/jobs/" + job).body().path("fields").findValues("taken")).isEmpty();
        assertThat(tova.bytes("/api/survey-schema").statusCode()).isEqualTo(200);
    }

    @Test
    void filesOfABikeAndAKitAreAnsweredLikeTheHeadlessCommand(RunningApp.App app) {
        ShopClient tova = ShopClient.signedIn(app.url(), "tova");
        String survey = new String(tova.bytes("/api/jobs/408/survey.json").body(), StandardCharsets.UTF_8);
        String kit = app.bean(org.springframework.jdbc.core.JdbcTemplate.class)
                .queryForObject("SELECT sheet FROM kit_sheet WHERE code = 'TN9'", String.class);
        Answer fit = tova.post("/api/fit",
                "{\"survey\":%s,\"kit\":%s}".formatted(JSON.writeValueAsString(survey), JSON.writeValueAsString(kit)));
        assertThat(fit.status()).as(fit.toString()).isEqualTo(200);
        assertThat(fit.body().path("goesOn").asBoolean()).as(fit.toString()).isTrue();
        Answer refused = tova.post("/api/fit", "{\"survey\":%s,\"kit\":\"{}\"}".formatted(JSON.writeValueAsString(survey)));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.detail()).contains("kit");
        assertThat(ShopClient.stranger(app.url()).post("/api/fit", "{}").status()).isEqualTo(401);
    }

    private static Answer read(ShopClient who, long job, String file, boolean apply) {
        return who.post("/api/jobs/%d/survey/file".formatted(job),
                "{\"json\":%s,\"apply\":%s,\"chosen\":[]}".formatted(JSON.writeValueAsString(file), apply));
    }
}
