package hingeyard.app.opening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.app.HingeYard;
import hingeyard.app.ShopClient;
import hingeyard.app.ShopClient.Answer;
import hingeyard.app.TestDatabase;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.StreamSupport;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;

/** A shop of one's own from its first start: opened once, by the code, whole or not at all; and the demo keeps out of it. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class OpeningTest {

    private static final String CODE = "K7PQ-R4XM-29AB";
    private static TestDatabase database;
    private static ConfigurableApplicationContext app;
    private static String url;

    @BeforeAll
    static void start() {
        database = new TestDatabase();
        app = started("shop");
        url = "http://127.0.0.1:" + app.getEnvironment().getProperty("local.server.port");
    }

    private static ConfigurableApplicationContext started(String profile) {
        return new SpringApplicationBuilder(HingeYard.class).profiles(profile)
                .run(database.arguments("--server.port=0", "--yard.opening.code=" + CODE));
    }

    @AfterAll
    static void stop() {
        app.close();
        database.close();
    }

    private static String opening(String code, String name, String tax, String password) {
        return """
                {"code": "%s", "name": "%s", "address": "Shed 9\\nNorth Quay", "telephone": "ext. 1", "taxNumber": "T-9", "currency": "CHF",
                 "taxPercent": "%s", "labourAnHour": "88", "depositPercent": "30",
                 "stands": [{"number": 1, "name": "", "holds": "CLAMP", "ratedKg": 30}, {"number": 2, "name": "", "holds": "FLOOR"}],
                 "hours": [{"day": "TUESDAY", "from": "09:00", "to": "18:00"}],
                 "manager": {"username": "selma", "displayName": "Selma R.", "fresh": "%s", "roles": ["TECHNICIAN"]}}"""
                .formatted(code, name, tax, password);
    }

    private static final String GOOD = "four small brass bells";

    private static int rows(String table) {
        return app.getBean(JdbcTemplate.class).queryForObject("SELECT COUNT(*) FROM " + table, Integer.class);
    }

    @Test
    @Order(1)
    void anEmptyShopLetsNobodyInAndSaysSo() {
        ShopClient stranger = ShopClient.stranger(url);
        assertThat(stranger.get("/api/session").body().path("shop").toString())
                .isEqualTo("{\"open\":false,\"demo\":false,\"name\":\"\",\"currency\":\"EUR\"}");
        assertThat(stranger.post("/api/session", "{\"username\":\"orla\",\"password\":\"wharf-orla\"}").status()).isEqualTo(401);
        assertThat(stranger.get("/api/yard").status()).isEqualTo(401);
        assertThat(stranger.get("/api/opening").body().path("currencies").toString()).contains("EUR", "CHF").doesNotContain("JPY");
    }

    /** Each by its field, and nothing of it kept. */
    @Test
    @Order(2)
    void whatCannotBeOpensNothing() {
        ShopClient stranger = ShopClient.stranger(url);
        Map.of("code", opening("K7PQ-R4XM-29AC", "Quay", "20", GOOD), "taxPercent", opening(CODE, "Quay", "120", GOOD), "fresh",
                opening(CODE, "Quay", "20", "password1234"), "name", opening(CODE, " ", "20", GOOD), "currency",
                opening(CODE, "Quay", "20", GOOD).replace("CHF", "JPY"), "displayName",
                opening(CODE, "Quay", "20", GOOD).replace("Selma R.", " ".repeat(3)), "username",
                opening(CODE, "Quay", "20", GOOD).replace("selma", "Selma!"), "stands",
                opening(CODE, "Quay", "20", GOOD).replace("\"number\": 2", "\"number\": 1"), "hours",
                opening(CODE, "Quay", "20", GOOD).replace("18:00", "08:00"))
                .forEach((field, sent) -> {
                    Answer answer = stranger.post("/api/opening", sent);
                    assertThat(answer.status()).as("%s: %s", field, answer).isEqualTo(422);
                    assertThat(answer.body().path("faults").toString()).as(field).contains(field);
                    assertThat(answer.toString()).doesNotContain(GOOD, "password1234", CODE);
                });
        assertThat(rows("person") + rows("rule_change")).isZero();
        assertThat(stranger.get("/api/session").body().path("shop").path("open").asBoolean()).isFalse();
    }

    /** Two at two screens press at once: one shop, one manager. */
    @Test
    @Order(3)
    void itIsOpenedOnce() throws Exception {
        ExecutorService two = Executors.newFixedThreadPool(4);
        try {
            List<Callable<Integer>> presses = java.util.stream.IntStream.range(0, 4).<Callable<Integer>>mapToObj(i -> {
                ShopClient stranger = ShopClient.stranger(url);
                return () -> stranger.post("/api/opening", opening(CODE.toLowerCase(java.util.Locale.ROOT), "Quay & Sons", "8.1", GOOD))
                        .status();
            }).toList();
            List<Integer> answers = new java.util.ArrayList<>();
            for (Future<Integer> pressed : two.invokeAll(presses)) {
                answers.add(pressed.get());
            }
            assertThat(answers).containsExactlyInAnyOrder(204, 409, 409, 409);
        } finally {
            two.shutdown();
        }
        assertThat(rows("person")).isEqualTo(1);
        ShopClient selma = signedIn("selma", GOOD);
        assertThat(selma.get("/api/session").body().path("shop").toString())
                .isEqualTo("{\"open\":true,\"demo\":false,\"name\":\"Quay & Sons\",\"currency\":\"CHF\"}");
        assertThat(selma.get("/api/shop").body().path("stands")).hasSize(2);
        assertThat(selma.get("/api/shop").body().path("hours").toString()).contains("TUESDAY", "09:00").doesNotContain("MONDAY");
        assertThat(rule(selma, "bill.tax")).isEqualTo("8.1 %");
        assertThat(rule(selma, "bill.labour")).isEqualTo("88 an hour");
        assertThat(rows("rule_change")).as("the deposit is the standard one").isEqualTo(2);
    }

    private static String rule(ShopClient who, String key) {
        return StreamSupport.stream(who.get("/api/rules").body().spliterator(), false).filter(r -> r.path("key").asString().equals(key))
                .map(r -> r.path("value").asString()).findFirst().orElseThrow();
    }

    private static ShopClient signedIn(String username, String password) {
        ShopClient client = ShopClient.stranger(url);
        assertThat(client.post("/api/session", "{\"username\":\"%s\",\"password\":\"%s\"}".formatted(username, password)).status())
                .isEqualTo(200);
        return client;
    }

    private static List<String> missing(ShopClient who) {
        return StreamSupport.stream(who.get("/api/opening/missing").body().path("missing").spliterator(), false)
                .map(m -> m.path("key").asString()).toList();
    }

    /** What is missing is told until it is there, and each set comes once. */
    @Test
    @Order(4)
    void whatIsMissingIsToldUntilItIsThere() {
        ShopClient selma = signedIn("selma", GOOD);
        assertThat(missing(selma)).containsExactly("KITS", "PARTS", "SUPPLIERS", "SECOND_PERSON", "WRENCHES");
        Answer parts = selma.post("/api/opening/starter/PARTS", "{}");
        assertThat(parts.body().path("brought").asInt()).isEqualTo(73);
        assertThat(selma.post("/api/opening/starter/PARTS", "{}").body().path("brought").asInt()).isZero();
        assertThat(selma.post("/api/opening/starter/KITS", "{}").body().path("brought").asInt()).isEqualTo(3);
        assertThat(missing(selma)).containsExactly("COUNTED", "BOXES", "SUPPLIERS", "SECOND_PERSON", "WRENCHES");
        assertThat(selma.get("/api/opening/missing").body().path("sets")).isEmpty();
        assertThat(selma.get("/api/drawers").body().toString()).as("nothing of a maker, a price or a count").doesNotContain("Tesselby")
                .contains("Bracket spacer 0.5", "Example mid-drive");
        assertThat(selma.get("/api/drawers/audit").body().toString()).isEqualTo("[]");
        selma.post("/api/accounts", "{\"username\":\"jon\",\"displayName\":\"Jon\",\"roles\":[\"TECHNICIAN\",\"STOCK_KEEPER\"]}");
        assertThat(missing(selma)).containsExactly("COUNTED", "BOXES", "SUPPLIERS", "CODES", "WRENCHES");
    }

    /** Under its own name, in its own money, with its sign; and nothing on it says that it is made up. */
    @Test
    @Order(5)
    void itsPapersCarryItsFace() throws IOException {
        ShopClient selma = signedIn("selma", GOOD);
        BufferedImage sign = new BufferedImage(200, 100, BufferedImage.TYPE_INT_ARGB);
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(sign, "png", png);
        assertThat(selma.file("/api/shop/face/sign", "sign.png", png.toByteArray(), Map.of()).body().path("sign").asBoolean()).isTrue();
        assertThat(selma.file("/api/shop/face/sign", "sign.txt", "no picture".getBytes(java.nio.charset.StandardCharsets.UTF_8), Map.of())
                .status()).isEqualTo(422);
        BufferedImage shown = ImageIO.read(new java.io.ByteArrayInputStream(selma.bytes("/api/shop/face/sign").body()));
        assertThat(shown.getRGB(5, 5) & 0xFFFFFF).as("what is clear is white on paper").isGreaterThan(0xF0F0F0);
        long job = selma.book("First of all");
        String tag = text(selma.bytes("/api/jobs/%d/tag.pdf".formatted(job)).body());
        assertThat(tag).contains("Quay & Sons").doesNotContain("made up");
    }

    private static String text(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document);
        }
    }

    /** The demo would write its story and its open passwords into it. */
    @Test
    @Order(6)
    void theDemoKeepsOutOfIt() {
        assertThatThrownBy(() -> started("demo").close()).hasStackTraceContaining("a shop's own");
        assertThat(rows("person")).isEqualTo(2);
        ShopClient selma = signedIn("selma", GOOD);
        assertThat(selma.post("/api/opening", opening(CODE, "Other", "20", GOOD)).status()).isEqualTo(409);
    }
}
