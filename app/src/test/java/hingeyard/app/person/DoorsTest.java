package hingeyard.app.person;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.AtOnce;
import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.app.ShopClient.Answer;
import java.io.BufferedReader;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** Coming in, going out, being kept out: sessions, wrong passwords, and what the manager reads of them. */
@ExtendWith(RunningApp.class)
class DoorsTest {

    private static final String RIGHT_PIN = "{\"username\":\"ned\",\"pin\":\"1470\"}";
    private static final String WRONG_PIN = "{\"username\":\"ned\",\"pin\":\"9051\"}";

    private String url;
    private JdbcTemplate jdbc;
    private ShopClient orla;

    @BeforeEach
    void manager(RunningApp.App app) {
        url = app.url();
        jdbc = app.bean(JdbcTemplate.class);
        orla = ShopClient.signedIn(url, "orla");
    }

    private static String password(String username, String password) {
        return "{\"username\":\"%s\",\"password\":\"%s\"}".formatted(username, password);
    }

    private JsonNode doors() {
        return orla.get("/api/doors").body();
    }

    /** Sixteen at once are looked at no more often than one after the other: the right one among those that come too late is refused. */
    @Test
    void wrongOnesAtOnceCountLikeWrongOnesOneAfterTheOther() throws Exception {
        ShopClient tablet = ShopClient.signedIn(url, "tova");
        List<Callable<Answer>> tries = Collections.nCopies(16, () -> tablet.post("/api/session/switch", WRONG_PIN));
        List<Answer> answers = AtOnce.run(tries);
        assertThat(answers).filteredOn(a -> a.detail().equals("That is not their PIN.")).hasSize(Attempts.FREE);
        assertThat(answers).filteredOn(a -> a.status() == 429).hasSize(16 - Attempts.FREE);
        assertThat(tablet.post("/api/session/switch", RIGHT_PIN).status()).isEqualTo(429);
        assertThat(doors().path("locks").get(0).path("username").asString()).isEqualTo("ned");
        assertThat(orla.delete("/api/doors/locks/ned", "").status()).isEqualTo(204);
        assertThat(tablet.post("/api/session/switch", RIGHT_PIN).status()).isEqualTo(200);
        assertThat(said("ned")).startsWith("took a tablet over by PIN", "unlocked").contains("locked", "tried in vain");
    }

    private List<String> said(String who) {
        return doors().path("notes").valueStream().filter(n -> n.path("who").asString().equals(who)).map(n -> n.path("said").asString())
                .toList();
    }

    @Test
    void whoHasToWaitIsToldForHowLong() {
        ShopClient stranger = ShopClient.stranger(url);
        for (int i = 0; i < Attempts.FREE; i++) {
            assertThat(stranger.post("/api/session", password("rian", "wrong")).status()).isEqualTo(401);
        }
        var refused = stranger.answer("/api/session", password("rian", "wharf-rian"));
        assertThat(refused.statusCode()).isEqualTo(429);
        assertThat(refused.headers().firstValue("Retry-After").map(Long::parseLong))
                .hasValueSatisfying(s -> assertThat(s).isBetween(1L, 31L));
        assertThat(refused.body()).contains("ask the manager to unlock it");
    }

    /** From everywhere together many more are free, and none at all for where somebody came in from before. */
    @Test
    void aStrangersMissesDoNotKeepTheOwnerOut() {
        jdbc.update(
                "INSERT INTO failed_attempt (what, failures, last_at) VALUES ('password orla 203.0.113.7', 60, NOW(3)), ('password orla *', 60, NOW(3))");
        assertThat(ShopClient.stranger(url).post("/api/session", password("orla", "wharf-orla")).status()).as("from where she always is")
                .isEqualTo(200);
        jdbc.update(
                "INSERT INTO failed_attempt (what, failures, last_at) VALUES ('password orla *', 60, NOW(3)) ON DUPLICATE KEY UPDATE failures = 60, last_at = NOW(3)");
        jdbc.update("UPDATE security_event SET address = '198.51.100.4' WHERE who = 'orla' AND what = 'SIGNED_IN'");
        assertThat(ShopClient.stranger(url).post("/api/session", password("orla", "wharf-orla")).status()).as("from somewhere new")
                .isEqualTo(429);
    }

