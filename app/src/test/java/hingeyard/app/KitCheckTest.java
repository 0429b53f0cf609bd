package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.ShopClient.Answer;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A box opened at the bench, over HTTP on the real database. */
@ExtendWith(RunningApp.class)
class KitCheckTest {

    private static final JsonMapper JSON = new JsonMapper();
    private ShopClient orla;
    private ShopClient tova;
    private long job;

    @BeforeEach
    void aJobWithItsBox(RunningApp.App app) {
        orla = ShopClient.signedIn(app.url(), "orla");
        tova = ShopClient.signedIn(app.url(), "tova");
        job = billed();
    }

    private long billed() {
        long number = orla.book("Box to open");
        orla.place(number, "RACK", null);
        orla.survey(number, "");
        orla.post("/api/drawers/VM4-S/receipts", "{\"count\":1,\"note\":\"\"}");
        Answer made = orla.bill(number, "VM4-S");
        assertThat(made.status()).as(made.toString()).isEqualTo(200);
        return number;
    }

    private Answer post(long number, String path, Map<String, ?> body) {
        return tova.post("/api/jobs/%d/kit-check/%s".formatted(number, path), JSON.writeValueAsString(body));
    }

    private JsonNode sheet() {
        return tova.get("/api/jobs/%d/kit-check".formatted(job)).body();
    }

    private Answer mark(String item, int good, String fault) {
        return post(job, "marks", Map.of("item", item, "good", good, "fault", fault, "note", ""));
    }

    /** A line of which the job mounts all, or of which some would go back in the drawer. */
    private JsonNode content(boolean all) {
        return sheet().path("contents").valueStream().filter(c -> c.path("used").asInt() == c.path("count").asInt() == all).findFirst()
                .orElseThrow(() -> new AssertionError(sheet().toString()));
    }

    private String startOf(long number, String role) {
        return tova.get("/api/jobs/%d/steps/now".formatted(number)).body().path("steps").valueStream()
                .map(s -> s.path("start").path("reason").asString()).filter(r -> r.contains(role)).findFirst().orElse("");
    }

    private String floor(long number) {
        return tova.get("/api/yard").body().path("bikes").valueStream().filter(b -> b.path("job").path("number").asLong() == number)
                .map(b -> b.path("standing").path("tone").asString()).findFirst().orElseThrow();
    }

    private int boxes(String number) {
        return orla.get("/api/drawers").body().valueStream().filter(d -> d.path("number").asString().equals(number))
                .mapToInt(d -> d.path("onHand").asInt()).sum();
    }

    @Test
    void aShortageIsClaimedAndStopsExactlyTheJobThatNeedsIt() {
        long other = billed();
        JsonNode used = content(true);
        String item = used.path("name").asString();
        JsonNode marked = mark(item, used.path("used").asInt() - 1, "MISSING").body();
        assertThat(marked.path("claims").get(0).path("blocks").asBoolean()).isTrue();
        assertThat(startOf(job, item)).contains("missing, claim");
        assertThat(floor(job)).isEqualTo("STUCK");
        assertThat(startOf(other, item)).isEmpty();
        assertThat(floor(other)).isNotEqualTo("STUCK");
        assertThat(mark(item, used.path("count").asInt() + 1, "MISSING").status()).isEqualTo(422);
        JsonNode again = mark(item, used.path("count").asInt(), "MISSING").body();
        assertThat(again.path("claims").get(0).path("settlement").asString()).isEqualTo("looked at again");
        assertThat(startOf(job, item)).isEmpty();
        assertThat(floor(job)).isNotEqualTo("STUCK");
    }

