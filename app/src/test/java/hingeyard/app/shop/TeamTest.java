package hingeyard.app.shop;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.app.ShopClient.Answer;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** What somebody does who is not skilled in it waits for somebody who is, on whichever road it was done. */
@ExtendWith(RunningApp.class)
class TeamTest {

    private static final String EVERYTHING = "WHEELS=SKILLED BRAKES=SKILLED ELECTRICS=SKILLED MACHINING=SKILLED";
    private static final String LEARNS = "WHEELS=SKILLED BRAKES=SKILLED ELECTRICS=LEARNING MACHINING=SKILLED";
    private static final String VOLTS = "{\"figures\":{\"battery-volts\":38}}";

    private ShopClient orla;
    private ShopClient tova;
    private ShopClient rian;
    private ShopClient ned;
    private long job;

    @BeforeEach
    void aBoxThatIsCounted(RunningApp.App app) {
        orla = ShopClient.signedIn(app.url(), "orla");
        tova = ShopClient.signedIn(app.url(), "tova");
        rian = ShopClient.signedIn(app.url(), "rian");
        ned = ShopClient.signedIn(app.url(), "ned");
        job = orla.book("Learned on");
        orla.place(job, "RACK", null);
        orla.survey(job, "");
        orla.post("/api/drawers/VM4-S/receipts", "{\"count\":1,\"note\":\"\"}");
        assertThat(orla.bill(job, "VM4-S").status()).isEqualTo(200);
        assertThat(orla.place(job, "STAND", 5).status()).isEqualTo(200);
        ned.step(job, "kit-check", "start", "");
        assertThat(step(ned.step(job, "kit-check", "tick", "{\"figures\":{}}"), "kit-check").path("state").asString()).isEqualTo("DONE");
    }

    @AfterEach
    void offTheStand() {
        grade("rian", EVERYTHING);
        List.of(tova, ned).forEach(who -> who.step(job, "bench-power", "pause", "{\"note\":\"off the stand\"}"));
        assertThat(orla.place(job, "RACK", null).status()).isEqualTo(200);
    }

    private static JsonNode step(Answer answer, String key) {
        return answer.body().path("steps").valueStream().filter(s -> s.path("key").asString().equals(key)).findFirst()
                .orElseThrow(() -> new AssertionError(answer.toString()));
    }

    private JsonNode bench(ShopClient who) {
        return step(who.get("/api/jobs/%d/steps/now".formatted(job)), "bench-power");
    }

    private JsonNode member(String username) {
        return orla.get("/api/people").body().path("people").valueStream().filter(p -> p.path("username").asString().equals(username))
                .findFirst().orElseThrow();
    }

    /** @param skills as WHEELS=SKILLED, parted by blanks */
    private Answer grade(String username, String skills) {
        return orla.put("/api/people/" + username, given(member(username).path("version").asInt(), skills, hours()));
    }

    private static String given(int version, String skills, String hours) {
        return "{\"version\":%d,\"skills\":[%s],\"hours\":[%s],\"absences\":[]}".formatted(version, skills.isBlank() ? ""
                : List.of(skills.split(" ")).stream().map(s -> s.split("="))
                        .map(s -> "{\"skill\":\"%s\",\"grade\":\"%s\"}".formatted(s[0], s[1])).collect(Collectors.joining(",")),
                hours);
    }

    private static String hours() {
        return List.of("MONDAY", "TUESDAY", "WEDNESDAY", "THURSDAY", "FRIDAY", "SATURDAY", "SUNDAY").stream()
                .map(d -> "{\"day\":\"%s\",\"from\":\"08:00\",\"to\":\"17:00\"}".formatted(d)).collect(Collectors.joining(","));
    }

