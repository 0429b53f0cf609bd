package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.ShopClient.Answer;
import hingeyard.core.Given;
import hingeyard.core.GivenKits;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.MeasureCatalogue;
import hingeyard.formats.SurveyFile;
import hingeyard.formats.SurveyJson;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Pattern;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Every kind of job that brings a kit, from booking to collection, each with a bike of its own measured like one of the demo's. */
@ExtendWith(RunningApp.class)
class GateToOwnerTest {

    private static final JsonMapper JSON = new JsonMapper();
    private Shopfloor shop;

    @BeforeEach
    void signIn(RunningApp.App app) {
        shop = new Shopfloor(app);
    }

    /**
     * @param like a job of the demo whose bike was measured; @param must steps that this family cannot do without, in their order; @param
     *             approval what a maker has to allow
     */
    @ParameterizedTest(name = "{0} with {1}")
    @CsvSource(delimiter = '|', value = {
        "MID_DRIVE | TN9 | 401 | kit-check ride |",
        "MID_DRIVE | VM4-S | 402 | kit-check ride |",
        "MID_DRIVE | VM4-L | 404 | kit-check ride |",
        "FRONT_HUB | KF2 | 407 | kit-check ride |",
        "REAR_HUB | OR5 | 426 | kit-check ride |",
        "FRICTION_ROLLER | PR2 | 427 | kit-check ride |",
        "SWING_ARM | SK1 | 428 | kit-check arm-fold-test seat-plate loom-moves arm-fold-loaded first-power ride |",
        "FRONT_HUB | NF7 | 429 | kit-check ride |",
        "ROTOR_GEAR | DR1 | 430 | kit-check ride |",
        "MID_DRIVE | HC1 | 431 | kit-check frame-chain-off plugs-joined frame-covers first-power frame-chain-on lever-cut load-level ride |",
        "BRAKE_CONVERSION | DB2 | 432 | kit-check ride | brake-weld",
        "DISPLAY_OR_CONTROLLER | DY1 | 433 | kit-check ride |",
        "BUILD_UP | CV3 | 434 | kit-check |",
        "BATTERY_MOUNT | ST4 | DIAMOND | kit-check |",
        "SECOND_BATTERY | TW2 | DIAMOND | kit-check both-volts combiner-in combiner-connect two-ride |",
        "SECOND_BATTERY | TW2 | DIAMOND bike.pack-cells=10 | kit-check both-volts combiner-in combiner-connect two-ride |",
        "BUILD_UP | BU7 | BARE_FRAME front.head-tube=166 | kit-check frame-looked headset-cups steerer-cut fork-in wheels-in gears-on seat-in |"})
    void goesFromTheGateToItsOwner(String kind, String kit, String like, String must, String approval) throws IOException {
        long job = bookedLike(kind, like);
        shop.tova.post("/api/jobs/%d/arrival/rest-good".formatted(job), "");
        shop.tova.post("/api/jobs/%d/arrival/agreed".formatted(job),
                "{\"odometerKm\":12,\"frameNumber\":\"RD-%d\",\"damage\":\"\",\"agreedBy\":\"Edda Holm\"}".formatted(job));
        if (approval != null) {
            assertThat(shop.orla.photo(job, "approval." + approval, "letter.png", PhotoTest.picture(400, 300, "png")).status())
                    .isEqualTo(201);
        }
        shop.ines.post("/api/drawers/%s/receipts".formatted(kit), "{\"count\":1,\"note\":\"for the tests\"}");
        billed(job, kit);
        shop.everythingComes(job);
        assertThat(shop.orla.place(job, "STAND", shop.freeStand()).status()).isEqualTo(200);
        List<String> done = shop.workThrough(job);
        assertThat(done).containsSubsequence(must.split(" "));
        assertThat(shop.orla.place(job, "RAIL", null).status()).isEqualTo(200);
        assertThat(paper(job, "next-check")).contains("4 weeks after it is collected", "frame RD-" + job + " (booked as X-");
        assertThat(shop.orla.place(job, "GONE", null).status()).isEqualTo(200);
        assertThat(paper(job, "next-check")).contains("On ").doesNotContain("after it is collected");
        for (String name : List.of("job-sheet", "guide", "handed-back")) {
            assertThat(paper(job, name)).contains("RD-" + job);
        }
        boolean hasCode = shop.orla.get("/api/jobs/%d/settings".formatted(job)).body().path("settings").valueStream()
                .anyMatch(s -> s.path("hidden").asBoolean());
        assertThat(saysTheCode(paper(job, "guide"))).as("the customer's own copy").isEqualTo(hasCode);
        assertThat(saysTheCode(new String(shop.tova.bytes("/api/jobs/%d/papers/guide.html".formatted(job)).body(), StandardCharsets.UTF_8)))
                .isFalse();
        assertThat(shop.orla.get("/api/audit").body().toString()).isEqualTo("[]");
    }