    @Test
    void whatWouldGoBackAnywayIsClaimedAndKeepsNobodyWaiting() {
        orla.delete("/api/jobs/%d/bill".formatted(job), "{\"reason\":\"brings his own spacer\"}");
        // A shell for which the box has the spacer itself.
        orla.survey(job, "bracket.shell-width=73");
        JsonNode match = orla.match(job, "VM4-S");
        JsonNode check = match.path("findings").valueStream()
                .filter(f -> f.path("remedies").valueStream().anyMatch(r -> r.path("part").path("supply").asString().equals("KIT")))
                .findFirst().orElseThrow();
        JsonNode own = check.path("remedies").valueStream().filter(r -> r.path("part").path("supply").asString().equals("KIT")).findFirst()
                .orElseThrow();
        orla.bill(job, "VM4-S", match.path("stamp").asString(), ShopClient.tradeOffs(match),
                List.of("%s|%d|brings his own".formatted(check.path("checkId").asString(), own.path("place").asInt())));
        JsonNode spare = content(false);
        JsonNode marked = mark(spare.path("name").asString(), spare.path("used").asInt(), "DAMAGED").body();
        assertThat(marked.path("claims").get(0).path("text").asString()).endsWith("damaged");
        assertThat(marked.path("claims").get(0).path("blocks").asBoolean()).isFalse();
        assertThat(floor(job)).isNotEqualTo("STUCK");
    }

    @Test
    void aClaimThatIsSettledLetsTheStepStart() {
        JsonNode used = content(true);
        long claim = mark(used.path("name").asString(), 0, "WRONG").body().path("claims").get(0).path("id").asLong();
        assertThat(startOf(job, used.path("name").asString())).isNotEmpty();
        assertThat(tova.post("/api/claims/%d/settlement".formatted(claim), "{\"how\":\"sent after\"}").status()).isEqualTo(403);
        orla.post("/api/claims/%d/settlement".formatted(claim), "{\"how\":\"sent after\"}");
        assertThat(startOf(job, used.path("name").asString())).isEmpty();
    }

    /**
     * What a supplier owes for a box that went back stays owed: the next box waits for nothing of it, and no look at the next one settles
     * it.
     */
    @Test
    void aBoxThatWentBackIsStillOwedForAndTheNextOneWaitsForNothing() {
        JsonNode used = content(true);
        String item = used.path("name").asString();
        int whole = boxes("VM4-S");
        int opened = boxes("VM4-S-OPEN");
        long claim = mark(item, 0, "MISSING").body().path("claims").get(0).path("id").asLong();
        assertThat(orla.delete("/api/jobs/%d/bill".formatted(job), "{\"reason\":\"half empty\"}").status()).isEqualTo(200);
        // Counted is opened, though nobody began the step at the stand: the shelf does not have a whole new box of it.
        assertThat(boxes("VM4-S")).isEqualTo(whole - 1);
        assertThat(boxes("VM4-S-OPEN")).isEqualTo(opened + 1);
        orla.post("/api/drawers/VM4-S/receipts", "{\"count\":1,\"note\":\"\"}");
        assertThat(orla.bill(job, "VM4-S").status()).isEqualTo(200);
        assertThat(startOf(job, item)).isEmpty();
        assertThat(floor(job)).isNotEqualTo("STUCK");
        assertThat(mark(item, used.path("count").asInt(), "MISSING").body().path("claims")).isEmpty();
        JsonNode owed = orla.get("/api/claims").body().valueStream().filter(c -> c.path("id").asLong() == claim).findFirst().orElseThrow();
        assertThat(owed.path("settledBy").asString("")).isEmpty();
        assertThat(owed.path("blocks").asBoolean()).isFalse();
        assertThat(owed.path("text").asString()).endsWith("missing, of a box that went back");
        assertThat(orla.post("/api/claims/%d/settlement".formatted(claim), "{\"how\":\"credited\"}").status()).isEqualTo(200);
    }

    @Test
    void numbersBelongToOneJobAndAKeysIsTheManagersToRead() {
        assertThat(post(job, "numbers", Map.of("what", "MOTOR", "serial", "M4-00" + job)).status()).isEqualTo(200);
        assertThat(post(job, "numbers", Map.of("what", "KEY", "serial", "K-" + job)).status()).isEqualTo(200);
        long other = billed();
        assertThat(post(other, "numbers", Map.of("what", "MOTOR", "serial", "M4-00" + job)).detail())
                .contains("is written down on job " + job);
        assertThat(post(other, "numbers", Map.of("what", "MOTOR", "serial", "!")).body().path("faults").findValuesAsString("field"))
                .containsExactly("serial");
        assertThat(key(tova)).isEqualTo("true|");
        assertThat(key(orla)).isEqualTo("true|K-" + job);
        assertThat(new String(tova.bytes("/api/jobs/%d/kit-check/labels.pdf".formatted(job)).body(), StandardCharsets.ISO_8859_1))
                .startsWith("%PDF-");
    }

