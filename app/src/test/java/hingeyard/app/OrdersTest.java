package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import hingeyard.app.ShopClient.Answer;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Proposals, orders, answers, deliveries and who gets what first, over HTTP on the real database. */
@ExtendWith(RunningApp.class)
class OrdersTest {

    private static final JsonMapper JSON = new JsonMapper();
    private ShopClient orla;
    private ShopClient ines;

    @BeforeEach
    void signIn(RunningApp.App app) {
        orla = ShopClient.signedIn(app.url(), "orla");
        ines = ShopClient.signedIn(app.url(), "ines");
    }

    @AfterEach
    void theLedgerAddsUp() {
        assertThat(ines.get("/api/drawers/audit").body().toString()).isEqualTo("[]");
    }

    private Answer post(String path, Map<String, ?> body) {
        return ines.post("/api/orders" + path, JSON.writeValueAsString(body));
    }

    private void part(String number, String supplier, int pack, int minimum) {
        Map<String, String> cells = Map.of("name", "Bought " + number, "used as", "other", "place", "Z-" + number, "minimum",
                String.valueOf(minimum), "pack", String.valueOf(pack), "supplier", supplier,
                "price", "2.50", "lead days", "3");
        assertThat(ines.put("/api/parts/" + number, JSON.writeValueAsString(Map.of("cells", cells, "reason", "for the test"))).status())
                .isEqualTo(200);
    }

    private long order(String supplier, String part, int count) {
        Answer sent = post("", Map.of("supplier", supplier, "lines", List.of(Map.of("part", part, "count", count))));
        assertThat(sent.status()).as(sent.toString()).isEqualTo(200);
        return sent.body().path("orders").get(0).path("number").asLong();
    }

    private static JsonNode line(Answer answer, long order) {
        return answer.body().path("orders").valueStream().filter(o -> o.path("number").asLong() == order).findFirst().orElseThrow()
                .path("lines").get(0);
    }

    private String simulated(long order, String mood) {
        return post("/%d/simulated-answer".formatted(order), Map.of("mood", mood)).body().path("json").asString();
    }

    private Answer deliver(long order, String part, int count) {
        return post("/%d/deliveries".formatted(order), Map.of("lines", List.of(Map.of("part", part, "count", count, "lot", "L9"))));
    }

    private JsonNode proposed(String supplier) {
        return orla.get("/api/orders").body().path("proposals").valueStream().filter(p -> p.path("supplier").asString().equals(supplier))
                .findFirst().map(p -> p.path("lines").get(0)).orElse(JSON.missingNode());
    }

    @Test
    void whatIsBelowItsMinimumIsProposedInWholePacksUntilItIsOrdered() {
        part("ORD-1", "Marn Supplies", 10, 4);
        JsonNode proposed = proposed("Marn Supplies");
        assertThat(proposed.path("toOrder").asInt()).isEqualTo(10);
        assertThat(proposed.path("reason").asString()).isEqualTo("minimum 4, 0 free, packs of 10");
        assertThat(proposed.path("sum").asString()).isEqualTo("25.00");
        assertThat(post("", Map.of("supplier", "Marn Supplies", "lines", List.of(Map.of("part", "ORD-1", "count", 7)))).detail())
                .contains("whole packs of 10");
        assertThat(post("", Map.of("supplier", "Other", "lines", List.of(Map.of("part", "ORD-1", "count", 10)))).detail())
                .contains("Marn Supplies, who sells ORD-1");
        assertThat(post("", Map.of("supplier", "Marn Supplies", "lines", List.of(Map.of("part", "NOPE", "count", 10)))).status())
                .isEqualTo(404);
        assertThat(ShopClient.signedIn(orla.url(), "tova")
                .post("/api/orders", "{\"supplier\":\"x\",\"lines\":[{\"part\":\"ORD-1\",\"count\":10}]}").status()).isEqualTo(403);
        long order = order("Marn Supplies", "ORD-1", 10);
        assertThat(proposed("Marn Supplies").isMissingNode()).isTrue();
        assertThat(line(orla.get("/api/orders"), order).path("reason").asString()).isEqualTo("minimum 4, 0 free, packs of 10");
        assertThat(deliver(order, "ORD-1", 12).detail()).contains("at most 10 of ORD-1");
        Answer part = deliver(order, "ORD-1", 4);
        assertThat(line(part, order).path("state").asString()).isEqualTo("PARTLY_RECEIVED");
        assertThat(orla.free("ORD-1")).isEqualTo(4);
        deliver(order, "ORD-1", 6);
        assertThat(orla.get("/api/orders").body().path("orders").valueStream().filter(o -> o.path("number").asLong() == order).findFirst()
                .orElseThrow().path("closed").asBoolean()).isTrue();
        assertThat(orla.get("/api/parts/ORD-1").body().path("movements").get(0).path("lot").asString()).isEqualTo("L9");
    }

