package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import hingeyard.app.ShopClient.Answer;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Quotes, approval, revisions and what is waited for, over HTTP on the real database. */
@ExtendWith(RunningApp.class)
class BillsTest {

    private static final JsonMapper JSON = new JsonMapper();
    private static final String KIT = "VM4-S";
    private ShopClient orla;
    private ShopClient ines;
    private JdbcTemplate jdbc;
    private long job;

    @BeforeEach
    void aSurveyedBike(RunningApp.App app) {
        orla = ShopClient.signedIn(app.url(), "orla");
        ines = ShopClient.signedIn(app.url(), "ines");
        jdbc = app.bean(JdbcTemplate.class);
        job = orla.book("Billed");
        orla.place(job, "RACK", null);
        orla.survey(job, "");
        ines.post("/api/drawers/%s/receipts".formatted(KIT), "{\"count\":1,\"note\":\"\"}");
    }

    @AfterEach
    void itsPartsAreFreeAgainAndTheLedgerAddsUp() {
        orla.delete("/api/jobs/%d/bill".formatted(job), "{\"reason\":\"seen\"}");
        assertThat(ines.get("/api/drawers/audit").body().toString()).isEqualTo("[]");
    }

    private Answer bill() {
        return orla.get("/api/jobs/%d/bill".formatted(job));
    }

    private Answer post(String path, Map<String, ?> body) {
        return orla.post("/api/jobs/%d/%s".formatted(job, path), JSON.writeValueAsString(body));
    }

    private Answer quote() {
        return post("quotes", Map.of("kitCode", KIT, "stamp", orla.match(job, KIT).path("stamp").asString(), "notTaken", List.of()));
    }

    private Answer approve(List<String> consented) {
        return post("quotes/1/approval", Map.of("consented", consented, "agreement", ShopClient.agreement(), "waits", false));
    }

    private static boolean absent(JsonNode node) {
        return node.isNull() || node.isMissingNode();
    }

    private static List<String> texts(JsonNode changes) {
        return changes.valueStream().map(c -> c.path("text").asString()).toList();
    }

    private List<JsonNode> lines(Answer answer, String source) {
        return answer.body().path("bill").path("lines").valueStream().filter(l -> l.path("source").asString().equals(source)).toList();
    }

    @Test
    void aQuoteReservesNothingAndBecomesRevisionAWhenItIsApproved() {
        int free = orla.free(KIT);
        orla.survey(job, "bars.straight-length=120");
        orla.post("/api/jobs/%d/match/%s/overrides".formatted(job, KIT),
                "{\"checkId\":\"bars\",\"reason\":\"a longer bar comes on Friday\"}");
        Answer quoted = quote();
        assertThat(quoted.status()).as(quoted.toString()).isEqualTo(200);
        JsonNode quote = quoted.body().path("quotes").get(0);
        assertThat(absent(quoted.body().path("bill"))).isTrue();
        assertThat(orla.free(KIT)).isEqualTo(free);
        assertThat(quote.path("validUntil").asString()).isEqualTo(java.time.LocalDate.now().plusDays(14).toString());
        assertThat(new String(orla.bytes("/api/jobs/%d/quotes/1/quote.pdf".formatted(job)).body(), StandardCharsets.ISO_8859_1))
                .startsWith("%PDF-");
        List<String> tradeOffs = quote.path("consents").valueStream().map(c -> c.path("checkId").asString()).toList();
        assertThat(tradeOffs).isNotEmpty().isEqualTo(ShopClient.tradeOffs(orla.match(job, KIT)));
        assertThat(approve(List.of()).detail()).contains("Consent is missing");
        Answer approved = approve(tradeOffs);
        assertThat(approved.status()).as(approved.toString()).isEqualTo(200);
        JsonNode bill = approved.body().path("bill");
        assertThat(bill.path("revision").asString()).isEqualTo("A");
        assertThat(bill.path("agreed").asString()).startsWith("Edda Holm, ").endsWith(", by phone");
        assertThat(bill.path("charges").path("total").asString()).isEqualTo(quote.path("total").asString());
        assertThat(approved.body().path("quotes").get(0).path("revision").asString()).isEqualTo("A");
        assertThat(absent(bill.path("proposal"))).as(bill.path("proposal").toString()).isTrue();
        assertThat(orla.free(KIT)).isEqualTo(free - 1);
        assertThat(approve(tradeOffs).detail()).contains("Quote 1 is approved");
        assertThat(lines(approved, "MOVED_OVER")).isNotEmpty();
        assertThat(lines(approved, "CONSUMABLE")).as(bill.path("lines").toString()).isNotEmpty();
    }