    /** A password typed in the field of the name is not kept where the manager reads. */
    @Test
    void aNameThatNobodyHasIsNotWrittenDown() {
        ShopClient stranger = ShopClient.stranger(url);
        for (int i = 0; i < Attempts.FREE; i++) {
            stranger.post("/api/session", password("my secret Mot de passe", "x"));
        }
        assertThat(stranger.post("/api/session", password("my secret Mot de passe", "x")).status()).as("locked like any other")
                .isEqualTo(429);
        String kept = doors().toString() + jdbc.queryForList("SELECT * FROM failed_attempt")
                + jdbc.queryForList("SELECT * FROM security_event");
        assertThat(kept).contains("#").doesNotContain("secret Mot").doesNotContain("wharf-").doesNotContain("$2a$");
    }

    @Test
    void aSessionHoldsNoPasswordsHash() {
        ShopClient.signedIn(url, "tova");
        List<byte[]> kept = jdbc.queryForList("SELECT ATTRIBUTE_BYTES FROM SPRING_SESSION_ATTRIBUTES", byte[].class);
        assertThat(kept).isNotEmpty().extracting(b -> new String(b, StandardCharsets.ISO_8859_1))
                .noneMatch(text -> text.contains("$2a$") || text.contains("wharf-")).anyMatch(text -> text.contains("tova"));
    }

    /** A tablet that was lost: its session ends, and what it listened to with it. */
    @Test
    void somebodyIsSignedOutFromAfarAndHearsNothingMore() throws Exception {
        ShopClient lost = ShopClient.signedIn(url, "rian");
        try (BufferedReader stream = lost.listen()) {
            assertThat(stream.readLine()).contains("hello");
            JsonNode session = doors().path("sessions").valueStream().filter(s -> s.path("username").asString().equals("rian")).findFirst()
                    .orElseThrow();
            assertThat(session.path("handle").asString()).isNotEqualTo(lost.cookie("YARD"));
            assertThat(orla.delete("/api/doors/sessions/" + session.path("handle").asString(), "").status()).isEqualTo(204);
            assertThat(stream.lines().filter(l -> l.contains("changed"))).as("read to its end").isEmpty();
        }
        assertThat(lost.get("/api/yard").status()).isEqualTo(401);
        assertThat(said("rian").get(0)).isEqualTo("signed out from afar");
        assertThat(orla.delete("/api/doors/sessions/nothing", "").status()).isEqualTo(404);
    }

    @Test
    void theStreamEndsWhenWhoeverListensSignsOutAnywhere() throws Exception {
        ShopClient tova = ShopClient.signedIn(url, "tova");
        try (BufferedReader here = tova.listen()) {
            assertThat(here.readLine()).contains("hello");
            assertThat(tova.delete("/api/session", "").status()).isEqualTo(204);
            assertThat(here.lines().filter(l -> l.contains("changed"))).isEmpty();
        }
        ShopClient ned = ShopClient.signedIn(url, "ned");
        try (BufferedReader there = ned.listen()) {
            assertThat(there.readLine()).contains("hello");
            // Another instance took the session away.
            jdbc.update("DELETE FROM SPRING_SESSION WHERE PRINCIPAL_NAME = 'ned'");
            assertThat(there.lines().filter(l -> l.contains("changed"))).isEmpty();
        }
    }

