package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.app.ShopClient.Answer;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The ledger, counting, part sheets and lists, over HTTP on the real database. */
@ExtendWith(RunningApp.class)
class DrawersTest {

    private static final JsonMapper JSON = new JsonMapper();
    private ShopClient orla;
    private ShopClient ines;
    private JdbcTemplate jdbc;

    @BeforeEach
    void signIn(RunningApp.App app) {
        orla = ShopClient.signedIn(app.url(), "orla");
        ines = ShopClient.signedIn(app.url(), "ines");
        jdbc = app.bean(JdbcTemplate.class);
    }

    /** Whatever a test did: added up again, the ledger says what the drawers say. */
    @AfterEach
    void theLedgerAddsUp() {
        assertThat(ines.get("/api/drawers/audit").body().toString()).isEqualTo("[]");
    }

    private JsonNode row(String part) {
        return orla.get("/api/drawers").body().valueStream().filter(r -> r.path("number").asString().equals(part)).findFirst()
                .orElseThrow();
    }

    private static String count(String part, int seen, int counted, String reason) {
        return JSON.writeValueAsString(Map.of("counts", List.of(Map.of("part", part, "seen", seen, "counted", counted, "reason", reason))));
    }

    private String newPart(String number, int onHand) {
        Map<String, String> cells = Map.of("name", "Test washer " + number, "used as", "other", "place", "Z-" + number, "minimum", "2",
                "supplier", "Tesselby Fixings");
        assertThat(ines.put("/api/parts/" + number, JSON.writeValueAsString(Map.of("cells", cells, "reason", "for the test"))).status())
                .isEqualTo(200);
        if (onHand > 0) {
            ines.post("/api/drawers/%s/receipts".formatted(number), "{\"count\":%d,\"note\":\"opening\",\"lot\":\"L7\"}".formatted(onHand));
        }
        return number;
    }

    @Test
    void aCountIsAMovementAndADifferenceIsExplained() {
        String part = newPart("CNT-1", 5);
        String path = "/api/drawers/places/Z-CNT-1/counts";
        assertThat(ShopClient.signedIn(orla.url(), "tova").post(path, count(part, 5, 5, "")).status()).isEqualTo(403);
        assertThat(ines.post(path, count(part, 5, 4, "")).body().path("faults").findValuesAsString("field"))
                .containsExactly("counts[0].reason");
        assertThat(ines.post(path, count(part, 6, 5, "x")).detail()).contains("moved while you counted: 6 were there, now it is 5");
        assertThat(ines.post("/api/drawers/places/C12/counts", count(part, 5, 5, "")).detail()).contains("parts that lie in drawer C12");
        assertThat(ines.post(path, count(part, 5, 5, "")).status()).isEqualTo(200);
        Answer counted = ines.post(path, count(part, 5, 4, "one is bent"));
        assertThat(counted.body().path("rows").get(0).path("onHand").asInt()).isEqualTo(4);
        JsonNode movements = orla.get("/api/parts/" + part).body().path("movements");
        assertThat(movements.valueStream()
                .map(m -> "%s %d %s → %d".formatted(m.path("kind").asString(), m.path("delta").asInt(), m.path("note").asString(),
                        m.path("onHand").asInt())))
                .containsExactly("COUNTED -1 one is bent → 4", "COUNTED 0  → 5", "RECEIVED 5 opening → 5");
        assertThat(movements.get(2).path("lot").asString()).isEqualTo("L7");
    }

    /** The box is not there: the newest promise is broken, its job told, its bill says to order; a delivery mends it. */
    @Test
    void whatIsNotThereIsNoLongerHeldAndADeliveryMendsIt() {
        long job = orla.book("Box that was not there");
        orla.place(job, "RACK", null);
        orla.survey(job, "");
        ines.post("/api/drawers/VM4-S/receipts", "{\"count\":1,\"note\":\"\"}");
        assertThat(orla.bill(job, "VM4-S").status()).isEqualTo(200);
        JsonNode box = row("VM4-S");
        String path = "/api/drawers/places/%s/counts".formatted(box.path("place").asString().replace(" ", "%20"));
        Answer counted = ines.post(path,
                count("VM4-S", box.path("onHand").asInt(), box.path("reserved").asInt() - 1, "shelf searched twice"));
        assertThat(counted.body().path("lost").valueStream().map(l -> l.path("job").asLong())).containsExactly(job);
        assertThat(source(job, "VM4-S")).isEqualTo("TO_ORDER");
        assertThat(row("VM4-S").path("free").asInt()).isZero();
        ines.post("/api/drawers/VM4-S/receipts", "{\"count\":1,\"note\":\"found behind the shelf\"}");
        assertThat(source(job, "VM4-S")).isEqualTo("KIT_BOX");
        assertThat(row("VM4-S").path("free").asInt()).isZero();
        orla.delete("/api/jobs/%d/bill".formatted(job), "{\"reason\":\"seen\"}");
    }

