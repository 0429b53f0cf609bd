package hingeyard.app.person;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.app.ShopClient.Answer;
import hingeyard.app.Shopfloor;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** Somebody new: by code, with a password of their own; another role, paused, gone, back. Every road in is walked for each. */
@ExtendWith(RunningApp.class)
class JoiningTest {

    private static final String GOOD = "four small brass bells";
    private ShopClient orla;
    private String url;
    private JdbcTemplate jdbc;

    @BeforeEach
    void somebodyNew(RunningApp.App app) {
        url = app.url();
        jdbc = app.bean(JdbcTemplate.class);
        orla = ShopClient.signedIn(url, "orla");
        assertThat(orla.post("/api/accounts", "{\"username\":\"berit\",\"displayName\":\"Berit\",\"roles\":[\"TECHNICIAN\"]}").status())
                .isEqualTo(200);
    }

    /** Others count who works here. */
    @AfterEach
    void asBefore() {
        List.of("person_skill", "person_hours", "person_absence", "person_team").forEach(table -> jdbc
                .update("DELETE FROM %s WHERE person_id = (SELECT id FROM person WHERE username = 'berit')".formatted(table)));
        List.of("person_pin", "person_code", "person").forEach(t -> jdbc.update("DELETE FROM %s WHERE username = 'berit'".formatted(t)));
    }

    private String code() {
        Answer made = orla.post("/api/accounts/berit/code", "{}");
        assertThat(made.status()).as("%s", made).isEqualTo(200);
        return made.body().path("code").asString();
    }

    private static String come(String code, String password, String pin) {
        return "{\"username\":\"berit\",\"code\":\"%s\",\"fresh\":\"%s\"%s}".formatted(code, password,
                pin == null ? "" : ",\"pin\":\"" + pin + "\"");
    }

    private JsonNode account(String username) {
        return StreamSupport.stream(orla.get("/api/accounts").body().path("accounts").spliterator(), false)
                .filter(a -> a.path("username").asString().equals(username)).findFirst().orElseThrow();
    }

    private int signIn(String password) {
        return ShopClient.stranger(url).post("/api/session", "{\"username\":\"berit\",\"password\":\"%s\"}".formatted(password)).status();
    }

    @Test
    void somebodyNewChoosesTheirOwnPassword() {
        assertThat(account("berit").path("password").asBoolean()).isFalse();
        assertThat(member("berit").path("hours")).as("in when the shop is open").hasSize(5);
        String code = code();
        assertThat(jdbc.queryForObject("SELECT code_hash FROM person_code WHERE username = 'berit'", String.class)).doesNotContain(code);
        assertThat(account("berit").has("codeUntil")).isTrue();
        ShopClient berit = ShopClient.stranger(url);
        Answer in = berit.post("/api/session/code", come(code.toLowerCase(java.util.Locale.ROOT).replace("-", ""), GOOD, "2846"));
        assertThat(in.status()).as("%s", in).isEqualTo(200);
        assertThat(in.body().path("who").path("displayName").asString()).isEqualTo("Berit");
        assertThat(berit.get("/api/yard").status()).isEqualTo(200);
        assertThat(signIn(GOOD)).isEqualTo(200);
        assertThat(ShopClient.signedIn(url, "tova").post("/api/session/switch", "{\"username\":\"berit\",\"pin\":\"2846\"}").status())
                .isEqualTo(200);
        assertThat(account("berit").path("password").asBoolean() && account("berit").path("pin").asBoolean()).isTrue();
        // It counts once.
        assertThat(ShopClient.stranger(url).post("/api/session/code", come(code, "another long sentence", null)).status()).isEqualTo(422);
        assertThat(signIn(GOOD)).isEqualTo(200);
    }

