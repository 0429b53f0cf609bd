package hingeyard.app.plan;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.app.ShopClient.Answer;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** The coming days: planned from what is left of the jobs, agreed by the manager, and true to what happens. */
@ExtendWith(RunningApp.class)
class PlanTest {

    private ShopClient orla;
    private ShopClient tova;

    @BeforeEach
    void signedIn(RunningApp.App app) {
        orla = ShopClient.signedIn(app.url(), "orla");
        tova = ShopClient.signedIn(app.url(), "tova");
    }

    private JsonNode plan() {
        Answer answer = orla.get("/api/plan");
        assertThat(answer.status()).as(answer.toString()).isEqualTo(200);
        return answer.body();
    }

    private static Optional<JsonNode> job(JsonNode plan, long number) {
        return plan.path("jobs").valueStream().filter(j -> j.path("job").asLong() == number).findFirst();
    }

    private static List<JsonNode> legs(JsonNode plan, long number) {
        return plan.path("legs").valueStream().filter(l -> l.path("job").asLong() == number).toList();
    }

    private Answer say(long job, int version, String more) {
        return orla.put("/api/jobs/%d/plan".formatted(job), "{\"version\":%d%s}".formatted(version, more));
    }

    /** An open day more than a week ahead. */
    private LocalDate openDay() {
        return plan().path("days").valueStream().filter(d -> d.path("open").asBoolean())
                .map(d -> LocalDate.parse(d.path("date").asString()))
                .filter(d -> d.isAfter(today().plusDays(8))).findFirst().orElseThrow();
    }

    private LocalDate today() {
        return LocalDate.parse(plan().path("now").asString().substring(0, 10));
    }

    /** A bike in the rack with its kit on a bill: every step is planned. */
    private long billed(String bike) {
        long job = orla.book(bike);
        orla.place(job, "RACK", null);
        orla.survey(job, "");
        orla.post("/api/drawers/VM4-S/receipts", "{\"count\":1,\"note\":\"\"}");
        assertThat(orla.bill(job, "VM4-S").status()).isEqualTo(200);
        return job;
    }

    @Test
    void aJobIsPlannedFromItsBookingToItsEnd() {
        long job = orla.book("Ahead of its bill");
        JsonNode before = plan();
        assertThat(legs(before, job)).isNotEmpty().allMatch(l -> l.path("title").asString().equals("work not planned yet"));
        assertThat(legs(before, job).get(0).path("waits").toString()).contains("\"ARRIVAL\"", "\"CHOICE\"", "a kit to be chosen");
        orla.place(job, "RACK", null);
        orla.survey(job, "");
        orla.post("/api/drawers/VM4-S/receipts", "{\"count\":1,\"note\":\"\"}");
        assertThat(orla.bill(job, "VM4-S").status()).isEqualTo(200);
        List<JsonNode> legs = legs(plan(), job);
        assertThat(legs).extracting(l -> l.path("title").asString()).startsWith("box and bench run").endsWith("test ride and sign-off");
        assertThat(legs.stream().mapToInt(l -> l.path("minutes").asInt()).sum()).as("as the yard says it")
                .isEqualTo(orla.get("/api/yard/standings?job=" + job).body().path("standings").get(0).path("minutesLeft").asInt());
        assertThat(job(plan(), job).orElseThrow().path("safe").asString()).isNotBlank();
        assertThat(tova.get("/api/plan").status()).as("whoever works by it sees it").isEqualTo(200);
    }

    @Test
    void whatIsDoneIsLeftOutAndWhatRunsIsInItsDoersHands() {
        long job = billed("Ticked ahead");
        assertThat(orla.place(job, "STAND", freeStand()).status()).isEqualTo(200);
        try {
            tickedAhead(job);
        } finally {
            assertThat(orla.place(job, "RACK", null).status()).isEqualTo(200);
        }
    }

    private void tickedAhead(long job) {
        int before = legs(plan(), job).get(0).path("minutes").asInt();
        tova.step(job, "kit-check", "start", "");
        assertThat(legs(plan(), job).get(0).path("person").asString()).isEqualTo("Tova");
        tova.step(job, "kit-check", "tick", "{\"figures\":{}}");
        assertThat(legs(plan(), job).get(0).path("minutes").asInt()).isLessThan(before);
        tova.step(job, "bench-power", "start", "");
        assertThat(tova
                .step(job, "bench-power", "stuck",
                        "{\"kind\":\"CUSTOMER_DECIDES\",\"reason\":\"which display\"}")
                .status()).isEqualTo(200);
        assertThat(legs(plan(), job).get(0).path("waits").toString()).contains("\"CUSTOMER\"", "which display", "\"known\":false");
    }