    /** On its own: a frame's long number may hold the same digits. */
    private static boolean saysTheCode(String paper) {
        return Pattern.compile("(?<!\\d)%s(?!\\d)".formatted(Shopfloor.CODE)).matcher(paper).find();
    }

    private String paper(long job, String name) {
        return new String(shop.orla.bytes("/api/jobs/%d/papers/%s.html".formatted(job, name)).body(), StandardCharsets.UTF_8);
    }

    private long bookedLike(String kind, String like) {
        boolean asInTheDemo = like.matches("\\d+");
        String bike = asInTheDemo ? shop.orla.get("/api/jobs/%s/arrival".formatted(like)).body().path("job").path("kind").asString()
                : like.split(" ")[0];
        Answer booked = shop.orla.post("/api/jobs", ShopClient.booking("Gate to owner").replace("MID_DRIVE", kind)
                .replace("\"kind\":\"DIAMOND\"", "\"kind\":\"%s\"".formatted(bike)));
        assertThat(booked.status()).as("%s", booked).isEqualTo(201);
        long job = booked.body().path("number").asLong();
        assertThat(shop.orla.place(job, "RACK", null).status()).isEqualTo(200);
        String survey = asInTheDemo
                ? new String(shop.orla.bytes("/api/jobs/%s/survey.json".formatted(like)).body(), StandardCharsets.UTF_8)
                : SurveyJson.write(new SurveyFile(BikeKind.valueOf(bike), "Gate to owner", "", "",
                        measured(BikeKind.valueOf(bike), GivenKits.BIKE + ";" + like.substring(bike.length()).strip())));
        Answer read = shop.tova.post("/api/jobs/%d/survey/file".formatted(job),
                JSON.writeValueAsString(Map.of("json", survey, "apply", true, "chosen", List.of())));
        assertThat(read.status()).as("%s", read).isEqualTo(200);
        return job;
    }

    /** A bare frame has no wheel that could be measured. */
    private static FrameSurvey measured(BikeKind kind, String readings) {
        return FrameSurvey
                .of(Given.survey(readings).readings().stream().filter(r -> MeasureCatalogue.of(kind).contains(r.measure())).toList());
    }

    private void billed(long job, String kit) {
        JsonNode match = shop.orla.match(job, kit);
        assertThat(match.path("goesOn").asBoolean()).as("%s: %s", kit, match.path("findings").valueStream()
                .filter(f -> f.path("verdict").asString().matches("NO_FIT|MEASURE")).map(f -> f.path("sentence").asString()).toList())
                .isTrue();
        Answer bill = shop.orla.post("/api/jobs/%d/bill".formatted(job),
                JSON.writeValueAsString(
                        Map.of("kitCode", kit, "stamp", match.path("stamp").asString(), "consented", ShopClient.tradeOffs(match),
                                "notTaken", List.of(), "waits", true, "agreement", ShopClient.agreement())));
        assertThat(bill.status()).as("%s", bill).isEqualTo(200);
    }
}