    @Test
    void ofTwoWhoUseACodeAtOnceOneIsLetIn() throws Exception {
        String code = code();
        ExecutorService both = Executors.newFixedThreadPool(2);
        try {
            List<Integer> answers = new ArrayList<>();
            List<Callable<Integer>> tries = List.of("the first of two sentences", "the second of both ones").stream()
                    .<Callable<Integer>>map(p -> {
                        ShopClient stranger = ShopClient.stranger(url);
                        return () -> stranger.post("/api/session/code", come(code, p, null)).status();
                    }).toList();
            for (Future<Integer> answer : both.invokeAll(tries)) {
                answers.add(answer.get());
            }
            assertThat(answers).containsExactlyInAnyOrder(200, 422);
        } finally {
            both.shutdown();
        }
    }

    /** A password that cannot be is no try at the code, and the code still counts; a newer code takes an older one's place. */
    @Test
    void aCodeCountsUntilItIsUsedOrAnotherIsMade() {
        String first = code();
        ShopClient stranger = ShopClient.stranger(url);
        for (int i = 0; i < 8; i++) {
            Answer weak = stranger.post("/api/session/code", come(first, "password1234", null));
            assertThat(weak.status()).as("%s", weak).isEqualTo(422);
            assertThat(weak.body().path("faults").toString()).contains("fresh").doesNotContain("password1234");
        }
        assertThat(stranger.post("/api/session/code", come(first, GOOD, "1111")).body().path("faults").toString()).contains("pin");
        String second = code();
        assertThat(stranger.post("/api/session/code", come(first, GOOD, null)).status()).isEqualTo(422);
        assertThat(stranger.post("/api/session/code", come(second, GOOD, null)).status()).isEqualTo(200);
        String late = code();
        jdbc.update("UPDATE person_code SET until = UTC_TIMESTAMP(3) - INTERVAL 1 SECOND WHERE username = 'berit'");
        assertThat(stranger.post("/api/session/code", come(late, GOOD, null)).status()).isEqualTo(422);
    }

    @Test
    void whoGuessesCodesWaits() {
        code();
        ShopClient stranger = ShopClient.stranger(url);
        List<Integer> answers = new ArrayList<>();
        for (int i = 0; i < 7; i++) {
            answers.add(stranger.post("/api/session/code", come("AAAA-AAAA-AAA" + (2 + i), GOOD, null)).status());
        }
        assertThat(answers).startsWith(422, 422, 422, 422, 422).endsWith(429);
        assertThat(orla.get("/api/doors").body().path("locks").toString()).contains("berit", "code");
        orla.delete("/api/doors/locks/berit", "{}");
        assertThat(stranger.post("/api/session/code", come(code(), GOOD, null)).status()).isEqualTo(200);
        // A name that nobody has answers alike.
        assertThat(
                ShopClient.stranger(url).post("/api/session/code", come("AAAA-AAAA-AAAA", GOOD, null).replace("berit", "nobody")).status())
                .isEqualTo(422);
    }

    /** Out through every door at once: session, password, PIN, code, plan; and back with what they had, or anew. */
    @ParameterizedTest
    @CsvSource({"PAUSED, 200, true", "GONE, 401, false"})
    void whoDoesNotWorkHereDoesNotGetIn(String standing, int passwordAfterwards, boolean pinAfterwards) {
        ShopClient berit = ShopClient.stranger(url);
        assertThat(berit.post("/api/session/code", come(code(), GOOD, "2846")).status()).isEqualTo(200);
        String open = code();
        Answer out = orla.put("/api/accounts/berit/standing", "{\"standing\":\"%s\"}".formatted(standing));
        assertThat(out.status()).as("%s", out).isEqualTo(200);
        assertThat(berit.get("/api/yard").status()).as("the session").isEqualTo(401);
        assertThat(berit.get("/api/session").body().has("who")).as("what the page is told").isFalse();
        assertThat(signIn(GOOD)).as("the password").isEqualTo(401);
        assertThat(ShopClient.signedIn(url, "tova").post("/api/session/switch", "{\"username\":\"berit\",\"pin\":\"2846\"}").status())
                .as("the PIN").isNotEqualTo(200);
        assertThat(ShopClient.signedIn(url, "tova").get("/api/session/hands").body().toString()).doesNotContain("Berit");
        assertThat(ShopClient.stranger(url).post("/api/session/code", come(open, GOOD, null)).status()).as("the code").isEqualTo(422);
        assertThat(orla.post("/api/accounts/berit/code", "{}").status()).as("a new code").isEqualTo(409);
        assertThat(member("berit").path("steps").asBoolean()).as("planned for").isFalse();
        assertThat(orla.put("/api/accounts/berit/standing", "{\"standing\":\"ACTIVE\"}").status()).isEqualTo(200);
        assertThat(signIn(GOOD)).as("their password afterwards").isEqualTo(passwordAfterwards);
        assertThat(account("berit").path("pin").asBoolean()).isEqualTo(pinAfterwards);
        assertThat(berit.get("/api/yard").status()).as("the session stays over").isEqualTo(401);
    }