    @ParameterizedTest
    @CsvSource({"AS_ORDERED, CONFIRMED, 0, 0", "IN_PART, CONFIRMED, 0, 1", "LATE, CONFIRMED, 0, 1", "ONLY_HALF, PARTLY_CONFIRMED, 5, 0",
        "OTHER_PART, OTHER_OFFERED, 10, 0"})
    void theSimulatedSupplierAnswersAndTheOrderFollows(String mood, String state, int unpromised, int late) {
        part("SIM-" + mood, "Sim " + mood, 1, 0);
        long order = order("Sim " + mood, "SIM-" + mood, 10);
        Answer answered = post("/%d/answers".formatted(order), Map.of("json", simulated(order, mood)));
        assertThat(answered.status()).as(answered.toString()).isEqualTo(200);
        JsonNode line = line(answered, order);
        assertThat(line.path("state").asString()).isEqualTo(state);
        assertThat(line.path("unpromised").asInt()).isEqualTo(unpromised);
        assertThat(line.path("daysLate").asInt() > 0).isEqualTo(late > 0);
        if (unpromised > 0) {
            Answer cancelled = post("/%d/cancellations".formatted(order),
                    Map.of("part", "SIM-" + mood, "count", unpromised, "reason", "ordered elsewhere"));
            assertThat(line(cancelled, order).path("unpromised").asInt()).isZero();
        }
        assertThat(post("/%d/cancellations".formatted(order), Map.of("part", "SIM-" + mood, "count", 11, "reason", "x")).status())
                .isEqualTo(422);
    }