    private String source(long job, String part) {
        return orla.get("/api/jobs/%d/bill".formatted(job)).body().path("bill").path("lines").valueStream()
                .filter(l -> l.path("partNumber").asString().equals(part)).map(l -> l.path("source").asString())
                .findFirst().orElseThrow();
    }

    @Test
    void whatIsPickedLeavesItsDrawerAndComesBackWithTheBill() {
        long job = orla.book("Picked and put back");
        orla.place(job, "RACK", null);
        orla.survey(job, "");
        ines.post("/api/drawers/VM4-S/receipts", "{\"count\":1,\"note\":\"\"}");
        orla.bill(job, "VM4-S");
        int before = row("VM4-S").path("onHand").asInt();
        String picks = "/api/jobs/%d/bill/picks".formatted(job);
        assertThat(ines.post(picks, "{\"parts\":[\"VM4-S\"]}").status()).isEqualTo(200);
        assertThat(row("VM4-S").path("onHand").asInt()).isEqualTo(before - 1);
        assertThat(ines.post(picks, "{\"parts\":[\"VM4-S\"]}").detail()).contains("Nothing of this is still in its drawer");
        assertThat(ines.post(picks, "{\"parts\":[]}").status()).as("the rest").isEqualTo(200);
        orla.delete("/api/jobs/%d/bill".formatted(job), "{\"reason\":\"another kit\"}");
        assertThat(row("VM4-S").path("onHand").asInt()).isEqualTo(before);
    }

    @Test
    void aFreePieceGoesToACustomerWithTheBike() {
        String part = newPart("HND-1", 2);
        long job = orla.book("Takes the spare washer");
        assertThat(ines.post("/api/drawers/HND-1/hand-overs", "{\"count\":3,\"job\":%d,\"note\":\"\"}".formatted(job)).detail())
                .contains("2 of HND-1 are free", "Nothing was handed over");
        assertThat(ines.post("/api/drawers/HND-1/hand-overs", "{\"count\":1,\"job\":99999,\"note\":\"\"}").status()).isEqualTo(404);
        assertThat(ines.post("/api/drawers/HND-1/hand-overs", "{\"count\":1,\"job\":%d,\"note\":\"spare\"}".formatted(job)).body()
                .path("onHand").asInt()).isEqualTo(1);
        JsonNode last = orla.get("/api/parts/" + part).body().path("movements").get(0);
        assertThat(last.path("kind").asString()).isEqualTo("HANDED_BACK");
        assertThat(last.path("job").asLong()).isEqualTo(job);
        assertThat(new String(ines.bytes("/api/drawers/places/Z-HND-1/labels.pdf").body(), java.nio.charset.StandardCharsets.ISO_8859_1))
                .startsWith("%PDF-");
        assertThat(ines.get("/api/drawers/places/Z-NOPE/labels.pdf").status()).isEqualTo(404);
    }

    @Test
    void onlyWhatIsFreeIsThrownAway() {
        String part = newPart("SCR-1", 2);
        assertThat(ines.post("/api/drawers/SCR-1/scraps", "{\"count\":3,\"reason\":\"rust\"}").detail()).contains("2 of SCR-1 are free");
        assertThat(
                ines.post("/api/drawers/SCR-1/scraps", "{\"count\":1,\"reason\":\" \"}").body().path("faults").findValuesAsString("field"))
                .containsExactly("reason");
        assertThat(ines.post("/api/drawers/SCR-1/scraps", "{\"count\":1,\"reason\":\"rust\"}").body().path("onHand").asInt()).isEqualTo(1);
        assertThat(ines.post("/api/drawers/SCR-1/put-backs", "{\"count\":2,\"note\":\"from the bench\"}").body().path("free").asInt())
                .isEqualTo(3);
        assertThat(ines.post("/api/drawers/NOPE/put-backs", "{\"count\":2,\"note\":\"\"}").status()).isEqualTo(404);
        assertThat(row(part).path("low").asBoolean()).isFalse();
    }

    /** Not even a mistake in the program can rewrite the ledger or hold what is not there. */
    @Test
    void theDatabaseItselfRefusesWhatCannotBe() {
        newPart("DB-1", 1);
        assertThatThrownBy(() -> jdbc.update("UPDATE stock_movement SET delta = 9 WHERE part_number = 'DB-1'"))
                .hasMessageContaining("only ever added to");
        assertThatThrownBy(() -> jdbc.update("DELETE FROM stock_movement WHERE part_number = 'DB-1'"))
                .hasMessageContaining("only ever added to");
        String add = "INSERT INTO stock_movement (part_number, delta, held_delta, kind, note, moved_by, moved_at) VALUES ('DB-1', %d, %d, 'CONSUMED', '', 'test', NOW(3))";
        assertThatThrownBy(() -> jdbc.update(add.formatted(-2, 0))).hasMessageContaining("never_negative");
        assertThatThrownBy(() -> jdbc.update(add.formatted(0, 2))).hasMessageContaining("never_held_twice");
    }

