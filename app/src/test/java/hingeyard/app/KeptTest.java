package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.ShopClient.Answer;
import java.util.List;
import java.util.concurrent.Callable;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** What is kept in memory is never older than what the database says, whoever changed it. */
@ExtendWith(RunningApp.class)
class KeptTest {

    private ShopClient orla;
    private ShopClient ines;

    @BeforeEach
    void signIn(RunningApp.App app) {
        orla = ShopClient.signedIn(app.url(), "orla");
        ines = ShopClient.signedIn(app.url(), "ines");
    }

    private JsonNode row(long job, String kit) {
        return orla.get("/api/jobs/%d/shortlist".formatted(job)).body().path("rows").valueStream()
                .filter(r -> r.path("kitCode").asString().equals(kit)).findFirst().orElseThrow();
    }

    private long surveyed() {
        long job = orla.book("Kept in mind");
        orla.place(job, "RACK", null);
        orla.survey(job, "");
        return job;
    }

    @Test
    void aDeliveryShowsInTheNextShortlist() {
        long job = surveyed();
        int before = row(job, "TN9").path("boxesFree").asInt();
        ines.post("/api/drawers/TN9/receipts", "{\"count\":3,\"note\":\"\"}");
        assertThat(row(job, "TN9").path("boxesFree").asInt()).isEqualTo(before + 3);
    }

    @Test
    void anotherInstancesMovementIsSeenToo(RunningApp.App app) {
        long job = surveyed();
        int before = row(job, "TN9").path("boxesFree").asInt();
        app.bean(JdbcTemplate.class).update(
                "INSERT INTO stock_movement (part_number, delta, kind, note, moved_by, moved_at) VALUES ('TN9', 2, 'RECEIVED', 'elsewhere', 'test', NOW(3))");
        assertThat(row(job, "TN9").path("boxesFree").asInt()).isEqualTo(before + 2);
    }

    @Test
    void aMeasureAPriceARuleAndASheetEachMoveIt() {
        long job = surveyed();
        String verdict = row(job, "TN9").path("verdict").asString();
        JsonNode taken = PhotoTest.taken(orla.get("/api/jobs/" + job).body(), "bracket.shell-width");
        orla.post("/api/jobs/%d/measures/bracket.shell-width".formatted(job),
                "{\"text\":\"120\",\"tool\":\"CALIPER\",\"seen\":%d,\"sure\":true}".formatted(taken.path("id").asLong()));
        assertThat(row(job, "TN9").path("verdict").asString()).isEqualTo("NO_FIT").isNotEqualTo(verdict);

        ines.post("/api/prices", "{\"csv\":\"number,price,lead days\\nTN9,1355.50,14\\n\"}");
        assertThat(row(job, "TN9").path("price").asString()).isEqualTo("1355.50");

        long seen = orla.get("/api/rules").body().valueStream().filter(r -> r.path("key").asString().equals("wheel.tyre-top")).findFirst()
                .orElseThrow().path("seen").asLong();
        String strip = orla.get("/api/jobs/%d/shortlist".formatted(surveyedForAll())).body().path("rows").toString();
        Answer set = orla.post("/api/rules/wheel.tyre-top", "{\"value\":\"24 mm\",\"reason\":\"mud\",\"seen\":%d}".formatted(seen));
        assertThat(set.status()).as(set.toString()).isEqualTo(200);
        assertThat(orla.get("/api/jobs/%d/shortlist".formatted(all)).body().path("rows").toString()).isNotEqualTo(strip);
        seen = set.body().valueStream().filter(r -> r.path("key").asString().equals("wheel.tyre-top")).findFirst().orElseThrow()
                .path("seen").asLong();
        orla.post("/api/rules/wheel.tyre-top", "{\"value\":null,\"reason\":\"dry again\",\"seen\":%d}".formatted(seen));
        assertThat(orla.get("/api/jobs/%d/shortlist".formatted(all)).body().path("rows").toString()).isEqualTo(strip);
    }

    private long all;

    private long surveyedForAll() {
        all = orla.post("/api/jobs", ShopClient.booking("Kept for all").replace("MID_DRIVE", "DRIVE_KIT")).body().path("number").asLong();
        orla.survey(all, "");
        return all;
    }

    @Test
    void twoWhoSaveOneSheetAtOnceAreToldOfEachOther(RunningApp.App app) throws Exception {
        JsonNode sheet = ines.get("/api/kits/BU7").body();
        String json = new tools.jackson.databind.json.JsonMapper().writeValueAsString(sheet.path("text").asString());
        List<Callable<Answer>> both = List.of(saving(app, json, sheet, "one"), saving(app, json, sheet, "two"));
        List<Answer> answers = AtOnce.run(both);
        assertThat(answers).extracting(Answer::status).containsExactlyInAnyOrder(200, 409);
        assertThat(ines.get("/api/kits/BU7").body().path("history").size()).isEqualTo(sheet.path("history").size() + 1);
    }

    private static Callable<Answer> saving(RunningApp.App app, String json, JsonNode sheet, String reason) {
        ShopClient keeper = ShopClient.signedIn(app.url(), "ines");
        return () -> keeper.post("/api/kits",
                "{\"text\":%s,\"seen\":%d,\"reason\":\"%s\"}".formatted(json, sheet.path("version").asInt(), reason));
    }

    @Test
    void aBatterysSheetComesInAndIsOfferedWithEveryKitItSuits() {
        long job = surveyed();
        String sheet = ines.get("/api/kits/TN9").body().path("text").asString();
        JsonNode battery = new tools.jackson.databind.json.JsonMapper().readTree(sheet).path("battery");
        String own = battery.toString().replace(battery.path("code").asString(), "SB48-99");
        Answer wrong = ines.post("/api/batteries", "{\"text\":%s,\"reason\":\"from its maker\"}"
                .formatted(quoted(own.replaceFirst("\"mass\":\"[^\"]*\"", "\"mass\":\"heavy\""))));
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.detail()).contains("heavy", "a mass");
        assertThat(ines.post("/api/batteries", "{\"text\":%s,\"reason\":\"from its maker\"}".formatted(quoted(own))).status())
                .isEqualTo(200);
        String changed = "{\"text\":%s,\"seen\":%d,\"reason\":\"new label\"}";
        assertThat(ines.post("/api/batteries", changed.formatted(quoted(own), 7)).detail())
                .contains("was changed since you looked (version 1)");
        assertThat(ines.post("/api/batteries", changed.formatted(quoted(own), 1)).body().path("history").valueStream()
                .map(h -> h.path("reason").asString())).containsExactly("new label", "from its maker");
        assertThat(row(job, "TN9+SB48-99").path("kitCode").asString()).isEqualTo("TN9+SB48-99");
        assertThat(ShopClient.signedIn(orla.url(), "tova")
                .post("/api/batteries", "{\"text\":%s,\"reason\":\"from its maker\"}".formatted(quoted(own))).status()).isEqualTo(403);
    }

    private static String quoted(String text) {
        return new tools.jackson.databind.json.JsonMapper().writeValueAsString(text);
    }
}
