package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.ShopClient.Answer;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The Hinge by HTTP: shortlist, what if, a manager's word, fit notes, a maker's approval. */
@ExtendWith(RunningApp.class)
class MatchApiTest {

    private ShopClient orla;
    private ShopClient tova;

    @BeforeEach
    void signIn(RunningApp.App app) {
        orla = ShopClient.signedIn(app.url(), "orla");
        tova = ShopClient.signedIn(app.url(), "tova");
    }

    private long surveyed(String kind, String readings) {
        long job = orla.post("/api/jobs", ShopClient.booking("Matched").replace("MID_DRIVE", kind)).body().path("number").asLong();
        orla.place(job, "RACK", null);
        orla.survey(job, readings);
        return job;
    }

    @Test
    void theShortlistNamesEveryKitBatteryAndWhatItMeans() {
        long job = surveyed("DRIVE_KIT", "");
        JsonNode rows = orla.get("/api/jobs/%d/shortlist".formatted(job)).body().path("rows");
        List<String> codes = new ArrayList<>();
        rows.forEach(r -> codes.add(r.path("kitCode").asString()));
        assertThat(codes).contains("TN9", "TN9+SB48-17", "KF2", "VM4-L", "OR5").doesNotHaveDuplicates();
        List<String> order = List.of("FITS", "FITS_WITH", "TRADE_OFF", "MEASURE", "NO_FIT");
        int worst = 0;
        for (JsonNode row : rows) {
            int place = order.indexOf(row.path("verdict").asString());
            assertThat(place).as("best first: " + row.path("kitCode")).isGreaterThanOrEqualTo(worst);
            worst = place;
            assertThat(row.path("strip").asString().replace(".", "").length()).as("every check has its knuckle").isGreaterThan(10);
            assertThat(row.path("goesOn").asBoolean()).isEqualTo(place < 3).isEqualTo(row.path("minutes").isNumber());
        }
        JsonNode own = row(rows, "TN9");
        JsonNode other = row(rows, "TN9+SB48-17");
        assertThat(own.path("verdict")).isEqualTo(orla.match(job, "TN9").path("verdict"));
        assertThat(other.path("battery").asString()).isEqualTo("Slate 48 V 17 Ah");
        // The need of 20 km a day is set against the lower of both ranges.
        assertThat(own.path("reserve").asDouble()).isEqualTo(
                Math.min(own.path("range").path("thumb").asDouble(), own.path("range").path("physics").asDouble()) - 20,
                org.assertj.core.api.Assertions.within(0.11));
        assertThat(rows.valueStream().filter(r -> !r.path("dominatedBy").asString().isEmpty())
                .allMatch(r -> codes.contains(r.path("dominatedBy").asString()))).isTrue();
    }

    private static JsonNode row(JsonNode rows, String code) {
        return rows.valueStream().filter(r -> r.path("kitCode").asString().equals(code)).findFirst().orElseThrow();
    }

    /**
     * A bike whose arrival check adds work, a rider who counts: shortlist, hinge and bill say the same minutes, and the shortlist's whole
     * sum is the bill's.
     */
    @Test
    void labourAndTheWholeSumAreOneFigureEverywhere() {
        long job = 410;
        assertThat(orla.measure(job, "bracket.shell-width", "68", "CALIPER", 0).status()).isEqualTo(200);
        JsonNode row = orla.get("/api/jobs/%d/shortlist".formatted(job)).body().path("rows").valueStream()
                .filter(r -> r.path("goesOn").asBoolean() && r.path("boxesFree").asInt() > 0 && !r.path("kitCode").asString().contains("+"))
                .findFirst().orElseThrow();
        String kit = row.path("kitCode").asString();
        JsonNode match = orla.match(job, kit);
        assertThat(match.path("minutes").asInt()).isEqualTo(row.path("minutes").asInt());
        Answer made = orla.bill(job, kit);
        assertThat(made.status()).as(made.toString()).isEqualTo(200);
        JsonNode charges = made.body().path("bill").path("charges");
        assertThat(charges.path("minutes").asInt()).as(kit + ": what goes with the job counts").isEqualTo(row.path("minutes").asInt());
        assertThat(new java.math.BigDecimal(charges.path("total").asString())).isEqualByComparingTo(row.path("total").asString());
    }