    private JsonNode member(String username) {
        return StreamSupport.stream(orla.get("/api/people").body().path("people").spliterator(), false)
                .filter(m -> m.path("username").asString().equals(username)).findFirst().orElseThrow();
    }

    /** A step in the hands of somebody who left could be ticked by nobody: it is handed over first, by the manager where they cannot. */
    @Test
    void whatSomebodyHasInHandIsHandedOverBeforeTheyLeave(RunningApp.App app) throws java.io.IOException {
        ShopClient berit = ShopClient.stranger(url);
        assertThat(berit.post("/api/session/code", come(code(), GOOD, null)).status()).isEqualTo(200);
        Shopfloor floor = new Shopfloor(app);
        long job = floor.billedLike("MID_DRIVE", "426", "VM4-S", java.util.Optional.empty());
        floor.everythingComes(job);
        floor.toTheStand(job);
        String step = berit.get("/api/jobs/%d/steps".formatted(job)).body().path("now").path("steps").path(0).path("key").asString();
        String steps = "/api/jobs/%d/steps/".formatted(job);
        assertThat(berit.post(steps + step + "/start", "{}").status()).isEqualTo(200);
        assertThat(berit.post(steps + "battery-out", "{}").status()).isEqualTo(200);
        for (String standing : List.of("PAUSED", "GONE")) {
            Answer refused = orla.put("/api/accounts/berit/standing", "{\"standing\":\"%s\"}".formatted(standing));
            assertThat(refused.status()).isEqualTo(409);
            assertThat(refused.detail()).contains("a step of job " + job, "Hand it over at the stand first");
        }
        Answer otherWork = orla.put("/api/accounts/berit/roles", "{\"roles\":[\"STOCK_KEEPER\"]}");
        assertThat(otherWork.status()).as("who keeps the stock could not end the step").isEqualTo(409);
        assertThat(otherWork.detail()).contains("a step of job " + job);
        assertThat(berit.get("/api/yard").status()).as("nothing was changed").isEqualTo(200);
        assertThat(ShopClient.signedIn(url, "tova").post(steps + step + "/pause", "{\"note\":\"bolt loose\"}").status()).isEqualTo(409);
        Answer handed = orla.post(steps + step + "/pause", "{\"note\":\"bolt only hand-tight\"}");
        assertThat(handed.status()).as("%s", handed).isEqualTo(200);
        assertThat(handed.body().toString()).contains("Orla M. for Berit: bolt only hand-tight");
        assertThat(orla.put("/api/accounts/berit/standing", "{\"standing\":\"GONE\"}").status()).isEqualTo(200);
        assertThat(jdbc.queryForObject("SELECT COUNT(*) FROM battery_hold WHERE person = 'Berit'", Integer.class)).isZero();
        assertThat(ShopClient.signedIn(url, "tova").post(steps + step + "/start", "{}").status()).isEqualTo(200);
        floor.leaveTheStand(job, step);
    }

