package hingeyard.app.shop;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.app.ShopClient.Answer;
import hingeyard.app.booking.Jobs;
import hingeyard.core.floor.Place;
import java.time.LocalDate;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The shop's stands, hours and closed days: entered once, they count wherever a bike is put or promised. */
@ExtendWith(RunningApp.class)
class ShopBookTest {

    private ShopClient orla;
    private ObjectNode before;

    @BeforeEach
    void asItIs(RunningApp.App app) {
        orla = ShopClient.signedIn(app.url(), "orla");
        before = shop();
    }

    @AfterEach
    void asItWas() {
        before.put("version", shop().path("version").asInt());
        assertThat(orla.put("/api/shop", before.toString()).status()).isEqualTo(200);
    }

    private ObjectNode shop() {
        return (ObjectNode) orla.get("/api/shop").body();
    }

    private Answer put(ObjectNode shop) {
        return orla.put("/api/shop", shop.toString());
    }

    private JsonNode stands() {
        return orla.get("/api/yard").body().path("stands");
    }

    private static ArrayNode stands(ObjectNode shop) {
        return (ArrayNode) shop.path("stands");
    }

    private static ArrayNode closed(ObjectNode shop) {
        return (ArrayNode) shop.path("closed");
    }

    @Test
    void aNewStandIsOnTheFloorAndTakesABike() {
        ObjectNode shop = shop();
        stands(shop).addObject().put("number", 11).put("name", "in the yard").put("holds", "FLOOR").put("ratedKg", 120);
        assertThat(put(shop).status()).isEqualTo(200);
        assertThat(stands().get(stands().size() - 1).toString()).contains("\"number\":11", "in the yard", "floor stand", "120");
        long job = orla.book("On eleven");
        orla.place(job, "RACK", null);
        orla.survey(job, "bike.mass=18");
        orla.post("/api/drawers/VM4-S/receipts", "{\"count\":1,\"note\":\"\"}");
        assertThat(orla.bill(job, "VM4-S").status()).isEqualTo(200);
        assertThat(orla.place(job, "STAND", 12).body().toString()).contains("one of 1, 2, 3, 4, 5, 6, 11");
        assertThat(orla.place(job, "STAND", 11).status()).isEqualTo(200);
        ObjectNode without = shop();
        stands(without).remove(stands(without).size() - 1);
        assertThat(put(without).detail()).isEqualTo("Stand 11 holds job %d: move that bike first. Nothing was saved.".formatted(job));
        assertThat(orla.place(job, "RACK", null).status()).isEqualTo(200);
        assertThat(put(without).status()).isEqualTo(200);
        assertThat(orla.place(job, "STAND", 11).status()).isEqualTo(422);
    }

    @Test
    void noStandCarriesMoreThanItIsRatedForAndTheKitCounts() {
        ObjectNode shop = shop();
        stands(shop).addObject().put("number", 21).put("name", "").put("holds", "CLAMP").put("ratedKg", 20);
        stands(shop).addObject().put("number", 22).put("name", "").put("holds", "CLAMP").put("ratedKg", 80);
        assertThat(put(shop).status()).isEqualTo(200);
        long job = orla.book("Heavy with its kit");
        orla.place(job, "RACK", null);
        orla.survey(job, "bike.mass=18");
        orla.post("/api/drawers/VM4-S/receipts", "{\"count\":1,\"note\":\"\"}");
        assertThat(orla.bill(job, "VM4-S").status()).isEqualTo(200);
        assertThat(orla.place(job, "STAND", 21).detail()).startsWith("Stand 21 is rated for 20 kg and the bike weighs ")
                .contains("with its kit. Rated for it: stand ", "22");
        assertThat(orla.place(job, "STAND", 22).status()).isEqualTo(200);
        assertThat(orla.place(job, "RACK", null).status()).isEqualTo(200);
    }