    /** Verdicts are the same in any units; a sentence, its margin and its figures are said in those that were chosen. */
    @Test
    void whoeverReadsInchesIsToldInches() {
        long job = surveyed("MID_DRIVE", "bracket.shell-width=83");
        JsonNode metric = ShopClient.finding(orla.match(job, "VM4-L"), "motor-clearance");
        JsonNode inches = ShopClient.finding(orla.getInInches("/api/jobs/%d/match/VM4-L".formatted(job)).body(), "motor-clearance");
        assertThat(inches.path("verdict")).isEqualTo(metric.path("verdict"));
        assertThat(metric.path("sentence").asString()).contains(" mm").doesNotContain(" in;");
        assertThat(inches.path("sentence").asString()).contains(" in").doesNotContain(" mm");
        assertThat(inches.path("margin").path("text").asString()).contains(" in ");
        assertThat(inches.path("figures").valueStream().filter(f -> f.path("kind").asString().equals("length"))
                .map(f -> f.path("text").asString())).isNotEmpty().allMatch(t -> t.endsWith(" in"));
    }

    @Test
    void whatIfMovesTheVerdictsAndSavesNothing() {
        long job = surveyed("MID_DRIVE", "bracket.shell-width=83");
        JsonNode before = orla.match(job, "VM4-L");
        JsonNode stack = ShopClient.finding(before, "bracket-stack");
        assertThat(stack.path("verdict").asString()).isEqualTo("FITS_WITH");
        String path = "/api/jobs/%d/match/VM4-L/what-if".formatted(job);
        Answer wider = tova.post(path, "{\"measures\":{\"bracket.shell-width\":\"120 mm\"},\"without\":[]}");
        assertThat(ShopClient.finding(wider.body(), "bracket-stack").path("verdict").asString()).isEqualTo("NO_FIT");
        String spacer = stack.path("remedies").valueStream().map(r -> r.path("part"))
                .filter(p -> p.path("supply").asString().equals("DRAWER")).findFirst().orElseThrow().path("partNumber").asString();
        assertThat(spacer).startsWith("BS-");
        Answer without = tova.post(path, "{\"measures\":{},\"without\":[\"%s\"]}".formatted(spacer));
        assertThat(ShopClient.finding(without.body(), "bracket-stack").path("remedies").toString()).doesNotContain(spacer);
        Answer nonsense = tova.post(path, "{\"measures\":{\"bracket.shell-width\":\"wide\"},\"without\":[]}");
        assertThat(nonsense.status()).isEqualTo(422);
        assertThat(nonsense.detail()).contains("wide");
        assertThat(orla.match(job, "VM4-L")).as("as it was").isEqualTo(before);
    }