    @Test
    void aQuoteThatLapsedOrNoLongerHoldsIsNotApproved() {
        List<String> tradeOffs = ShopClient.tradeOffs(orla.match(job, KIT));
        quote();
        jdbc.update("UPDATE quote SET valid_until = CURRENT_DATE - INTERVAL 1 DAY WHERE job_id = ?", job);
        assertThat(approve(tradeOffs).detail()).contains("Quote 1 stood until");
        jdbc.update("UPDATE quote SET valid_until = CURRENT_DATE WHERE job_id = ?", job);
        orla.survey(job, "bracket.shell-width=73");
        assertThat(approve(tradeOffs).detail()).contains("match changed since");
        assertThat(post("quotes/1/withdrawal", Map.of("reason", "wants it cheaper")).status()).isEqualTo(200);
        assertThat(approve(tradeOffs).detail()).contains("Quote 1 was taken back: wants it cheaper");
        assertThat(orla.get("/api/jobs/%d/quotes/7/quote.pdf".formatted(job)).status()).isEqualTo(404);
        assertThat(ines.post("/api/jobs/%d/quotes".formatted(job), "{\"kitCode\":\"x\",\"stamp\":\"x\",\"notTaken\":[]}").status())
                .isEqualTo(403);
    }

    /** The shell is measured again: A stays as it was agreed on until the manager makes B, with the customer's word for what is new. */
    @Test
    void aChangedSurveyProposesTheNextRevisionAndNeverTouchesTheAgreedOne() {
        assertThat(orla.bill(job, KIT).status()).isEqualTo(200);
        String before = bill().body().path("bill").path("lines").toString();
        orla.survey(job, "bracket.shell-width=73");
        JsonNode now = bill().body().path("bill");
        JsonNode proposal = now.path("proposal");
        assertThat(now.path("lines").toString()).isEqualTo(before);
        assertThat(proposal.path("revision").asString()).isEqualTo("B");
        assertThat(proposal.path("impossible").asString()).as(proposal.toString()).isEmpty();
        assertThat(texts(proposal.path("changes"))).isNotEmpty();
        String stamp = proposal.path("stamp").asString();
        assertThat(post("bill/revisions", Map.of("stamp", "other", "consented", List.of(), "waits", true, "reason", "shell measured again"))
                .status()).isEqualTo(409);
        List<String> consents = proposal.path("changes").valueStream().filter(c -> c.path("kind").asString().equals("CONSENT"))
                .map(c -> c.path("checkId").asString()).toList();
        jdbc.update(
                "UPDATE step SET state = IF(step_key = 'second-nut', 'INSPECTED', 'DONE'), doer = 'Tova' WHERE job_id = ? AND step_key IN ('motor-on-spacers', 'tooth-plate', 'swing-up', 'lock-nut', 'second-nut', 'battery-rail', 'bars', 'lines-flat')",
                job);
        jdbc.update("UPDATE step SET state = 'STUCK' WHERE job_id = ? AND step_key = 'swing-up'", job);
        jdbc.update(
                "INSERT INTO blocker (job_id, step_key, kind, what, part, check_id, must_act, asked, raised_by, raised_at) VALUES (?, 'swing-up', 'WRONG_PART', 'spacer too thin', '', '', 'STOCK_KEEPER', '', 'Tova', NOW(3))",
                job);
        Answer revised = post("bill/revisions",
                Map.of("stamp", stamp, "consented", consents, "waits", true, "reason", "shell measured again", "agreement",
                        ShopClient.agreement()));
        assertThat(revised.status()).as(revised.toString()).isEqualTo(200);
        assertThat(jdbc.queryForList("SELECT step_key FROM step WHERE job_id = ? AND state <> 'OPEN'", String.class, job))
                .as("what sits on other spacers is torqued and inspected again; what does not stays done")
                .containsExactlyInAnyOrder("battery-rail", "bars", "lines-flat");
        assertThat(jdbc.queryForObject("SELECT resolution FROM blocker WHERE job_id = ?", String.class, job))
                .as("no stop is left behind on a step that is open").isEqualTo("SWAPPED_PARTS");
        jdbc.update("UPDATE step SET state = 'OPEN', doer = NULL WHERE job_id = ?", job);
        JsonNode all = revised.body().path("revisions");
        assertThat(all.valueStream().map(r -> r.path("revision").asString() + r.path("inForce").asBoolean())).containsExactly("Afalse",
                "Btrue");
        assertThat(all.get(0).path("withdrawn").asString()).isEqualTo("Revision B: shell measured again");
        assertThat(texts(all.get(1).path("changes"))).isEqualTo(texts(proposal.path("changes")));
        assertThat(absent(bill().body().path("bill").path("proposal"))).isTrue();
        assertThat(jdbc.queryForObject(
                "SELECT COUNT(*) FROM bill_line l JOIN bill b ON b.id = l.bill_id WHERE b.job_id = ? AND b.revision = 1", Integer.class,
                job)).as("A is kept").isPositive();
        assertThat(jdbc.queryForObject(
                """
                SELECT COUNT(*) FROM bill_line l JOIN bill b ON b.id = l.bill_id WHERE b.job_id = ? AND b.withdrawn_reason IS NULL AND l.source IN ('KIT_BOX', 'FROM_DRAWER')
                  AND NOT EXISTS (SELECT 1 FROM reservation r WHERE r.job_id = b.job_id AND r.part_number = l.part_number AND r.role = l.role AND r.count = l.count AND r.state = 'HELD')""",
                Integer.class, job))
                .as("every line of B is held").isZero();
        assertThat(post("bill/revisions", Map.of("stamp", stamp, "consented", List.of(), "waits", true, "reason", "again")).detail())
                .contains("Nothing is other");
    }