    /** Paused while the answer to the password was under way: the session that was let in late is nobody's. */
    @Test
    void aSessionThatCameInLateIsNobodys() {
        ShopClient berit = ShopClient.stranger(url);
        assertThat(berit.post("/api/session/code", come(code(), GOOD, null)).status()).isEqualTo(200);
        // Written past the command, as a session that is saved after the others were ended.
        jdbc.update("UPDATE person SET standing = 'PAUSED' WHERE username = 'berit'");
        assertThat(berit.get("/api/yard").status()).isEqualTo(401);
        assertThat(berit.post("/api/jobs", "{}").status()).isIn(401, 403);
    }

    /** Another role counts from the next tap on, without signing in anew. */
    @Test
    void anotherRoleCountsAtOnce() {
        ShopClient berit = ShopClient.stranger(url);
        assertThat(berit.post("/api/session/code", come(code(), GOOD, null)).status()).isEqualTo(200);
        assertThat(berit.get("/api/accounts").status()).isEqualTo(403);
        assertThat(berit.get("/api/drawers/audit").status()).isEqualTo(403);
        assertThat(orla.put("/api/accounts/berit/roles", "{\"roles\":[\"TECHNICIAN\",\"STOCK_KEEPER\"]}").status()).isEqualTo(200);
        assertThat(berit.get("/api/drawers/audit").status()).isEqualTo(200);
        assertThat(berit.get("/api/session").body().path("who").path("roles").toString()).isEqualTo("[\"TECHNICIAN\",\"STOCK_KEEPER\"]");
        assertThat(orla.put("/api/accounts/berit/roles", "{\"roles\":[\"STOCK_KEEPER\"]}").status()).isEqualTo(200);
        assertThat(berit.get("/api/session").body().path("rights").toString())
                .contains("{\"right\":\"DO_STEPS\",\"ruling\":{\"allowed\":false");
        assertThat(member("berit").path("steps").asBoolean()).isFalse();
    }

    @Test
    void theLastManagerStays() {
        Answer alone = orla.put("/api/accounts/orla/standing", "{\"standing\":\"PAUSED\"}");
        assertThat(alone.status()).isEqualTo(422);
        assertThat(alone.detail()).contains("another service manager first");
        assertThat(orla.put("/api/accounts/orla/roles", "{\"roles\":[\"TECHNICIAN\"]}").status()).isEqualTo(422);
        assertThat(orla.put("/api/accounts/orla/standing", "{\"standing\":\"GONE\"}").status()).isEqualTo(422);
        assertThat(orla.get("/api/accounts").status()).isEqualTo(200);
    }

    @ParameterizedTest
    @CsvSource({"username, Orla!, Somebody", "username, orla, Somebody", "displayName, other, ' berit '", "displayName, other, ' '",
        "roles, other, Somebody"})
    void whatCannotBeIsToldAtItsField(String field, String username, String displayName) {
        Answer answer = orla.post("/api/accounts", "{\"username\":\"%s\",\"displayName\":\"%s\",\"roles\":[%s]}".formatted(username,
                displayName, field.equals("roles") ? "" : "\"TECHNICIAN\""));
        assertThat(answer.status()).as("%s", answer).isEqualTo(422);
        assertThat(answer.body().path("faults").toString()).contains(field);
        assertThat(jdbc.queryForObject("SELECT COUNT(*) FROM person WHERE username = 'other'", Integer.class)).isZero();
    }

    /** What was done at the doors can be read; no code is written anywhere. */
    @Test
    void theDoorsRememberWhoDidWhat() {
        String code = code();
        ShopClient.stranger(url).post("/api/session/code", come(code, GOOD, null));
        String notes = orla.get("/api/doors").body().path("notes").toString();
        assertThat(notes).contains("added as technician by Orla M.", "CODE_MADE", "CAME_BY_CODE").doesNotContain(code);
        Map<String, Object> found = jdbc.queryForMap(
                "SELECT COUNT(*) AS n FROM command_receipt WHERE answer LIKE ?", "%" + code + "%");
        assertThat(found.get("n")).isEqualTo(0L);
    }
}
