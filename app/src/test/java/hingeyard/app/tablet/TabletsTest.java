package hingeyard.app.tablet;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.app.ShopClient.Answer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.JdbcTemplate;

/** A tablet on the wall: known by a code, opened by a PIN, and of no use to anybody once it is let go. */
@ExtendWith(RunningApp.class)
class TabletsTest {

    private static final String PIN = "482915";
    private ShopClient orla;
    private String url;
    private JdbcTemplate jdbc;

    @BeforeEach
    void aPin(RunningApp.App app) {
        url = app.url();
        jdbc = app.bean(JdbcTemplate.class);
        orla = ShopClient.signedIn(url, "orla");
        assertThat(ShopClient.signedIn(url, "tova")
                .put("/api/session/pin", "{\"password\":\"wharf-tova\",\"pin\":\"%s\"}".formatted(PIN)).status()).isEqualTo(204);
    }

    @AfterEach
    void asBefore() {
        jdbc.update("DELETE FROM tablet");
        jdbc.update("DELETE FROM tablet_code");
        jdbc.update("UPDATE person SET standing = 'ACTIVE' WHERE username = 'tova'");
    }

    private String code(String name, String stand) {
        Answer made = orla.post("/api/tablets/codes", "{\"name\":\"%s\"%s}".formatted(name, stand == null ? "" : ",\"stand\":" + stand));
        assertThat(made.status()).as("%s", made).isEqualTo(200);
        return made.body().path("code").asString();
    }

    private static Answer pair(ShopClient tablet, String code) {
        return tablet.post("/api/tablets/pair", "{\"code\":\"%s\"}".formatted(code));
    }

    private static Answer pin(ShopClient tablet, String username, String pin) {
        return tablet.post("/api/session/pin", "{\"username\":\"%s\",\"pin\":\"%s\"}".formatted(username, pin));
    }

    private ShopClient paired(String name, String stand) {
        ShopClient tablet = ShopClient.stranger(url);
        assertThat(pair(tablet, code(name, stand)).status()).isEqualTo(200);
        return tablet;
    }

    private int idOf(String name) {
        return jdbc.queryForObject("SELECT id FROM tablet WHERE name = ?", Integer.class, name);
    }

    @Test
    void aTabletIsPairedOnceAndOpensByPin() {
        ShopClient tablet = ShopClient.stranger(url);
        assertThat(tablet.get("/api/session").body().has("tablet")).isFalse();
        assertThat(tablet.get("/api/session/pins").body().path("hands").size()).as("nobody’s name is told to a stranger").isZero();
        assertThat(pin(tablet, "tova", PIN).status()).as("a PIN alone opens nothing").isEqualTo(403);

        String code = code("Wall at stand 3", "3");
        // As one types it.
        assertThat(pair(tablet, code.replace("-", " ").toLowerCase(Locale.ROOT)).status()).isEqualTo(200);
        assertThat(tablet.get("/api/session").body().path("tablet").path("name").asString()).isEqualTo("Wall at stand 3");
        assertThat(tablet.get("/api/session").body().path("tablet").path("stand").asInt()).isEqualTo(3);
        assertThat(tablet.get("/api/yard").status()).as("known is not signed in").isEqualTo(401);
        assertThat(tablet.get("/api/session/pins").body().path("hands").size()).isGreaterThan(3);

        assertThat(pin(tablet, "tova", "000111").status()).isEqualTo(409);
        assertThat(pin(tablet, "tova", PIN).body().path("who").path("username").asString()).isEqualTo("tova");
        assertThat(tablet.get("/api/yard").status()).isEqualTo(200);
        assertThat(pair(ShopClient.stranger(url), code).status()).as("a code counts once").isEqualTo(422);
        assertThat(jdbc.queryForObject(
                "SELECT COUNT(*) FROM security_event WHERE who = 'tova' AND detail = 'by PIN at Wall at stand 3'", Integer.class))
                .isPositive();
    }

