package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.ShopClient.Answer;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Jobs called off at every stage: the kit comes off by steps, every piece goes back in its state or is paid, and nothing is lost. */
@ExtendWith(RunningApp.class)
class CallOffTest {

    private static final String KIT = "VM4-S";
    private static final String SAID = "{\"reason\":\"moves to another town\",\"agreement\":{\"who\":\"Edda Holm\",\"on\":\"%s\",\"way\":\"PHONE\"}}";

    private ShopClient orla;
    private ShopClient tova;
    private Shopfloor floor;
    private String today;

    @BeforeEach
    void people(RunningApp.App app) {
        floor = new Shopfloor(app);
        orla = floor.orla;
        tova = floor.tova;
        today = orla.get("/api/yard").body().path("today").asString();
    }

    @AfterEach
    void standsAreFree() {
        orla.get("/api/yard").body().path("bikes").valueStream().map(b -> b.path("job"))
                .filter(j -> j.path("bike").asString().startsWith("Calls off") && j.path("place").asString().equals("STAND"))
                .forEach(j -> orla.place(j.path("number").asLong(), "RACK", null));
    }

    private Map<String, Integer> onHand() {
        return orla.get("/api/drawers").body().valueStream()
                .collect(Collectors.toMap(d -> d.path("number").asString(), d -> d.path("onHand").asInt()));
    }

    private long billed() {
        long job = orla.book("Calls off");
        orla.place(job, "RACK", null);
        orla.survey(job, "");
        orla.post("/api/drawers/%s/receipts".formatted(KIT), "{\"count\":1,\"note\":\"\"}");
        return job;
    }

    private void onAStand(long job) {
        assertThat(orla.bill(job, KIT).status()).isEqualTo(200);
        floor.everythingComes(job);
        assertThat(orla.place(job, "STAND", floor.freeStand()).status()).isEqualTo(200);
    }

    private Answer callOff(ShopClient who, long job) {
        return who.post("/api/jobs/%d/call-off".formatted(job), SAID.formatted(today));
    }

    private JsonNode view(long job) {
        return orla.get("/api/jobs/%d/call-off".formatted(job)).body();
    }

    private Answer settle(long job, Map<Integer, String> states, int minutes) {
        return orla.post("/api/jobs/%d/call-off/settlement".formatted(job),
                "{\"states\":{%s},\"minutes\":%d}".formatted(said(states), minutes));
    }

    private Map<Integer, String> proposed(JsonNode view) {
        Map<Integer, String> states = new TreeMap<>();
        view.path("lines").forEach(l -> states.put(l.path("ordinal").asInt(), l.path("proposed").asString()));
        return states;
    }

    /** On hand and reserved, by part; what came back second-hand is counted with its part. */
    private Map<String, Integer> stock() {
        Map<String, Integer> all = new TreeMap<>();
        orla.get("/api/drawers").body().forEach(d -> {
            String number = d.path("number").asString().replaceAll("-(OPEN|USED)$", "");
            all.merge(number, d.path("onHand").asInt(), Integer::sum);
            all.merge(number + " held", d.path("reserved").asInt(), Integer::sum);
        });
        return all;
    }

    private List<String> keys(long job) {
        return orla.get("/api/jobs/%d/steps".formatted(job)).body().path("steps").valueStream().map(s -> s.path("key").asString()).toList();
    }

    private void nothingIsWrong(long job) {
        assertThat(orla.get("/api/drawers/audit").body().toString()).isEqualTo("[]");
        assertThat(orla.get("/api/audit").body().toString()).doesNotContain("Job %d:".formatted(job));
    }