    @Test
    void whoLearnsItIsToldAndSomebodySkilledLooksBeforeItGoesOn() {
        assertThat(bench(ned).path("alone").path("reason").asString()).startsWith("Learning electrics");
        assertThat(bench(ned).path("start").path("allowed").asBoolean()).as("whoever learns does it").isTrue();
        assertThat(bench(tova).path("alone").path("allowed").asBoolean()).isTrue();
        ned.step(job, "bench-power", "start", "");
        assertThat(step(ned.step(job, "bench-power", "tick", VOLTS), "bench-power").path("second").path("skill").asString())
                .isEqualTo("electrics");
        String next = orla.get("/api/jobs/%d/steps".formatted(job)).body().path("steps").valueStream()
                .filter(s -> s.path("waitsFor").valueStream().anyMatch(w -> w.asString().equals("bench-power"))).findFirst().orElseThrow()
                .path("key").asString();
        assertThat(tova.step(job, next, "start", "").detail())
                .contains("Waits for the second person to inspect 'Run the kit on the bench'");
        assertThat(ned.step(job, "bench-power", "inspect", "").detail()).contains("You did this step");
        assertThat(grade("rian", LEARNS).status()).isEqualTo(200);
        assertThat(rian.step(job, "bench-power", "inspect", "").detail()).contains("only somebody who is looks at it");
        assertThat(bench(rian).path("inspect").path("allowed").asBoolean()).isFalse();
        assertThat(bench(orla).path("second").path("who").asString()).startsWith("Skilled in electrics").contains("Orla M.", "Tova")
                .doesNotContain("Rian", "Ned");
        grade("rian", EVERYTHING);
        assertThat(step(rian.step(job, "bench-power", "inspect", ""), "bench-power").path("inspectedBy").asString()).isEqualTo("Rian");
        assertThat(tova.step(job, next, "start", "").status()).isEqualTo(200);
        tova.step(job, next, "pause", "{\"note\":\"off the stand\"}");
        assertThat(history()).contains("started Learning electrics: somebody skilled in it looks at it afterwards.");
    }

    private List<String> history() {
        return orla.get("/api/jobs/%d/steps/history".formatted(job)).body().valueStream()
                .map(h -> h.path("what").asString() + " " + h.path("detail").asString()).toList();
    }

    @ParameterizedTest
    @CsvSource({"ned,tova", "tova,ned"})
    void whoeverGoesOnWithItTheSecondPersonIsNoneOfThem(String first, String then) {
        ShopClient begins = first.equals("ned") ? ned : tova;
        ShopClient ends = then.equals("ned") ? ned : tova;
        begins.step(job, "bench-power", "start", "");
        begins.step(job, "bench-power", "pause", "{\"note\":\"motor strapped down\"}");
        ends.step(job, "bench-power", "start", "");
        assertThat(step(ends.step(job, "bench-power", "tick", VOLTS), "bench-power").path("state").asString()).isEqualTo("DONE");
        assertThat(tova.step(job, "bench-power", "inspect", "").status()).isEqualTo(409);
        assertThat(ned.step(job, "bench-power", "inspect", "").status()).isEqualTo(409);
        assertThat(rian.step(job, "bench-power", "inspect", "").status()).isEqualTo(200);
    }

    @Test
    void whatIsUndoneAndDoneAgainBySomebodySkilledWantsNobody() {
        ned.step(job, "bench-power", "start", "");
        ned.step(job, "bench-power", "tick", VOLTS);
        ned.step(job, "bench-power", "undo", "{\"reason\":\"again with the right meter\"}");
        tova.step(job, "bench-power", "start", "");
        assertThat(step(tova.step(job, "bench-power", "tick", VOLTS), "bench-power").path("second").isMissingNode()).isTrue();
        assertThat(rian.step(job, "bench-power", "inspect", "").detail()).contains("no hold point");
    }

    @Test
    void whatIsNotAcceptedIsDoneAgainAndLookedAtAgain() {
        ned.step(job, "bench-power", "start", "");
        ned.step(job, "bench-power", "tick", VOLTS);
        assertThat(
                step(rian.step(job, "bench-power", "refuse", "{\"found\":\"poles not checked\"}"), "bench-power").path("state").asString())
                .isEqualTo("STUCK");
        assertThat(ned.step(job, "bench-power", "start", "").status()).isEqualTo(200);
        ned.step(job, "bench-power", "tick", VOLTS);
        assertThat(step(rian.step(job, "bench-power", "inspect", ""), "bench-power").path("state").asString()).isEqualTo("INSPECTED");
    }

    @Test
    void whatALearnerKeptWithoutANetworkIsLookedAtToo() {
        String tapped = java.time.Instant.now().minusSeconds(60).toString();
        assertThat(ned.tapped(job, "bench-power", "start", "", tapped).status()).isEqualTo(200);
        assertThat(step(ned.tapped(job, "bench-power", "tick", VOLTS, tapped), "bench-power").path("second").path("skill").asString())
                .isEqualTo("electrics");
    }

