package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.ShopClient.Answer;
import hingeyard.app.bill.Bills;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** What stops a bike: who must act, how it ends, and what the shop learns from it. */
@ExtendWith(RunningApp.class)
class BlockersTest {

    private ShopClient orla;
    private ShopClient tova;
    private ShopClient rian;
    private JdbcTemplate jdbc;
    private RunningApp.App app;
    private long job;

    @BeforeEach
    void aStuckBike(RunningApp.App running) {
        app = running;
        orla = ShopClient.signedIn(app.url(), "orla");
        tova = ShopClient.signedIn(app.url(), "tova");
        rian = ShopClient.signedIn(app.url(), "rian");
        jdbc = app.bean(JdbcTemplate.class);
        job = orla.book("Stuck");
        orla.place(job, "RACK", null);
        orla.survey(job, "");
        orla.post("/api/drawers/VM4-S/receipts", "{\"count\":1,\"note\":\"\"}");
        assertThat(orla.bill(job, "VM4-S").status()).isEqualTo(200);
        assertThat(orla.place(job, "STAND", 5).status()).isEqualTo(200);
        tova.step(job, "kit-check", "start", "");
    }

    @AfterEach
    void offTheStand() {
        tova.step(job, "kit-check", "pause", "{\"note\":\"off the stand\"}");
        orla.place(job, "RACK", null);
        // What the job held is free for the tests that come.
        app.bean(Bills.class).giveBack(job, "seen", Optional.empty(), "Orla M.");
        assertThat(orla.get("/api/drawers/audit").body().toString()).isEqualTo("[]");
        assertThat(orla.get("/api/audit").body().toString()).as("its history is whole").doesNotContain("Job %d:".formatted(job));
    }

    private Answer stuck(String kind, String more) {
        return tova.step(job, "kit-check", "stuck",
                "{\"reason\":\"two bolts are not in the bag\",\"kind\":\"%s\"%s}".formatted(kind, more));
    }

    private JsonNode waiting() {
        return orla.get("/api/blockers").body().path("waiting").valueStream().filter(s -> s.path("job").path("number").asLong() == job)
                .findFirst().orElseThrow();
    }

    private Answer resolve(ShopClient who, String how, String more) {
        return who.post("/api/jobs/%d/blockers/%d/resolve".formatted(job, waiting().path("stop").path("id").asLong()),
                "{\"how\":\"%s\",\"words\":\"decided\"%s}".formatted(how, more));
    }

    private boolean mayLeaveOut(ShopClient who, String key) {
        return who.get("/api/jobs/%d/steps/now".formatted(job)).body().path("steps").valueStream()
                .filter(s -> s.path("key").asString().equals(key)).findFirst().orElseThrow().path("skip").path("allowed").asBoolean();
    }

    private String state(String key) {
        return orla.get("/api/jobs/%d/steps/now".formatted(job)).body().path("steps").valueStream()
                .filter(s -> s.path("key").asString().equals(key)).findFirst()
                .map(s -> s.path("state").asString()).orElse("none");
    }

