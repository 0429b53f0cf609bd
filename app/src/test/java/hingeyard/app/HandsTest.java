package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.app.ShopClient.Answer;
import hingeyard.formats.HistoryCommand;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.core.env.Environment;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** Several hands on one bike: half-done steps handed over, ticks undone, and a history that shows if anybody changed it. */
@ExtendWith(RunningApp.class)
class HandsTest {

    private ShopClient orla;
    private ShopClient tova;
    private ShopClient rian;
    private JdbcTemplate jdbc;
    private long job;

    @BeforeEach
    void aBikeOnAStand(RunningApp.App app) {
        orla = ShopClient.signedIn(app.url(), "orla");
        tova = ShopClient.signedIn(app.url(), "tova");
        rian = ShopClient.signedIn(app.url(), "rian");
        jdbc = app.bean(JdbcTemplate.class);
        job = orla.book("Handed over");
        orla.place(job, "RACK", null);
        orla.survey(job, "");
        orla.post("/api/drawers/VM4-S/receipts", "{\"count\":1,\"note\":\"\"}");
        assertThat(orla.bill(job, "VM4-S").status()).isEqualTo(200);
        // What this job holds for good is brought again: other tests find the drawers as they were.
        orla.get("/api/jobs/%d/bill".formatted(job)).body().path("bill").path("lines").valueStream()
                .filter(l -> l.path("source").asString().equals("FROM_DRAWER"))
                .forEach(l -> orla.post("/api/drawers/%s/receipts".formatted(l.path("partNumber").asString()),
                        "{\"count\":%d,\"note\":\"\"}".formatted(l.path("count").asInt())));
        assertThat(orla.place(job, "STAND", 5).status()).isEqualTo(200);
    }

    @AfterEach
    void offTheStand() {
        // Whatever still runs is left half done: a bike does not leave its stand under somebody's hands.
        List.of("kit-check", "bench-power").forEach(step -> tova.step(job, step, "pause", "{\"note\":\"off the stand\"}"));
        assertThat(orla.place(job, "RACK", null).status()).isEqualTo(200);
        assertThat(orla.get("/api/drawers/audit").body().toString()).isEqualTo("[]");
    }

    private JsonNode standing() {
        return orla.get("/api/yard/standings?job=%d&job=1".formatted(job)).body().path("standings").get(0);
    }

    private JsonNode step(Answer answer, String key) {
        return answer.body().path("steps").valueStream().filter(s -> s.path("key").asString().equals(key)).findFirst()
                .orElseThrow(() -> new AssertionError(answer.toString()));
    }

    @Test
    void aHalfDoneStepIsHandedOverWithANote() {
        tova.step(job, "kit-check", "start", "");
        assertThat(tova.step(job, "kit-check", "pause", "{\"note\":\" \"}").body().path("faults").findValuesAsString("field"))
                .containsExactly("note");
        assertThat(rian.step(job, "kit-check", "pause", "{\"note\":\"x\"}").detail()).contains("in Tova's hands");
        Answer paused = tova.step(job, "kit-check", "pause", "{\"note\":\"all but the loom is looked at\"}");
        assertThat(step(paused, "kit-check").path("state").asString()).isEqualTo("PAUSED");
        assertThat(step(paused, "kit-check").path("handover").asString()).isEqualTo("Tova: all but the loom is looked at");
        assertThat(orla.get("/api/yard").body().path("bikes").valueStream().filter(b -> b.path("job").path("number").asLong() == job)
                .map(b -> b.path("standing").path("line").asString()))
                .containsExactly("half done: Check the box against its list");
        assertThat(standing().path("line").asString()).isEqualTo("half done: Check the box against its list");
        Answer gone = rian.step(job, "kit-check", "start", "");
        assertThat(standing().path("hands").toString()).as("told anew, not as it was kept").isEqualTo("[\"Rian\"]");
        assertThat(step(gone, "kit-check").path("doer").asString()).isEqualTo("Rian");
        assertThat(step(gone, "kit-check").path("handover").asString()).as("it stays in sight until the step is done").startsWith("Tova: ");
        assertThat(step(rian.step(job, "kit-check", "tick", "{\"figures\":{}}"), "kit-check").path("state").asString()).isEqualTo("DONE");
        assertThat(gone.body().path("spent").valueStream().map(s -> s.path("person").asString())).containsExactly("Rian", "Tova");
    }