    /** The maker packs more into the box: B is proposed with it, A stays, and nothing is proposed once the sheet is as it was. */
    @Test
    void aChangedKitSheetProposesTheNextRevisionToo() {
        assertThat(orla.bill(job, KIT).status()).isEqualTo(200);
        String before = bill().body().path("bill").path("lines").toString();
        String as = orla.get("/api/kits/" + KIT).body().path("text").asString();
        ObjectNode more = (ObjectNode) JSON.readTree(as);
        ((ArrayNode) more.path("contents")).addObject().put("name", "Second key ring").put("count", 2).put("role", "key-ring");
        try {
            assertThat(sheet(JSON.writeValueAsString(more), "maker packs a key ring").status()).isEqualTo(200);
            JsonNode now = bill().body().path("bill");
            assertThat(now.path("lines").toString()).isEqualTo(before);
            assertThat(now.path("proposal").path("revision").asString()).isEqualTo("B");
            assertThat(texts(now.path("proposal").path("changes"))).singleElement().asString().contains("2 × Second key ring");
        } finally {
            assertThat(sheet(as, "as it was").status()).isEqualTo(200);
        }
        assertThat(absent(bill().body().path("bill").path("proposal"))).isTrue();
    }

    private Answer sheet(String text, String reason) {
        return orla.post("/api/kits", JSON.writeValueAsString(
                Map.of("text", text, "seen", orla.get("/api/kits/" + KIT).body().path("version").asInt(), "reason", reason)));
    }

    @Test
    void aSurveyThatLetsTheKitNoLongerOnIsSaidAndMakesNoRevision() {
        orla.bill(job, KIT);
        orla.survey(job, "bracket.shell-width=120");
        assertThat(bill().body().path("bill").path("proposal").path("impossible").asString()).isEqualTo("Does not fit");
    }

