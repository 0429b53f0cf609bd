package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.ShopClient.Answer;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Jobs for which no kit is looked for, from the gate to their owner, each with a bike of its own. */
@ExtendWith(RunningApp.class)
class OwnWorkStoryTest {

    private Shopfloor shop;
    private ShopClient orla;
    private ShopClient tova;
    private ShopClient ines;

    @BeforeEach
    void signIn(RunningApp.App app) {
        shop = new Shopfloor(app);
        orla = shop.orla;
        tova = shop.tova;
        ines = shop.ines;
    }

    private long booked(String kind) {
        Answer answer = orla.post("/api/jobs", ShopClient.booking("Own work").replace("MID_DRIVE", kind));
        assertThat(answer.status()).as("%s", answer).isEqualTo(201);
        long job = answer.body().path("number").asLong();
        assertThat(orla.place(job, "RACK", null).status()).isEqualTo(200);
        return job;
    }

    private void grade(long job, String point, String grade, String note) {
        assertThat(tova.post("/api/jobs/%d/arrival/points/%s".formatted(job, point),
                "{\"grade\":\"%s\",\"note\":\"%s\",\"seen\":0}".formatted(grade, note)).status()).isEqualTo(200);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', value = {"LIGHTS | baseline | lights-fixed lights-proven sign-off | kit-check ride first-power",
        "DIAGNOSIS | baseline | told as-found pack-volts first-power estimate ride | kit-check volts-at-plug",
        "SERVICE | baseline | service-brakes service-gears ride sign-off | kit-check first-power",
        "RETORQUE | baseline | check-marks retorque ride sign-off | kit-check first-power baseline-gears"})
    void goesFromTheGateToItsOwner(String work, String first, String there, String notThere) {
        long job = booked(work);
        assertThat(orla.bill(job, "TN9").detail()).as("a kit is another job").contains("no kit is looked for", "No bill was made");
        tova.post("/api/jobs/%d/arrival/rest-good".formatted(job), "");
        JsonNode match = orla.match(job, work);
        assertThat(match.path("goesOn").asBoolean()).isTrue();
        assertThat(match.path("findings").size()).isZero();
        Answer bill = orla.bill(job, work);
        assertThat(bill.status()).as("%s", bill).isEqualTo(200);
        assertThat(bill.body().path("bill").path("lines").valueStream().map(l -> l.path("source").asString())).doesNotContain("KIT_BOX",
                "FROM_KIT", "BACK_IN_DRAWER");
        assertThat(bill.body().path("bill").path("charges").path("minutes").asInt()).as("the labour that was shown")
                .isEqualTo(match.path("minutes").asInt()).isPositive();
        assertThat(tova.get("/api/jobs/%d/kit-check".formatted(job)).detail()).contains("no box belongs to it");
        assertThat(orla.place(job, "STAND", shop.freeStand()).status()).isEqualTo(200);
        List<String> done = shop.workThrough(job);
        assertThat(done).startsWith(first).contains(there.split(" ")).doesNotContain(notThere.split(" "));
        assertThat(orla.place(job, "RAIL", null).status()).isEqualTo(200);
        for (String paper : List.of("bill/bill.pdf", "papers/job-sheet.pdf", "papers/guide.pdf")) {
            assertThat(orla.bytes("/api/jobs/%d/%s".formatted(job, paper)).statusCode()).as(paper).isEqualTo(200);
        }
        assertThat(orla.get("/api/jobs/%d/settings".formatted(job)).body().path("papers").findValuesAsString("key"))
                .containsExactly("job-sheet", "guide", "handed-back");
        assertThat(orla.bytes("/api/jobs/%d/papers/next-check.pdf".formatted(job)).statusCode()).as("nothing was fitted that settles")
                .isEqualTo(404);
        assertThat(orla.place(job, "GONE", null).status()).isEqualTo(200);
    }

    /** What the arrival check finds brings its part from the drawer, its price, its step in its place, and its minutes once. */
    @Test
    void whatTheArrivalCheckFindsIsDoneWithTheJob() {
        ines.post("/api/drawers/CH-9/receipts", "{\"count\":2,\"note\":\"for the tests\"}");
        ines.post("/api/drawers/CA-9/receipts", "{\"count\":2,\"note\":\"for the tests\"}");
        long job = booked("SERVICE");
        grade(job, "chain-wear", "WITH_JOB", "0.9 per cent");
        grade(job, "rear-wheel", "WITH_JOB", "3 mm off");
        tova.post("/api/jobs/%d/arrival/rest-good".formatted(job), "");
        tova.measure(job, "rear.cog-kind", "cassette", "LOOK", 0);
        tova.measure(job, "rear.cogs", "9", "LOOK", 0);
        int chains = orla.free("CH-9");
        Answer bill = orla.bill(job, "SERVICE");
        assertThat(bill.status()).as("%s", bill).isEqualTo(200);
        JsonNode lines = bill.body().path("bill").path("lines");
        assertThat(lines.valueStream()
                .filter(l -> l.path("reason").asString().contains("Chain and cogs") && !l.path("source").asString().equals("WITH_JOB"))
                .map(l -> l.path("source").asString() + " " + l.path("partNumber").asString()))
                .containsExactly("FROM_DRAWER CH-9", "FROM_DRAWER CA-9");
        assertThat(lines.valueStream().filter(l -> l.path("source").asString().equals("WITH_JOB")).map(l -> l.path("name").asString()))
                .containsExactlyInAnyOrder("Chain renewed, cogs with it", "Wheel trued");
        assertThat(orla.free("CH-9")).isEqualTo(chains - 1);
        assertThat(bill.body().path("bill").path("charges").path("parts").asString()).as("chain and cassette").isEqualTo("53.00");
        orla.place(job, "STAND", shop.freeStand());
        List<String> done = shop.workThrough(job);
        long seen = orla.get("/api/jobs/%d/arrival".formatted(job)).body().path("points").valueStream()
                .filter(p -> p.path("key").asString().equals("chain-wear")).findFirst().orElseThrow().path("now").path("id").asLong();
        assertThat(tova.post("/api/jobs/%d/arrival/points/chain-wear".formatted(job),
                "{\"grade\":\"GOOD\",\"note\":\"\",\"seen\":%d}".formatted(seen)).detail()).as("the new chain is good, the old one was not")
                .contains("how the bike came", "Nothing was saved");
        assertThat(done.indexOf("rear-trued")).isBetween(0, done.indexOf("chain-renewed"));
        assertThat(done.indexOf("chain-renewed")).isLessThan(done.indexOf("ride"));
        assertThat(orla.place(job, "RAIL", null).status()).isEqualTo(200);
    }

    /** A stop that was mended before the job went on is charged; no step does it again and no part is waited for. */
    @Test
    void whatWasMendedIsNotDoneAgain() {
        long job = booked("SERVICE");
        grade(job, "fork-cracks", "STOPS", "line at the crown");
        tova.post("/api/jobs/%d/arrival/rest-good".formatted(job), "");
        int before = orla.match(job, "SERVICE").path("minutes").asInt();
        assertThat(orla.post("/api/jobs/%d/arrival/points/fork-cracks/lift".formatted(job),
                "{\"lift\":\"MENDED\",\"reason\":\"new fork fitted, looked at\"}").status()).isEqualTo(200);
        assertThat(orla.match(job, "SERVICE").path("minutes").asInt()).as("an hour for the fork").isEqualTo(before + 60);
        JsonNode bill = orla.bill(job, "SERVICE").body().path("bill");
        assertThat(bill.path("charges").path("minutes").asInt()).isEqualTo(before + 60);
        assertThat(bill.path("lines").valueStream().map(l -> l.path("source").asString() + " " + l.path("name").asString()))
                .contains("WITH_JOB Fork replaced").noneMatch(l -> l.startsWith("TO_ORDER"));
        orla.place(job, "STAND", shop.freeStand());
        assertThat(shop.workThrough(job)).doesNotContain("fork-renewed");
        assertThat(orla.place(job, "RAIL", null).status()).isEqualTo(200);
    }

    /** Taken back before anything is begun: the parts are free again, and there was no box to speak of. */
    @Test
    void isTakenBackWithoutABox() {
        long job = booked("SERVICE");
        tova.post("/api/jobs/%d/arrival/rest-good".formatted(job), "");
        assertThat(orla.bill(job, "SERVICE").status()).isEqualTo(200);
        assertThat(orla.delete("/api/jobs/%d/bill".formatted(job), "{\"reason\":\"does it himself\"}").status()).isEqualTo(200);
        assertThat(orla.get("/api/jobs/%d/steps".formatted(job)).body().path("steps").size()).isZero();
        assertThat(orla.bill(job, "SERVICE").body().path("bill").path("revision").asString()).isEqualTo("B");
    }

    @Test
    void noSheetTakesTheShopsOwnName() {
        long mid = orla.book("Quay tourer");
        orla.place(mid, "RACK", null);
        tova.post("/api/jobs/%d/arrival/rest-good".formatted(mid), "");
        assertThat(orla.bill(mid, "SERVICE").detail()).contains("is a job of its own");
    }
}