    @Test
    void aTickIsUndoneWithAReasonAndItsPartLiesOnTheTray() {
        tova.step(job, "kit-check", "start", "");
        Answer ticked = tova.step(job, "kit-check", "tick", "{\"figures\":{}}");
        assertThat(step(ticked, "kit-check").path("undo").path("allowed").asBoolean()).isTrue();
        assertThat(rian.step(job, "kit-check", "undo", "{\"reason\":\"x\"}").detail()).contains("Tova did");
        Answer undone = tova.step(job, "kit-check", "undo", "{\"reason\":\"a bag was not opened\"}");
        assertThat(step(undone, "kit-check").path("state").asString()).isEqualTo("OPEN");
        assertThat(orla.get("/api/jobs/%d/steps/history".formatted(job)).body().valueStream()
                .map(h -> h.path("what").asString() + " " + h.path("detail").asString())).contains("undone a bag was not opened");
        JsonNode box = orla.get("/api/jobs/%d/bill".formatted(job)).body().path("bill").path("lines").get(0);
        assertThat(box.path("onTray").asBoolean()).isTrue();
        assertThat(box.path("usedAt").asString("")).isEmpty();
        tova.step(job, "kit-check", "start", "");
        tova.step(job, "kit-check", "tick", "{\"figures\":{}}");
        tova.step(job, "bench-power", "start", "");
        assertThat(orla.step(job, "kit-check", "undo", "{\"reason\":\"x\"}").detail()).contains("stands on it");
    }

    /** The lock nuts are to be inspected; everything before them counts as done. Rian began, Tova finished. */
    private void theNutsWaitForASecondPerson() {
        tova.step(job, "kit-check", "start", "");
        assertThat(tova.step(job, "kit-check", "tick", "{\"figures\":{}}").status()).isEqualTo(200);
        jdbc.update("UPDATE step SET state = 'SKIPPED' WHERE job_id = ? AND step_key NOT IN ('second-nut', 'chainring')", job);
        rian.step(job, "second-nut", "start", "");
        rian.step(job, "second-nut", "pause", "{\"note\":\"only hand-tight\"}");
        tova.step(job, "second-nut", "start", "");
        Answer ticked = tova.step(job, "second-nut", "tick", "{\"figures\":{}}");
        assertThat(step(ticked, "second-nut").path("state").asString()).as(ticked.toString()).isEqualTo("DONE");
    }

    private void theNutsAreOffAgain() {
        jdbc.update("UPDATE step SET state = 'SKIPPED' WHERE job_id = ?", job);
    }

    @Test
    void aHoldPointIsInspectedByNobodyWhoHadAHandInIt() {
        theNutsWaitForASecondPerson();
        assertThat(tova.step(job, "second-nut", "inspect", "").detail()).contains("You did this step");
        assertThat(rian.step(job, "second-nut", "inspect", "").detail()).as("started, handed over, ticked by another")
                .contains("You were at this step before");
        assertThat(rian.step(job, "second-nut", "refuse", "{\"found\":\"x\"}").detail()).contains("You were at this step before");
        Answer seen = rian.get("/api/jobs/%d/steps/now".formatted(job));
        assertThat(step(seen, "second-nut").path("inspect").path("allowed").asBoolean()).as("the screen offers no button").isFalse();
        assertThat(step(orla.get("/api/jobs/%d/steps/now".formatted(job)), "second-nut").path("inspect").path("allowed").asBoolean())
                .isTrue();
        assertThat(step(orla.step(job, "second-nut", "inspect", ""), "second-nut").path("inspectedBy").asString()).isEqualTo("Orla M.");
        theNutsAreOffAgain();
    }

