package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.wiring.ShopClock;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Locale;
import java.util.Optional;
import java.util.TimeZone;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/**
 * The same shop on a machine in another zone and another language, and with the shop in a third zone, where the hour changes in mid-work: a
 * moment is a moment, a day
 * is a day at the shop.
 */
class ElsewhereTest {

    private static final ZoneId SHOP = ZoneId.of("Europe/Berlin");
    private static final TimeZone ZONE = TimeZone.getDefault();
    private static final Locale LANGUAGE = Locale.getDefault();
    private static TestDatabase database;
    private static ConfigurableApplicationContext app;
    private static String url;

    @BeforeAll
    static void start() {
        TimeZone.setDefault(TimeZone.getTimeZone("Pacific/Auckland"));
        Locale.setDefault(Locale.forLanguageTag("tr-TR"));
        database = new TestDatabase();
        app = new SpringApplicationBuilder(HingeYard.class).profiles("demo")
                .run(database.arguments("--server.port=0", "--yard.zone=" + SHOP, "--server.forward-headers-strategy=native",
                        "--server.tomcat.remoteip.internal-proxies=127\\.0\\.0\\.1"));
        url = "http://127.0.0.1:" + app.getEnvironment().getProperty("local.server.port");
    }

    @AfterAll
    static void stop() {
        try {
            app.close();
            database.close();
        } finally {
            TimeZone.setDefault(ZONE);
            Locale.setDefault(LANGUAGE);
        }
    }

    private static Duration ago(String instant) {
        return Duration.between(Instant.parse(instant), Instant.now());
    }

    /** Steps are written by SQL, jobs by entities, both are read as entities and by SQL: an hour off would show in one of them. */
    @Test
    void whatIsDoneNowWasDoneAMomentAgo() {
        ShopClient tova = ShopClient.signedIn(url, "tova");
        JdbcTemplate jdbc = app.getBean(JdbcTemplate.class);
        boolean some = false;
        for (long job : jdbc.queryForList("SELECT id FROM job WHERE place = 'STAND' ORDER BY id", Long.class)) {
            JsonNode steps = tova.get("/api/jobs/%d/steps".formatted(job)).body().path("now").path("steps");
            Optional<String> next = steps.valueStream().filter(s -> s.path("start").path("allowed").asBoolean())
                    .map(s -> s.path("key").asString()).findFirst();
            if (next.isPresent()) {
                some = true;
                ShopClient.Answer started = tova.post("/api/jobs/%d/steps/%s/start".formatted(job, next.get()), "{}");
                assertThat(started.status()).as(started.toString()).isEqualTo(200);
                JsonNode now = started.body().path("steps").valueStream().filter(s -> s.path("key").asString().equals(next.get()))
                        .findFirst().orElseThrow();
                assertThat(ago(now.path("startedAt").asString())).isBetween(Duration.ofSeconds(-2), Duration.ofMinutes(2));
                assertThat(jdbc.queryForObject(
                        "SELECT TIMESTAMPDIFF(SECOND, started_at, UTC_TIMESTAMP()) FROM step WHERE job_id = ? AND step_key = ?", Long.class,
                        job, next.get())).as("as the tables keep it").isBetween(-2L, 120L);
            }
        }
        assertThat(some).as("a step of the demo can be started").isTrue();
        ShopClient ines = ShopClient.signedIn(url, "ines");
        String part = ines.get("/api/drawers").body().get(0).path("number").asString();
        ines.post("/api/drawers/%s/receipts".formatted(part), "{\"count\":1,\"note\":\"elsewhere\"}");
        assertThat(jdbc.queryForObject("SELECT TIMESTAMPDIFF(SECOND, MAX(moved_at), UTC_TIMESTAMP()) FROM stock_movement", Long.class))
                .isBetween(-2L, 120L);
        assertThat(ago(ines.get("/api/parts/" + part).body().path("movements").get(0).path("at").asString()))
                .isBetween(Duration.ofSeconds(-2), Duration.ofMinutes(2));
    }

    /** Booked today at the shop, whatever the day is where the machine stands. */
    @Test
    void todayIsTheShopsToday() {
        ShopClient orla = ShopClient.signedIn(url, "orla");
        LocalDate today = LocalDate.ofInstant(Instant.now(), SHOP);
        assertThat(orla.get("/api/yard").body().path("today").asString()).isEqualTo(today.toString());
        assertThat(orla.get("/api/session").body().path("zone").asString()).isEqualTo("Europe/Berlin");
        String here = ShopClient.booking("Elsewhere").replaceAll("\"arrivesOn\":\"[^\"]*\"", "\"arrivesOn\":\"%s\"".formatted(today));
        ShopClient.Answer booked = orla.post("/api/jobs", here);
        assertThat(booked.status()).as(booked.toString()).isEqualTo(201);
        assertThat(booked.body().path("arrivesOn").asString()).isEqualTo(today.toString());
        assertThat(orla.get("/api/jobs/%d/booking".formatted(booked.body().path("number").asLong())).body().path("arrivesOn").asString())
                .as("read again").isEqualTo(today.toString());
        assertThat(app.getBean(JdbcTemplate.class).queryForObject("SELECT CAST(arrives_on AS CHAR) FROM job WHERE id = ?", String.class,
                booked.body().path("number").asLong())).isEqualTo(today.toString());
        assertThat(orla.post("/api/jobs", here.replace(today.toString(), today.minusDays(1).toString())).status()).isEqualTo(422);
    }