    @Test
    void theManagerSeesWhatWhoAndHowLongAndClearsIt() throws IOException {
        long photo = tova.photo(job, "bike", "bag.png", PhotoTest.picture(400, 300, "png")).body().path("id").asLong();
        stuck("PART_MISSING", ",\"part\":\"Lock nut, notched\",\"checkId\":\"bracket-stack\",\"photo\":%d".formatted(photo));
        JsonNode waits = waiting();
        assertThat(waits.path("stop").path("photo").asLong()).isPositive().isEqualTo(photo);
        assertThat(waits.path("stop").path("kindLabel").asString()).isEqualTo("A part is missing");
        assertThat(waits.path("stop").path("part").asString()).isEqualTo("Lock nut, notched");
        assertThat(waits.path("stop").path("mustActLabel").asString()).isEqualTo("the stock keeper");
        assertThat(waits.path("stop").path("stepTitle").asString()).isEqualTo("Check the box against its list");
        assertThat(waits.path("jobTotal").isNumber()).isTrue();
        assertThat(resolve(tova, "CLEARED", "").status()).as("only the manager").isEqualTo(403);
        assertThat(resolve(orla, "SWAPPED_PARTS", "").detail()).contains("make its next revision first");
        assertThat(resolve(orla, "ADDED_WORK", "").detail()).contains("Say which work");
        Answer cleared = resolve(orla, "CLEARED",
                ",\"lesson\":{\"checkId\":\"bracket-stack\",\"found\":\"bag B is packed under the lid\",\"done\":\"look there\",\"minutes\":4}");
        assertThat(cleared.status()).as(cleared.toString()).isEqualTo(200);
        assertThat(cleared.body().path("resolved").valueStream().filter(s -> s.path("job").path("number").asLong() == job).findFirst()
                .orElseThrow().path("stop").path("resolved").asString())
                .isEqualTo("cleared");
        assertThat(state("kit-check")).isEqualTo("OPEN");
        assertThat(orla.match(job, "VM4-S").toString()).as("it is a fit note now").contains("bag B is packed under the lid");
        assertThat(orla.get("/api/jobs/%d/steps/history".formatted(job)).body().toString()).contains("resolved", "cleared: decided");
    }

    /** The finder names what a failed test failed for: kind, words and whose turn it is follow, and a dangerous stop stays one. */
    @Test
    void whatTheFinderFoundIsWhatStopsTheStep() {
        assertThat(found("dark", "reversed").detail()).as("it runs").contains("is not stuck");
        stuck("TEST_FAILED", "");
        assertThat(found("dark", "no-such-cause").body().path("faults").findValuesAsString("field")).containsExactly("cause");
        assertThat(found("no-such-symptom", "x").body().path("faults").findValuesAsString("field")).containsExactly("symptom");
        assertThat(found("dark", "low").body().path("kindLabel").asString()).isEqualTo("A part is damaged");
        assertThat(waiting().path("stop").path("what").asString()).contains("Battery is at its low cut-off");
        assertThat(waiting().path("stop").path("mustActLabel").asString()).isEqualTo("the stock keeper");
        assertThat(found("dark", "reversed").body().path("kind").asString()).isEqualTo("UNSAFE");
        assertThat(found("dark", "low").detail()).contains("stays that until the manager lifts it");
        assertThat(waiting().path("stop").path("kindLabel").asString()).isEqualTo("Unsafe");
        assertThat(orla.get("/api/jobs/%d/steps/history".formatted(job)).body().findValuesAsString("what")).containsSubsequence("stuck",
                "found", "found");
        assertThat(resolve(orla, "CLEARED", "").status()).isEqualTo(200);
    }

    private Answer found(String symptom, String cause) {
        return tova.post("/api/jobs/%d/steps/kit-check/cause".formatted(job),
                "{\"symptom\":\"%s\",\"cause\":\"%s\"}".formatted(symptom, cause));
    }

    @Test
    void whoeverStandsThereClearsAPlainStopButNotAnUnsafeOne() {
        stuck("OTHER", "");
        assertThat(rian.step(job, "kit-check", "start", "").status()).isEqualTo(200);
        assertThat(orla.get("/api/blockers").body().path("waiting").toString()).doesNotContain("\"number\":" + job);
        rian.step(job, "kit-check", "stuck", "{\"reason\":\"crack at the dropout\",\"kind\":\"UNSAFE\"}");
        assertThat(tova.step(job, "kit-check", "start", "").detail()).contains("Only the manager lifts that");
        assertThat(resolve(orla, "CLEARED", "").status()).isEqualTo(200);
        assertThat(tova.step(job, "kit-check", "start", "").status()).isEqualTo(200);
    }