    @Test
    void theSecondPersonDoesNotAcceptItAndItIsDoneAgain() {
        theNutsWaitForASecondPerson();
        assertThat(orla.step(job, "second-nut", "refuse", "{\"found\":\" \"}").body().path("faults").findValuesAsString("field"))
                .containsExactly("found");
        Answer refused = orla.step(job, "second-nut", "refuse", "{\"found\":\"no paint across the plate\"}");
        assertThat(step(refused, "second-nut").path("state").asString()).isEqualTo("STUCK");
        assertThat(step(refused, "second-nut").path("stuckReason").asString())
                .isEqualTo("Orla M. does not accept it: no paint across the plate");
        assertThat(step(refused, "chainring").path("start").path("allowed").asBoolean()).as("nothing goes on from it").isFalse();
        assertThat(orla.step(job, "second-nut", "inspect", "").detail()).as("twice is once too often")
                .contains("not waiting for inspection");
        assertThat(orla.step(job, "second-nut", "refuse", "{\"found\":\"x\"}").detail()).contains("not waiting for inspection");
        JsonNode told = orla.get("/api/step-library/refusals").body();
        JsonNode last = told.path("last").valueStream().filter(r -> r.path("refusal").path("job").asLong() == job).findFirst()
                .orElseThrow();
        assertThat(last.path("title").asString()).isEqualTo("Second nut, paint mark");
        assertThat(last.path("refusal").path("found").asString()).contains("no paint across the plate");
        assertThat(last.path("refusal").path("by").asString()).startsWith("Orla");
        String doer = last.path("refusal").path("doer").asString();
        assertThat(told.path("people").valueStream().filter(p -> p.path("who").asString().equals(doer)).findFirst().orElseThrow()
                .path("refused").asInt()).isPositive();
        assertThat(tova.get("/api/step-library/refusals").status()).as("not for everybody").isEqualTo(403);
        JsonNode stop = orla.get("/api/blockers").body().path("waiting").valueStream()
                .filter(s -> s.path("job").path("number").asLong() == job).findFirst().orElseThrow().path("stop");
        assertThat(stop.path("kindLabel").asString()).isEqualTo("Not accepted by the second person");
        assertThat(stop.path("mustActLabel").asString()).isEqualTo("the technician");
        tova.step(job, "second-nut", "start", "");
        assertThat(step(tova.step(job, "second-nut", "tick", "{\"figures\":{}}"), "second-nut").path("state").asString()).isEqualTo("DONE");
        assertThat(step(orla.step(job, "second-nut", "inspect", ""), "second-nut").path("state").asString()).isEqualTo("INSPECTED");
        assertThat(orla.get("/api/jobs/%d/steps/history".formatted(job)).body().valueStream()
                .filter(h -> h.path("what").asString().equals("not_accepted"))
                .map(h -> h.path("by").asString() + ": " + h.path("detail").asString()))
                .as("kept for good").containsExactly("Orla M.: no paint across the plate");
        theNutsAreOffAgain();
    }

    /** Both roads: who holds it out keeps a step with power from starting, and a step with power keeps it from being held out. */
    @Test
    void theBatteryIsNeitherHeldOutNorPutInBehindSomebodysBack() {
        jdbc.update("UPDATE step SET state = 'SKIPPED' WHERE job_id = ? AND step_key <> 'first-power'", job);
        assertThat(rian.post("/api/jobs/%d/steps/battery-out".formatted(job), "").status()).isEqualTo(200);
        assertThat(tova.step(job, "first-power", "start", "").detail()).contains("Rian holds the battery out");
        rian.delete("/api/jobs/%d/steps/battery-out".formatted(job), "");
        assertThat(tova.step(job, "first-power", "start", "").status()).isEqualTo(200);
        Answer held = rian.post("/api/jobs/%d/steps/battery-out".formatted(job), "");
        assertThat(held.status()).isEqualTo(409);
        assertThat(held.detail()).contains("The battery is in for 'First power, driven wheel free', with Tova");
        tova.step(job, "first-power", "pause", "{\"note\":\"battery out again\"}");
        assertThat(rian.post("/api/jobs/%d/steps/battery-out".formatted(job), "").status()).isEqualTo(200);
        rian.delete("/api/jobs/%d/steps/battery-out".formatted(job), "");
        theNutsAreOffAgain();
    }

