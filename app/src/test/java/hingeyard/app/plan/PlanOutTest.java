package hingeyard.app.plan;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.app.ShopClient.Answer;
import java.io.IOException;
import java.io.StringReader;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VEvent;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** The plan as it leaves its page: special tools and what is forbidden in it, papers, tables, other calendars, the drawers' day. */
@ExtendWith(RunningApp.class)
class PlanOutTest {

    private ShopClient orla;
    private ShopClient tova;
    private ShopClient stranger;

    @BeforeEach
    void signedIn(RunningApp.App app) {
        orla = ShopClient.signedIn(app.url(), "orla");
        tova = ShopClient.signedIn(app.url(), "tova");
        stranger = ShopClient.stranger(app.url());
    }

    private JsonNode plan() {
        return orla.get("/api/plan").body();
    }

    private List<JsonNode> legs(long job) {
        return plan().path("legs").valueStream().filter(l -> l.path("job").asLong() == job).toList();
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

    private static String text(byte[] pdf) throws IOException {
        try (var document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document);
        }
    }

    @Test
    void whatIsForbiddenIsPlannedOtherwise() {
        long job = billed("Forbidden hands");
        String first = legs(job).get(0).path("person").asString();
        int stand = legs(job).stream().filter(l -> l.has("stand")).findFirst().orElseThrow().path("stand").asInt();
        Answer said = orla.put("/api/jobs/%d/plan".formatted(job),
                "{\"version\":0,\"notBy\":\"%s\",\"notOn\":%d}".formatted(first, stand));
        assertThat(said.status()).as(said.toString()).isEqualTo(200);
        assertThat(said.body().path("notBy").asString()).isEqualTo(first);
        assertThat(legs(job)).noneMatch(l -> l.path("person").asString().equals(first))
                .noneMatch(l -> l.has("stand") && l.path("stand").asInt() == stand);
        Answer both = orla.put("/api/jobs/%d/plan".formatted(job),
                "{\"version\":1,\"person\":\"%s\",\"notBy\":\"%s\"}".formatted(first, first));
        assertThat(both.status()).isEqualTo(422);
        assertThat(both.body().toString()).contains("notBy", "somebody else than whose hands it is to be in");
        assertThat(orla.put("/api/jobs/%d/plan".formatted(job), "{\"version\":1,\"notOn\":77}").body().toString()).contains("notOn", "77");
        assertThat(orla.put("/api/jobs/%d/plan".formatted(job), "{\"version\":1,\"stand\":2,\"notOn\":2}").status()).isEqualTo(422);
    }

    @Test
    void onlyLinesOfTheProposalAreAccepted() {
        String key = plan().path("proposal").path("key").asString();
        Answer other = orla.post("/api/plan/agreement", "{\"key\":\"%s\",\"jobs\":[99999]}".formatted(key));
        assertThat(other.status()).as(other.toString()).isIn(409, 422);
        if (other.status() == 422) {
            assertThat(other.body().toString()).contains("jobs", "99999");
        }
        assertThat(orla.post("/api/plan/what-if", "{\"accepted\":[99999]}").status()).isEqualTo(422);
        assertThat(orla.post("/api/plan/agreement", "{\"key\":\"%s\",\"jobs\":[]}".formatted(key)).body().toString()).contains("jobs");
    }

    @Test
    void theMorningIsOnPaperByPersonAndByStand() throws IOException {
        LocalDate day = LocalDate.parse(plan().path("days").valueStream().filter(d -> d.path("open").asBoolean()).skip(1).findFirst()
                .orElseThrow().path("date").asString());
        String paper = text(tova.bytes("/api/plan/morning.pdf?date=" + day).body());
        assertThat(paper).contains("Ned", "Rian", "Tova", "Stands", "Promised for today", "Trays to pick", "by Tova");
        JsonNode leg = plan().path("legs").valueStream()
                .filter(l -> l.path("worked").get(0).path("from").asString().startsWith(day.toString())).findFirst().orElseThrow();
        assertThat(paper).contains(leg.path("job").asString(), leg.path("worked").get(0).path("from").asString().substring(11, 16));
        HttpResponse<byte[]> past = tova.bytes("/api/plan/morning.pdf?date=" + day.minusDays(30));
        assertThat(past.statusCode()).isEqualTo(422);
        assertThat(new String(past.body(), StandardCharsets.UTF_8)).contains("date", day.minusDays(30).toString());
    }