    /** A removal step that is left out is not begun: the kit is still on, and the job may go on. */
    @Test
    void aRemovalStepThatIsLeftOutKeepsNoJobFromGoingOn() {
        long job = billed();
        onAStand(job);
        floor.workThrough(job, "sign-off");
        callOff(orla, job);
        JsonNode left = orla.get("/api/jobs/%d/steps/now".formatted(job)).body().path("steps").valueStream()
                .filter(s -> s.path("state").asString().equals("OPEN") && s.path("skip").path("allowed").asBoolean()).findFirst()
                .orElseThrow();
        Answer skipped = orla.step(job, left.path("key").asString(), "skip", "{\"reason\":\"does not apply\"}");
        assertThat(skipped.status()).as(skipped.toString()).isEqualTo(200);
        assertThat(view(job).path("mayGoOn").path("allowed").asBoolean()).isTrue();
        Answer on = orla.delete("/api/jobs/%d/call-off".formatted(job), "{\"reason\":\"stays after all\"}");
        assertThat(on.status()).as(on.toString()).isEqualTo(200);
        assertThat(orla.place(job, "RACK", null).status()).isEqualTo(200);
        nothingIsWrong(job);
    }

    /** What came damaged is the supplier's: a claim is raised with the settlement, for damaged pieces alone. */
    @Test
    void whatComesBackDamagedIsClaimedFromItsSupplier() {
        long job = billed();
        onAStand(job);
        floor.workThrough(job, "bracket-out");
        callOff(orla, job);
        floor.workThrough(job, "");
        JsonNode box = view(job).path("lines").valueStream().filter(l -> l.path("part").asString().equals(KIT)).findFirst().orElseThrow();
        int ordinal = box.path("ordinal").asInt();
        Map<Integer, String> states = proposed(view(job));
        String path = "/api/jobs/%d/call-off/settlement".formatted(job);
        String body = "{\"states\":{%s},\"minutes\":0,\"claimed\":[%d]}";
        Answer whole = orla.post(path, body.formatted(said(states), ordinal));
        assertThat(whole.status()).isEqualTo(422);
        assertThat(whole.detail()).contains("only what comes back damaged");
        assertThat(orla.post(path, body.formatted(said(states), 999)).detail()).contains("'999' is not possible");
        assertThat(claims(job)).isEmpty();
        states.put(ordinal, "DAMAGED");
        assertThat(orla.post(path, body.formatted(said(states), ordinal)).status()).isEqualTo(200);
        assertThat(claims(job)).singleElement().satisfies(c -> {
            assertThat(c).contains("\"part\":\"%s\"".formatted(KIT), "box damaged", "came back damaged", "\"blocks\":false");
            assertThat(c).doesNotContain("\"supplier\":\"\"");
        });
        nothingIsWrong(job);
    }

    private static String said(Map<Integer, String> states) {
        return states.entrySet().stream().map(s -> "\"%d\":\"%s\"".formatted(s.getKey(), s.getValue())).collect(Collectors.joining(","));
    }