    /**
     * What a tablet kept without a network happened when it was tapped there; its clock moves nothing before what happened last, and
     * nothing into the future.
     */
    @Test
    void whatATabletKeptHappenedWhenItWasTapped() {
        Instant now = Instant.now();
        tapped("start", "", now.minusSeconds(1_800));
        tapped("pause", "{\"note\":\"half\"}", now.minusSeconds(1_200));
        tapped("start", "", now.minusSeconds(7_200));
        tapped("pause", "{\"note\":\"a clock that runs ahead\"}", now.plusSeconds(90_000));
        List<Instant> at = orla.get("/api/jobs/%d/steps/history".formatted(job)).body().valueStream()
                .map(h -> Instant.parse(h.path("at").asString())).toList();
        assertThat(at.get(0)).isEqualTo(now.minusSeconds(1_800).truncatedTo(ChronoUnit.MILLIS));
        assertThat(at.get(1)).isEqualTo(now.minusSeconds(1_200).truncatedTo(ChronoUnit.MILLIS));
        assertThat(at.get(2)).as("not before what happened last").isEqualTo(at.get(1));
        assertThat(at.get(3)).as("not in the future").isBetween(at.get(2), Instant.now());
        assertThat(orla.get("/api/jobs/%d/steps".formatted(job)).body().path("broken").asString()).isEmpty();
        assertThat(tova.tapped(job, "kit-check", "start", "", "yesterday").status()).as("a broken clock stops nobody").isEqualTo(200);
    }

    private void tapped(String what, String json, Instant at) {
        assertThat(tova.tapped(job, "kit-check", what, json, at.toString()).status()).isEqualTo(200);
    }

    /** What was read at a step that was undone stays written down, so its step stays, left out; a new bill takes it up again. */
    @Test
    void aBillIsTakenBackAfterItsFirstStepsWereUndone() {
        tova.step(job, "kit-check", "start", "");
        tova.step(job, "kit-check", "tick", "{\"figures\":{}}");
        tova.step(job, "bench-power", "start", "");
        Answer ticked = tova.step(job, "bench-power", "tick", "{\"figures\":{\"battery-volts\":38}}");
        assertThat(step(ticked, "bench-power").path("state").asString()).as(step(ticked, "bench-power").toString()).isEqualTo("DONE");
        assertThat(orla.delete("/api/jobs/%d/bill".formatted(job), "{\"reason\":\"cancelled\"}").detail()).contains("have begun");
        for (String key : List.of("bench-power", "kit-check")) {
            Answer undone = tova.step(job, key, "undo", "{\"reason\":\"wrong box\"}");
            assertThat(undone.status()).as(undone.toString()).isEqualTo(200);
        }
        Answer taken = orla.delete("/api/jobs/%d/bill".formatted(job), "{\"reason\":\"cancelled\"}");
        assertThat(taken.status()).as(taken.toString()).isEqualTo(200);
        assertThat(jdbc.queryForObject("SELECT COUNT(*) FROM step_figure f JOIN step s ON s.id = f.step_id WHERE s.job_id = ?",
                Integer.class, job)).as("what was read stays").isEqualTo(1);
        assertThat(orla.get("/api/jobs/%d/steps/history".formatted(job)).body().toString()).contains("the bill is taken back: cancelled");
        assertThat(orla.bill(job, "VM4-S").status()).isEqualTo(200);
        Answer again = orla.get("/api/jobs/%d/steps/now".formatted(job));
        assertThat(step(again, "kit-check").path("state").asString()).isEqualTo("OPEN");
        assertThat(step(again, "bench-power").path("state").asString()).isEqualTo("OPEN");
        assertThat(again.body().path("steps").size()).isGreaterThan(30);
        assertThat(orla.place(job, "STAND", 5).status()).isEqualTo(200);
    }

