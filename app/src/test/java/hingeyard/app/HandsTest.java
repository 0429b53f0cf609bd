package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.app.ShopClient.Answer;
import hingeyard.formats.HistoryCommand;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
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
        return answer.body().path("steps").valueStream().filter(s -> s.path("key").asString().equals(key)).findFirst().orElseThrow(() -> new AssertionError(answer.toString()));
    }

    @Test
    void aHalfDoneStepIsHandedOverWithANote() {
        tova.step(job, "kit-check", "start", "");
        assertThat(tova.step(job, "kit-check", "pause", "{\"note\":\" \"}").body().path("faults").findValuesAsString("field")).containsExactly("note");
        assertThat(rian.step(job, "kit-check", "pause", "{\"note\":\"x\"}").detail()).contains("in Tova's hands");
        Answer paused = tova.step(job, "kit-check", "pause", "{\"note\":\"all but the loom is looked at\"}");
        assertThat(step(paused, "kit-check").path("state").asString()).isEqualTo("PAUSED");
        assertThat(step(paused, "kit-check").path("handover").asString()).isEqualTo("Tova: all but the loom is looked at");
        assertThat(orla.get("/api/yard").body().path("bikes").valueStream().filter(b -> b.path("job").path("number").asLong() == job).map(b -> b.path("standing").path("line").asString()))
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
        assertThat(orla.get("/api/jobs/%d/steps/history".formatted(job)).body().valueStream().map(h -> h.path("what").asString() + " " + h.path("detail").asString())).contains("undone a bag was not opened");
        JsonNode box = orla.get("/api/jobs/%d/bill".formatted(job)).body().path("bill").path("lines").get(0);
        assertThat(box.path("onTray").asBoolean()).isTrue();
        assertThat(box.path("usedAt").asString("")).isEmpty();
        tova.step(job, "kit-check", "start", "");
        tova.step(job, "kit-check", "tick", "{\"figures\":{}}");
        tova.step(job, "bench-power", "start", "");
        assertThat(orla.step(job, "kit-check", "undo", "{\"reason\":\"x\"}").detail()).contains("stands on it");
    }

    @Test
    void anEntryTakenOffTheVeryEndIsMissed(RunningApp.App app) {
        tova.step(job, "kit-check", "start", "");
        tova.step(job, "kit-check", "stuck", "{\"reason\":\"loom is missing\"}");
        assertThatThrownBy(() -> jdbc.update("UPDATE step_history_end SET entries = 1 WHERE job_id = ?", job)).hasMessageContaining("only ever goes on");
        assertThatThrownBy(() -> jdbc.update("DELETE FROM step_history_end WHERE job_id = ?", job)).hasMessageContaining("only ever goes on");
        Map<String, Object> last = jdbc.queryForMap("SELECT * FROM step_event WHERE job_id = ? AND what = 'STUCK'", job);
        jdbc.execute("DROP TRIGGER step_event_is_not_removed");
        try {
            jdbc.update("DELETE FROM step_event WHERE id = ?", last.get("id"));
        } finally {
            jdbc.execute("CREATE TRIGGER step_event_is_not_removed BEFORE DELETE ON step_event FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'what happened to a step is only ever added to'");
        }
        assertThat(tova.get("/api/jobs/%d/steps".formatted(job)).body().path("broken").asString()).contains("goes to entry 1 and once went to 2");
        assertThat(audited(app, 1)).contains("job %d: goes to entry 1 and once went to 2".formatted(job));
        jdbc.update("INSERT INTO step_event (%s) VALUES (%s)".formatted(String.join(", ", last.keySet()), String.join(", ", Collections.nCopies(last.size(), "?"))), last.values().toArray());
        assertThat(tova.get("/api/jobs/%d/steps".formatted(job)).body().path("broken").asString()).as("the same entry put back where it was").isEmpty();
    }

    /** The command reads the database by itself, without the application. */
    private String audited(RunningApp.App app, int exit) {
        Environment set = app.bean(Environment.class);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        assertThat(HistoryCommand.run(set.getProperty("spring.datasource.url"), set.getProperty("spring.datasource.username"), set.getProperty("spring.datasource.password"),
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
        assertThatThrownBy(() -> jdbc.update("UPDATE step_event SET detail = 'x' WHERE job_id = ?", job)).hasMessageContaining("only ever added to");
        assertThatThrownBy(() -> jdbc.update("DELETE FROM step_event WHERE job_id = ?", job)).hasMessageContaining("only ever added to");
        // Somebody with the database's own keys gets past the guard, and shows.
        jdbc.execute("DROP TRIGGER step_event_is_not_rewritten");
        try {
            jdbc.update("UPDATE step_event SET detail = 'nothing was missing' WHERE job_id = ? AND what = 'STUCK'", job);
        } finally {
            jdbc.execute("CREATE TRIGGER step_event_is_not_rewritten BEFORE UPDATE ON step_event FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'what happened to a step is only ever added to'");
        }
        assertThat(tova.get("/api/jobs/%d/steps".formatted(job)).body().path("broken").asString()).startsWith("Entry 2 of 3, 'kit-check' of Tova");
        assertThat(orla.get("/api/audit").body().valueStream().map(JsonNode::asString)).anyMatch(f -> f.startsWith("Job %d: Entry 2 of 3".formatted(job)));
        assertThat(audited(app, 1)).contains("job %d: entry 2 of 3, 'STUCK' of step 'kit-check' by Tova, does not follow".formatted(job), "1 broken");
    }
}
