package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.ShopClient.Answer;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.concurrent.Callable;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Rules, kit sheets and prices by HTTP: who may change them, what is refused whole, what is remembered. */
@ExtendWith(RunningApp.class)
class RulesAndSheetsTest {

    private static final JsonMapper JSON = new JsonMapper();

    private ShopClient orla;
    private ShopClient ines;
    private ShopClient tova;

    @BeforeEach
    void signIn(RunningApp.App app) {
        orla = ShopClient.signedIn(app.url(), "orla");
        ines = ShopClient.signedIn(app.url(), "ines");
        tova = ShopClient.signedIn(app.url(), "tova");
    }

    private static JsonNode rule(JsonNode rules, String key) {
        return rules.valueStream().filter(r -> r.path("key").asString().equals(key)).findFirst().orElseThrow();
    }

    private static String rule(String value, String reason, long seen) {
        return "{\"value\":%s,\"reason\":\"%s\",\"seen\":%d}".formatted(value == null ? "null" : "\"" + value + "\"", reason, seen);
    }

    @Test
    void aRuleIsTheManagersWithAReasonAndAHistoryAndMovesTheVerdicts() {
        long job = orla.book("Ruled");
        orla.survey(job, "bracket.height=270");
        String key = "bracket.ground-road";
        JsonNode standard = rule(orla.get("/api/rules").body(), key);
        assertThat(standard.path("own").asBoolean()).isFalse();
        assertThat(standard.path("reason").asString()).isNotBlank();
        assertThat(tova.post("/api/rules/" + key, rule("150 mm", "kerbs", 0)).status()).isEqualTo(403);
        Answer refused = orla.post("/api/rules/" + key, rule("a hand", "kerbs", 0));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.detail()).contains("a hand", standard.path("allowed").asString());
        assertThat(orla.post("/api/rules/" + key, rule("150 mm", " ", 0)).status()).isEqualTo(422);

        String verdict = ShopClient.finding(orla.match(job, "TN9"), "ground-clearance").path("verdict").asString();
        JsonNode set = rule(orla.post("/api/rules/" + key, rule("190 mm", "high kerbs on the quay", 0)).body(), key);
        assertThat(set.path("value").asString()).isEqualTo("190 mm");
        assertThat(set.path("history").get(0).path("reason").asString()).isEqualTo("high kerbs on the quay");
        JsonNode moved = ShopClient.finding(orla.match(job, "TN9"), "ground-clearance");
        assertThat(moved.path("verdict").asString()).isNotEqualTo(verdict);
        assertThat(moved.path("figures").toString()).contains("190 mm");
        assertThat(orla.post("/api/rules/" + key, rule("100 mm", "somebody else", 0)).detail()).contains("was changed since you looked");
        JsonNode back = rule(orla.post("/api/rules/" + key, rule(null, "as it was", set.path("seen").asLong())).body(), key);
        assertThat(back.path("own").asBoolean()).isFalse();
        assertThat(back.path("history").size()).isEqualTo(2);
    }

    @Test
    void twoWhoChangeOneRuleAtOnceAreToldOfEachOther(RunningApp.App app) throws Exception {
        String key = "leads.stow-above";
        List<Callable<Answer>> both = List.of(
                () -> ShopClient.signedIn(app.url(), "orla").post("/api/rules/" + key, rule("260 mm", "one", 0)),
                () -> ShopClient.signedIn(app.url(), "orla").post("/api/rules/" + key, rule("270 mm", "two", 0)));
        List<Answer> answers = AtOnce.run(both);
        assertThat(answers).extracting(Answer::status).containsExactlyInAnyOrder(200, 409);
    }

    @Test
    void aKitSheetIsChangedByOneAndRefusedWhole() {
        JsonNode sheet = ines.get("/api/kits/KF2").body();
        String text = sheet.path("text").asString();
        assertThat(tova.post("/api/kits", sheet(text, 1, "mine")).status()).isEqualTo(403);
        Answer wrong = ines.post("/api/kits",
                sheet(text.replaceFirst("\"36 V\"", "\"36 volts or so\""), sheet.path("version").asInt(), "typo"));
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.detail()).contains("line ", "36 volts or so", "nothing of it was kept");
        Answer changed = ines.post("/api/kits",
                sheet(text.replace("\"Kelbrin\"", "\"Kelbrin\" "), sheet.path("version").asInt(), "maker's new print"));
        assertThat(changed.body().path("version").asInt()).isEqualTo(sheet.path("version").asInt() + 1);
        assertThat(changed.body().path("history").get(0).path("reason").asString()).isEqualTo("maker's new print");
        assertThat(ines.post("/api/kits", sheet(text, sheet.path("version").asInt(), "late")).status()).isEqualTo(409);
        assertThat(ines.get("/api/kits/KF2").body().path("version").asInt()).isEqualTo(sheet.path("version").asInt() + 1);
        assertThat(ines.bytes("/api/kit-schema").statusCode()).isEqualTo(200);
    }

    private static String sheet(String text, int seen, String reason) {
        return "{\"text\":%s,\"seen\":%d,\"reason\":\"%s\"}".formatted(JSON.writeValueAsString(text), seen, reason);
    }

    @Test
    void aPriceListIsTakenWholeOrNotAtAll() {
        Answer wrong = ines.post("/api/prices", "{\"csv\":\"number,price,lead days\\nBS-050,3.10,4\\nNOPE,4.00,4\\n\"}");
        assertThat(wrong.status()).as(wrong.toString()).isIn(404, 422);
        assertThat(wrong.detail()).contains("NOPE");
        assertThat(price("BS-050")).isEqualTo("2.40");
        assertThat(ines.post("/api/prices", "{\"csv\":\"number,price,lead days\\nBS-050,3.10,4\\n\"}").body().path("count").asInt())
                .isEqualTo(1);
        assertThat(price("BS-050")).isEqualTo("3.10");
        assertThat(new String(ines.bytes("/api/prices").body(), StandardCharsets.UTF_8)).contains("BS-050,3.10,4");
        assertThat(tova.post("/api/prices", "{\"csv\":\"number,price,lead days\\nBS-050,0.10,4\\n\"}").status()).isEqualTo(403);
    }

    private String price(String part) {
        return ines.get("/api/drawers").body().valueStream().filter(r -> r.path("number").asString().equals(part)).findFirst().orElseThrow()
                .path("price").asString();
    }
}