    private List<String> claims(long job) {
        return orla.get("/api/claims").body().valueStream().map(JsonNode::toString).filter(c -> c.contains("\"job\":%d".formatted(job)))
                .toList();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"kit-check | 0", "bracket-out | 6", "lock-nut | 10", "sign-off | 25"})
    void whereverAJobIsCalledOffEverythingAddsUp(String until, int leastSteps) {
        long job = billed();
        Map<String, Integer> before = stock();
        onAStand(job);
        List<String> list = keys(job);
        List<String> done = floor.workThrough(job, until);
        if (until.equals("sign-off")) {
            assertThat(orla.place(job, "RAIL", null).status()).isEqualTo(200);
        }
        assertThat(callOff(tova, job).status()).isEqualTo(403);
        JsonNode outlook = orla.get("/api/jobs/%d/call-off/taking-off".formatted(job)).body();
        Answer called = callOff(orla, job);
        assertThat(called.status()).as(called.toString()).isEqualTo(200);
        assertThat(callOff(orla, job).detail()).contains("is being removed");
        // What is done stays in the list, what nobody began has left it, what takes the kit off has come.
        List<String> now = keys(job);
        assertThat(now).containsAll(done).doesNotContainAnyElementsOf(
                list.stream().filter(k -> !done.contains(k)).collect(Collectors.toCollection(() -> new ArrayList<>(List.of("never")))));
        List<String> off = now.stream().filter(k -> !done.contains(k)).toList();
        assertThat(off).hasSizeGreaterThanOrEqualTo(leastSteps).hasSize(outlook.path("steps").asInt());
        assertThat(orla.get("/api/jobs/%d".formatted(job)).body().toString()).contains("COMING_OFF");
        nothingMoreIsAdded(job);

        if (!off.isEmpty()) {
            assertThat(settle(job, proposed(view(job)), 0).detail()).contains("first:");
            if (until.equals("sign-off")) {
                assertThat(orla.place(job, "STAND", floor.freeStand()).status()).isEqualTo(200);
            }
            assertThat(orla.place(job, "GONE", null).status()).isEqualTo(409);
            assertThat(floor.workThrough(job, "")).containsExactlyInAnyOrderElementsOf(off);
        }
        JsonNode view = view(job);
        assertThat(view.path("maySettle").path("allowed").asBoolean()).as(view.toString()).isTrue();
        Map<Integer, String> states = proposed(view);
        int worked = view.path("workMinutes").asInt();
        assertThat(states).as("the box left its drawer: %s", view).isNotEmpty();
        assertThat(settle(job, Map.of(), worked).status()).isEqualTo(422);
        assertThat(settle(job, states, worked + 1).body().path("faults").findValuesAsString("field")).containsExactly("minutes");
        states.keySet().stream().findFirst().ifPresent(first -> {
            Map<Integer, String> asNew = new TreeMap<>(states);
            asNew.put(first, "AS_NEW");
            assertThat(settle(job, asNew, worked).status()).as("what was opened or mounted is not new").isEqualTo(409);
        });
        assertThat(orla.post("/api/jobs/%d/money/payments".formatted(job),
                "{\"amount\":12.50,\"back\":false,\"how\":\"CASH\",\"on\":\"%s\"}".formatted(today)).status()).isEqualTo(200);
        Answer settled = settle(job, states, worked);
        assertThat(settled.status()).as(settled.toString()).isEqualTo(200);
        JsonNode bill = settled.body().path("lastBill");
        assertThat(bill.path("deposit").asString()).isEqualTo("12.50");
        assertThat(bill.path("said").asString()).matches("\\d+\\.\\d\\d to (pay|give back)");
        assertThat(settle(job, states, worked).detail()).contains("is not called off");

        // Everything is on hand again, second-hand or not, but for what stays with the bike, and nothing is held.
        Map<String, Integer> kept = new TreeMap<>();
        view.path("lines").valueStream().filter(l -> l.path("proposed").asString().equals("KEPT"))
                .forEach(l -> kept.merge(l.path("part").asString(), l.path("count").asInt(), Integer::sum));
        Map<String, Integer> after = stock();
        before.forEach((part, count) -> assertThat(after.get(part)).as(part)
                .isGreaterThanOrEqualTo(count - kept.getOrDefault(part, 0)));
        assertThat(after.entrySet().stream().filter(e -> e.getKey().endsWith(" held")).mapToInt(Map.Entry::getValue).sum())
                .isEqualTo(before.entrySet().stream().filter(e -> e.getKey().endsWith(" held")).mapToInt(Map.Entry::getValue).sum());
        nothingIsWrong(job);

        assertThat(keys(job)).as("what was done stays to be read").containsAll(done);
        assertThat(orla.bill(job, KIT).detail()).contains("was called off");
        assertThat(orla.post("/api/jobs/%d/place".formatted(job), "{\"to\":\"GONE\",\"reason\":\"called off\"}").status()).isEqualTo(200);
        assertThat(new String(orla.bytes("/api/jobs/%d/call-off/last-bill.pdf".formatted(job)).body(),
                java.nio.charset.StandardCharsets.ISO_8859_1)).startsWith("%PDF");
    }

    /** Every road by which something is added to a job is closed while its kit comes off. */
    private void nothingMoreIsAdded(long job) {
        String bill = "/api/jobs/%d/bill".formatted(job);
        assertThat(orla.delete(bill, "{\"reason\":\"x\"}").detail()).contains("is being removed");
        assertThat(orla.post(bill + "/revisions", "{\"stamp\":\"x\",\"consented\":[],\"waits\":true,\"reason\":\"x\"}").detail())
                .contains("is being removed");
        assertThat(orla.post(bill + "/picks", "{\"parts\":[]}").detail()).contains("is being removed");
        assertThat(orla.post("/api/jobs/%d/quotes".formatted(job),
                "{\"kitCode\":\"%s\",\"stamp\":\"x\",\"notTaken\":[]}".formatted(KIT)).detail()).contains("is being removed");
        assertThat(orla.bytes("/api/jobs/%d/papers/guide.pdf".formatted(job)).statusCode()).as("no guide to what comes off").isEqualTo(404);
        assertThat(orla.bytes("/api/jobs/%d/papers/job-sheet.pdf".formatted(job)).statusCode()).isEqualTo(200);
        assertThat(orla.get("/api/jobs/%d/settings".formatted(job)).body().path("papers")).hasSize(1);
        assertThat(orla.get(bill).body().path("proposal").isMissingNode() || orla.get(bill).body().path("proposal").isNull()).isTrue();
    }

    @Test
    void whatWasDoneIsNotUndoneBesideTheListAndNothingThatComesOffIsLeftOut() {
        long job = billed();
        onAStand(job);
        floor.workThrough(job, "motor-on-spacers");
        callOff(orla, job);
        assertThat(orla.step(job, "bracket-out", "undo", "{\"reason\":\"x\"}").detail()).contains("stays on record");
        assertThat(orla.step(job, "off-motor-on-spacers", "skip", "{\"reason\":\"x\"}").detail()).contains("takes parts of the bill off");
        assertThat(orla.step(job, "off-bracket-out", "skip", "{\"reason\":\"x\"}").detail()).contains("closed again at its figure");
        assertThat(orla.step(job, "as-came-stops", "skip", "{\"reason\":\"x\"}").detail()).contains("hold point");
        assertThat(tova.step(job, "off-bracket-out", "start", "").detail()).contains("Waits for");
        // Undone, what came off is on the bike again, for stock and bill alike.
        floor.workThrough(job, "off-motor-on-spacers");
        assertThat(tova.step(job, "off-motor-on-spacers", "undo", "{\"reason\":\"not off yet\"}").status()).isEqualTo(200);
        assertThat(orla.get("/api/jobs/%d/bill".formatted(job)).body().path("bill").path("lines").valueStream()
                .filter(l -> l.path("role").asString().equals("motor")))
                .allMatch(l -> l.hasNonNull("usedAt") || l.path("used").asBoolean());
        floor.workThrough(job, "");
        assertThat(settle(job, proposed(view(job)), 0).status()).isEqualTo(200);
        nothingIsWrong(job);
    }

    @Test
    void itGoesOnAfterAllAsLongAsNothingIsOff() {
        long job = billed();
        onAStand(job);
        List<String> list = keys(job);
        floor.workThrough(job, "bracket-out");
        Map<String, Integer> before = stock();
        callOff(orla, job);
        String road = "/api/jobs/%d/call-off".formatted(job);
        assertThat(tova.delete(road, "{\"reason\":\"x\"}").status()).isEqualTo(403);
        assertThat(orla.delete(road, "{\"reason\":\"called again\"}").status()).isEqualTo(200);
        assertThat(keys(job)).containsExactlyElementsOf(list);
        assertThat(stock()).isEqualTo(before);
        floor.workThrough(job, "motor-on-spacers");
        callOff(orla, job);
        floor.workThrough(job, "off-begin");
        assertThat(orla.delete(road, "{\"reason\":\"called again\"}").detail()).contains("can no longer be stopped");
        floor.workThrough(job, "");
        assertThat(settle(job, proposed(view(job)), 10).status()).isEqualTo(200);
        nothingIsWrong(job);
    }

    /**
     * Another kit in mid-install: the first comes off by steps, its box goes back as used, its hours stay on a bill, the next one starts
     * clean.
     */
    @Test
    void anotherKitTakesThePlaceOfOneThatIsHalfFitted() {
        long job = billed();
        onAStand(job);
        floor.workThrough(job, "motor-block");
        tova.step(job, "tooth-plate", "start", "");
        Answer stuck = tova.step(job, "tooth-plate", "stuck", "{\"reason\":\"rubs the stay\",\"kind\":\"DOES_NOT_FIT\"}");
        assertThat(stuck.status()).as(stuck.toString()).isEqualTo(200);
        JsonNode stop = orla.get("/api/blockers").body().path("waiting").valueStream()
                .filter(s -> s.path("job").path("number").asLong() == job).findFirst().orElseThrow();
        assertThat(orla.get("/api/jobs/%d/blockers/choices".formatted(job)).body().path("comeOff").path("steps").asInt()).isGreaterThan(5);
        Answer resolved = orla.post("/api/jobs/%d/blockers/%d/resolve".formatted(job, stop.path("stop").path("id").asLong()),
                "{\"how\":\"ANOTHER_KIT\",\"words\":\"a narrower one\"}");
        assertThat(resolved.status()).as(resolved.toString()).isEqualTo(200);
        assertThat(view(job).path("why").asString()).isEqualTo("ANOTHER_KIT");
        floor.workThrough(job, "");
        JsonNode view = view(job);
        Answer settled = settle(job, proposed(view), view.path("workMinutes").asInt());
        assertThat(settled.status()).as(settled.toString()).isEqualTo(200);
        assertThat(settled.body().path("lastBill").path("minutes").asInt()).isPositive();
        assertThat(settled.body().path("lastBill").path("lines").findValuesAsString("state")).contains("used");
        JsonNode card = settled.body().path("job");
        assertThat(card.path("place").asString()).isEqualTo("RACK");
        assertThat(card.hasNonNull("calledOff")).isFalse();
        nothingIsWrong(job);
        orla.post("/api/drawers/%s/receipts".formatted(KIT), "{\"count\":1,\"note\":\"\"}");
        onAStand(job);
        assertThat(Shopfloor.states(orla.get("/api/jobs/%d/steps".formatted(job)).body())).containsEntry("bracket-out", "OPEN")
                .containsEntry("off-bracket-out", "SKIPPED");
        floor.workThrough(job, "kit-check");
        callOff(orla, job);
        assertThat(proposed(view(job)).values()).as("the motor that was on the bike came with the box before").containsOnly("OPENED");
        assertThat(settle(job, proposed(view(job)), 0).status()).isEqualTo(200);
        nothingIsWrong(job);
    }

    /** What an hour costs was agreed with the bill: the shop's rule of another day does not change the last bill. */
    @Test
    void theLastBillIsReckonedAtTheRatesThatWereAgreed() {
        long job = billed();
        onAStand(job);
        floor.workThrough(job, "kit-check");
        callOff(orla, job);
        String rule = "/api/rules/bill.labour";
        JsonNode set = orla.post(rule, "{\"value\":\"90\",\"reason\":\"from next year\",\"seen\":0}").body().valueStream()
                .filter(r -> r.path("key").asString().equals("bill.labour")).findFirst().orElseThrow();
        try {
            Answer settled = settle(job, proposed(view(job)), view(job).path("workMinutes").asInt());
            assertThat(settled.body().path("lastBill").path("anHour").asString()).isEqualTo("60");
        } finally {
            orla.post(rule, "{\"value\":null,\"reason\":\"as it was\",\"seen\":%d}".formatted(set.path("seen").asLong()));
        }
        nothingIsWrong(job);
    }

    @Test
    void whoNeverSaidItAndABikeWithoutABillAreNotCalledOff() {
        long job = billed();
        assertThat(callOff(orla, job).detail()).contains("has no bill");
        onAStand(job);
        assertThat(orla.post("/api/jobs/%d/call-off".formatted(job), "{\"reason\":\"x\"}").body().path("faults").toString())
                .contains("agreement");
        tova.step(job, "kit-check", "start", "");
        assertThat(callOff(orla, job).detail()).contains("Tova is at").contains("Nothing was changed");
        tova.step(job, "kit-check", "pause", "{\"note\":\"asked to stop\"}");
        assertThat(callOff(orla, job).status()).isEqualTo(200);
        assertThat(settle(job, proposed(view(job)), 0).status()).isEqualTo(200);
        assertThat(orla.place(job, "RACK", null).status()).isEqualTo(200);
        nothingIsWrong(job);
    }
}