    /** Whatever is done in between: after a working day the password is asked for again. */
    @Test
    void aSessionLastsNoLongerThanADay() {
        ShopClient ned = ShopClient.signedIn(url, "ned");
        assertThat(ned.get("/api/yard").status()).isEqualTo(200);
        jdbc.update("UPDATE SPRING_SESSION SET CREATION_TIME = ? WHERE PRINCIPAL_NAME = 'ned'",
                Instant.now().minus(Doors.LONGEST).minus(Duration.ofMinutes(1)).toEpochMilli());
        assertThat(ned.get("/api/yard").status()).isEqualTo(401);
        assertThat(ned.get("/api/session").body().path("who").isMissingNode()).isTrue();
    }

    /** Whoever can plant a cookie in a browser has no token that fits its session. */
    @Test
    void aPlantedTokenFitsNoSession() {
        ShopClient tova = ShopClient.signedIn(url, "tova");
        assertThat(tova.post("/api/jobs/999999/place", "{\"to\":\"RACK\"}").status()).isEqualTo(404);
        tova.plant("XSRF-TOKEN", "00000000-0000-0000-0000-000000000000");
        Answer refused = tova.post("/api/jobs/999999/place", "{\"to\":\"RACK\"}");
        assertThat(refused.status()).isEqualTo(403);
        assertThat(tova.post("/api/jobs/999999/place", "{\"to\":\"RACK\"}").status()).as("with the new one it was told").isEqualTo(404);
    }

    @Test
    void aPasswordIsChangedAgainstTheOneBeforeAndEndsEveryOtherSession() {
        ShopClient here = ShopClient.signedIn(url, "ned");
        ShopClient there = ShopClient.signedIn(url, "ned");
        String given = "{\"password\":\"%s\",\"fresh\":\"%s\"}";
        assertThat(here.put("/api/session/password", given.formatted("wrong", "copper kettle moons")).status()).isEqualTo(401);
        assertThat(here.put("/api/session/password", given.formatted("wharf-ned", "Password2026!")).body().path("faults").toString())
                .contains("fresh", "hidden").doesNotContain("Password2026");
        assertThat(there.get("/api/yard").status()).isEqualTo(200);
        try {
            assertThat(here.put("/api/session/password", given.formatted("wharf-ned", "copper kettle moons")).status()).isEqualTo(204);
            assertThat(here.get("/api/yard").status()).isEqualTo(200);
            assertThat(there.get("/api/yard").status()).isEqualTo(401);
            assertThat(ShopClient.stranger(url).post("/api/session", password("ned", "wharf-ned")).status()).isEqualTo(401);
            assertThat(ShopClient.stranger(url).post("/api/session", password("ned", "copper kettle moons")).status()).isEqualTo(200);
        } finally {
            jdbc.update("UPDATE person SET password_hash = ? WHERE username = 'ned'",
                    new org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder().encode("wharf-ned"));
        }
    }

    /** What one is not allowed is noted, and what leaves the shop as data. */
    @Test
    void refusalsAndExportsAreNoted() {
        ShopClient tova = ShopClient.signedIn(url, "tova");
        assertThat(tova.get("/api/audit").detail()).startsWith("Only the service manager may read audits");
        assertThat(ShopClient.signedIn(url, "ines").bytes("/api/parts/parts.csv").statusCode()).isEqualTo(200);
        assertThat(doors().path("notes").valueStream().map(n -> n.path("who").asString() + ": " + n.path("said").asString() + ": "
                + n.path("detail").asString()).toList())
                .contains("tova: tried what is not theirs to do: read audits and refused hold points",
                        "ines: took data out: list of all parts");
    }

    @Test
    void noTwoPeopleHaveOneName(RunningApp.App app) {
        assertThat(Stream.of("Tova", "tova").map(name -> {
            try {
                app.bean(Staff.class).add("second-" + name, name, java.util.Set.of(hingeyard.core.rights.Role.TECHNICIAN),
                        "copper kettle moons");
                return "added";
            } catch (org.springframework.dao.DataIntegrityViolationException taken) {
                return "taken";
            }
        })).containsExactly("taken", "taken");
    }
}