    @Test
    void aLaterGradeChangesNothingOfWhatWasDone() {
        grade("rian", LEARNS);
        rian.step(job, "bench-power", "start", "");
        rian.step(job, "bench-power", "tick", VOLTS);
        grade("rian", EVERYTHING);
        assertThat(bench(orla).path("second").path("skill").asString()).isEqualTo("electrics");
        assertThat(tova.step(job, "bench-power", "inspect", "").status()).isEqualTo(200);
    }

    @Test
    void aBenchRunAtTheKitCheckIsNoWayRound() {
        long other = orla.book("Run on the bench");
        orla.place(other, "RACK", null);
        orla.survey(other, "");
        orla.post("/api/drawers/VM4-S/receipts", "{\"count\":1,\"note\":\"\"}");
        assertThat(orla.bill(other, "VM4-S").status()).isEqualTo(200);
        String check = "/api/jobs/%d/kit-check".formatted(other);
        JsonNode sheet = orla.get(check).body();
        sheet.path("contents").forEach(c -> tova.post(check + "/marks", "{\"item\":\"%s\",\"good\":%d,\"fault\":\"MISSING\",\"note\":\"\"}"
                .formatted(c.path("name").asString(), c.path("count").asInt())));
        sheet.path("numbers").forEach(n -> tova.post(check + "/numbers", "{\"what\":\"%s\",\"serial\":\"%s-%d\"}"
                .formatted(n.path("what").asString(), n.path("what").asString(), other)));
        ned.post(check + "/runs", "{\"volts\":39.4,\"ran\":true,\"note\":\"\"}");
        assertThat(tova.post(check + "/closing", "{}").status()).isEqualTo(200);
        JsonNode bench = step(orla.get("/api/jobs/%d/steps/now".formatted(other)), "bench-power");
        assertThat(bench.path("state").asString()).isEqualTo("DONE");
        assertThat(bench.path("second").path("skill").asString()).isEqualTo("electrics");
        assertThat(bench.path("doer").asString()).as("whoever ran it, not whoever closed the check").isEqualTo("Ned");
        assertThat(tova.step(other, "bench-power", "inspect", "").status()).isEqualTo(200);
    }

    @Test
    void onlyTheManagerGradesAndNobodyWritesOverSomebodyElse() {
        int seen = member("rian").path("version").asInt();
        assertThat(tova.put("/api/people/rian", given(seen, EVERYTHING, hours())).status()).isEqualTo(403);
        assertThat(orla.put("/api/people/rian", given(seen, EVERYTHING, hours())).status()).isEqualTo(200);
        assertThat(orla.put("/api/people/rian", given(seen, "", hours())).detail()).contains("Somebody changed what is entered for rian");
        assertThat(member("rian").path("skills").size()).isEqualTo(4);
        assertThat(orla.put("/api/people/nobody", given(0, "", "")).status()).isEqualTo(404);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "WHEELS=SKILLED WHEELS=LEARNING | | wheels twice",
        "KNITTING=SKILLED | | skill",
        "WHEELS=MASTER | | grade",
        "WHEELS=SKILLED | {\"day\":\"MONDAY\",\"from\":\"17:00\",\"to\":\"08:00\"} | later than the beginning",
        "WHEELS=SKILLED | {\"day\":\"MONDAY\",\"from\":\"25:00\",\"to\":\"26:00\"} | a time such as 08:00",
        "WHEELS=SKILLED | {\"day\":\"MONDAY\",\"from\":\"08:00\",\"to\":\"09:00\"},{\"day\":\"MONDAY\",\"from\":\"10:00\",\"to\":\"11:00\"} | Monday twice",
        "WHEELS=SKILLED | null | a list without empty places"})
    void whatIsNoSkillAndNoHourIsRefusedAndNothingIsSaved(String skills, String hours, String said) {
        JsonNode before = member("tova");
        Answer answer = orla.put("/api/people/tova", given(before.path("version").asInt(), skills, hours == null ? "" : hours));
        assertThat(answer.status()).isIn(400, 422);
        assertThat(answer.body().toString()).contains(said);
        assertThat(member("tova")).isEqualTo(before);
    }
}