    @Test
    void whatIsDangerousIsNotOverriddenByAnybody() {
        long job = surveyed("FRONT_HUB", "front.fork-material=carbon");
        String path = "/api/jobs/%d/match/KF2/overrides".formatted(job);
        String word = "{\"checkId\":\"fork-material\",\"reason\":\"the customer insists\"}";
        assertThat(tova.post(path, word).status()).isEqualTo(403);
        Answer refused = orla.post(path, word);
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.detail()).contains("never overridden");
        assertThat(orla.match(job, "KF2").path("verdict").asString()).isEqualTo("NO_FIT");
        assertThat(orla.bill(job, "KF2").status()).isEqualTo(409);
    }

    /** The customer brings the part the drawer would give: it stays free there, and the bill says why and who said so. */
    @Test
    void whatTheCustomerBringsIsTickedOffAndStaysInTheDrawer() {
        long job = surveyed("MID_DRIVE", "");
        JsonNode match = orla.match(job, "VM4-S");
        JsonNode check = match.path("findings").valueStream()
                .filter(f -> f.path("remedies").valueStream().anyMatch(r -> r.path("part").path("supply").asString().equals("DRAWER")))
                .findFirst().orElseThrow();
        JsonNode remedy = check.path("remedies").valueStream().filter(r -> r.path("part").path("supply").asString().equals("DRAWER"))
                .findFirst().orElseThrow();
        assertThat(remedy.path("mayLeave").asBoolean()).isTrue();
        String id = check.path("checkId").asString();
        String stamp = match.path("stamp").asString();
        assertThat(orla.bill(job, "VM4-S", stamp, ShopClient.tradeOffs(match), List.of(id + "|99|why")).detail()).contains("counted from 0",
                "No bill was made");
        assertThat(orla.bill(job, "VM4-S", stamp, ShopClient.tradeOffs(match), List.of(id + "|0| ")).body().path("faults")
                .findValuesAsString("field")).containsExactly("notTaken[0].reason");
        Answer bill = orla.bill(job, "VM4-S", stamp, ShopClient.tradeOffs(match),
                List.of("%s|%d|brings his own".formatted(id, remedy.path("place").asInt())));
        assertThat(bill.status()).as(bill.toString()).isEqualTo(200);
        List<JsonNode> lines = bill.body().path("bill").path("lines").valueStream()
                .filter(l -> l.path("source").asString().equals("NOT_TAKEN")).toList();
        assertThat(lines).singleElement().satisfies(l -> {
            assertThat(l.path("name").asString()).isEqualTo(remedy.path("part").path("name").asString());
            assertThat(l.path("reason").asString()).isEqualTo("brings his own (Orla M.)");
        });
        assertThat(bill.body().path("bill").path("lines").valueStream()
                .filter(l -> l.path("source").asString().equals("FROM_DRAWER") && l.path("checkId").asString().equals(id))
                .map(l -> l.path("partNumber").asString())).doesNotContain(remedy.path("part").path("partNumber").asString());
        orla.delete("/api/jobs/%d/bill".formatted(job), "{\"reason\":\"seen\"}");
    }

    @Test
    void aManagersWordTurnsANoIntoAConsentThatThePapersPrint(RunningApp.App app) {
        ShopClient.signedIn(app.url(), "ines").post("/api/drawers/TN9/receipts", "{\"count\":1,\"note\":\"\"}");
        long job = surveyed("MID_DRIVE", "bars.straight-length=120");
        JsonNode no = ShopClient.finding(orla.match(job, "TN9"), "bars");
        assertThat(no.path("verdict").asString()).as(no.toString()).isEqualTo("NO_FIT");
        String path = "/api/jobs/%d/match/TN9/overrides".formatted(job);
        assertThat(tova.post(path, "{\"checkId\":\"bars\",\"reason\":\"only on the lawn\"}").status()).isEqualTo(403);
        assertThat(orla.post(path, "{\"checkId\":\"bars\",\"reason\":\" \"}").body().path("faults").findValuesAsString("field"))
                .containsExactly("reason");
        assertThat(orla.post(path, "{\"checkId\":\"shell-obstruction\",\"reason\":\"why not\"}").detail()).contains("nothing to override");
        Answer said = orla.post(path, "{\"checkId\":\"bars\",\"reason\":\"only on the lawn\"}");
        assertThat(ShopClient.finding(said.body(), "bars").path("verdict").asString()).isEqualTo("TRADE_OFF");
        assertThat(orla.bill(job, "TN9", List.of()).detail()).contains("Consent is missing");
        Answer bill = orla.bill(job, "TN9");
        assertThat(bill.status()).as(bill.toString()).isEqualTo(200);
        assertThat(bill.body().path("bill").path("lines").valueStream().filter(l -> l.path("source").asString().equals("CONSENTED"))
                .map(l -> l.path("reason").asString()))
                .anyMatch(r -> r.contains("Overridden by Orla M.: only on the lawn"));
        assertThat(orla.delete("/api/jobs/%d/bill".formatted(job), "{\"reason\":\"thought again\"}").status()).isEqualTo(200);
        Answer back = orla.post(path + "/bars/take-back", "{}");
        assertThat(ShopClient.finding(back.body(), "bars").path("verdict").asString()).isEqualTo("NO_FIT");
    }

    @Test
    void aFitNoteComesUpOnTheNextFrameOfTheSameNameAndSize() {
        long job = surveyed("MID_DRIVE", "");
        Answer noted = tova.post("/api/jobs/%d/match/TN9/notes".formatted(job),
                "{\"checkId\":\"motor-fixing\",\"found\":\"Lug under the shell\",\"done\":\"plate turned\",\"minutes\":12}");
        assertThat(noted.body().path("notes").get(0).path("here").asBoolean()).isTrue();
        long next = surveyed("MID_DRIVE", "");
        JsonNode note = tova.match(next, "TN9").path("notes").get(0);
        assertThat(note.path("found").asString()).isEqualTo("Lug under the shell");
        assertThat(note.path("here").asBoolean()).isFalse();
        assertThat(tova.match(next, "VM4-S").path("notes").size()).as("another kit's").isZero();
        Answer gone = tova.post("/api/jobs/%d/match/TN9/notes/%d/remove".formatted(next, note.path("id").asLong()), "{}");
        assertThat(gone.body().path("notes").size()).isZero();
    }

    /** About kits of a kind it comes up with every one of them, and at the stand on the step that it belongs to. */
    @Test
    void aFitNoteComesUpWhereverItIsMetAgain() {
        long job = surveyed("MID_DRIVE", "");
        Answer noted = tova.post("/api/jobs/%d/match/TN9/notes".formatted(job),
                "{\"checkId\":\"bracket-stack\",\"found\":\"shell is out of round\",\"done\":\"faced\",\"minutes\":5,\"scope\":\"FAMILY\"}");
        assertThat(noted.status()).as(noted.toString()).isEqualTo(200);
        long next = surveyed("MID_DRIVE", "");
        assertThat(learned(next)).as("in the shortlist, with every kit it is about, before any is opened").contains("VM4-S", "TN9")
                .doesNotContain("KF2");
        assertThat(tova.match(next, "VM4-S").path("notes").get(0).path("about").asString()).isEqualTo("kits of this kind on such frames");
        assertThat(tova.match(next, "KF2").path("notes").size()).as("a hub asks nothing of the shell").isZero();
        orla.post("/api/drawers/VM4-S/receipts", "{\"count\":1,\"note\":\"\"}");
        assertThat(orla.bill(next, "VM4-S").status()).isEqualTo(200);
        List<String> steps = tova.get("/api/jobs/%d/steps".formatted(next)).body().path("steps").valueStream()
                .filter(s -> s.path("notes").size() > 0)
                .map(s -> s.path("key").asString() + ": " + s.path("notes").get(0).asString()).toList();
        assertThat(steps).contains("motor-on-spacers: shell is out of round. Done: faced (Tova, job %d)".formatted(job)).hasSizeLessThan(5);
        orla.delete("/api/jobs/%d/bill".formatted(next), "{\"reason\":\"seen\"}");
        tova.post("/api/jobs/%d/match/TN9/notes/%d/remove".formatted(job, noted.body().path("notes").get(0).path("id").asLong()), "{}");
        assertThat(learned(next)).as("removed on another job, and gone here at once").isEmpty();
    }

    private List<String> learned(long number) {
        return tova.get("/api/jobs/%d/shortlist".formatted(number)).body().path("learned").valueStream()
                .filter(l -> l.path("notes").toString().contains("shell is out of round")).map(l -> l.path("kitCode").asString()).toList();
    }

    @Test
    void aMakersApprovalAttachedToTheJobIsConsentedTo() throws Exception {
        long job = surveyed("FRONT_HUB", "front.fork-material=magnesium-casting;front.fork-kind=sprung");
        assertThat(ShopClient.finding(orla.match(job, "KF2"), "fork-material").path("verdict").asString()).isEqualTo("NO_FIT");
        byte[] letter = PhotoTest.picture(400, 300, "png");
        Answer attached = orla.photo(job, "approval.fork-material", "letter.png", letter);
        assertThat(attached.status()).as(attached.toString()).isEqualTo(201);
        assertThat(ShopClient.finding(orla.match(job, "KF2"), "fork-material").path("verdict").asString()).isEqualTo("TRADE_OFF");
    }

    @Test
    void thePaperHoldsEveryCheckAndTheCaution() throws Exception {
        long job = surveyed("MID_DRIVE", "");
        byte[] pdf = orla.bytes("/api/jobs/%d/match/TN9/match.pdf".formatted(job)).body();
        try (var document = org.apache.pdfbox.Loader.loadPDF(pdf)) {
            String text = new org.apache.pdfbox.text.PDFTextStripper().getText(document).replaceAll("\\s+", " ");
            assertThat(text).contains("Screening only.", "Job " + job, "Tarnuvel T9");
            orla.match(job, "TN9").path("findings").forEach(f -> assertThat(text).contains(f.path("title").asString()));
        }
    }

    @Test
    void whatIsNotThereIsSaid() {
        long job = surveyed("MID_DRIVE", "");
        assertThat(orla.get("/api/jobs/%d/match/NOPE".formatted(job)).status()).isEqualTo(404);
        assertThat(orla.get("/api/jobs/%d/match/TN9+NOPE".formatted(job)).status()).isEqualTo(404);
        assertThat(orla.get("/api/jobs/99999/shortlist").status()).isEqualTo(404);
        assertThat(orla.post("/api/jobs/%d/match/TN9/what-if".formatted(job), "{\"measures\":{\"no.such\":\"1\"},\"without\":[]}").detail())
                .contains("no.such");
        assertThat(orla.post("/api/jobs/%d/match/TN9/overrides".formatted(job), "{\"checkId\":\"no-such\",\"reason\":\"x\"}").detail())
                .contains("no-such");
        assertThat(orla.post("/api/jobs/%d/match/TN9/overrides/bars/take-back".formatted(job), "{}").status()).isEqualTo(404);
        assertThat(tova.post("/api/jobs/%d/match/TN9/notes/999999/remove".formatted(job), "{}").status()).isEqualTo(404);
        Answer blank = tova.post("/api/jobs/%d/match/TN9/notes".formatted(job),
                "{\"checkId\":\"bars\",\"found\":\" \",\"done\":\"\",\"minutes\":900}");
        assertThat(blank.body().path("faults").findValuesAsString("field")).containsExactlyInAnyOrder("found", "minutes");
    }

    @Test
    void theStockKeeperLooksButSaysNothingIntoAMatch(RunningApp.App app) {
        long job = surveyed("MID_DRIVE", "");
        ShopClient ines = ShopClient.signedIn(app.url(), "ines");
        assertThat(ines.match(job, "TN9").path("kitCode").asString()).isEqualTo("TN9");
        assertThat(ines
                .post("/api/jobs/%d/match/TN9/notes".formatted(job), "{\"checkId\":\"bars\",\"found\":\"x\",\"done\":\"\",\"minutes\":0}")
                .status()).isEqualTo(403);
        assertThat(ShopClient.stranger(app.url()).get("/api/jobs/%d/shortlist".formatted(job)).status()).isEqualTo(401);
    }

    /** The yard names two measures and counts the rest; the kit with the fewest open comes first. */
    @Test
    void theYardSaysWhatHoldsTheNearestKitUp() {
        long job = orla.post("/api/jobs", ShopClient.booking("Half measured").replace("MID_DRIVE", "DRIVE_KIT")).body().path("number")
                .asLong();
        orla.place(job, "RACK", null);
        tova.post("/api/jobs/%d/arrival/rest-good".formatted(job), "{}");
        tova.measure(job, "bracket.shell-width", "73", "CALIPER", 0);
        String line = orla.get("/api/yard").body().path("bikes").valueStream().filter(b -> b.path("job").path("number").asLong() == job)
                .map(b -> b.path("standing").path("line").asString()).findFirst().orElseThrow();
        assertThat(line).matches("measure [^,]+, [^,]+ and \\d+ more|measure [^,]+(, [^,]+)?");
    }
}