    @Test
    void whatIsShortIsWaitedForWithItsDayAndHeldWhenItComes() {
        String rare = "TN9";
        // Screws as long as this frame wants are no longer kept: a line that no part's number stands for.
        jdbc.update("UPDATE part SET used_as = 'plug', version = version + 1 WHERE used_as = 'bolt-m8'");
        for (int left = orla.free(rare); left > 0; left--) {
            ines.post("/api/drawers/%s/scraps".formatted(rare), "{\"count\":1,\"reason\":\"for the test\"}");
        }
        JsonNode match = orla.match(job, rare);
        assertThat(orla.bill(job, rare).detail()).contains("let the job wait");
        Answer made = orla.post("/api/jobs/%d/bill".formatted(job),
                JSON.writeValueAsString(
                        Map.of("kitCode", rare, "stamp", match.path("stamp").asString(), "consented", ShopClient.tradeOffs(match),
                                "notTaken", List.of(), "waits", true, "agreement", ShopClient.agreement())));
        assertThat(made.status()).as(made.toString()).isEqualTo(200);
        JsonNode box = lines(made, "TO_ORDER").stream().filter(l -> l.path("partNumber").asString().equals(rare)).findFirst().orElseThrow();
        assertThat(box.path("due").path("ground").asString()).isEqualTo("TO_ORDER");
        JsonNode unnumbered = lines(made, "TO_ORDER").stream().filter(l -> l.path("unnumbered").asBoolean()).findFirst().orElseThrow();
        assertThat(made.body().path("bill").path("heldUpBy").asString()).as("nobody knows when")
                .isEqualTo(unnumbered.path("name").asString());
        ines.put("/api/parts/CSP-6", JSON.writeValueAsString(Map.of("cells",
                Map.of("name", "Crank spacer 6.0", "used as", "other", "place", "Z-CSP", "lead days", "2"), "reason", "bought for a job")));
        assertThat(ines.post("/api/jobs/%d/bill/names".formatted(job),
                "{\"ordinal\":%d,\"part\":\"CSP-6\"}".formatted(unnumbered.path("ordinal").asInt())).status()).isEqualTo(200);
        assertThat(bill().body().path("bill").path("heldUpBy").asString()).as("the box takes longest")
                .isEqualTo(box.path("name").asString());
        assertThat(bill().body().path("bill").path("readyOn").asString()).isEqualTo(box.path("due").path("on").asString());
        assertThat(bill().body().path("bill").path("proposal").toString()).as("a part that was named is no difference")
                .doesNotContain("CSP-6", "Crank spacer 6.0");
        ines.post("/api/drawers/%s/receipts".formatted(rare), "{\"count\":2,\"note\":\"came\"}");
        assertThat(lines(bill(), "KIT_BOX")).singleElement().satisfies(l -> assertThat(l.path("partNumber").asString()).isEqualTo(rare));
        assertThat(bill().body().path("bill").path("heldUpBy").asString()).startsWith("Crank spacer 6.0");
        jdbc.update("UPDATE part SET used_as = 'bolt-m8', version = version + 1 WHERE used_as = 'plug' AND number LIKE 'M8-%'");
    }

    /** The screw that the match asks for is gone; its sheet names another that may stand in. */
    @Test
    void aPartThatMayStandInIsOfferedAndTakenAsARevision() {
        JsonNode need = orla.match(job, KIT).path("findings").valueStream().filter(f -> f.path("checkId").asString().equals("motor-fixing"))
                .flatMap(f -> f.path("remedies").valueStream()).map(r -> r.path("part"))
                .filter(p -> p.path("supply").asString().equals("DRAWER")).findFirst().orElseThrow();
        String part = need.path("partNumber").asString();
        // No other screw takes its place: what this is about is the one that stands in.
        jdbc.update("UPDATE part SET used_as = 'plug', version = version + 1 WHERE used_as = 'bolt-m8' AND number <> ?", part);
        ines.put("/api/parts/STAND-1", JSON.writeValueAsString(
                Map.of("cells", Map.of("name", "Stand-in", "used as", "other", "place", "Z-STAND"), "reason", "for the test")));
        ines.post("/api/drawers/STAND-1/receipts", "{\"count\":9,\"note\":\"\"}");
        ines.post("/api/parts/%s/alternatives".formatted(part), "{\"number\":\"STAND-1\",\"when\":\"on steel\"}");
        orla.bill(job, KIT);
        String place = jdbc.queryForObject("SELECT place FROM part WHERE number = ?", String.class, part);
        int onHand = jdbc.queryForObject("SELECT on_hand FROM stock_level WHERE part_number = ?", Integer.class, part);
        Answer counted = ines.post("/api/drawers/places/%s/counts".formatted(place), JSON.writeValueAsString(
                Map.of("counts", List.of(Map.of("part", part, "seen", onHand, "counted", 0, "reason", "drawer spilt")))));
        assertThat(counted.status()).as(counted.toString()).isEqualTo(200);
        JsonNode line = lines(bill(), "TO_ORDER").stream().filter(l -> l.path("partNumber").asString().equals(part)).findFirst()
                .orElseThrow();
        assertThat(line.path("standIns").get(0).path("number").asString()).isEqualTo("STAND-1");
        assertThat(post("bill/stand-ins", Map.of("ordinal", line.path("ordinal").asInt(), "part", KIT)).status()).isEqualTo(422);
        Answer taken = post("bill/stand-ins", Map.of("ordinal", line.path("ordinal").asInt(), "part", "STAND-1"));
        assertThat(taken.status()).as(taken.toString()).isEqualTo(200);
        assertThat(taken.body().path("bill").path("revision").asString()).isEqualTo("B");
        assertThat(lines(taken, "FROM_DRAWER"))
                .anySatisfy(l -> assertThat(l.path("reason").asString()).startsWith("Stands in for " + part + ", on steel (Orla M.)"));
        assertThat(absent(taken.body().path("bill").path("proposal"))).as("it stays").isTrue();
        ines.post("/api/drawers/%s/put-backs".formatted(part), "{\"count\":%d,\"note\":\"found under the bench\"}".formatted(onHand));
        ines.delete("/api/parts/%s/alternatives/STAND-1".formatted(part), "");
        jdbc.update("UPDATE part SET used_as = 'bolt-m8', version = version + 1 WHERE used_as = 'plug' AND number LIKE 'M8-%'");
    }