    @Test
    void ofManyWhoUseOneCodeAtOnceOneIsPaired() throws Exception {
        String code = code("Wanderer", null);
        ExecutorService at = Executors.newFixedThreadPool(6);
        List<Callable<Integer>> tries = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            ShopClient tablet = ShopClient.stranger(url);
            tries.add(() -> pair(tablet, code).status());
        }
        List<Integer> answers = new ArrayList<>();
        for (Future<Integer> f : at.invokeAll(tries)) {
            answers.add(f.get());
        }
        at.shutdown();
        assertThat(answers).containsOnlyOnce(200).allMatch(s -> s == 200 || s == 422);
        assertThat(orla.get("/api/tablets").body().path("tablets").size()).isEqualTo(1);
    }

    /** A lost tablet: whoever is signed in at it is signed out, and no PIN opens it again. Others’ sessions stay. */
    @Test
    void aLostTabletOpensToNobody() {
        ShopClient lost = paired("Lost one", "2");
        ShopClient kept = paired("Kept one", "1");
        assertThat(pin(lost, "tova", PIN).status()).isEqualTo(200);
        assertThat(pin(kept, "tova", PIN).status()).isEqualTo(200);
        assertThat(orla.delete("/api/tablets/" + idOf("Lost one"), "").status()).isEqualTo(204);
        assertThat(lost.get("/api/yard").status()).isEqualTo(401);
        assertThat(pin(lost, "tova", PIN).status()).isEqualTo(403);
        assertThat(kept.get("/api/yard").status()).isEqualTo(200);
        assertThat(orla.delete("/api/tablets/999999", "").status()).isEqualTo(404);
    }

    /** A tablet hangs at one place: with a new code it is what it was before no more. */
    @Test
    void aTabletThatIsPairedAnewIsOneTablet() {
        ShopClient tablet = paired("Wall at stand 3", "3");
        assertThat(pin(tablet, "tova", PIN).status()).isEqualTo(200);
        assertThat(pair(tablet, code("Wall at stand 1", "1")).status()).isEqualTo(200);
        assertThat(jdbc.queryForList("SELECT name FROM tablet", String.class)).containsExactly("Wall at stand 1");
        assertThat(tablet.get("/api/session").body().path("tablet").path("stand").asInt()).isEqualTo(1);
        assertThat(tablet.get("/api/yard").status()).as("whoever was in signs in anew").isEqualTo(401);
        assertThat(pair(tablet, "AAAA-BBBB-CCCC").status()).isEqualTo(422);
        assertThat(tablet.get("/api/session").body().path("tablet").path("stand").asInt()).as("a wrong code changes nothing").isEqualTo(1);
    }

    /** Whoever took the tablet over at it is signed out with it, too. */
    @Test
    void handsThatChangedAtALostTabletAreSignedOut() {
        ShopClient lost = paired("Lost one", "2");
        assertThat(pin(lost, "tova", PIN).status()).isEqualTo(200);
        assertThat(ShopClient.signedIn(url, "rian").put("/api/session/pin", "{\"password\":\"wharf-rian\",\"pin\":\"730561\"}").status())
                .isEqualTo(204);
        assertThat(lost.post("/api/session/switch", "{\"username\":\"rian\",\"pin\":\"730561\"}").status()).isEqualTo(200);
        orla.delete("/api/tablets/" + idOf("Lost one"), "");
        assertThat(lost.get("/api/yard").status()).isEqualTo(401);
    }

    /** Somebody who signed in there by password before it was paired is on no tablet the shop knows until they sign in anew. */
    @Test
    void whoeverIsPausedOpensNoTablet() {
        ShopClient tablet = paired("Wanderer", null);
        jdbc.update("UPDATE person SET standing = 'PAUSED' WHERE username = 'tova'");
        assertThat(pin(tablet, "tova", PIN).status()).isNotEqualTo(200);
        assertThat(tablet.get("/api/yard").status()).isEqualTo(401);
    }

    @Test
    void aPinIsNotGuessedAtATabletEither() {
        ShopClient tablet = paired("Wanderer", null);
        for (int i = 0; i < 5; i++) {
            assertThat(pin(tablet, "tova", "9876" + i).status()).isEqualTo(409);
        }
        assertThat(pin(tablet, "tova", PIN).status()).isEqualTo(429);
    }

    @Test
    void aCodeCountsForAnHourAndUntilAnotherIsMade() {
        String first = code("Wall", "1");
        String second = code("Wall", "1");
        assertThat(pair(ShopClient.stranger(url), first).status()).as("the newer counts").isEqualTo(422);
        jdbc.update("UPDATE tablet_code SET until = UTC_TIMESTAMP(3) - INTERVAL 1 SECOND");
        assertThat(pair(ShopClient.stranger(url), second).status()).as("its time is over").isEqualTo(422);
        String third = code("Wall", "1");
        assertThat(orla.get("/api/tablets").body().path("codes").size()).isEqualTo(1);
        assertThat(orla.delete("/api/tablets/codes/Wall", "").status()).isEqualTo(204);
        assertThat(pair(ShopClient.stranger(url), third).status()).as("taken back").isEqualTo(422);
    }

    /** What cannot be is told at its field. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            {"name":" "}                  | name
            {"name":"x","stand":77}       | stand
            {"name":"x","stand":"three"}  | stand
            {"name":"12345678901234567890123456789012345678901"} | name
            {"name":"There already"}      | name
            """)
    void whatCannotBeIsToldAtItsField(String body, String field) {
        paired("There already", null);
        Answer answer = orla.post("/api/tablets/codes", body);
        assertThat(answer.status()).as("%s", answer).isIn(400, 422);
        assertThat(answer.body().path("faults").get(0).path("field").asString()).isEqualTo(field);
        assertThat(orla.get("/api/tablets").body().path("codes").size()).isZero();
    }

    /** Nothing that opens a door lies in the database. */
    @Test
    void neitherCodeNorTokenIsKept() {
        String code = code("Wall", "1");
        String kept = jdbc.queryForList("SELECT CONCAT_WS(' ', name, code_hash) FROM tablet_code", String.class).toString();
        assertThat(kept).doesNotContain(code).doesNotContain(code.replace("-", ""));
        assertThat(jdbc.queryForList("SELECT detail FROM security_event WHERE what = 'TABLET'", String.class).toString())
                .contains("code made by").doesNotContain(code);
        assertThat(orla.get("/api/tablets").body().has("network")).as("in the tests nothing listens but this machine").isFalse();
    }
}