    @Test
    void theCustomerIsAskedAndTheBikeGoesBackToTheRackMeanwhile() {
        stuck("CUSTOMER_DECIDES", "");
        assertThat(resolve(orla, "ASKED_CUSTOMER", "").status()).isEqualTo(200);
        assertThat(waiting().path("stop").path("asked").asString()).isEqualTo("decided");
        assertThat(waiting().path("stop").path("mustActLabel").asString()).isEqualTo("the customer");
        assertThat(resolve(orla, "BACK_TO_RACK", "").status()).isEqualTo(200);
        assertThat(waiting().path("job").path("place").asString()).isEqualTo("RACK");
        assertThat(state("kit-check")).as("it waits still").isEqualTo("STUCK");
        assertThat(resolve(orla, "CLEARED", "").status()).isEqualTo(200);
    }

    @Test
    void addedWorkJoinsTheStepsAndWhatIsDoneStaysDone() {
        tova.step(job, "kit-check", "tick", "{\"figures\":{}}");
        tova.step(job, "bench-power", "start", "");
        tova.step(job, "bench-power", "stuck", "{\"reason\":\"bar is 25.4, levers are for 22.2\",\"kind\":\"DOES_NOT_FIT\"}");
        assertThat(resolve(orla, "ADDED_WORK", ",\"work\":\"no-such\"").detail()).contains("work");
        assertThat(resolve(orla, "ADDED_WORK", ",\"work\":\"bar-tube\"").status()).isEqualTo(200);
        assertThat(state("bar-new-on")).isEqualTo("OPEN");
        assertThat(state("kit-check")).isEqualTo("DONE");
        assertThat(state("bench-power")).isEqualTo("OPEN");
        assertThat(orla.post("/api/jobs/%d/work".formatted(job), "{\"fragment\":\"bar-tube\",\"reason\":\"again\"}").detail())
                .contains("has this work already");
        tova.step(job, "kit-check", "undo", "{\"reason\":\"for the test\"}");
    }

    @Test
    void anotherKitSendsTheFirstOneBackAndKeepsWhatWasWrittenDown() {
        int boxes = orla.free("VM4-S");
        tova.step(job, "kit-check", "tick", "{\"figures\":{}}");
        tova.step(job, "bench-power", "start", "");
        tova.step(job, "bench-power", "stuck", "{\"reason\":\"motor is dead\",\"kind\":\"PART_DAMAGED\"}");
        assertThat(resolve(orla, "ANOTHER_KIT", "").status()).isEqualTo(200);
        assertThat(orla.free("VM4-S")).as("an opened box is promised to nobody").isEqualTo(boxes);
        orla.post("/api/drawers/TN9/receipts", "{\"count\":1,\"note\":\"\"}");
        Answer billed = orla.bill(job, "TN9");
        assertThat(billed.status()).as(billed.toString()).isEqualTo(200);
        assertThat(state("kit-check")).as("another box is checked anew").isEqualTo("OPEN");
        assertThat(orla.get("/api/jobs/%d/steps/history".formatted(job)).body().toString()).contains("Another kit: motor is dead",
                "planned anew for Tarnuvel");
        assertThat(jdbc.queryForObject("SELECT COUNT(*) FROM step_figure f JOIN step s ON s.id = f.step_id WHERE s.job_id = ?",
                Integer.class, job)).isNotNegative();
    }

    @ParameterizedTest
    @CsvSource({"OPENED,1", "DAMAGED,0"})
    void anOpenedBoxIsPromisedToNobody(String state, int opened) {
        tova.step(job, "kit-check", "tick", "{\"figures\":{}}");
        tova.step(job, "bench-power", "start", "");
        tova.step(job, "bench-power", "stuck", "{\"reason\":\"motor is dead\",\"kind\":\"PART_DAMAGED\"}");
        assertThat(
                orla.get("/api/jobs/%d/blockers/choices".formatted(job)).body().path("box").get(0).path("may").path("allowed").asBoolean())
                .as("as new").isFalse();
        int free = orla.free("VM4-S");
        int before = count("VM4-S-OPEN");
        assertThat(resolve(orla, "ANOTHER_KIT", ",\"box\":\"%s\"".formatted(state)).status()).isEqualTo(200);
        assertThat(orla.free("VM4-S") - free).isZero();
        assertThat(count("VM4-S-OPEN") - before).isEqualTo(opened);
        assertThat(orla.bill(job, "VM4-S").status()).as("for the end of the test").isEqualTo(200);
    }