    /**
     * A spacer's drawer is spilt and the match finds another set: nothing stands in for what is not asked for, and a thicker one never
     * does.
     */
    @Test
    void nothingStandsInForASpacerThatIsNotAskedForAnyMore() {
        orla.bill(job, KIT);
        JsonNode spacer = lines(bill(), "FROM_DRAWER").stream().filter(l -> l.path("partNumber").asString().startsWith("BS-")).findFirst()
                .orElseThrow();
        String part = spacer.path("partNumber").asString();
        for (String[] other : new String[][]{{"STAND-SAME", "as thick"}, {"STAND-THICK", "thicker"}}) {
            ines.put("/api/parts/" + other[0], JSON.writeValueAsString(Map.of("cells",
                    Map.of("name", "Spacer, " + other[1], "used as", "other", "place", "Z-STAND"), "reason", "for the test")));
            ines.post("/api/drawers/%s/receipts".formatted(other[0]), "{\"count\":9,\"note\":\"\"}");
            ines.post("/api/parts/%s/alternatives".formatted(part), "{\"number\":\"%s\",\"when\":\"always\"}".formatted(other[0]));
        }
        jdbc.update(
                "UPDATE part p JOIN part asked ON asked.number = ? SET p.thickness_um = asked.thickness_um + IF(p.number = 'STAND-THICK', 500, 0), p.plus_minus_um = asked.plus_minus_um, p.inner_um = asked.inner_um, "
                        + "p.outer_um = asked.outer_um WHERE p.number IN ('STAND-SAME', 'STAND-THICK')",
                part);
        String place = jdbc.queryForObject("SELECT place FROM part WHERE number = ?", String.class, part);
        int onHand = jdbc.queryForObject("SELECT on_hand FROM stock_level WHERE part_number = ?", Integer.class, part);
        ines.post("/api/drawers/places/%s/counts".formatted(place.replace(" ", "%20")), JSON.writeValueAsString(
                Map.of("counts", List.of(Map.of("part", part, "seen", onHand, "counted", 0, "reason", "drawer spilt")))));
        JsonNode line = lines(bill(), "TO_ORDER").stream().filter(l -> l.path("partNumber").asString().equals(part)).findFirst()
                .orElseThrow();
        assertThat(line.path("standIns").valueStream().map(s -> s.path("number").asString())).containsExactly("STAND-SAME");
        assertThat(post("bill/stand-ins", Map.of("ordinal", line.path("ordinal").asInt(), "part", "STAND-THICK")).status()).isEqualTo(422);
        Answer taken = post("bill/stand-ins", Map.of("ordinal", line.path("ordinal").asInt(), "part", "STAND-SAME"));
        assertThat(taken.status()).as(taken.toString()).isEqualTo(409);
        assertThat(taken.detail()).contains("does not ask for " + part, "nothing was changed");
        assertThat(bill().body().path("bill").path("revision").asString()).isEqualTo("A");
        ines.post("/api/drawers/%s/put-backs".formatted(part), "{\"count\":%d,\"note\":\"found under the bench\"}".formatted(onHand));
        List.of("STAND-SAME", "STAND-THICK").forEach(other -> ines.delete("/api/parts/%s/alternatives/%s".formatted(part, other), ""));
    }