    @Test
    void whatGuardsPeopleIsLeftOutByNobody() {
        for (String key : List.of("retorque", "continuity", "volts-at-plug", "ride", "functions")) {
            assertThat(orla.step(job, key, "skip", "{\"reason\":\"no time\"}").detail()).as(key).contains("is never left out. ");
        }
        assertThat(step(orla.get("/api/jobs/%d/steps/now".formatted(job)), "retorque").path("skip").path("allowed").asBoolean()).isFalse();
    }

    @Test
    void aDamagedPartIsClearedByWhoseTurnItIs() {
        ShopClient ines = ShopClient.signedIn(orla.url(), "ines");
        tova.step(job, "kit-check", "start", "");
        tova.step(job, "kit-check", "stuck", "{\"reason\":\"housing is cracked\",\"kind\":\"PART_DAMAGED\"}");
        assertThat(tova.step(job, "kit-check", "start", "").detail()).contains("Only the stock keeper or the manager lifts that");
        long stop = orla.get("/api/blockers").body().path("waiting").valueStream().filter(s -> s.path("job").path("number").asLong() == job)
                .findFirst().orElseThrow().path("stop").path("id").asLong();
        String resolve = "/api/jobs/%d/blockers/%d/resolve".formatted(job, stop);
        assertThat(tova.post(resolve, "{\"how\":\"CLEARED\",\"words\":\"looks fine\"}").status()).isEqualTo(403);
        assertThat(ines.post(resolve, "{\"how\":\"ANOTHER_KIT\",\"words\":\"x\"}").detail())
                .contains("anything else is the manager's to decide");
        assertThat(ines.post(resolve, "{\"how\":\"CLEARED\",\"words\":\"another one is in the box\"}").status()).isEqualTo(200);
        assertThat(tova.step(job, "kit-check", "start", "").status()).isEqualTo(200);
    }

    @Test
    void anEntryTakenOffTheVeryEndIsMissed(RunningApp.App app) {
        tova.step(job, "kit-check", "start", "");
        tova.step(job, "kit-check", "stuck", "{\"reason\":\"loom is missing\"}");
        assertThatThrownBy(() -> jdbc.update("UPDATE step_history_end SET entries = 1 WHERE job_id = ?", job))
                .hasMessageContaining("only ever goes on");
        assertThatThrownBy(() -> jdbc.update("DELETE FROM step_history_end WHERE job_id = ?", job))
                .hasMessageContaining("only ever goes on");
        Map<String, Object> last = jdbc.queryForMap("SELECT * FROM step_event WHERE job_id = ? AND what = 'STUCK'", job);
        assertThatThrownBy(() -> jdbc.execute("DROP TRIGGER step_event_is_not_removed")).as("the application changes rows, not tables")
                .hasStackTraceContaining("denied");
        app.asOwner("DROP TRIGGER step_event_is_not_removed");
        try {
            jdbc.update("DELETE FROM step_event WHERE id = ?", last.get("id"));
        } finally {
            app.asOwner(
                    "CREATE TRIGGER step_event_is_not_removed BEFORE DELETE ON step_event FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'what happened to a step is only ever added to'");
        }
        assertThat(tova.get("/api/jobs/%d/steps".formatted(job)).body().path("broken").asString())
                .contains("goes to entry 1 and once went to 2");
        assertThat(audited(app, 1)).contains("job %d: it goes to entry 1 and once went to 2".formatted(job));
        jdbc.update("INSERT INTO step_event (%s) VALUES (%s)".formatted(String.join(", ", last.keySet()),
                String.join(", ", Collections.nCopies(last.size(), "?"))), last.values().toArray());
        assertThat(tova.get("/api/jobs/%d/steps".formatted(job)).body().path("broken").asString())
                .as("the same entry put back where it was").isEmpty();
    }