    @Test
    void anOpenedBoxIsNotSaidToBeNew() {
        int free = orla.free("VM4-S");
        stuck("PART_DAMAGED", "");
        Answer asNew = resolve(orla, "ANOTHER_KIT", ",\"box\":\"AS_NEW\"");
        assertThat(asNew.status()).isEqualTo(409);
        assertThat(asNew.body().toString()).contains("does not go back as new", "Nothing was given back");
        assertThat(orla.free("VM4-S")).isEqualTo(free);
        assertThat(state("kit-check")).isEqualTo("STUCK");
    }

    @Test
    void aBoxStaysOpenedWhenItsStopIsLiftedAndTheBillTakenBack() {
        int free = orla.free("VM4-S");
        int before = count("VM4-S-OPEN");
        stuck("DOES_NOT_FIT", "");
        assertThat(resolve(orla, "CLEARED", "").status()).isEqualTo(200);
        assertThat(state("kit-check")).isEqualTo("OPEN");
        assertThat(orla.delete("/api/jobs/%d/bill".formatted(job), "{\"reason\":\"another kit\"}").status()).isEqualTo(200);
        assertThat(orla.free("VM4-S")).isEqualTo(free);
        assertThat(count("VM4-S-OPEN") - before).isEqualTo(1);
        assertThat(orla.bill(job, "VM4-S").status()).isEqualTo(200);
        assertThat(
                orla.get("/api/jobs/%d/blockers/choices".formatted(job)).body().path("box").get(0).path("may").path("allowed").asBoolean())
                .as("the next box is whole").isTrue();
    }

    private int count(String part) {
        return jdbc.queryForList("SELECT on_hand FROM stock_level WHERE part_number = ?", Integer.class, part).stream().findFirst()
                .orElse(0);
    }

    @Test
    void theManagerLeavesOutAndMovesWhereTheOrderAllows() {
        tova.step(job, "kit-check", "pause", "{\"note\":\"x\"}");
        assertThat(mayLeaveOut(orla, "clean-down")).isTrue();
        assertThat(mayLeaveOut(orla, "lock-nut")).as("it mounts a part").isFalse();
        assertThat(mayLeaveOut(tova, "clean-down")).as("not the technician's to say").isFalse();
        assertThat(tova.step(job, "clean-down", "skip", "{\"reason\":\"x\"}").status()).isEqualTo(403);
        assertThat(orla.step(job, "second-nut", "skip", "{\"reason\":\"x\"}").detail()).contains("hold point");
        assertThat(orla.step(job, "lock-nut", "skip", "{\"reason\":\"x\"}").detail()).contains("mounts parts of the bill");
        assertThat(orla.step(job, "clean-down", "skip", "{\"reason\":\"the customer cleans it\"}").status()).isEqualTo(200);
        assertThat(state("clean-down")).isEqualTo("SKIPPED");
        List<String> order = orla.get("/api/jobs/%d/steps/now".formatted(job)).body().path("steps").valueStream()
                .map(s -> s.path("key").asString()).toList();
        assertThat(orla.step(job, "lock-nut", "move", "{\"to\":1}").detail()).contains("that order is a hard one");
        assertThat(orla.step(job, "lock-nut", "move", "{\"to\":0}").body().path("faults").toString()).contains("to");
        int bars = order.indexOf("grips-off") + 1;
        int before = order.indexOf("grips-off") > order.indexOf("shell-faces") ? order.indexOf("shell-faces") + 1 : order.size();
        Answer moved = orla.step(job, "grips-off", "move", "{\"to\":%d}".formatted(bars > before ? bars - 1 : bars));
        assertThat(moved.status()).as(moved.toString()).isEqualTo(200);
    }
}