    @Test
    void theAuditFindsWhatWasForged() {
        newPart("AUD-1", 3);
        jdbc.update("UPDATE stock_level SET on_hand = 4 WHERE part_number = 'AUD-1'");
        assertThat(ines.get("/api/drawers/audit").body().toString())
                .contains("AUD-1: the drawers say 4 on hand and 0 held, the ledger adds up to 3 and 0");
        jdbc.update("UPDATE stock_level SET on_hand = 3 WHERE part_number = 'AUD-1'");
    }

    @Test
    void aSheetIsChangedWithAReasonAndKeepsItsHistory() {
        newPart("SH-1", 0);
        JsonNode part = orla.get("/api/parts/SH-1").body();
        int seen = part.path("version").asInt();
        Map<String, String> cells = new java.util.HashMap<>();
        part.path("cells").propertyStream().forEach(e -> cells.put(e.getKey(), e.getValue().asString()));
        cells.putAll(Map.of("place", "Z9", "thickness", "1.5", "plus-minus", "0.05", "inner", "12", "outer", "24", "price", "0.80",
                "lead days", "6"));
        Answer saved = ines.put("/api/parts/SH-1",
                JSON.writeValueAsString(Map.of("cells", cells, "seen", seen, "reason", "measured them")));
        assertThat(saved.body().path("row").path("size").asString()).isEqualTo("1.5 mm thick, Ø 12 / 24 mm");
        assertThat(saved.body().path("changes").get(0).path("changes").asString()).contains("place: Z-SH-1 → Z9", "thickness: – → 1.5",
                "lead days: 0 → 6");
        assertThat(ines.put("/api/parts/SH-1", JSON.writeValueAsString(Map.of("cells", cells, "seen", seen, "reason", "late"))).detail())
                .contains("was changed since you looked");
        assertThat(ines.put("/api/parts/SH-1", JSON.writeValueAsString(Map.of("cells", cells, "reason", "as if it were new"))).detail())
                .contains("SH-1 lies in drawer Z9 already");
        cells.put("outer", "9");
        Answer wrong = ines.put("/api/parts/SH-1", JSON.writeValueAsString(Map.of("cells", cells, "seen", seen + 1, "reason", "typo")));
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.detail()).contains("must be more than the bore", "Nothing was saved");
        assertThat(ines.post("/api/parts/SH-1/alternatives", "{\"number\":\"SH-1\",\"when\":\"always\"}").detail())
                .contains("another part than this one");
        Answer other = ines.post("/api/parts/SH-1/alternatives", "{\"number\":\"BS-600\",\"when\":\"where the bore does not matter\"}");
        assertThat(other.body().path("alternatives").get(0).path("when").asString()).isEqualTo("where the bore does not matter");
        assertThat(ines.delete("/api/parts/SH-1/alternatives/BS-600", "{}").body().path("alternatives").size()).isZero();
    }

    @Test
    void aListIsTriedBeforeItIsBroughtInAndRefusedWhole() {
        newPart("LST-1", 4);
        String list = "number,name,used as,place,thickness,plus-minus,inner,outer,on hand,minimum\nLST-1,Test washer LST-1,other,Z-LST-1,,,,,6,3\nLST-2,New washer,other,Z2,2,0.1,10,20,5,0\n";
        Answer tried = ines.post("/api/parts/list", JSON.writeValueAsString(Map.of("csv", list, "dryRun", true, "reason", "")));
        assertThat(tried.body().path("changes").toString()).contains("\"cell\":\"on hand\",\"before\":\"4\",\"after\":\"6\"",
                "\"cell\":\"minimum\",\"before\":\"2\",\"after\":\"3\"", "\"number\":\"LST-2\",\"name\":\"New washer\",\"added\":true");
        assertThat(orla.get("/api/parts/LST-2").status()).isEqualTo(404);
        assertThat(ines
                .post("/api/parts/list",
                        JSON.writeValueAsString(Map.of("csv", list.replace(",5,0", ",five,0"), "dryRun", false, "reason", "spring count")))
                .detail()).contains("line 3, column 9 (on hand): 'five' is no count");
        assertThat(orla.get("/api/parts/LST-2").status()).isEqualTo(404);
        assertThat(ines.post("/api/parts/list", JSON.writeValueAsString(Map.of("csv", list, "dryRun", false, "reason", "spring count")))
                .body().path("saved").asBoolean()).isTrue();
        assertThat(row("LST-1").path("onHand").asInt()).isEqualTo(6);
        assertThat(row("LST-2").path("onHand").asInt()).isEqualTo(5);
        Answer again = ines.post("/api/parts/list",
                JSON.writeValueAsString(
                        Map.of("csv", new String(orla.bytes("/api/parts/parts.csv").body(), java.nio.charset.StandardCharsets.UTF_8),
                                "dryRun", true, "reason", "")));
        assertThat(again.body().path("changes").size()).as("what is written is read again as it is").isZero();
        assertThat(again.body().path("lines").asInt()).isGreaterThan(150);
    }
}