    /** A Turkish machine writes i and I its own way: keys, codes and searches may not care. */
    @Test
    void theMachinesLanguageChangesNothing() {
        ShopClient orla = ShopClient.signedIn(url, "orla");
        assertThat(orla.get("/api/find?text=HEDDA").body().findValuesAsString("customer")).contains("Hedda Kvist");
        assertThat(orla.get("/api/customers/alike?name=KVIST%20HEDDA&contact=").body().get(0).path("why").asString())
                .isEqualTo("the same name");
        long job = orla.book("INCH TITAN");
        ShopClient tova = ShopClient.signedIn(url, "tova");
        assertThat(tova.measure(job, "bracket.shell-width", "2 7/8 IN", "CALIPER", 0).status()).isEqualTo(200);
        assertThat(
                orla.match(410, orla.get("/api/jobs/410/shortlist").body().path("rows").get(0).path("kitCode").asString()).path("findings"))
                .isNotEmpty();
        assertThat(new String(orla.bytes("/api/jobs/410/tag.pdf").body(), 0, 5, java.nio.charset.StandardCharsets.US_ASCII))
                .isEqualTo("%PDF-");
    }

    /** At two it is three: work that began a minute before and ended a minute after took two minutes, and the day goes on. */
    @Test
    void anHourThatIsLeftOutIsNotWorked() {
        ShopClock clock = app.getBean(ShopClock.class);
        Instant before = Instant.parse("2027-03-28T00:59:00Z");
        JdbcTemplate jdbc = app.getBean(JdbcTemplate.class);
        for (int minutes : new int[]{0, 2, 60}) {
            Instant at = before.plus(Duration.ofMinutes(minutes));
            clock.at(at, () -> jdbc.update("INSERT INTO device_reading (device, value, unit, sent_at) VALUES ('meter', ?, 'V', ?)", minutes,
                    java.sql.Timestamp.from(clock.now())));
            assertThat(
                    jdbc.queryForObject("SELECT sent_at FROM device_reading WHERE device = 'meter' AND value = ? ORDER BY id DESC LIMIT 1",
                            java.sql.Timestamp.class, minutes).toInstant())
                    .isEqualTo(at);
            clock.at(at, () -> assertThat(clock.today()).isEqualTo(LocalDate.of(2027, 3, 28)));
        }
        clock.at(Instant.parse("2027-03-27T22:59:59Z"), () -> assertThat(clock.today()).isEqualTo(LocalDate.of(2027, 3, 27)));
        clock.at(Instant.parse("2027-10-31T22:59:59Z"),
                () -> assertThat(clock.today()).as("the day of 25 hours").isEqualTo(LocalDate.of(2027, 10, 31)));
        jdbc.update("DELETE FROM device_reading WHERE sent_at > '2027-01-01'");
    }

    /** Behind a proxy that is named: cookies go by TLS alone, the browser is told to stay with it, and the log knows who asked. */
    @Test
    void aNamedProxyIsBelieved() throws Exception {
        HttpResponse<String> answer = throughProxy(url);
        assertThat(answer.headers().firstValue("Strict-Transport-Security")).hasValueSatisfying(h -> assertThat(h).contains("max-age="));
        assertThat(answer.headers().allValues("Set-Cookie")).isNotEmpty().allMatch(c -> c.contains("Secure"));
        ShopClient orla = ShopClient.signedIn(url, "orla");
        assertThat(orla.get("/api/doors").body().path("notes").valueStream().map(n -> n.path("address").asString()).toList())
                .contains("192.0.2.9", "127.0.0.1");
    }

    /** Signs in, or tries to, as a proxy hands it on. */
    static HttpResponse<String> throughProxy(String url) throws Exception {
        CookieManager cookies = new CookieManager();
        HttpClient http = HttpClient.newBuilder().build();
        HttpResponse<String> first = http.send(HttpRequest.newBuilder(URI.create(url + "/api/session")).build(), BodyHandlers.ofString());
        cookies.put(URI.create(url), first.headers().map());
        String token = cookies.getCookieStore().getCookies().get(0).getValue();
        return http.send(HttpRequest.newBuilder(URI.create(url + "/api/session")).header("X-Forwarded-Proto", "https")
                .header("X-Forwarded-For", "192.0.2.9").header("Cookie", "XSRF-TOKEN=" + token).header("X-XSRF-TOKEN", token)
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString("{\"username\":\"tova\",\"password\":\"wharf-tova\"}")).build(),
                BodyHandlers.ofString());
    }
}
