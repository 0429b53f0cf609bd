package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A view asks the database a few times, however much there is to show: nothing is asked row by row. */
@ExtendWith(RunningApp.class)
class StatementsTest {

    /** The same question for several rows shows here; the job itself is asked by each of the six parts of a bill's view. */
    private static final long OFTEN = 7;

    private ShopClient orla;

    @BeforeEach
    void signIn(RunningApp.App app) {
        orla = ShopClient.signedIn(app.url(), "orla");
    }

    private List<String> asked(String path) {
        // What is remembered between two looks is read at the first one.
        orla.get(path);
        return Statements.of(() -> orla.get(path));
    }

    @ParameterizedTest
    @CsvSource({"/api/yard, 22", "/api/blockers, 8", "/api/orders, 21", "/api/jobs/403/bill, 41", "/api/jobs/404/steps/now, 12",
        "/api/jobs/404/steps, 25", "/api/jobs/408/shortlist, 9", "/api/drawers, 6", "/api/customers?text=a, 8", "/api/people, 8",
        "/api/shop, 5", "/api/plan, 9", "/api/jobs/402/money, 13", "/api/money, 13", "/api/money/papers?from=2026-01-01&to=2027-12-31, 4"})
    void aViewAsksTheDatabaseAFewTimes(String path, int most) {
        List<String> asked = asked(path);
        System.out.printf("statements: %s: %d%n", path, asked.size());
        assertThat(asked).as("%s", asked).hasSizeLessThanOrEqualTo(most);
        Map<String, Long> often = asked.stream().collect(Collectors.groupingBy(s -> s, Collectors.counting()));
        assertThat(often.entrySet()).as("asked row by row").allSatisfy(e -> assertThat(e.getValue()).as(e.getKey()).isLessThan(OFTEN));
    }

    /** Five bikes more, with all that stands on a tag, and the floor asks no more often. */
    @Test
    void moreBikesOnTheFloorAskNoOftener() {
        int before = asked("/api/yard").size();
        for (int i = 0; i < 5; i++) {
            long job = orla.book("One more " + i);
            orla.place(job, "RACK", null);
            orla.survey(job, "");
        }
        List<String> asked = asked("/api/yard");
        assertThat(asked).as("%s", asked).hasSizeLessThanOrEqualTo(before + 1);
    }

    /** A plan made anew reads every job's steps, parts, stops and words at once. */
    @Test
    void aPlanMadeAnewAsksAFewTimes() {
        asked("/api/plan");
        orla.book("Planned in");
        List<String> asked = Statements.of(() -> orla.get("/api/plan"));
        System.out.printf("statements: a plan made anew: %d%n", asked.size());
        assertThat(asked).as("%s", asked).hasSizeLessThanOrEqualTo(40);
        assertThat(asked.stream().collect(Collectors.groupingBy(q -> q, Collectors.counting())).entrySet()).as("asked row by row")
                .allSatisfy(e -> assertThat(e.getValue()).as(e.getKey()).isLessThan(OFTEN));
    }

    /** The same for those that stand still, and for orders. */
    @ParameterizedTest
    @CsvSource({"/api/blockers", "/api/orders", "/api/drawers"})
    void moreThatStandsStillAsksNoOftener(String path) {
        int before = asked(path).size();
        for (int i = 0; i < 3; i++) {
            long job = orla.book("Stands still " + i);
            orla.place(job, "RACK", null);
            orla.survey(job, "");
            orla.bill(job, "TN9");
        }
        List<String> asked = asked(path);
        assertThat(asked).as("%s", asked).hasSizeLessThanOrEqualTo(before + 1);
    }

    /** A tap at a stand: what is ruled, kept and told of it, and the answer that shows where everything stands now. */
    @Test
    void aTapAsksTheDatabaseAFewTimes() {
        long job = orla.book("Tapped");
        orla.place(job, "RACK", null);
        orla.survey(job, "");
        orla.post("/api/drawers/VM4-S/receipts", "{\"count\":1,\"note\":\"\"}");
        orla.bill(job, "VM4-S");
        orla.place(job, "STAND", 5);
        List<String> start = Statements.of(() -> orla.step(job, "kit-check", "start", ""));
        List<String> tick = Statements.of(() -> orla.step(job, "kit-check", "tick", "{\"figures\":{}}"));
        System.out.printf("statements: start %d, tick %d%n", start.size(), tick.size());
        orla.place(job, "RACK", null);
        assertThat(start).as("%s", start).hasSizeLessThanOrEqualTo(24);
        assertThat(tick).as("%s", tick).hasSizeLessThanOrEqualTo(29);
    }
}