    private int freeStand() {
        List<Integer> taken = orla.get("/api/yard").body().path("bikes").valueStream()
                .filter(b -> b.path("job").path("place").asString().equals("STAND")).map(b -> b.path("job").path("stand").asInt()).toList();
        return Stream.of(1, 2, 3, 4, 5, 6).filter(s -> !taken.contains(s)).findFirst().orElseThrow();
    }

    @Test
    void whatIsSaidCountsAndBuildsOnWhatWasSeen() {
        long job = billed("Promised");
        LocalDate day = openDay();
        Answer first = say(job, 0, ",\"promised\":\"%s\",\"person\":\"Rian\",\"stand\":4".formatted(day));
        assertThat(first.status()).as(first.toString()).isEqualTo(200);
        assertThat(first.body().path("version").asInt()).isEqualTo(1);
        JsonNode plan = plan();
        assertThat(job(plan, job).orElseThrow().path("said").path("promised").asString()).isEqualTo(day.toString());
        assertThat(plan.path("days").valueStream().filter(d -> d.path("date").asString().equals(day.toString())).findFirst().orElseThrow()
                .path("promised").toString()).contains(String.valueOf(job));
        assertThat(legs(plan, job)).allMatch(l -> l.path("person").asString().equals("Rian"))
                .allMatch(l -> l.path("stand").isMissingNode() || l.path("stand").asInt() == 4);
        Answer second = say(job, 0, "");
        assertThat(second.status()).isEqualTo(409);
        assertThat(second.detail()).contains("Somebody said something else about job %d a moment ago".formatted(job));
        assertThat(job(plan(), job).orElseThrow().path("said").path("person").asString()).isEqualTo("Rian");
        assertThat(say(job, 1, "").status()).as("taken back").isEqualTo(200);
        assertThat(job(plan(), job).orElseThrow().path("said").path("promised").isMissingNode()).isTrue();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            ,"promised":"1999-01-01"    | promised  | 1999-01-01
            ,"notBefore":"9999-12-31"   | notBefore | 9999-12-31
            ,"stand":77                 | stand     | one of 1, 2, 3, 4, 5, 6
            ,"person":"Nobody"          | person    | one of Ned, Orla M., Rian, Tova
            ,"promised":"2026-02-30"    | promised  | 2026-02-30
            """)
    void badInputIsNamedAndNothingIsSaid(String more, String field, String said) {
        long job = orla.book("Badly said");
        Answer answer = say(job, 0, more);
        assertThat(answer.status()).as(answer.toString()).isBetween(400, 422);
        assertThat(answer.body().toString()).contains(field, said);
        assertThat(job(plan(), job).orElseThrow().path("said").path("version").asInt()).isZero();
    }

    @Test
    void whoeverIsSignedInSeesTheirOwnDayWithToolsAndWhoMayLook() {
        long job = billed("On my day");
        assertThat(say(job, 0, ",\"person\":\"Tova\"").status()).isEqualTo(200);
        JsonNode plan = plan();
        JsonNode first = legs(plan, job).get(0);
        String day = first.path("worked").get(0).path("from").asString().substring(0, 10);
        JsonNode mine = tova.get("/api/plan/mine?date=" + day).body();
        assertThat(mine.path("person").asString()).isEqualTo("Tova");
        assertThat(mine.path("turns").valueStream().map(t -> t.path("from").asString())).isSorted();
        JsonNode turn = mine.path("turns").valueStream().filter(t -> t.path("job").asLong() == job).findFirst().orElseThrow();
        assertThat(turn.path("tools").size()).isPositive();
        assertThat(turn.path("lookers").toString()).doesNotContain("Tova");
        assertThat(legs(plan, job).stream().map(l -> l.path("person").asString())).containsOnly("Tova");
        assertThat(orla.get("/api/plan/mine?date=" + day).body().path("turns").size()).as("no legs are planned for the manager").isZero();
        assertThat(tova.get("/api/plan/mine?date=2026-02-30").status()).isBetween(400, 422);
    }

    @Test
    void whatWasPromisedIsCountedOnceItIsFinished() {
        assertThat(plan().path("record").asString()).as("the demo's bikes on the rail").matches("3 of \\d promised days kept so far\\.");
    }

    @Test
    void nobodyIsPromisedADayOnWhichTheShopIsClosed() {
        long job = orla.book("On a Sunday");
        LocalDate sunday = today().with(java.time.temporal.TemporalAdjusters.next(java.time.DayOfWeek.SUNDAY));
        Answer answer = say(job, 0, ",\"promised\":\"%s\"".formatted(sunday));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body().toString()).contains("promised", sunday.toString(), "a day on which the shop is open");
    }

    @Test
    void aBookingIsToldWhenItWouldBeReady() {
        JsonNode days = orla.get("/api/plan/days?jobKind=MID_DRIVE").body();
        assertThat(days.size()).isEqualTo(28);
        for (JsonNode day : days) {
            boolean closed = day.path("outlook").asString().equals("CLOSED");
            assertThat(day.path("safe").isMissingNode()).isEqualTo(closed);
            assertThat(day.path("sentence").asString()).contains(closed ? "closed" : "safe to promise");
            assertThat(closed || day.path("safe").asString().compareTo(day.path("likely").asString()) >= 0).isTrue();
        }
        assertThat(orla.get("/api/plan/days?jobKind=NOTHING").status()).isEqualTo(400);
    }

    @Test
    void nothingIsSaidAboutABikeThatIsGone() {
        assertThat(say(397, 0, "").detail()).contains("Job 397 is collected");
        assertThat(say(99999, 0, "").status()).isEqualTo(404);
    }

    @Test
    void onlyTheManagerPlans() {
        long job = orla.book("Not yours");
        assertThat(tova.put("/api/jobs/%d/plan".formatted(job), "{\"version\":0}").status()).isEqualTo(403);
        assertThat(tova.post("/api/plan/what-if", "{}").status()).isEqualTo(403);
        assertThat(tova.post("/api/plan/agreement", "{\"key\":\"x\"}").status()).isEqualTo(403);
    }

    @Test
    void whyAndWhatWouldHelpAreAnsweredForEveryJob() {
        JsonNode plan = plan();
        for (JsonNode job : plan.path("jobs")) {
            Answer why = orla.get("/api/plan/jobs/%d/why".formatted(job.path("job").asLong()));
            assertThat(why.status()).isEqualTo(200);
            boolean planned = job.path("lacks").asString().isEmpty();
            assertThat(why.body().path("chains").size() > 0).isEqualTo(planned);
            why.body().path("chains").valueStream().flatMap(c -> c.path("causes").valueStream())
                    .forEach(c -> assertThat(c.path("sentence").asString()).endsWith("."));
        }
        long late = plan.path("jobs").get(0).path("job").asLong();
        assertThat(orla.get("/api/plan/jobs/%d/helps".formatted(late)).body().toString()).contains("before all others");
        assertThat(orla.get("/api/plan/jobs/99999/why").status()).isEqualTo(404);
        assertThat(orla.get("/api/plan/jobs/397/why").detail()).as("collected long ago").contains("Nothing is left to plan on job 397");
    }

    @Test
    void whatIsOnlySupposedIsNotSaved() {
        JsonNode before = plan();
        LocalDate day = today().plusDays(1);
        Answer ill = orla.post("/api/plan/what-if",
                "{\"away\":{\"person\":\"Tova\",\"from\":\"%s\",\"to\":\"%s\"}}".formatted(day, day.plusDays(6)));
        assertThat(ill.status()).as(ill.toString()).isEqualTo(200);
        assertThat(ill.body().path("moved").size()).isPositive();
        assertThat(ill.body().path("faults").size()).as("what comes of it can be worked by").isZero();
        Answer closed = orla.post("/api/plan/what-if", "{\"closedStand\":3}");
        assertThat(closed.body().path("faults").size()).isZero();
        assertThat(plan().path("legs")).isEqualTo(before.path("legs"));
        assertThat(orla.post("/api/plan/what-if", "{\"closedStand\":33}").body().toString()).contains("closedStand", "33");
        assertThat(orla
                .post("/api/plan/what-if",
                        "{\"away\":{\"person\":\"Tova\",\"from\":\"%s\",\"to\":\"%s\"}}".formatted(day, day.minusDays(1)))
                .status()).isEqualTo(422);
        assertThat(orla.post("/api/plan/what-if", "{\"first\":99999}").status()).isEqualTo(404);
    }

    @Test
    void whatIsAgreedStandsUntilSomethingElseIsAccepted() {
        billed("Agreed on");
        Answer unseen = orla.post("/api/plan/agreement", "{\"key\":\"of another day\"}");
        assertThat(unseen.status()).isEqualTo(409);
        assertThat(unseen.detail()).contains("The plan changed a moment ago");
        // Two accept what they see at once: both saw the same, and it is agreed once.
        List<Integer> answers = agreeAtOnce();
        // The plan is made anew every ten minutes: who agrees to the one before is told so, both of them.
        answers = answers.contains(200) ? answers : agreeAtOnce();
        assertThat(answers).containsExactlyInAnyOrder(200, 409);
        JsonNode agreed = plan();
        assertThat(agreed.path("agreed").path("by").asString()).isEqualTo("Orla M.");
        long late = billed("Came after");
        JsonNode after = plan();
        assertThat(legs(after, late)).as("what is new is planned around what was agreed").isNotEmpty();
        assertThat(hands(after, agreed)).as("hands and stands stay").isEqualTo(hands(agreed, agreed));
    }

    private List<Integer> agreeAtOnce() {
        String key = plan().path("proposal").path("key").asString();
        List<CompletableFuture<Integer>> both = Stream.of("orla", "orla").map(n -> ShopClient.signedIn(orla.url(), n)).toList().stream()
                .map(who -> CompletableFuture.supplyAsync(
                        () -> who.post("/api/plan/agreement", "{\"key\":\"%s\"}".formatted(key)).status()))
                .toList();
        return both.stream().map(CompletableFuture::join).toList();
    }

    /** Who does what where, of the jobs that the second plan knows. */
    private static List<String> hands(JsonNode plan, JsonNode known) {
        return plan.path("legs").valueStream().filter(l -> job(known, l.path("job").asLong()).isPresent())
                .map(l -> "%d %d %s %s".formatted(l.path("job").asLong(), l.path("ordinal").asInt(), l.path("person").asString(),
                        l.path("stand").asString("-")))
                .sorted().toList();
    }

    @Test
    void whoeverIsAwayIsPlannedForNothing() {
        JsonNode ned = orla.get("/api/people").body().path("people").valueStream().filter(p -> p.path("username").asString().equals("ned"))
                .findFirst().orElseThrow();
        String own = "\"skills\":%s,\"hours\":%s".formatted(ned.path("skills"), ned.path("hours"));
        LocalDate from = today();
        Answer twice = orla.put("/api/people/ned", "{\"version\":%d,%s,\"absences\":[%s,%s]}".formatted(ned.path("version").asInt(), own,
                away(from, from.plusDays(3)), away(from.plusDays(3), from.plusDays(4))));
        assertThat(twice.status()).isEqualTo(422);
        assertThat(twice.body().toString()).contains("absences", "no day twice");
        assertThat(orla.put("/api/people/ned", "{\"version\":%d,%s,\"absences\":[%s]}".formatted(ned.path("version").asInt(), own,
                away(from.plusDays(3), from))).body().toString()).contains("a last day not before the first");
        Answer away = orla.put("/api/people/ned", "{\"version\":%d,%s,\"absences\":[%s]}".formatted(ned.path("version").asInt(), own,
                away(from.plusDays(1), from.plusDays(13))));
        assertThat(away.status()).as(away.toString()).isEqualTo(200);
        try {
            assertThat(plan().path("legs").valueStream().filter(l -> l.path("person").asString().equals("Ned"))
                    .flatMap(l -> l.path("worked").valueStream()).map(s -> LocalDate.parse(s.path("from").asString().substring(0, 10))))
                    .noneMatch(d -> d.isAfter(from) && d.isBefore(from.plusDays(14)));
        } finally {
            assertThat(orla.put("/api/people/ned", "{\"version\":%d,%s,\"absences\":%s}".formatted(ned.path("version").asInt() + 1, own,
                    ned.path("absences"))).status()).isEqualTo(200);
        }
    }

    private static String away(LocalDate from, LocalDate to) {
        return "{\"from\":\"%s\",\"to\":\"%s\",\"why\":\"ill\"}".formatted(from, to);
    }
}
