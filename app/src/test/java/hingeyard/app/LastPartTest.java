package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.ShopClient.Answer;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** Many jobs want the last part at once: exactly one gets it, the others are told who has it. */
@ExtendWith(RunningApp.class)
class LastPartTest {

    private static final int JOBS = 8;

    @Test
    void exactlyOneWins(RunningApp.App app) throws Exception {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        ShopClient ines = ShopClient.signedIn(app.url(), "ines");
        ines.post("/api/drawers/VM4-L/receipts", "{\"count\":%d,\"note\":\"boxes enough\"}".formatted(2 * JOBS));
        // Every job's bike wants the same spacer; leave exactly one of it free, and nothing else that would do.
        List<Long> jobs = new ArrayList<>();
        for (int i = 0; i < JOBS; i++) {
            long job = orla.book("Race " + i);
            orla.place(job, "RACK", null);
            orla.survey(job, "bracket.shell-width=83");
            jobs.add(job);
        }
        JdbcTemplate jdbc = app.bean(JdbcTemplate.class);
        JsonNode wanted = ShopClient.finding(orla.match(jobs.get(0), "VM4-L"), "bracket-stack").path("remedies").valueStream()
                .map(r -> r.path("part"))
                .filter(n -> n.path("supply").asString().equals("DRAWER")).findFirst().orElseThrow();
        String part = wanted.path("partNumber").asString();
        leaveFree(jdbc, part, 1, orla.free(part));
        int heldBefore = held(jdbc, part);
        JsonNode match = orla.match(jobs.get(0), "VM4-L");
        assertThat(match.path("findings").toString()).contains(part);

        List<Answer> answers = atOnce(app, jobs, match);
        assertThat(answers).filteredOn(a -> a.status() == 200).hasSize(1);
        assertThat(answers).filteredOn(a -> a.status() == 409).hasSize(JOBS - 1).allSatisfy(a -> assertThat(a.detail()).containsAnyOf(
                "%s (drawer %s): 1 wanted, 0 free, held by job".formatted(wanted.path("name").asString(), wanted.path("place").asString()),
                "The match changed since you looked"));
        assertThat(orla.free(part)).isZero();
        assertThat(held(jdbc, part)).isEqualTo(heldBefore + 1);
        assertThat(jdbc.queryForObject(
                "SELECT COUNT(*) FROM bill WHERE job_id IN (%s)".formatted(String.join(",", jobs.stream().map(String::valueOf).toList())),
                Integer.class)).as("a loser keeps no half bill").isEqualTo(1);
        // A second look finds another set of spacers, or says what to buy: never the part that is held.
        long loser = jobs.stream().filter(j -> !orla.get("/api/jobs/%d/bill".formatted(j)).body().has("bill")).findFirst().orElseThrow();
        assertThat(orla.match(loser, "VM4-L").path("findings").toString()).doesNotContain("\"partNumber\":\"" + part + "\"");
    }

    private static int held(JdbcTemplate jdbc, String part) {
        return jdbc.queryForObject("SELECT COUNT(*) FROM reservation WHERE part_number = ? AND state = 'HELD'", Integer.class, part);
    }

    /** Writes the ledger so that so many are free. */
    private static void leaveFree(JdbcTemplate jdbc, String part, int wanted, int free) {
        jdbc.update(
                "INSERT INTO stock_movement (part_number, delta, kind, note, moved_by, moved_at) VALUES (?, ?, 'RECEIVED', 'count', 'test', NOW(3))",
                part, wanted - free);
    }

    private static List<Answer> atOnce(RunningApp.App app, List<Long> jobs, JsonNode match) throws Exception {
        List<Callable<Answer>> tries = new ArrayList<>();
        for (long job : jobs) {
            ShopClient manager = ShopClient.signedIn(app.url(), "orla");
            tries.add(() -> manager.bill(job, "VM4-L", match.path("stamp").asString(), ShopClient.tradeOffs(match)));
        }
        return AtOnce.run(tries);
    }
}
