package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.ShopClient.Answer;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.Callable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;

/** Two people do the same thing at the same moment: one of them does it, the other is told. */
@ExtendWith(RunningApp.class)
class TwoPeopleTest {

    private static long readyForAStand(ShopClient orla, ShopClient ines) {
        ines.post("/api/drawers/TN9/receipts", "{\"count\":1,\"note\":\"\"}");
        long job = orla.book("Shared tourer");
        orla.place(job, "RACK", null);
        orla.survey(job, "bracket.shell-width=70");
        Answer billed = orla.bill(job, "TN9");
        assertThat(billed.status()).as(billed.toString()).isEqualTo(200);
        return job;
    }

    @Test
    void oneStandTakesOneBike(RunningApp.App app) throws Exception {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        ShopClient ines = ShopClient.signedIn(app.url(), "ines");
        List<Callable<Answer>> moves = new ArrayList<>();
        List<Long> jobs = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            long job = readyForAStand(orla, ines);
            jobs.add(job);
            ShopClient mover = ShopClient.signedIn(app.url(), i == 0 ? "tova" : i == 1 ? "rian" : "orla");
            moves.add(() -> mover.place(job, "STAND", 6));
        }
        List<Answer> answers = AtOnce.run(moves);
        assertThat(answers).filteredOn(a -> a.status() == 200).hasSize(1);
        assertThat(answers).filteredOn(a -> a.status() == 409).hasSize(2).allSatisfy(a -> assertThat(a.detail()).contains("Stand 6"));
        jobs.forEach(j -> orla.place(j, "RACK", null));
    }

    @Test
    void oneStepIsStartedTickedAndInspectedOnce(RunningApp.App app) throws Exception {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        long job = readyForAStand(orla, ShopClient.signedIn(app.url(), "ines"));
        assertThat(orla.place(job, "STAND", 5).status()).isEqualTo(200);
        ShopClient tova = ShopClient.signedIn(app.url(), "tova");
        ShopClient rian = ShopClient.signedIn(app.url(), "rian");

        List<Answer> starts = AtOnce
                .run(List.of(() -> tova.step(job, "kit-check", "start", "{}"), () -> rian.step(job, "kit-check", "start", "{}")));
        assertThat(starts).filteredOn(a -> a.status() == 200).hasSize(1);
        assertThat(starts).filteredOn(a -> a.status() == 409).singleElement()
                .satisfies(a -> assertThat(a.detail()).contains("running already"));

        ShopClient doer = starts.get(0).status() == 200 ? tova : rian;
        ShopClient same = ShopClient.signedIn(app.url(), doer == tova ? "tova" : "rian");
        int before = app.bean(JdbcTemplate.class).queryForObject("SELECT COUNT(*) FROM stock_movement WHERE job_id = ?", Integer.class,
                job);
        List<Answer> ticks = AtOnce.run(List.of(() -> doer.step(job, "kit-check", "tick", "{\"figures\":{}}"),
                () -> same.step(job, "kit-check", "tick", "{\"figures\":{}}")));
        assertThat(ticks).filteredOn(a -> a.status() == 200).hasSize(1);
        assertThat(app.bean(JdbcTemplate.class).queryForObject("SELECT COUNT(*) FROM stock_movement WHERE job_id = ?", Integer.class, job))
                .as("the box is consumed once").isEqualTo(before + 1);
        orla.place(job, "RACK", null);
    }

    @Test
    void oneMeasureTakenByTwoAtOnceKeepsBothVoices(RunningApp.App app) throws Exception {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        long job = orla.book("Measured twice");
        ShopClient tova = ShopClient.signedIn(app.url(), "tova");
        List<Answer> both = AtOnce.run(List.of(() -> orla.measure(job, "bracket.shell-width", "68", "CALIPER", 0),
                () -> tova.measure(job, "bracket.shell-width", "73", "CALIPER", 0)));
        assertThat(both).filteredOn(a -> a.status() == 200).hasSize(1);
        assertThat(both).filteredOn(a -> a.status() == 409).singleElement()
                .satisfies(a -> assertThat(a.detail()).contains("a moment ago", "was not saved"));
    }

    /** Bills made and taken back at random from several sides: afterwards the ledger and the reservations add up. */
    @Test
    void theDrawersAddUpAfterAManyHandedHour(RunningApp.App app) throws Exception {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        ShopClient ines = ShopClient.signedIn(app.url(), "ines");
        ines.post("/api/drawers/VM4-S/receipts", "{\"count\":3,\"note\":\"\"}");
        List<Long> jobs = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            long job = orla.book("Many hands " + i);
            orla.place(job, "RACK", null);
            orla.survey(job, "");
            jobs.add(job);
        }
        List<Callable<Integer>> hands = new ArrayList<>();
        for (int h = 0; h < 6; h++) {
            Random random = new Random(h);
            ShopClient manager = ShopClient.signedIn(app.url(), "orla");
            hands.add(() -> {
                int refused = 0;
                for (int i = 0; i < 12; i++) {
                    long job = jobs.get(random.nextInt(jobs.size()));
                    Answer answer = random.nextBoolean() ? manager.bill(job, "VM4-S")
                            : manager.delete("/api/jobs/%d/bill".formatted(job), "{\"reason\":\"another turn\"}");
                    assertThat(answer.status()).as(answer.toString()).isIn(200, 404, 409);
                    refused += answer.status() == 200 ? 0 : 1;
                }
                return refused;
            });
        }
        AtOnce.run(hands);
        JdbcTemplate jdbc = app.bean(JdbcTemplate.class);
        assertThat(jdbc.queryForList("""
                SELECT p.number FROM part p WHERE
                  COALESCE((SELECT SUM(delta) FROM stock_movement m WHERE m.part_number = p.number), 0)
                  < COALESCE((SELECT SUM(count) FROM reservation r WHERE r.part_number = p.number AND r.state = 'HELD'), 0)""",
                String.class))
                .as("nothing is held that is not there").isEmpty();
        assertThat(jdbc.queryForList("""
                SELECT r.job_id FROM reservation r LEFT JOIN bill b ON b.job_id = r.job_id AND b.withdrawn_reason IS NULL
                WHERE r.state = 'HELD' AND b.id IS NULL""", Long.class)).as("nothing is held without a bill").isEmpty();
        assertThat(
                jdbc.queryForList("SELECT job_id FROM bill WHERE withdrawn_reason IS NULL GROUP BY job_id HAVING COUNT(*) > 1", Long.class))
                .as("no job has two bills in force").isEmpty();
    }
}