    @Test
    void theTableHasALineForEachLeg() {
        JsonNode plan = plan();
        String csv = new String(tova.bytes("/api/plan/plan.csv").body(), StandardCharsets.UTF_8);
        assertThat(csv.lines().count()).isEqualTo(plan.path("legs").size() + 1L);
        assertThat(csv.lines().findFirst().orElseThrow()).startsWith("job,leg,work,person");
    }

    @Test
    void theDrawersAreToldWhichTraysAreWantedAndWhatMustCome() {
        long job = billed("Tray wanted");
        JsonNode day = ShopClient.signedIn(orla.url(), "ines").get("/api/plan/stock").body();
        LocalDate first = LocalDate.parse(legs(job).get(0).path("worked").get(0).path("from").asString().substring(0, 10));
        boolean soon = !first.isAfter(LocalDate.parse(day.path("date").asString()).plusDays(7));
        List<JsonNode> own = day.path("trays").valueStream().filter(t -> t.path("job").asLong() == job).toList();
        assertThat(own).hasSize(soon ? 1 : 0).allMatch(t -> t.path("laid").asInt() == 0 && t.path("lines").asInt() > 0);
        assertThat(orla.post("/api/jobs/%d/bill/picks".formatted(job), "{\"parts\":[]}").status()).isEqualTo(200);
        assertThat(orla.get("/api/plan/stock").body().path("trays").valueStream().filter(t -> t.path("job").asLong() == job)).isEmpty();
        // The demo's kit that its supplier put off.
        assertThat(day.path("due").toString()).contains("Tarnuvel T9 chainring 34 kit box", "instead of");
    }