    /** As every stand is that was there before anybody entered what it carries. */
    @Test
    void aStandWhoseRatedMassNobodyEnteredTakesABike() {
        ObjectNode shop = shop();
        stands(shop).addObject().put("number", 41).put("name", "").put("holds", "CLAMP");
        assertThat(put(shop).status()).isEqualTo(200);
        assertThat(shop().path("stands").get(stands(shop()).size() - 1).has("ratedKg")).isFalse();
        long job = orla.book("On a stand of no figure");
        orla.place(job, "RACK", null);
        orla.survey(job, "bike.mass=38");
        orla.post("/api/drawers/VM4-S/receipts", "{\"count\":1,\"note\":\"\"}");
        assertThat(orla.bill(job, "VM4-S").status()).isEqualTo(200);
        assertThat(orla.place(job, "STAND", 41).status()).isEqualTo(200);
        assertThat(orla.place(job, "RACK", null).status()).isEqualTo(200);
    }

    @Test
    void onAClosedDayNothingIsPromised() {
        JsonNode day = orla.get("/api/days?jobKind=DRIVE_KIT").body().valueStream()
                .filter(d -> !d.path("outlook").asString().equals("CLOSED")
                        && LocalDate.parse(d.path("date").asString()).isAfter(LocalDate.now()))
                .findFirst().orElseThrow();
        ObjectNode shop = shop();
        closed(shop).addObject().put("day", day.path("date").asString()).put("why", "the street is dug up");
        assertThat(put(shop).status()).isEqualTo(200);
        JsonNode then = orla.get("/api/days?jobKind=DRIVE_KIT").body().valueStream()
                .filter(d -> d.path("date").equals(day.path("date"))).findFirst().orElseThrow();
        assertThat(then.path("outlook").asString()).isEqualTo("CLOSED");
        assertThat(then.path("sentence").asString()).isEqualTo("The shop is closed: the street is dug up.");
        assertThat(then.path("startsOn").asString()).isGreaterThan(day.path("date").asString());
        assertThat(then.path("stands").asInt()).isEqualTo(stands().size());
    }

    @Test
    void twoManagersLoseNothing() {
        ObjectNode one = shop();
        ObjectNode other = shop();
        closed(one).addObject().put("day", LocalDate.now().plusDays(40).toString()).put("why", "fair");
        closed(other).addObject().put("day", LocalDate.now().plusDays(41).toString()).put("why", "painting");
        assertThat(put(one).status()).isEqualTo(200);
        assertThat(put(other).detail()).startsWith("Somebody changed the shop's stands or days a moment ago");
        assertThat(shop().path("closed").toString()).contains("fair").doesNotContain("painting");
    }

    /** Somebody puts a bike on a stand while the manager takes it out of the shop: whoever is second waits, and is refused. */
    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void noBikeStandsOnAStandThatIsGone(boolean bikeFirst, RunningApp.App app) throws Exception {
        long job = orla.book("Between two hands");
        orla.place(job, "RACK", null);
        orla.survey(job, "bike.mass=18");
        orla.post("/api/drawers/VM4-S/receipts", "{\"count\":1,\"note\":\"\"}");
        assertThat(orla.bill(job, "VM4-S").status()).isEqualTo(200);
        ObjectNode with = shop();
        stands(with).addObject().put("number", 31).put("name", "").put("holds", "CLAMP");
        assertThat(put(with).status()).isEqualTo(200);
        ObjectNode without = shop();
        stands(without).remove(stands(without).size() - 1);
        ShopBook book = app.bean(ShopBook.class);
        JdbcTemplate jdbc = app.bean(JdbcTemplate.class);
        CompletableFuture<Answer> second = new TransactionTemplate(app.bean(PlatformTransactionManager.class)).execute(t -> {
            CompletableFuture<Answer> later;
            if (bikeFirst) {
                app.bean(Jobs.class).place(job, Place.STAND, 31);
                later = CompletableFuture.supplyAsync(() -> put(without));
                waits(jdbc, "DELETE FROM stand", later);
            } else {
                ShopBook.Book now = book.now();
                book.change(now.version(), now.stands().stream().filter(s -> s.number() != 31).toList(), now.hours(), now.closed(),
                        now.tools());
                later = CompletableFuture.supplyAsync(() -> orla.place(job, "STAND", 31));
                waits(jdbc, "SELECT number FROM stand", later);
            }
            return later;
        });
        Answer refused = second.get();
        assertThat(refused.body().toString()).contains(bikeFirst ? "Stand 31 holds job " + job : "one of 1, 2, 3, 4, 5, 6");
        assertThat(stands().toString().contains("\"number\":31")).isEqualTo(bikeFirst);
        assertThat(orla.place(job, "RACK", null).status()).isEqualTo(bikeFirst ? 200 : 409);
    }

