package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.ShopClient.Answer;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** Booking in: customers and bikes that are known, needs in any units, days that are realistic, the tag. */
@ExtendWith(RunningApp.class)
class BookingTest {

    private static Answer book(ShopClient orla, String customer, String contact, String bike, String more) {
        return orla.post("/api/jobs", ShopClient.booking(customer, contact, bike, more));
    }

    @Test
    void aKnownCustomerIsSpottedHoweverTheNameIsSpelt(RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        JsonNode alike = orla.get("/api/customers/alike?name=Kvist,%20Heda&contact=").body();
        assertThat(alike.get(0).path("name").asString()).isEqualTo("Hedda Kvist");
        assertThat(alike.get(0).path("why").asString()).isEqualTo("nearly the same name");
        assertThat(orla.get("/api/customers/alike?name=Nobody&contact=Osei%20ext%2022").body().get(0).path("why").asString())
                .isEqualTo("the same phone or mail");

        Answer refused = book(orla, "Heda Kvist", "ext. 700", "Brook roadster", "");
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.detail()).contains("Hedda Kvist (kvist, ext. 7) is known", "Nothing was saved");
        assertThat(refused.body().path("faults").get(0).path("field").asString()).isEqualTo("customer.name");
        assertThat(book(orla, "Heda Kvist", "ext. 700", "Brook roadster", "").status()).isEqualTo(409);
        String asNew = ShopClient.booking("Heda Kvist", "ext. 700", "Brook roadster", "").replace("\"newCustomer\":false",
                "\"newCustomer\":true");
        assertThat(orla.post("/api/jobs", asNew).status()).isEqualTo(201);
    }

    @Test
    void theSameNameAndContactIsOneCustomerWithoutAsking(RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        assertThat(book(orla, "Asta Quill", "quill, ext. 2", "First", "").status()).isEqualTo(201);
        assertThat(book(orla, "quill  ASTA", "Quill ext 2", "Second", "").status()).isEqualTo(201);
        assertThat(
                app.bean(JdbcTemplate.class).queryForObject("SELECT COUNT(*) FROM customer WHERE name_key = 'asta quill'", Integer.class))
                .isEqualTo(1);
        JsonNode known = orla.get("/api/customers?text=quill").body().get(0);
        assertThat(known.path("bikes").findValuesAsString("bike")).containsExactlyInAnyOrder("First", "Second");
    }

    @Test
    void aKnownBikeComesAgainWithItsSurveyButNotTwiceAtOnce(RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        JsonNode vesper = orla.get("/api/customers?text=QT52-1407").body().get(0);
        long bike = vesper.path("bikes").get(0).path("bikeId").asLong();
        assertThat(vesper.path("bikes").get(0).has("openJob")).isFalse();
        Answer again = book(orla, "Oskar Vesper", "vesper, ext. 50", "Quay tourer", ",\"bikeId\":" + bike);
        assertThat(again.status()).isEqualTo(201);
        JsonNode sheet = orla.get("/api/jobs/" + again.body().path("number").asLong()).body();
        assertThat(sheet.path("fields").findValues("taken")).as("what was measured months ago").hasSizeGreaterThan(10);
        Answer twice = book(orla, "Oskar Vesper", "vesper, ext. 50", "Quay tourer", ",\"bikeId\":" + bike);
        assertThat(twice.status()).isEqualTo(409);
        assertThat(twice.detail()).contains("is here already, as job " + again.body().path("number").asLong());
    }

    @Test
    void twoWhoBookOneKnownBikeAtOnceMakeOneJob(RunningApp.App app) throws Exception {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        long first = orla.book("Booked at once");
        long bike = orla.get("/api/jobs/" + first).body().path("job").path("bikeId").asLong();
        orla.post("/api/jobs/%d/place".formatted(first), "{\"to\":\"GONE\",\"reason\":\"comes again\"}");
        List<java.util.concurrent.Callable<Answer>> both = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            ShopClient manager = ShopClient.signedIn(app.url(), "orla");
            both.add(() -> book(manager, "Edda Holm", "ext. 77", "Booked at once", ",\"bikeId\":" + bike));
        }
        List<Answer> answers = AtOnce.run(both);
        assertThat(answers).filteredOn(a -> a.status() == 201).hasSize(1);
        assertThat(answers).filteredOn(a -> a.status() == 409).hasSize(3)
                .allSatisfy(a -> assertThat(a.detail()).contains("is here already"));
        assertThat(book(orla, "Hedda Kvist", "kvist, ext. 7", "Booked at once", ",\"bikeId\":%d,\"customerId\":1".formatted(bike)).detail())
                .contains("belongs to Edda Holm");
    }

    @Test
    void theSameFrameIsNotEnteredASecondTime(RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        String fixed = ShopClient.booking("Edda Holm", "ext. 77", "Twin", "").replaceAll("\"frameNumber\":\"[^\"]*\"",
                "\"frameNumber\":\"TW-1\"");
        assertThat(orla.post("/api/jobs", fixed).status()).isEqualTo(201);
        assertThat(orla.post("/api/jobs", fixed).detail()).contains("Twin, frame TW-1, of Edda Holm is known");
    }

    @Test
    void needsAreUnderstoodInAnyUnitsAndRefusedByField(RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        String need = "{\"DISTANCE\":\"15 mi\",\"RIDER\":\"176 lb\",\"BUDGET\":\"1800\"}";
        Answer booked = orla.post("/api/jobs",
                ShopClient.booking("Needy Person", "ext. 1", "Need", "").replace("{\"DISTANCE\":\"20\"}", need));
        assertThat(booked.body().path("need").asString()).isEqualTo("24.1 km a day, 79.832 kg rider, budget 1800");
        assertThat(booked.body().path("needImperial").asString()).contains("15 mi", "176 lb");
        Answer refused = orla.post("/api/jobs", ShopClient.booking("Needy Person", "ext. 1", "Need", "").replace("{\"DISTANCE\":\"20\"}",
                "{\"DISTANCE\":\"far\",\"RIDER\":\"9\"}"));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().path("faults").findValuesAsString("field")).containsExactlyInAnyOrder("need.DISTANCE", "need.RIDER");
        assertThat(refused.detail()).contains("'far'", "Nothing was saved");
    }

    private static final tools.jackson.databind.json.JsonMapper JSON = new tools.jackson.databind.json.JsonMapper();

    private static tools.jackson.databind.node.ObjectNode bookingOf(ShopClient who, long job) {
        return (tools.jackson.databind.node.ObjectNode) who.get("/api/jobs/%d/booking".formatted(job)).body();
    }

    private static Answer change(ShopClient who, long job, JsonNode to) {
        return who.put("/api/jobs/%d/booking".formatted(job), JSON.writeValueAsString(to));
    }

    @Test
    void aBookingIsChangedWhenTheCustomerCallsAgain(RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        long job = orla.book("Changed");
        var booking = bookingOf(orla, job);
        assertThat(booking.path("need").path("DISTANCE").asString()).isEqualTo("20 km");
        String later = java.time.LocalDate.now().plusDays(9).toString();
        booking.put("arrivesOn", later).put("wish", "now with a trailer").putObject("need").put("CARGO", "60 lb");
        Answer changed = change(orla, job, booking);
        assertThat(changed.status()).as(changed.toString()).isEqualTo(200);
        JsonNode card = orla.get("/api/jobs/" + job).body().path("job");
        assertThat(card.path("arrivesOn").asString()).isEqualTo(later);
        assertThat(card.path("need").asString()).isEqualTo("27.216 kg cargo");

        assertThat(change(orla, job, booking).detail()).as("of what was seen before")
                .contains("Somebody changed job " + job + " a moment ago");
        booking = bookingOf(orla, job);
        booking.putObject("need").put("CARGO", "a lot");
        assertThat(change(orla, job, booking).body().path("faults").get(0).path("field").asString()).isEqualTo("need.CARGO");
        orla.place(job, "RACK", null);
        booking = bookingOf(orla, job);
        booking.put("arrivesOn", java.time.LocalDate.now().plusDays(3).toString());
        assertThat(change(orla, job, booking).detail()).contains("the bike is here already");
        assertThat(ShopClient.signedIn(app.url(), "tova").get("/api/jobs/%d/booking".formatted(job)).status()).isEqualTo(403);
    }

    private static tools.jackson.databind.node.ObjectNode part(JsonNode booking, String name) {
        return (tools.jackson.databind.node.ObjectNode) booking.path(name);
    }

    /** Two jobs of one customer are open in two windows: the second to save does not put the old contact back. */
    @Test
    void twoWhoChangeOneCustomerDoNotWriteOverOneAnother(RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        long first = book(orla, "Twice Edited", "ext. 900", "One", "").body().path("number").asLong();
        long second = book(orla, "Twice Edited", "ext. 900", "Two", "").body().path("number").asLong();
        var one = bookingOf(orla, first);
        var two = bookingOf(orla, second);
        part(one, "customer").put("contact", "ext. 901");
        assertThat(change(orla, first, one).status()).isEqualTo(200);
        two.put("wish", "flat bar");
        Answer late = change(orla, second, two);
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.detail()).contains("Somebody changed Twice Edited (ext. 901) a moment ago", "not saved");
        assertThat(bookingOf(orla, second).path("wish").asString()).as("nothing of it").isEqualTo("hills");
        assertThat(bookingOf(orla, second).path("customer").path("contact").asString()).isEqualTo("ext. 901");
        two = bookingOf(orla, second);
        two.put("wish", "flat bar");
        assertThat(change(orla, second, two).status()).isEqualTo(200);
    }

    @Test
    void twoWhoChangeOneBikeDoNotWriteOverOneAnother(RunningApp.App app) throws Exception {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        long job = orla.book("Repainted");
        long bike = orla.get("/api/jobs/" + job).body().path("job").path("bikeId").asLong();
        JsonNode seen = orla.get("/api/bikes/" + bike).body();
        assertThat(seen.path("jobs").findValuesAsString("number")).containsExactly(String.valueOf(job));
        var booking = bookingOf(orla, job);
        List<java.util.concurrent.Callable<Answer>> both = new ArrayList<>();
        for (String paint : List.of("#111111", "#222222", "#333333")) {
            ShopClient manager = ShopClient.signedIn(app.url(), "orla");
            var to = (tools.jackson.databind.node.ObjectNode) seen.path("details").deepCopy();
            to.put("paint", paint);
            both.add(() -> manager.put("/api/bikes/" + bike, "{\"version\":%d,\"bike\":%s}".formatted(seen.path("version").asInt(), to)));
        }
        List<Answer> answers = AtOnce.run(both);
        assertThat(answers).filteredOn(a -> a.status() == 200).hasSize(1);
        assertThat(answers).filteredOn(a -> a.status() == 409).hasSize(2);
        part(booking, "bike").put("size", "58");
        assertThat(change(orla, job, booking).detail()).contains("Somebody changed Repainted a moment ago");
        assertThat(orla.get("/api/bikes/" + bike).body().path("details").path("size").asString()).isEmpty();
    }

    @Test
    void aCustomerAndABikeHavePagesOfTheirOwn(RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        JsonNode vesper = orla.get("/api/customers?text=vesper").body().get(0);
        long id = vesper.path("customerId").asLong();
        JsonNode customer = orla.get("/api/customers/" + id).body();
        assertThat(customer.path("details").path("name").asString()).isEqualTo("Oskar Vesper");
        assertThat(customer.path("bikes").get(0).path("jobs")).isNotEmpty();
        ShopClient tova = ShopClient.signedIn(app.url(), "tova");
        assertThat(tova.get("/api/customers/" + id).status()).isEqualTo(403);
        assertThat(tova.put("/api/customers/" + id, "{\"version\":0,\"customer\":{\"name\":\"X\",\"contact\":\"Y\"}}").status())
                .isEqualTo(403);
        long bike = vesper.path("bikes").get(0).path("bikeId").asLong();
        assertThat(tova.get("/api/bikes/" + bike).status()).isEqualTo(200);
        assertThat(tova
                .put("/api/bikes/" + bike, "{\"version\":0,\"bike\":%s}".formatted(tova.get("/api/bikes/" + bike).body().path("details")))
                .status()).isEqualTo(403);
        assertThat(orla.get("/api/customers/999999").status()).isEqualTo(404);
        Answer blank = orla.put("/api/customers/" + id,
                "{\"version\":%d,\"customer\":{\"name\":\" \",\"contact\":\"ext. 1\"}}".formatted(customer.path("version").asInt()));
        assertThat(blank.status()).isEqualTo(422);
        assertThat(blank.body().path("faults").get(0).path("field").asString()).isEqualTo("customer.name");
        JsonNode billed = orla.get("/api/bikes/" + orla.get("/api/jobs/412").body().path("job").path("bikeId").asLong()).body();
        var other = (tools.jackson.databind.node.ObjectNode) billed.path("details").deepCopy();
        other.put("kind", "DIAMOND");
        assertThat(orla.put("/api/bikes/" + billed.path("id").asLong(),
                "{\"version\":%d,\"bike\":%s}".formatted(billed.path("version").asInt(), other)).detail()).as("by this road, too")
                .contains("Take the bill back first");
    }

    @org.junit.jupiter.params.ParameterizedTest
    @org.junit.jupiter.params.provider.ValueSource(strings = {"/", "/customers/8", "/bikes/15", "/jobs/410/sheet", "/jobs/402/hinge/VM4-S",
        "/jobs/402/hinge/K1.5", "/nobody/knows/this", "/nowhere"})
    void everyAddressIsAPage(String path, RunningApp.App app) {
        var page = ShopClient.stranger(app.url()).bytes(path);
        assertThat(page.statusCode()).isEqualTo(200);
        assertThat(page.headers().firstValue("Content-Type").orElse("")).startsWith("text/html");
    }

    @org.junit.jupiter.params.ParameterizedTest
    @org.junit.jupiter.params.provider.ValueSource(strings = {"/api/nothing", "/api/nothing/at/all", "/assets/none.js", "/actuator/env"})
    void dataAndFilesAreNone(String path, RunningApp.App app) {
        var answer = ShopClient.signedIn(app.url(), "orla").bytes(path);
        assertThat(answer.statusCode()).isEqualTo(404);
        assertThat(answer.headers().firstValue("Content-Type").orElse("")).doesNotStartWith("text/html");
    }

    @Test
    void aBilledJobKeepsItsKindAndAClosedOneIsLeftAlone(RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        var billed = bookingOf(orla, 412);
        ((tools.jackson.databind.node.ObjectNode) billed.path("bike")).put("kind", "DIAMOND");
        assertThat(change(orla, 412, billed).detail()).contains("Take the bill back first");
        assertThat(change(orla, 400, bookingOf(orla, 400)).detail()).contains("Book it in again");
    }

    @Test
    void daysAreSaidAgainstTheStands(RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        JsonNode days = orla.get("/api/days?jobKind=MID_DRIVE").body();
        assertThat(days.size()).isEqualTo(28);
        List<String> holidays = orla.get("/api/shop").body().path("closed").findValuesAsString("day");
        List<String> weekends = new ArrayList<>();
        List<String> others = new ArrayList<>();
        days.valueStream().filter(d -> d.path("outlook").asString().equals("CLOSED")).map(d -> d.path("date").asString())
                .forEach(d -> (holidays.contains(d) ? others : weekends).add(d));
        assertThat(weekends).hasSize(8)
                .allSatisfy(d -> assertThat(java.time.LocalDate.parse(d).getDayOfWeek().name()).isIn("SATURDAY", "SUNDAY"));
        assertThat(others).as("the shop's own closed days").hasSize(2);
        assertThat(days.get(27).path("outlook").asString()).isIn("GOOD", "CLOSED");
        assertThat(orla.get("/api/yard").body().path("days").findValuesAsString("sentence")).isNotEmpty();
    }

    @Test
    void theTagIsAPdf(RunningApp.App app) {
        var tag = ShopClient.signedIn(app.url(), "tova").bytes("/api/jobs/410/tag.pdf");
        assertThat(tag.statusCode()).isEqualTo(200);
        assertThat(tag.headers().firstValue("Content-Type")).contains("application/pdf");
        assertThat(new String(tag.body(), 0, 5, java.nio.charset.StandardCharsets.US_ASCII)).isEqualTo("%PDF-");
        assertThat(ShopClient.stranger(app.url()).bytes("/api/jobs/410/tag.pdf").statusCode()).isEqualTo(401);
    }

    @Test
    void bikesAreFoundByKindTooThoseOnTheFloorFirst(RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        assertThat(orla.get("/api/find?text=recumbent").body().get(0).path("customer").asString()).isEqualTo("Emrik Sand");
        JsonNode ferry = orla.get("/api/find?text=pell").body();
        assertThat(ferry.get(ferry.size() - 1).path("place").asString()).isEqualTo("GONE");
        assertThat(ferry.get(0).path("place").asString()).isNotEqualTo("GONE");
    }

    @Test
    void aBikeLeavesWithAReasonUnlessItIsFinished(RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        long job = orla.book("Never comes");
        assertThat(orla.place(job, "GONE", null).status()).isEqualTo(422);
        assertThat(ShopClient.signedIn(orla.url(), "tova")
                .post("/api/jobs/%d/place".formatted(job), "{\"to\":\"GONE\",\"reason\":\"fetched it\"}").detail())
                .contains("The manager hands it over");
        Answer gone = orla.post("/api/jobs/%d/place".formatted(job), "{\"to\":\"GONE\",\"reason\":\"bought another bike\"}");
        assertThat(gone.status()).isEqualTo(200);
        assertThat(gone.body().path("bikes").findValues("job").stream().map(j -> j.path("number").asLong())).doesNotContain(job);
        assertThat(orla.place(job, "RACK", null).detail()).contains("Book it in again");
        assertThat(orla.get("/api/find?text=" + job).body().get(0).path("place").asString()).isEqualTo("GONE");
    }
}