    @Test
    void aCalendarIsReadByWhoeverHasItsAddressUntilItIsTakenBack() throws IOException, ParserException {
        billed("In the calendar");
        Answer made = orla.post("/api/plan/feeds", "{\"shows\":\"PERSON\",\"name\":\"Tova\"}");
        assertThat(made.status()).as(made.toString()).isEqualTo(200);
        String address = made.body().path("address").asString();
        assertThat(address).matches("/calendar/[A-Za-z0-9_-]{32}\\.ics");
        HttpResponse<byte[]> answer = stranger.bytes(address);
        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(answer.headers().firstValue("content-type").orElse("")).startsWith("text/calendar");
        Calendar calendar = new CalendarBuilder().build(new StringReader(new String(answer.body(), StandardCharsets.UTF_8)));
        assertThat(calendar.validate(true).getEntries()).isEmpty();
        List<VEvent> events = calendar.getComponents("VEVENT");
        JsonNode plan = plan();
        List<String> planned = plan.path("legs").valueStream().filter(l -> l.path("person").asString().equals("Tova"))
                .flatMap(l -> l.path("worked").valueStream().map(s -> l.path("job").asString() + " " + s.path("from").asString())).toList();
        ZoneId zone = ZoneId.of(calendar.<Property>getProperty("X-WR-TIMEZONE").orElseThrow().getValue());
        assertThat(events.stream()
                .filter(e -> e.getDateTimeStart().orElseThrow().getDate().isSupported(java.time.temporal.ChronoField.HOUR_OF_DAY))
                .map(e -> e.<Property>getProperty("SUMMARY").orElseThrow().getValue().split(":")[0] + " " + java.time.LocalDateTime
                        .ofInstant(Instant.from(e.getDateTimeStart().orElseThrow().getDate()), zone)
                        .format(java.time.format.DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH:mm:ss")))
                .toList()).containsExactlyInAnyOrderElementsOf(planned);
        assertThat(new String(answer.body(), StandardCharsets.UTF_8)).as("no customer").doesNotContain("Tor", "ext.");
        JsonNode all = orla.get("/api/plan/feeds").body();
        assertThat(all.toString()).contains("Tova").as("nothing that leads back to the address")
                .doesNotContain(address.substring(10, 30));
        assertThat(orla.get("/api/doors").body().toString()).contains("calendar address: Tova").doesNotContain(address.substring(10, 30));
        assertThat(tova.get("/api/plan/feeds").status()).isEqualTo(403);
        assertThat(orla.delete("/api/plan/feeds/" + made.body().path("id").asLong(), "").status()).isEqualTo(200);
        assertThat(stranger.bytes(address).statusCode()).isEqualTo(404);
        assertThat(stranger.bytes("/calendar/" + "x".repeat(4000) + ".ics").statusCode()).isEqualTo(404);
        assertThat(orla.delete("/api/plan/feeds/" + made.body().path("id").asLong(), "").status()).isEqualTo(404);
    }

    /** Whoever repeats what was answered already makes no second one, and gets an address that works. */
    @Test
    void anAddressThatIsAskedForTwiceIsOneCalendar() {
        int before = orla.get("/api/plan/feeds").body().size();
        String key = java.util.UUID.randomUUID().toString();
        Answer first = orla.post("/api/plan/feeds", "{\"shows\":\"SHOP\",\"name\":\"\"}", key);
        Answer second = orla.post("/api/plan/feeds", "{\"shows\":\"SHOP\",\"name\":\"\"}", key);
        assertThat(second.body().path("id")).isEqualTo(first.body().path("id"));
        assertThat(orla.get("/api/plan/feeds").body().size()).isEqualTo(before + 1);
        assertThat(stranger.bytes(second.body().path("address").asString()).statusCode()).isEqualTo(200);
        assertThat(stranger.bytes(first.body().path("address").asString()).statusCode()).as("it was never seen").isEqualTo(404);
        assertThat(orla.delete("/api/plan/feeds/" + first.body().path("id").asLong(), "").status()).isEqualTo(200);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"PERSON | Nobody | one of Ned", "STAND | 77 | the number of a stand",
        "STAND | | the number of a stand",
        "MOON | | shows"})
    void anAddressIsMadeOnlyForWhoAndWhatIsThere(String shows, String name, String said) {
        Answer answer = orla.post("/api/plan/feeds", "{\"shows\":\"%s\",\"name\":\"%s\"}".formatted(shows, name == null ? "" : name));
        assertThat(answer.status()).isIn(400, 422);
        assertThat(answer.body().toString()).contains(said);
    }

    @Test
    void aCalendarFileIsReadAndNothingOfItIsKept() {
        int year = LocalDate.now(ZoneId.of("UTC")).getYear() + 1;
        String file = "BEGIN:VCALENDAR\\r\\nVERSION:2.0\\r\\nPRODID:x\\r\\nBEGIN:VEVENT\\r\\nUID:1\\r\\nDTSTAMP:20260101T000000Z\\r\\nDTSTART;VALUE=DATE:%d0501\\r\\nSUMMARY:Spring day\\r\\nEND:VEVENT\\r\\nEND:VCALENDAR\\r\\n"
                .formatted(year);
        JsonNode before = orla.get("/api/shop").body();
        Answer read = orla.post("/api/shop/calendar-file", "{\"text\":\"%s\"}".formatted(file));
        assertThat(read.status()).as(read.toString()).isEqualTo(200);
        assertThat(read.body().path("days").toString())
                .isEqualTo("[{\"from\":\"%d-05-01\",\"to\":\"%d-05-01\",\"why\":\"Spring day\"}]".formatted(year, year));
        assertThat(orla.get("/api/shop").body()).isEqualTo(before);
        Answer bad = orla.post("/api/shop/calendar-file", "{\"text\":\"hello\"}");
        assertThat(bad.status()).isIn(400, 422);
        assertThat(bad.detail()).contains("no calendar file");
        assertThat(tova.post("/api/shop/calendar-file", "{\"text\":\"hello\"}").status()).isEqualTo(403);
    }

    @Test
    void aQuoteSaysWhenTheJobWouldBeReady() throws IOException {
        long job = orla.book("Quoted ahead");
        orla.place(job, "RACK", null);
        orla.survey(job, "");
        String stamp = orla.match(job, "VM4-S").path("stamp").asString();
        Answer quoted = orla.post("/api/jobs/%d/quotes".formatted(job),
                "{\"kitCode\":\"VM4-S\",\"stamp\":\"%s\",\"notTaken\":[]}".formatted(stamp));
        assertThat(quoted.status()).as(quoted.toString()).isEqualTo(200);
        String ready = quoted.body().path("quotes").get(0).path("ready").asString();
        assertThat(ready).containsAnyOf("We can promise ", "Ready on ").contains("counted from the shop's plan of");
        String paper = text(orla.bytes("/api/jobs/%d/quotes/1/quote.pdf".formatted(job)).body()).replaceAll("\\s+", " ");
        assertThat(paper).contains(ready.substring(0, 40));
        // What was written stays as it was, whatever the plan becomes.
        assertThat(orla.put("/api/jobs/%d/plan".formatted(job), "{\"version\":0,\"notBefore\":\"%s\"}"
                .formatted(LocalDate.parse(plan().path("now").asString().substring(0, 10)).plusDays(20))).status()).isEqualTo(200);
        assertThat(orla.get("/api/jobs/%d/bill".formatted(job)).body().path("quotes").get(0).path("ready").asString()).isEqualTo(ready);
    }
}