    /** What one person tapped without a network is never carried out as the next one who signs in on that tablet. */
    @Test
    void aTapWaitsForWhoeverTappedIt(RunningApp.App app) {
        ShopClient rian = ShopClient.signedIn(app.url(), "rian");
        Answer his = rian.tappedBy(job, "kit-check", "start", "", "tova");
        assertThat(his.status()).isEqualTo(412);
        assertThat(his.detail()).contains("'tova' tapped this, and 'rian' is signed in", "Nothing was saved");
        assertThat(Shopfloor.states(orla.get("/api/jobs/%d/steps".formatted(job)).body())).containsEntry("kit-check", "OPEN");
        assertThat(tova.tappedBy(job, "kit-check", "start", "", "tova").status()).isEqualTo(200);
        assertThat(rian.tappedBy(job, "kit-check", "pause", "{\"note\":\"x\"}", "tova").status()).isEqualTo(412);
        assertThat(Shopfloor.states(orla.get("/api/jobs/%d/steps".formatted(job)).body())).containsEntry("kit-check", "RUNNING");
    }

    /** The command reads the database by itself, without the application. */
    private String audited(RunningApp.App app, int exit) {
        return audited(app, TestDatabase.HISTORY_KEY, exit);
    }

    private String audited(RunningApp.App app, String key, int exit) {
        Environment set = app.bean(Environment.class);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        assertThat(HistoryCommand.run(set.getProperty("spring.datasource.url"), set.getProperty("spring.datasource.username"),
                set.getProperty("spring.datasource.password"), key,
                new PrintStream(out, true, StandardCharsets.UTF_8), System.err)).isEqualTo(exit);
        return out.toString(StandardCharsets.UTF_8);
    }

    @Test
    void theHistoryIsOnlyAddedToAndShowsIfAnybodyChangedIt(RunningApp.App app) {
        assertThat(audited(app, 0)).contains("every history is whole");
        tova.step(job, "kit-check", "start", "");
        tova.step(job, "kit-check", "stuck", "{\"reason\":\"loom is missing\"}");
        tova.step(job, "kit-check", "start", "");
        assertThat(tova.get("/api/jobs/%d/steps".formatted(job)).body().path("broken").asString()).isEmpty();
        assertThatThrownBy(() -> jdbc.update("UPDATE step_event SET detail = 'x' WHERE job_id = ?", job))
                .hasMessageContaining("only ever added to");
        assertThatThrownBy(() -> jdbc.update("DELETE FROM step_event WHERE job_id = ?", job)).hasMessageContaining("only ever added to");
        // Somebody with the database's own keys gets past the guard, and shows.
        app.asOwner("DROP TRIGGER step_event_is_not_rewritten");
        try {
            jdbc.update("UPDATE step_event SET detail = 'nothing was missing' WHERE job_id = ? AND what = 'STUCK'", job);
        } finally {
            app.asOwner(
                    "CREATE TRIGGER step_event_is_not_rewritten BEFORE UPDATE ON step_event FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'what happened to a step is only ever added to'");
        }
        assertThat(tova.get("/api/jobs/%d/steps".formatted(job)).body().path("broken").asString())
                .startsWith("entry 2 of 3, 'STUCK' of step 'kit-check' by Tova, does not follow");
        assertThat(orla.get("/api/audit").body().valueStream().map(JsonNode::asString))
                .anyMatch(f -> f.startsWith("Job %d: entry 2 of 3".formatted(job)));
        assertThat(audited(app, 1)).contains("job %d: entry 2 of 3, 'STUCK' of step 'kit-check' by Tova, does not follow".formatted(job),
                "1 broken");
    }
}
