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
        assertThat(orla.get("/api/customers/alike?name=Nobody&contact=Osei%20ext%2022").body().get(0).path("why").asString()).isEqualTo("the same phone or mail");

        Answer refused = book(orla, "Heda Kvist", "ext. 700", "Brook roadster", "");
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.detail()).contains("Hedda Kvist (kvist, ext. 7) is known", "Nothing was saved");
        assertThat(refused.body().path("faults").get(0).path("field").asString()).isEqualTo("customer");
        assertThat(book(orla, "Heda Kvist", "ext. 700", "Brook roadster", "").status()).isEqualTo(409);
        String asNew = ShopClient.booking("Heda Kvist", "ext. 700", "Brook roadster", "").replace("\"newCustomer\":false", "\"newCustomer\":true");
        assertThat(orla.post("/api/jobs", asNew).status()).isEqualTo(201);
    }

    @Test
    void theSameNameAndContactIsOneCustomerWithoutAsking(RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        assertThat(book(orla, "Asta Quill", "quill, ext. 2", "First", "").status()).isEqualTo(201);
        assertThat(book(orla, "quill  ASTA", "Quill ext 2", "Second", "").status()).isEqualTo(201);
        assertThat(app.bean(JdbcTemplate.class).queryForObject("SELECT COUNT(*) FROM customer WHERE name_key = 'asta quill'", Integer.class)).isEqualTo(1);
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
    void theSameFrameIsNotEnteredASecondTime(RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        String fixed = ShopClient.booking("Edda Holm", "ext. 77", "Twin", "").replaceAll("\"frameNumber\":\"[^\"]*\"", "\"frameNumber\":\"TW-1\"");
        assertThat(orla.post("/api/jobs", fixed).status()).isEqualTo(201);
        assertThat(orla.post("/api/jobs", fixed).detail()).contains("Twin, frame TW-1, of Edda Holm is known");
    }

    @Test
    void needsAreUnderstoodInAnyUnitsAndRefusedByField(RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        String need = "{\"DISTANCE\":\"15 mi\",\"RIDER\":\"176 lb\",\"BUDGET\":\"1800\"}";
        Answer booked = orla.post("/api/jobs", ShopClient.booking("Needy Person", "ext. 1", "Need", "").replace("{\"DISTANCE\":\"20\"}", need));
        assertThat(booked.body().path("need").asString()).isEqualTo("24.1 km a day, 79.832 kg rider, budget 1800");
        assertThat(booked.body().path("needImperial").asString()).contains("15 mi", "176 lb");
        Answer refused = orla.post("/api/jobs", ShopClient.booking("Needy Person", "ext. 1", "Need", "").replace("{\"DISTANCE\":\"20\"}", "{\"DISTANCE\":\"far\",\"RIDER\":\"9\"}"));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().path("faults").findValuesAsString("field")).containsExactlyInAnyOrder("need.DISTANCE", "need.RIDER");
        assertThat(refused.detail()).contains("'far'", "Nothing was saved");
    }

    @Test
    void daysAreSaidAgainstTheStands(RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        JsonNode days = orla.get("/api/days?jobKind=MID_DRIVE").body();
        assertThat(days.size()).isEqualTo(28);
        List<String> closed = new ArrayList<>();
        days.forEach(d -> {
            if (d.path("outlook").asString().equals("CLOSED")) {
                closed.add(java.time.LocalDate.parse(d.path("date").asString()).getDayOfWeek().name());
            }
        });
        assertThat(closed).hasSize(8).containsOnly("SATURDAY", "SUNDAY");
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
        Answer gone = orla.post("/api/jobs/%d/place".formatted(job), "{\"to\":\"GONE\",\"reason\":\"bought another bike\"}");
        assertThat(gone.status()).isEqualTo(200);
        assertThat(gone.body().path("bikes").findValues("job").stream().map(j -> j.path("number").asLong())).doesNotContain(job);
        assertThat(orla.place(job, "RACK", null).detail()).contains("Book it in again");
        assertThat(orla.get("/api/find?text=" + job).body().get(0).path("place").asString()).isEqualTo("GONE");
    }
}