    /** Until the database is at such a statement: it waits there for the other one. */
    private static void waits(JdbcTemplate jdbc, String statement, CompletableFuture<Answer> later) {
        while (!later.isDone()
                && jdbc.queryForObject("SELECT COUNT(*) FROM information_schema.processlist WHERE info LIKE ? AND id <> CONNECTION_ID()",
                        Integer.class, statement + "%") == 0) {
            Thread.onSpinWait();
        }
        assertThat(later).as("waits").isNotDone();
    }

    @Test
    void itIsTheManagersAndEverybodySeesIt(RunningApp.App app) {
        ShopClient tova = ShopClient.signedIn(app.url(), "tova");
        assertThat(tova.get("/api/shop").status()).isEqualTo(200);
        assertThat(tova.put("/api/shop", shop().toString()).status()).isEqualTo(403);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', value = {
        "stands | [] | 1 to 40 stands",
        "stands | [{\"number\":1,\"name\":\"\",\"holds\":\"CLAMP\"},{\"number\":1,\"name\":\"\",\"holds\":\"CLAMP\"}] | 1 twice",
        "stands | [{\"number\":0,\"name\":\"\",\"holds\":\"CLAMP\"}] | 1 to 99",
        "stands | [{\"number\":1,\"name\":\"\",\"holds\":\"CRANE\"}] | holds",
        "stands | [{\"number\":1,\"name\":\"\",\"holds\":\"CLAMP\",\"ratedKg\":400}] | 5 to 300 kg",
        "stands | [{\"number\":1,\"name\":\"\",\"holds\":\"CLAMP\",\"ratedKg\":30.0001}] | at most 3 decimals",
        "hours | [] | 1 to 7 open days",
        "hours | [{\"day\":\"MONDAY\",\"from\":\"09:00\",\"to\":\"09:00\"}] | later than the beginning",
        "closed | [{\"day\":\"9999-01-01\",\"why\":\"never\"}] | a day from",
        "closed | [{\"day\":\"2026-02-30\",\"why\":\"never\"}] | 2026-02-30",
        "tools | [{\"name\":\"left-handed hammer\",\"count\":1}] | a tool that a step names",
        "tools | [{\"name\":\"crimper\",\"count\":0}] | 1 to 20",
        "tools | [{\"name\":\"crimper\",\"count\":1},{\"name\":\"crimper\",\"count\":2}] | crimper twice",
        "closed | [null] | a list without empty places"})
    void whatIsNoStandNoHourAndNoDayIsRefusedAndNothingIsSaved(String field, String json, String said) {
        String shop = shop().toString();
        String bad = shop.replace("\"%s\":%s".formatted(field, shop().path(field)), "\"%s\":%s".formatted(field, json));
        assertThat(bad).isNotEqualTo(shop);
        Answer answer = orla.put("/api/shop", bad);
        assertThat(answer.status()).as(answer.toString()).isIn(400, 422);
        assertThat(answer.body().toString()).contains(said);
        assertThat(shop().toString()).isEqualTo(shop);
    }
}