    @Test
    void anOrderLeavesAsAFileAndAWrongAnswerIsRefusedWhole() throws IOException {
        part("FIL-1", "File Works", 1, 0);
        long order = order("File Works", "FIL-1", 3);
        JsonNode file = orla.get("/api/orders/%d/order.json".formatted(order)).body();
        assertThat(SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("..", "docs", "formats", "order.schema.json"))).validate(file)).isEmpty();
        assertThat(file.path("lines").get(0).path("count").asInt()).isEqualTo(3);
        String good = simulated(order, "AS_ORDERED");
        for (String[] wrong : new String[][]{{"\"count\" : 3", "\"count\" : 4", "at most 3 of FIL-1"}, {"FIL-1", "VM4-S", "parts of order"},
            {"File Works", "File Work", "an answer to order"},
            {"\"on\" : \"" + LocalDate.now().getYear(), "\"on\" : \"20x6", "a day such as"},
            {"\"version\" : 1", "\"version\" : 2", "must be"}}) {
            Answer refused = post("/%d/answers".formatted(order), Map.of("json", good.replace(wrong[0], wrong[1])));
            assertThat(refused.status()).as(wrong[1]).isEqualTo(422);
            assertThat(refused.body().toString()).as(wrong[1]).contains(wrong[2]);
        }
        assertThat(line(orla.get("/api/orders"), order).path("state").asString()).as("nothing was taken in").isEqualTo("SENT");
        assertThat(post("/99999/answers", Map.of("json", good)).status()).isEqualTo(404);
    }

    @Test
    void wrongPiecesOfADeliveryAreClaimedAndStayOutOfTheDrawer() {
        part("WRG-1", "Wrong Works", 1, 0);
        long order = order("Wrong Works", "WRG-1", 5);
        post("/%d/deliveries".formatted(order), Map.of("lines", List.of(Map.of("part", "WRG-1", "count", 3),
                Map.of("part", "WRG-9", "count", 2, "fault", "WRONG", "note", "the wide ones"))));
        assertThat(orla.free("WRG-1")).isEqualTo(3);
        JsonNode claim = orla.get("/api/claims").body().get(0);
        assertThat(claim.path("text").asString()).isEqualTo("2 × WRG-9 wrong");
        assertThat(claim.path("order").asLong()).isEqualTo(order);
        String settle = "/api/claims/%d/settlement".formatted(claim.path("id").asLong());
        assertThat(ines.post(settle, "{\"how\":\"credited\"}").status()).isEqualTo(200);
        assertThat(ines.post(settle, "{\"how\":\"again\"}").detail()).contains("was settled by Ines");
    }

    private long waiting(String kit, String priority) {
        long job = orla.book("Waits " + System.nanoTime());
        orla.place(job, "RACK", null);
        orla.survey(job, "");
        assertThat(orla.put("/api/jobs/%d/priority".formatted(job), "{\"priority\":\"%s\"}".formatted(priority)).status()).isEqualTo(200);
        JsonNode match = orla.match(job, kit);
        Answer made = orla.post("/api/jobs/%d/bill".formatted(job),
                JSON.writeValueAsString(Map.of("kitCode", kit, "stamp", match.path("stamp").asString(), "consented",
                        ShopClient.tradeOffs(match), "notTaken",
                        List.of(), "waits", true, "agreement", ShopClient.agreement())));
        assertThat(made.status()).as(made.toString()).isEqualTo(200);
        return job;
    }

    private String box(long job) {
        return orla.get("/api/jobs/%d/bill".formatted(job)).body().path("bill").path("lines").get(0).path("source").asString();
    }

    /** Two jobs wait for one kit: what comes goes to the one before others; the manager may turn that round, and the loser is told. */
    @Test
    void whoComesFirstGetsWhatComesAndOnlyTheManagerTurnsItRound() {
        String kit = "TN9";
        for (int left = orla.free(kit); left > 0; left--) {
            ines.post("/api/drawers/%s/scraps".formatted(kit), "{\"count\":1,\"reason\":\"for the test\"}");
        }
        long usual = waiting(kit, "USUAL");
        long first = waiting(kit, "FIRST");
        ines.post("/api/drawers/%s/receipts".formatted(kit), "{\"count\":1,\"note\":\"\"}");
        assertThat(box(first)).isEqualTo("KIT_BOX");
        assertThat(box(usual)).isEqualTo("TO_ORDER");
        JsonNode row = orla.get("/api/orders").body().path("waiting").valueStream()
                .filter(w -> w.path("job").asLong() == usual && w.path("part").asString().equals(kit)).findFirst().orElseThrow();
        assertThat(row.path("holders").valueStream().map(h -> h.path("job").asLong())).contains(first);
        Map<String, Object> ask = Map.of("part", kit, "from", first, "to", usual, "reason", "rides to the fair on Friday");
        assertThat(post("/reallocations", ask).status()).as("the stock keeper may not").isEqualTo(403);
        Answer turned = orla.post("/api/orders/reallocations", JSON.writeValueAsString(ask));
        assertThat(turned.status()).as(turned.toString()).isEqualTo(200);
        assertThat(box(usual)).isEqualTo("KIT_BOX");
        assertThat(box(first)).isEqualTo("TO_ORDER");
        JsonNode notice = orla.get("/api/jobs/%d/bill".formatted(first)).body().path("notices").get(0);
        assertThat(notice.path("said").asString()).contains("was given to job " + usual + ": rides to the fair on Friday");
        assertThat(orla.post("/api/jobs/%d/notices/%d/seen".formatted(first, notice.path("id").asLong()), "").body().path("notices"))
                .isEmpty();
        assertThat(orla.post("/api/orders/reallocations", JSON.writeValueAsString(ask)).detail()).contains("waits for no " + kit);
        long order = order("Tarnuvel", kit, 1);
        JsonNode dated = orla.get("/api/orders").body().path("waiting").valueStream()
                .filter(w -> w.path("job").asLong() == first && w.path("part").asString().equals(kit)).findFirst().orElseThrow();
        assertThat(dated.path("ground").asString()).isEqualTo("ON_ORDER");
        assertThat(dated.path("order").asString()).isEqualTo(String.valueOf(order));
        deliver(order, kit, 1);
        assertThat(box(first)).isEqualTo("KIT_BOX");
        for (long job : List.of(usual, first)) {
            orla.delete("/api/jobs/%d/bill".formatted(job), "{\"reason\":\"seen\"}");
        }
    }

    /** One delivery booked twice at once: over-receiving is refused for one of them. */
    @Test
    void oneDeliveryIsTakenInOnce() throws Exception {
        part("TWO-1", "Twice Works", 1, 0);
        long order = order("Twice Works", "TWO-1", 4);
        List<Answer> both = AtOnce.run(List.of(() -> deliver(order, "TWO-1", 4), () -> deliver(order, "TWO-1", 4)));
        assertThat(both).filteredOn(a -> a.status() == 200).hasSize(1);
        assertThat(orla.free("TWO-1")).isEqualTo(4);
    }
}