    @Test
    void aBillLeavesAsPaperTableAndData() throws IOException {
        orla.bill(job, KIT);
        String path = "/api/jobs/%d/bill/bill.".formatted(job);
        assertThat(new String(orla.bytes(path + "pdf").body(), StandardCharsets.ISO_8859_1)).startsWith("%PDF-");
        String csv = new String(orla.bytes(path + "csv").body(), StandardCharsets.UTF_8);
        assertThat(csv).startsWith("line,source,part,name,count,price,sum,drawer,check,reason\n1,kit-box,VM4-S,").contains(",from-kit,",
                ",handed-back,");
        JsonNode data = orla.get(path + "json").body();
        assertThat(SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("..", "docs", "formats", "bill.schema.json"))).validate(data)).isEmpty();
        assertThat(data.path("charges").path("total").asString())
                .isEqualTo(bill().body().path("bill").path("charges").path("total").asString());
        assertThat(data.path("lines")).hasSize(bill().body().path("bill").path("lines").size());
    }

    /** Two managers approve one quote at once: one bill, and one box held. */
    @Test
    void oneQuoteIsApprovedOnce() throws Exception {
        List<String> tradeOffs = ShopClient.tradeOffs(orla.match(job, KIT));
        int free = orla.free(KIT);
        quote();
        List<Answer> both = AtOnce.run(List.of(() -> approve(tradeOffs), () -> approve(tradeOffs)));
        assertThat(both).filteredOn(a -> a.status() == 200).hasSize(1);
        assertThat(both).filteredOn(a -> a.status() == 409).hasSize(1);
        assertThat(orla.free(KIT)).isEqualTo(free - 1);
    }

    private void part(String number, String name, String use, int count) {
        assertThat(ines
                .put("/api/parts/" + number, JSON.writeValueAsString(
                        Map.of("cells", Map.of("name", name, "used as", use, "place", "Z-9", "price", "12.50"), "reason", "for a test")))
                .status()).isEqualTo(200);
        ines.post("/api/drawers/%s/receipts".formatted(number), "{\"count\":%d,\"note\":\"\"}".formatted(count));
    }

    /**
     * Swapped, added, counted and left out by the manager: a revision each, reserved and priced, and carried on by the next one that the
     * match asks for.
     */
    @Test
    void theManagerChangesTheBillByHand() {
        part("HAND-1", "Lever with a bell", "other", 9);
        part("HAND-2", "Bottle cage", "other", 3);
        assertThat(orla.bill(job, KIT).status()).isEqualTo(200);
        JsonNode screws = bill().body().path("bill").path("lines").valueStream().filter(l -> l.path("source").asString().equals("FROM_KIT")
                && l.path("checkId").asString().isEmpty() && l.path("changes").size() > 0).findFirst().orElseThrow();
        assertThat(texts2(screws.path("changes"))).containsExactly("OTHER_PART");
        assertThat(bill().body().path("bill").path("lines").valueStream().filter(l -> l.path("name").asString().startsWith("Motor unit"))
                .map(l -> l.path("changes").size())).containsExactly(0);
        Answer swapped = post("bill/changes",
                Map.of("kind", "OTHER_PART", "ordinal", screws.path("ordinal").asInt(), "part", "HAND-1", "reason", "the box's are rusty"));
        assertThat(swapped.status()).as(swapped.toString()).isEqualTo(200);
        JsonNode now = swapped.body().path("bill");
        assertThat(now.path("revision").asString()).isEqualTo("B");
        assertThat(now.path("reason").asString()).contains("another part by hand, Lever with a bell, the box's are rusty");
        assertThat(now.path("lines").valueStream().filter(l -> l.path("partNumber").asString().equals("HAND-1"))
                .map(l -> l.path("source").asString() + l.path("sum").asString())).hasSize(1).allMatch(l -> l.startsWith("FROM_DRAWER"));
        assertThat(now.path("lines").valueStream().filter(l -> l.path("source").asString().equals("BACK_IN_DRAWER"))
                .map(l -> l.path("name").asString())).contains(screws.path("name").asString());
        assertThat(orla.free("HAND-1")).isEqualTo(9 - screws.path("count").asInt());
        Answer added = post("bill/changes", Map.of("kind", "ADDED", "part", "HAND-2", "count", 2, "step", "bars", "reason", "wished for"));
        assertThat(added.status()).as(added.toString()).isEqualTo(200);
        assertThat(orla.free("HAND-2")).isEqualTo(1);
        int cages = ordinal(added, "HAND-2");
        Answer fewer = post("bill/changes", Map.of("kind", "OTHER_COUNT", "ordinal", cages, "count", 1, "reason", "one is enough"));
        assertThat(fewer.body().path("bill").path("revision").asString()).as(fewer.toString()).isEqualTo("D");
        assertThat(orla.free("HAND-2")).isEqualTo(2);
        // The match asks for something else now: decided first, and the hand's changes go on with it.
        orla.survey(job, "bracket.shell-width=73");
        assertThat(post("bill/changes", Map.of("kind", "LEFT_OUT", "ordinal", cages, "reason", "no")).detail())
                .contains("decide on that first");
        JsonNode proposal = bill().body().path("bill").path("proposal");
        assertThat(proposal.path("changes").toString()).doesNotContain("HAND-", "Bottle cage", "Lever with a bell");
        List<String> consents = proposal.path("changes").valueStream().filter(c -> c.path("kind").asString().equals("CONSENT"))
                .map(c -> c.path("checkId").asString()).toList();
        Answer revised = post("bill/revisions",
                Map.of("stamp", proposal.path("stamp").asString(), "consented", consents, "waits", true, "reason", "shell measured again",
                        "agreement",
                        ShopClient.agreement()));
        assertThat(revised.status()).as(revised.toString()).isEqualTo(200);
        assertThat(revised.body().path("bill").path("lines").toString()).contains("HAND-1", "HAND-2");
        Answer out = post("bill/changes", Map.of("kind", "LEFT_OUT", "ordinal", ordinal(revised, "HAND-2"), "reason", "changed his mind"));
        assertThat(out.status()).as(out.toString()).isEqualTo(200);
        assertThat(orla.free("HAND-2")).isEqualTo(3);
        assertThat(out.body().path("bill").path("lines").valueStream().filter(l -> l.path("source").asString().equals("NOT_TAKEN"))
                .map(l -> l.path("reason").asString())).anyMatch(r -> r.startsWith("changed his mind (Orla M.)"));
    }

    private static int ordinal(Answer answer, String part) {
        return answer.body().path("bill").path("lines").valueStream().filter(l -> l.path("partNumber").asString().equals(part)).findFirst()
                .orElseThrow(() -> new AssertionError(answer.toString())).path("ordinal").asInt();
    }

    private static List<String> texts2(JsonNode list) {
        return list.valueStream().map(JsonNode::asString).toList();
    }

    @Test
    void whatMayNotBeChangedByHandIsRefusedAndNothingIsSaved() {
        part("HAND-3", "Spacer of another thickness", "other", 1);
        assertThat(orla.bill(job, KIT).status()).isEqualTo(200);
        JsonNode bill = bill().body().path("bill");
        int box = bill.path("lines").valueStream().filter(l -> l.path("source").asString().equals("KIT_BOX")).findFirst().orElseThrow()
                .path("ordinal").asInt();
        JsonNode spacer = bill.path("lines").valueStream().filter(l -> l.path("checkId").asString().equals("bracket-stack")).findFirst()
                .orElseThrow();
        assertThat(post("bill/changes", Map.of("kind", "LEFT_OUT", "ordinal", box, "reason", "x")).detail()).contains("choose another kit");
        assertThat(post("bill/changes", Map.of("kind", "LEFT_OUT", "ordinal", spacer.path("ordinal").asInt(), "reason", "x")).detail())
                .contains("another stack, which no check has seen");
        assertThat(post("bill/changes",
                Map.of("kind", "OTHER_PART", "ordinal", spacer.path("ordinal").asInt(), "part", "HAND-3", "reason", "x")).detail())
                .contains("another stack, which no check has seen");
        assertThat(post("bill/changes", Map.of("kind", "OTHER_PART", "ordinal", 9_999, "part", "HAND-3", "reason", "x")).status())
                .isEqualTo(422);
        assertThat(post("bill/changes", Map.of("kind", "ADDED", "part", "NO-SUCH", "step", "bars", "reason", "x")).status()).isIn(404, 422);
        assertThat(post("bill/changes", Map.of("kind", "ADDED", "part", "HAND-3", "step", "bench-power", "reason", "x")).detail())
                .isNotEmpty();
        assertThat(post("bill/changes", Map.of("kind", "ADDED", "part", "HAND-3", "step", "bars", "count", 100, "reason", "x")).detail())
                .contains("allowed are 1 to 99");
        assertThat(post("bill/changes", Map.of("kind", "ADDED", "part", "HAND-3", "step", "bars", "reason", " ")).body().path("faults")
                .findValuesAsString("field")).containsExactly("reason");
        assertThat(ines.post("/api/jobs/%d/bill/changes".formatted(job), "{\"kind\":\"LEFT_OUT\",\"ordinal\":1,\"reason\":\"x\"}").status())
                .isEqualTo(403);
        assertThat(bill().body().path("bill").path("revision").asString()).isEqualTo("A");
    }

    /** Who consented, when and how is asked of a person; making a bill or changing it by hand says it for nobody. */
    @Test
    void aConsentIsSomebodysActAndStaysTheirs() {
        orla.survey(job, "bars.straight-length=120");
        orla.post("/api/jobs/%d/match/%s/overrides".formatted(job, KIT),
                "{\"checkId\":\"bars\",\"reason\":\"a longer bar comes on Friday\"}");
        JsonNode match = orla.match(job, KIT);
        List<String> tradeOffs = ShopClient.tradeOffs(match);
        assertThat(tradeOffs).isNotEmpty();
        Map<String, Object> choice = new HashMap<>(Map.of("kitCode", KIT, "stamp", match.path("stamp").asString(), "consented", tradeOffs,
                "notTaken", List.of(), "waits", true));
        Answer nobody = post("bill", choice);
        assertThat(nobody.body().path("faults").findValuesAsString("field")).containsExactly("agreement");
        assertThat(nobody.body().toString()).contains("on which day and in which way");
        choice.put("agreement", Map.of("who", "Edda Holm", "on", LocalDate.now(ZoneOffset.UTC).plusDays(2).toString(), "way", "PHONE"));
        assertThat(post("bill", choice).body().path("faults").toString()).contains("agreement.on", "lies ahead");
        choice.put("agreement", Map.of("who", "Edda Holm", "on", LocalDate.now(ZoneOffset.UTC).minusDays(3).toString(), "way", "PAPER"));
        Answer made = post("bill", choice);
        assertThat(made.status()).as("%s", made).isEqualTo(200);
        String agreed = lines(made, "CONSENTED").get(0).path("agreed").asString();
        assertThat(agreed).startsWith("Edda Holm, ").endsWith(", signed on paper");
        JsonNode step = made.body().path("bill").path("mounting").get(0);
        Answer changed = post("bill/changes", Map.of("kind", "ADDED", "part", "BS-600", "count", 1, "step", step.path("key").asString(),
                "reason", "one more to try"));
        assertThat(changed.status()).as("%s", changed).isEqualTo(200);
        assertThat(changed.body().path("bill").path("agreed").asString()).as("nobody was asked about the change").isEmpty();
        assertThat(lines(changed, "CONSENTED").get(0).path("agreed").asString()).isEqualTo(agreed);
    }

    /** Whoever signs on the tablet is asked for a name, and what they drew stands on the bill and its papers. */
    @Test
    void aNameIsDrawnWhereItWasSignedOnTheTabletAndNowhereElse() {
        orla.survey(job, "bars.straight-length=120");
        orla.post("/api/jobs/%d/match/%s/overrides".formatted(job, KIT),
                "{\"checkId\":\"bars\",\"reason\":\"a longer bar comes on Friday\"}");
        JsonNode match = orla.match(job, KIT);
        Map<String, Object> choice = new HashMap<>(Map.of("kitCode", KIT, "stamp", match.path("stamp").asString(), "consented",
                ShopClient.tradeOffs(match), "notTaken", List.of(), "waits", true));
        Map<String, String> refused = Map.of("", "the name, drawn", "10,20 12,22", "a dot or a slip", "10,20 700,22",
                "a field of 600 by 200",
                "scribble", "strokes of two points");
        refused.forEach((drawn, why) -> {
            choice.put("agreement", signed("DRAWN", drawn));
            Answer answer = post("bill", choice);
            assertThat(answer.status()).as(drawn).isEqualTo(422);
            assertThat(answer.body().path("faults").toString()).contains("agreement.drawn", why);
        });
        choice.put("agreement", signed("PHONE", "10,20 400,22"));
        assertThat(post("bill", choice).body().path("faults").toString()).contains("only where it was signed on the tablet");
        choice.put("agreement", signed("DRAWN", "10,20 110,40 200,60;300,0 300,200"));
        JsonNode bill = post("bill", choice).body().path("bill");
        assertThat(bill.path("signature").asString()).isEqualTo("M10 20L110 40L200 60M300 0L300 200");
        assertThat(bill.path("agreed").asString()).endsWith(", signed on the tablet");
        assertThat(orla.get("/api/jobs/%d/bill/bill.json".formatted(job)).body().path("signature").asString())
                .isEqualTo("10,20 110,40 200,60;300,0 300,200");
        assertThat(new String(orla.bytes("/api/jobs/%d/bill/bill.pdf".formatted(job)).body(), java.nio.charset.StandardCharsets.ISO_8859_1))
                .startsWith("%PDF-");
    }

    private static Map<String, String> signed(String way, String drawn) {
        return Map.of("who", "Edda Holm", "on", LocalDate.now(ZoneOffset.UTC).toString(), "way", way, "drawn", drawn);
    }
}