    /** What was found out about a box that went back says nothing of the next one, and its numbers may turn up on another job. */
    @Test
    void theNextBoxIsLookedAtAnew() {
        mark(content(true).path("name").asString(), content(true).path("count").asInt(), "MISSING");
        assertThat(post(job, "numbers", Map.of("what", "MOTOR", "serial", "M4-BACK" + job)).status()).isEqualTo(200);
        post(job, "runs", Map.of("volts", 39.4, "ran", true, "note", ""));
        assertThat(orla.delete("/api/jobs/%d/bill".formatted(job), "{\"reason\":\"another box\"}").status()).isEqualTo(200);
        assertThat(orla.bill(job, "VM4-S").status()).isEqualTo(200);
        assertThat(sheet().path("contents").valueStream().filter(c -> c.hasNonNull("good"))).isEmpty();
        assertThat(sheet().path("numbers").valueStream().filter(n -> n.path("written").asBoolean())).isEmpty();
        assertThat(post(job, "closing", Map.of()).detail()).contains("lines of the contents are not looked at",
                "Motor: number not written down", "has not run on the bench");
        long other = billed();
        assertThat(post(other, "numbers", Map.of("what", "MOTOR", "serial", "M4-BACK" + job)).status()).as("the box that went back")
                .isEqualTo(200);
    }

    private String key(ShopClient who) {
        return who.get("/api/jobs/%d/kit-check".formatted(job)).body().path("numbers").valueStream()
                .filter(n -> n.path("what").asString().equals("KEY"))
                .map(n -> n.path("written").asBoolean() + "|" + n.path("number").asString()).findFirst().orElseThrow();
    }

    @Test
    void aCheckThatIsClosedHasDoneTheStepsOfBoxAndBench() {
        assertThat(post(job, "closing", Map.of()).detail()).contains("lines of the contents are not looked at",
                "Motor: number not written down", "has not run on the bench");
        sheet().path("contents").forEach(c -> mark(c.path("name").asString(), c.path("count").asInt(), "MISSING"));
        sheet().path("numbers").forEach(
                n -> post(job, "numbers", Map.of("what", n.path("what").asString(), "serial", n.path("what").asString() + "-" + job)));
        JsonNode dead = post(job, "runs", Map.of("volts", 20, "ran", true, "note", "")).body();
        assertThat(dead.path("ruling").path("allowed").asBoolean()).isFalse();
        assertThat(dead.path("ruling").path("reason").asString()).contains("outside what this battery can have");
        assertThat(
                post(job, "runs", Map.of("volts", 39.4, "ran", false, "note", "no light")).body().path("ruling").path("reason").asString())
                .contains("did not run");
        assertThat(post(job, "closing", Map.of()).detail()).contains("has not run on the bench");
        assertThat(post(job, "runs", Map.of("volts", 39.4, "ran", true, "note", "")).body().path("ruling").path("allowed").asBoolean())
                .isTrue();
        Answer closed = post(job, "closing", Map.of());
        assertThat(closed.status()).as(closed.toString()).isEqualTo(200);
        assertThat(closed.body().path("closed").asBoolean()).isTrue();
        List<String> done = tova.get("/api/jobs/%d/steps/now".formatted(job)).body().path("steps").valueStream()
                .filter(s -> s.path("state").asString().equals("DONE")).map(s -> s.path("key").asString()).toList();
        assertThat(done).containsExactly("kit-check", "bench-power");
        assertThat(post(job, "closing", Map.of()).detail()).contains("checked already");
        assertThat(orla.get("/api/drawers/audit").body().toString()).isEqualTo("[]");
    }

    @Test
    void withoutABillNoBoxBelongsToAJob() {
        long bare = orla.book("No box");
        assertThat(tova.get("/api/jobs/%d/kit-check".formatted(bare)).status()).isEqualTo(409);
    }
}
