package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.ShopClient.Answer;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The arrival check: what stops a job really stops it, what goes with it is on the bill. */
@ExtendWith(RunningApp.class)
class ArrivalTest {

    private static long ready(ShopClient orla, RunningApp.App app) {
        ShopClient.signedIn(app.url(), "ines").post("/api/drawers/TN9/receipts", "{\"count\":1,\"note\":\"\"}");
        long job = orla.book("Arrived");
        orla.place(job, "RACK", null);
        orla.survey(job, "");
        return job;
    }

    private static Answer grade(ShopClient who, long job, String point, String grade, String note, long seen) {
        return who.post("/api/jobs/%d/arrival/points/%s".formatted(job, point),
                "{\"grade\":\"%s\",\"note\":\"%s\",\"seen\":%d}".formatted(grade, note, seen));
    }

    private static Answer lift(ShopClient who, long job, String point, String ground, String reason) {
        return who.post("/api/jobs/%d/arrival/points/%s/lift".formatted(job, point),
                "{\"lift\":\"%s\",\"reason\":\"%s\"}".formatted(ground, reason));
    }

    private static JsonNode point(Answer sheet, String key) {
        for (JsonNode p : sheet.body().path("points")) {
            if (p.path("key").asString().equals(key)) {
                return p;
            }
        }
        throw new AssertionError(key);
    }

    @Test
    void whatStopsAJobStopsBillAndStandUntilTheManagerLiftsIt(RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        ShopClient tova = ShopClient.signedIn(app.url(), "tova");
        long job = ready(orla, app);
        assertThat(grade(tova, job, "fork-cracks", "STOPS", "", 0).detail()).contains("say what you saw");
        Answer stopped = grade(tova, job, "fork-cracks", "STOPS", "hair crack at the crown", 0);
        assertThat(stopped.body().path("mayGoOn").path("allowed").asBoolean()).isFalse();

        assertThat(orla.bill(job, "TN9").detail()).contains("The arrival check stops this job: Fork: cracks (hair crack at the crown)");
        assertThat(orla.place(job, "STAND", 5).detail()).contains("The arrival check stops");
        assertThat(lift(tova, job, "fork-cracks", "MENDED", "new fork fitted").status()).isEqualTo(403);
        assertThat(lift(orla, job, "fork-cracks", "ACCEPTED", "he says it is fine").detail()).contains("nobody may wave it through");
        assertThat(lift(orla, job, "fork-cracks", "MENDED", "ok").detail()).contains("Say why");
        Answer lifted = lift(orla, job, "fork-cracks", "MENDED", "new fork fitted and looked at");
        assertThat(lifted.body().path("mayGoOn").path("allowed").asBoolean()).isTrue();
        assertThat(point(lifted, "fork-cracks").path("earlier").size()).as("the stop stays written").isEqualTo(1);

        assertThat(orla.bill(job, "TN9").status()).isEqualTo(200);
        assertThat(orla.get("/api/jobs/%d/bill".formatted(job)).body().path("bill").path("lines").findValuesAsString("source"))
                .contains("WITH_JOB");
        assertThat(orla.place(job, "STAND", 5).status()).isEqualTo(200);

        grade(tova, job, "frame-cracks", "STOPS", "seen once the bracket was out", 0);
        assertThat(tova.step(job, "kit-check", "start", "{}").detail()).contains("The arrival check stops");
        assertThat(orla.place(job, "RACK", null).status()).as("back to the rack is always allowed").isEqualTo(200);
    }

    /** By no road and by nobody: not by another grade, not with everything else that is good, not by a technician's lift. */
    @Test
    void aStopIsNotGradedAway(RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        ShopClient tova = ShopClient.signedIn(app.url(), "tova");
        long job = orla.book("Cracked and wished good");
        long seen = point(grade(tova, job, "fork-cracks", "STOPS", "hair crack at the crown", 0), "fork-cracks").path("now").path("id")
                .asLong();
        for (ShopClient who : List.of(tova, orla)) {
            Answer good = grade(who, job, "fork-cracks", "GOOD", "", seen);
            assertThat(good.status()).isEqualTo(409);
            assertThat(good.detail()).contains("not graded away", "Nothing was saved");
            assertThat(grade(who, job, "fork-cracks", "WITH_JOB", "looks fine to me", seen).status()).isEqualTo(409);
        }
        assertThat(tova.post("/api/jobs/%d/arrival/rest-good".formatted(job), "{}").body().path("mayGoOn").path("allowed").asBoolean())
                .isFalse();
        assertThat(lift(tova, job, "fork-cracks", "MENDED", "I think it is fine").status()).isEqualTo(403);
        assertThat(orla.get("/api/jobs/%d/arrival".formatted(job)).body().path("mayGoOn").path("allowed").asBoolean()).isFalse();
        Answer more = grade(tova, job, "fork-cracks", "STOPS", "hair crack, goes right round", seen);
        assertThat(more.status()).as("more may be said of it").isEqualTo(200);
        assertThat(point(more, "fork-cracks").path("otherwise").path("allowed").asBoolean()).isFalse();
    }

    @Test
    void twoWhoGradeOnePointAreToldOfEachOther(RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        ShopClient tova = ShopClient.signedIn(app.url(), "tova");
        long job = orla.book("Looked at twice");
        long seen = point(grade(tova, job, "tyres", "WITH_JOB", "cracked", 0), "tyres").path("now").path("id").asLong();
        assertThat(grade(orla, job, "tyres", "GOOD", "", 0).detail())
                .contains("Tova graded 'Tyres: age, cracks, tread' a moment ago: with the job");
        assertThat(grade(orla, job, "tyres", "GOOD", "", seen).status()).isEqualTo(200);
    }

    @Test
    void theRestIsGradedGoodAndWhatWasFoundStays(RunningApp.App app) {
        ShopClient tova = ShopClient.signedIn(app.url(), "tova");
        long job = ShopClient.signedIn(app.url(), "orla").book("Rest good");
        grade(tova, job, "chain-wear", "WITH_JOB", "0.8 %", 0);
        Answer sheet = tova.post("/api/jobs/%d/arrival/rest-good".formatted(job), "{}");
        assertThat(sheet.body().path("open").asInt()).isZero();
        assertThat(point(sheet, "chain-wear").path("now").path("grade").asString()).isEqualTo("WITH_JOB");
        assertThat(sheet.body().path("work").get(0).path("what").asString()).isEqualTo("Chain renewed, cogs with it");
        assertThat(grade(tova, job, "fold-hinge", "GOOD", "", 0).detail()).contains("no point for a diamond frame called fold-hinge");
    }

    @Test
    void damageIsAgreedWithOdometerAndFrameNumber(RunningApp.App app) {
        ShopClient tova = ShopClient.signedIn(app.url(), "tova");
        long job = ShopClient.signedIn(app.url(), "orla").book("Agreed");
        String path = "/api/jobs/%d/arrival/agreed".formatted(job);
        assertThat(tova.post(path, "{\"odometerKm\":900000,\"frameNumber\":\"\",\"damage\":\"\",\"agreedBy\":\" \"}").body().path("faults")
                .findValuesAsString("field"))
                .hasSize(2).anyMatch(f -> f.startsWith("odometerKm")).contains("agreedBy");
        JsonNode agreed = tova
                .post(path, "{\"odometerKm\":3910,\"frameNumber\":\"X-1\",\"damage\":\"dent in the guard\",\"agreedBy\":\"Edda Holm\"}")
                .body().path("agreed");
        assertThat(agreed.path("odometerKm").asInt()).isEqualTo(3910);
        assertThat(agreed.path("by").asString()).isEqualTo("Tova");
    }
}
