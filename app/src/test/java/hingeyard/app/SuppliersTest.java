package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.ShopClient.Answer;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Who sells to the shop, and which single piece went where, over HTTP. */
@ExtendWith(RunningApp.class)
class SuppliersTest {

    private ShopClient orla;
    private ShopClient ines;

    @BeforeEach
    void people(RunningApp.App app) {
        orla = ShopClient.signedIn(app.url(), "orla");
        ines = ShopClient.signedIn(app.url(), "ines");
    }

    private static JsonNode supplier(Answer answer, String name) {
        return answer.body().valueStream().filter(s -> s.path("name").asString().equals(name)).findFirst()
                .orElseThrow(() -> new AssertionError(answer.toString()));
    }

    private Answer part(String number, String lead, String supplier) {
        return ines.put("/api/parts/" + number,
                "{\"cells\":{\"name\":\"Trial ring\",\"used as\":\"other\",\"place\":\"Z9\",\"lead days\":\"%s\",\"supplier\":\"%s\",\"pack\":\"1\",\"minimum\":\"0\"},\"reason\":\"new\"}"
                        .formatted(lead, supplier));
    }

    @Test
    void aSuppliersTimeHoldsForPartsThatNameNone() {
        assertThat(part("TRIAL-1", "0", "Ringwerk Nord").status()).isEqualTo(200);
        assertThat(part("TRIAL-2", "4", "Ringwerk Nord").status()).isEqualTo(200);
        JsonNode before = supplier(ines.get("/api/suppliers"), "Ringwerk Nord");
        assertThat(before.path("parts").asInt()).isEqualTo(2);
        assertThat(before.path("record").asString()).isEqualTo("Nothing came from there yet.");
        JsonNode after = supplier(
                ines.put("/api/suppliers/Ringwerk%20Nord",
                        "{\"leadDays\":17,\"note\":\"rings by the dozen\",\"seen\":%d}".formatted(before.path("version").asInt())),
                "Ringwerk Nord");
        assertThat(after.path("leadDays").asInt()).isEqualTo(17);
        assertThat(after.path("changedBy").asString()).isEqualTo("Ines V.");
        assertThat(ines.get("/api/parts/TRIAL-1").body().path("row").path("leadDays").asInt()).isEqualTo(17);
        assertThat(ines.get("/api/parts/TRIAL-2").body().path("row").path("leadDays").asInt()).isEqualTo(4);
        assertThat(ines.get("/api/parts/TRIAL-1").body().path("cells").path("lead days").asString()).as("its own sheet stays")
                .isEqualTo("0");
        Answer late = ines.put("/api/suppliers/Ringwerk%20Nord",
                "{\"leadDays\":3,\"note\":\"\",\"seen\":%d}".formatted(before.path("version").asInt()));
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.detail()).contains("changed since you looked");
        assertThat(ines.put("/api/suppliers/Nobody", "{\"leadDays\":3,\"note\":\"\",\"seen\":0}").status()).isEqualTo(404);
        assertThat(ines.put("/api/suppliers/Ringwerk%20Nord", "{\"leadDays\":400,\"note\":\"\",\"seen\":1}").body().path("faults")
                .findValuesAsString("field")).containsExactly("leadDays");
        assertThat(ShopClient.signedIn(orla.url(), "tova")
                .put("/api/suppliers/Ringwerk%20Nord", "{\"leadDays\":3,\"note\":\"\",\"seen\":1}").status()).isEqualTo(403);
    }

    @Test
    void howASupplierKeptItsWordIsTold() {
        part("TRIAL-3", "2", "Ringwerk Ost");
        Answer sent = ines.post("/api/orders", "{\"supplier\":\"Ringwerk Ost\",\"lines\":[{\"part\":\"TRIAL-3\",\"count\":2}]}");
        long order = sent.body().path("orders").valueStream().filter(o -> o.path("supplier").asString().equals("Ringwerk Ost")).findFirst()
                .orElseThrow().path("number").asLong();
        assertThat(supplier(ines.get("/api/suppliers"), "Ringwerk Ost").path("openOrders").asInt()).isEqualTo(1);
        ines.post("/api/orders/%d/deliveries".formatted(order),
                "{\"lines\":[{\"part\":\"TRIAL-3\",\"count\":2,\"lot\":\"RO-LOT-7\",\"serials\":[\"RO-1\",\"RO-2\"],\"note\":\"\"}]}");
        JsonNode after = supplier(ines.get("/api/suppliers"), "Ringwerk Ost");
        assertThat(after.path("openOrders").asInt()).isZero();
        assertThat(after.path("record").asString()).isEqualTo("1 line came, 1 on the day or before; usually 0 days after the order.");
        assertThat(kinds("RO-2")).containsExactly("RECEIVED TRIAL-3 RO-LOT-7");
        assertThat(kinds("RO-LOT-7")).as("a lot finds both").hasSize(2);
    }

    private List<String> kinds(String number) {
        return ines.get("/api/parts/numbers?text=" + number).body().valueStream()
                .map(t -> "%s %s %s".formatted(t.path("kind").asString(), t.path("part").asString(), t.path("lot").asString()).strip())
                .toList();
    }

    @Test
    void everyPieceHasItsNumberOrNoneHas() {
        part("TRIAL-4", "0", "Ringwerk Ost");
        assertThat(ines.post("/api/drawers/TRIAL-4/receipts", "{\"count\":2,\"note\":\"\",\"serials\":[\"T4-1\"]}").detail())
                .contains("1 numbers for 2 pieces: one for each piece");
        assertThat(ines.post("/api/drawers/TRIAL-4/receipts", "{\"count\":2,\"note\":\"\",\"serials\":[\"T4-1\",\"t4-1\"]}").detail())
                .contains("stands there twice");
        assertThat(ines.post("/api/drawers/TRIAL-4/receipts", "{\"count\":1,\"note\":\"\",\"serials\":[\"*\"]}").status()).isEqualTo(422);
        assertThat(ines.get("/api/parts/TRIAL-4").body().path("row").path("onHand").asInt()).as("nothing of it was taken in").isZero();
        assertThat(ines.post("/api/drawers/TRIAL-4/receipts", "{\"count\":2,\"note\":\"\",\"serials\":[\"T4-1\",\"T4-2\"]}").body()
                .path("onHand").asInt()).isEqualTo(2);
        assertThat(ines.post("/api/drawers/TRIAL-4/receipts", "{\"count\":1,\"note\":\"\",\"serials\":[\"T4-2\"]}").detail())
                .contains("Number T4-2 of TRIAL-4 came in already");
        assertThat(ines.get("/api/drawers/audit").body().toString()).isEqualTo("[]");
    }

    /** What was read at the kit check is in the ledger, and the bike is found by it; a key's number is nowhere but with the job. */
    @Test
    void aNumberReadAtTheKitCheckFindsItsJob() {
        assertThat(orla.post("/api/jobs/412/kit-check/numbers", "{\"what\":\"BATTERY\",\"serial\":\"RB-77-1204\"}").status())
                .isEqualTo(200);
        assertThat(kinds("RB-77-1204")).containsExactly("NUMBERED VM4-S");
        assertThat(kinds("M4-26-00317")).as("the motor's, from the demo").containsExactly("NUMBERED VM4-S");
        assertThat(orla.get("/api/find?text=rb-77-1204").body().valueStream().map(j -> j.path("number").asLong())).containsExactly(412L);
        assertThat(kinds("K 4417".replace(" ", "%20"))).isEmpty();
        assertThat(orla.get("/api/jobs/412/bill").body().path("bill").path("lines").get(0).path("place").asString())
                .as("the box says where it stands").isEqualTo("Shelf 1");
    }
}
