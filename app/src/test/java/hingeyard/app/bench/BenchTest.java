package hingeyard.app.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.app.ShopClient.Answer;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** The bench calculators over HTTP: what is typed is answered, and what is none is told at its field. */
@ExtendWith(RunningApp.class)
class BenchTest {

    private static final String ROTOR = "{\"bolts\":3,\"boltCircle\":44,\"readAt\":150,\"readings\":[{\"angle\":0,\"mm\":0.6},{\"angle\":60,\"mm\":0.3},"
            + "{\"angle\":120,\"mm\":-0.3},{\"angle\":180,\"mm\":-0.6},{\"angle\":240,\"mm\":-0.3},{\"angle\":300,\"mm\":0.3}]}";

    private ShopClient tova;

    @BeforeEach
    void signedIn(RunningApp.App app) {
        tova = ShopClient.signedIn(app.url(), "tova");
    }

    @Test
    void aRotorIsToldWhichStandOffToShorten() {
        Answer answer = tova.post("/api/bench/truing", ROTOR);
        assertThat(answer.status()).as(answer.toString()).isEqualTo(200);
        assertThat(answer.body().path("verdict").asString()).isEqualTo("SHORTEN");
        // Bolts 2 and 3 stand at half the tilt below the middle, bolt 1 at all of it above: 0.9 mm at 150, of which 44 are at the bolts.
        assertThat(answer.body().path("cuts").get(0).path("mm").asDouble()).isCloseTo(0.9 * 44 / 150, within(1e-9));
        assertThat(answer.body().path("cuts").get(1).path("mm").asDouble()).isZero();
        assertThat(answer.body().path("sentence").asString())
                .isEqualTo("Shorten stand-off 1 by 0.26 mm. Then read again: about 0.00 mm is left.");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', value = {"\"bolts\":3 | \"bolts\":2 | bolts | 3 to 6 bolts",
        "\"readAt\":150 | \"readAt\":40 | readAt | more than the bolts' circle of 44 mm", "\"readAt\":150 | \"readAt\":1e19 | readAt | ",
        "\"angle\":60 | \"angle\":0 | readings | each angle once", "\"angle\":60 | \"angle\":360 | angle | 0 to 359.9 degrees",
        "\"mm\":0.6 | \"mm\":11 | mm | -10 to 10 mm", "\"mm\":0.6 | \"mm\":null | mm | a reading",
        "\"boltCircle\":44 | \"boltCircle\":\"wide\" | boltCircle | "})
    void whatIsNoRotorIsToldAtItsField(String right, String wrong, String field, String allowed) {
        Answer answer = tova.post("/api/bench/truing", ROTOR.replaceFirst(java.util.regex.Pattern.quote(right), wrong));
        assertThat(answer.status()).as(answer.toString()).isIn(400, 422);
        assertThat(answer.body().toString()).contains(field).contains(allowed == null ? "" : allowed);
    }

    @Test
    void aWrenchWithAnExtensionIsSetToLess() {
        Answer answer = tova.post("/api/bench/wrench", "{\"torque\":40,\"length\":300,\"extension\":100}");
        assertThat(answer.body().path("setting").asDouble()).isCloseTo(30, within(1e-9));
        assertThat(answer.body().path("uncorrected").asDouble()).isCloseTo(53.3333, within(1e-3));
        assertThat(answer.body().path("settingFootPounds").asDouble()).isCloseTo(22.127, within(1e-3));
        assertThat(tova.post("/api/bench/wrench", "{\"torque\":0,\"length\":300,\"extension\":100}").body().toString()).contains("torque",
                "0.1 to 500");
    }

    @Test
    void aWheelRollsAsItIsMeasured() {
        Answer answer = tova.post("/api/bench/roll-out", "{\"beadSeat\":622,\"width\":47,\"rolled\":6630,\"turns\":3,\"set\":2250}");
        assertThat(answer.body().path("circumference").asDouble()).isEqualTo(2210);
        assertThat(answer.body().path("measured").asBoolean()).isTrue();
        assertThat(answer.body().path("speedError").asDouble()).isCloseTo(1.81, within(0.01));
        Answer marked = tova.post("/api/bench/roll-out", "{\"beadSeat\":622,\"width\":47,\"turns\":1}");
        assertThat(marked.body().path("measured").asBoolean()).isFalse();
        assertThat(marked.body().has("speedError")).isFalse();
        assertThat(tova.post("/api/bench/roll-out", "{\"beadSeat\":622,\"width\":47,\"rolled\":400,\"turns\":3}").body().toString())
                .contains("rolled", "300 to 3000 mm a turn");
    }

    /** tool, what is typed → what is said. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', value = {
        "range | {\"mass\":100,\"km\":30,\"climb\":0,\"speed\":22,\"riderWatts\":60,\"assist\":1.5,\"wind\":3,\"stops\":1,\"wattHours\":500,\"ratedWatts\":250,\"peakTorque\":60,\"circumference\":2200,\"throughGears\":true,\"cutOffSpeed\":25,\"throttleOnly\":false} | The ride of 30 km is within both.",
        "range | {\"mass\":100,\"km\":90,\"climb\":0,\"speed\":22,\"riderWatts\":60,\"assist\":1.5,\"wind\":3,\"stops\":1,\"wattHours\":500,\"ratedWatts\":250,\"peakTorque\":60,\"circumference\":2200,\"throughGears\":true,\"cutOffSpeed\":25,\"throttleOnly\":false} | The ride of 90 km is more than the lower of both",
        "bend | {\"step\":10,\"tie\":100,\"thickness\":4,\"washer\":24,\"spare\":3,\"washers\":[{\"thickness\":1.5,\"count\":4}]} | Put 2 washers of 1.5 mm under the arm. Bend it by 5°",
        "batteries | {\"first\":{\"series\":13,\"ampHours\":14,\"charge\":100,\"rated\":25},\"second\":{\"series\":13,\"ampHours\":10,\"charge\":70,\"rated\":20},\"cutOffVolts\":39,\"combiner\":30,\"ride\":[{\"minutes\":300,\"watts\":220}]} | Both feed from minute 55. The controller stops in minute 275.",
        "gears | {\"ring\":44,\"cogs\":[11,13,15,18,21,24,28,32],\"chainstay\":440,\"circumference\":2200,\"cadence\":70,\"derailleur\":true,\"ringPlane\":48,\"outerCog\":60,\"bend\":2.5} | 110 links of a chain 7.1 mm wide. The chainline leaves out 32 teeth.",
        "pressure | {\"beadSeat\":622,\"width\":47,\"load\":60,\"tyreMost\":2.5} | 2.5 bar, the lower of the marks; the load wants 2.9",
        "axle | {\"torque\":60,\"plate\":6,\"flat\":10,\"arm\":100} | The flats press with 300 N/mm². An arm holds 600 N at its tie.",
        "fastener | {\"thread\":5,\"into\":\"NUT\",\"clamped\":8,\"depth\":0,\"washer\":true,\"wet\":false} | Take M5 × 14 with a washer, 4.6 N·m.",
        "wire | {\"amps\":20,\"metres\":0.8,\"volts\":48} | AWG 14: it carries 20 A and loses 0.6 % there and back.",
        "wire | {\"amps\":60,\"metres\":10,\"volts\":24} | No wire of the usual gauges does",
        "stack | {\"from\":2.9,\"to\":3.1,\"parts\":[\"AW-150\"],\"most\":4} | One set fills it."})
    void everyToolAnswers(String tool, String given, String said) {
        Answer answer = tova.post("/api/bench/" + tool, given);
        assertThat(answer.status()).as(answer.toString()).isEqualTo(200);
        assertThat(answer.body().path("sentence").asString()).contains(said);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', value = {
        "range | {\"mass\":100,\"km\":30,\"climb\":9000,\"speed\":22,\"riderWatts\":60,\"assist\":1.5,\"wind\":3,\"stops\":1,\"wattHours\":500,\"ratedWatts\":250,\"peakTorque\":60,\"circumference\":2200,\"throughGears\":true,\"cutOffSpeed\":25,\"throttleOnly\":false} | climb | 0 to 7500 m",
        "range | {\"mass\":0,\"km\":30,\"climb\":0,\"speed\":22,\"riderWatts\":60,\"assist\":1.5,\"wind\":-3,\"stops\":1,\"wattHours\":500,\"ratedWatts\":250,\"peakTorque\":60,\"circumference\":2200,\"throughGears\":true,\"cutOffSpeed\":25,\"throttleOnly\":false} | mass | 20 to 500 kg",
        "range | {\"mass\":100,\"km\":30,\"climb\":0,\"speed\":22,\"riderWatts\":60,\"assist\":1.5,\"wind\":-3,\"stops\":1,\"wattHours\":500,\"ratedWatts\":250,\"peakTorque\":60,\"circumference\":2200,\"throughGears\":true,\"cutOffSpeed\":25,\"throttleOnly\":false} | wind | 0 to 15 m/s",
        "range | {\"mass\":100,\"km\":30,\"climb\":0,\"speed\":22,\"riderWatts\":60,\"assist\":1.5,\"wind\":3,\"stops\":1,\"wattHours\":500,\"ratedWatts\":250,\"peakTorque\":60,\"circumference\":2200,\"throughGears\":false,\"cutOffSpeed\":25,\"throttleOnly\":false} | noLoadSpeed | 6 to 100 km/h",
        "bend | {\"step\":-1,\"tie\":100,\"thickness\":4,\"washer\":24,\"spare\":3,\"washers\":[]} | step | 0 to 40 mm",
        "bend | {\"step\":1e999,\"tie\":100,\"thickness\":4,\"washer\":24,\"spare\":3,\"washers\":[]} | step | 0 to 40 mm",
        "bend | {\"step\":1,\"tie\":100,\"thickness\":4,\"washer\":24,\"spare\":3} | washers | washers, none of them too",
        "batteries | {\"cutOffVolts\":39,\"combiner\":30,\"ride\":[]} | first | the first battery",
        "gears | {\"ring\":44,\"cogs\":[11,11],\"chainstay\":440,\"circumference\":2200,\"cadence\":70,\"derailleur\":true,\"ringPlane\":48,\"outerCog\":60,\"bend\":2.5} | cogs | each larger than the one before",
        "pressure | {\"beadSeat\":622,\"width\":470,\"load\":60,\"tyreMost\":2.5} | width | 20 to 110 mm",
        "fastener | {\"thread\":7,\"into\":\"NUT\",\"clamped\":8,\"depth\":0,\"washer\":true,\"wet\":true} | thread | M3, M4, M5, M6 or M8",
        "fastener | {\"thread\":5,\"into\":\"WOOD\",\"clamped\":8,\"depth\":0,\"washer\":true,\"wet\":true} | into | NUT",
        "stack | {\"from\":3,\"to\":2,\"parts\":[],\"most\":4} | to | 3 to 100 mm",
        "stack | {\"from\":2,\"to\":3,\"parts\":[\"NO-1\"],\"most\":4} | parts | numbers of drawers"})
    void whatCannotBeIsToldAtItsField(String tool, String given, String field, String allowed) {
        Answer answer = tova.post("/api/bench/" + tool, given);
        assertThat(answer.status()).as(answer.toString()).isIn(400, 422);
        assertThat(answer.body().path("faults").toString()).contains("\"" + field).contains(allowed);
    }

    private static String rolled(int mm) {
        return "{\"rollOut\":{\"beadSeat\":559,\"width\":50,\"rolled\":%d,\"turns\":3}}".formatted(mm);
    }

    /** A round is kept with who and when, worked out by the server, and its step is offered the figure it wants. */
    @Test
    void aRoundIsKeptForTheStepThatAskedForIt() {
        Answer before = tova.get("/api/jobs/432/bench");
        assertThat(before.body().path("kept").size()).isEqualTo(2);
        assertThat(before.body().path("fills").toString()).contains("\"field\":\"chainstay\"", "\"from\":\"measured\"");
        String key = "bench-432-" + System.nanoTime();
        String round = "{\"step\":\"rotor-trued\",\"truing\":" + ROTOR + "}";
        Answer kept = tova.post("/api/jobs/432/bench", round, key);
        assertThat(kept.status()).as(kept.toString()).isEqualTo(200);
        assertThat(tova.post("/api/jobs/432/bench", round, key).body().path("kept").size()).as("pressed twice").isEqualTo(3);
        assertThat(kept.body().path("kept").get(0).path("by").asString()).isEqualTo("Tova");
        assertThat(kept.body().path("kept").get(0).path("step").asString()).isEqualTo("rotor-trued");
        assertThat(kept.body().path("kept").get(0).path("figures").toString()).contains("truing run-out", "1.2");
        assertThat(tova.get("/api/jobs/432/steps").body().path("steps").valueStream()
                .filter(s -> s.path("key").asString().equals("rotor-trued"))
                .findFirst().orElseThrow().path("figures").toString()).contains("\"bench\":\"truing run-out\"");
        assertThat(tova.post("/api/jobs/432/bench", "{\"step\":\"kit-check\",\"truing\":" + ROTOR + "}").body().toString())
                .contains("a step that uses this tool");
        assertThat(tova.post("/api/jobs/432/bench", "{\"step\":\"no-step\",\"truing\":" + ROTOR + "}").body().toString())
                .contains("a step of job 432");
        assertThat(tova.post("/api/jobs/432/bench", "{}").body().toString()).contains("one calculator at a time");
        assertThat(tova.post("/api/jobs/432/bench", "{\"truing\":" + ROTOR + "," + rolled(6600).substring(1)).body().toString())
                .contains("one calculator at a time");
        assertThat(tova.get("/api/jobs/432/bench").body().path("kept").size()).isEqualTo(3);
    }

    /** The display ends the motor by the wheel's turns: what was rolled counts, what cannot be that tyre does not. */
    @Test
    void aWheelThatCannotBeIsNotTakenOverByTheDisplay(RunningApp.App app) {
        long job = 412;
        String wanted = circumference(job);
        int mm = Integer.parseInt(wanted.replaceAll("\\D", ""));
        assertThat(tova.post("/api/jobs/%d/bench".formatted(job), rolled(3 * 1_700)).status()).isEqualTo(200);
        assertThat(circumference(job)).as("a fifth too small").isEqualTo(wanted);
        int real = mm - 30;
        assertThat(tova.post("/api/jobs/%d/bench".formatted(job), rolled(3 * real)).status()).isEqualTo(200);
        assertThat(circumference(job)).isEqualTo(real + " mm");
        assertThat(tova.get("/api/jobs/%d/settings".formatted(job)).body().toString()).contains("rolled on the floor by Tova");
        assertThat(ShopClient.signedIn(app.url(), "ines").post("/api/jobs/%d/bench".formatted(job), rolled(6_600)).status()).isEqualTo(403);
        tova.post("/api/jobs/%d/bench".formatted(job), rolled(3 * mm));
    }

    /** The bench, the shortlist and what a rider is told: one range, with the same suppositions. */
    @ParameterizedTest
    @ValueSource(longs = {401, 412, 426})
    void theBenchSaysTheSameRangeAsTheShortlist(long job) {
        JsonNode of = tova.get("/api/jobs/%d/bench".formatted(job)).body();
        String kit = of.path("job").path("kitCode").asString();
        Map<String, String> fills = new HashMap<>();
        of.path("fills").forEach(f -> {
            if (f.path("tool").asString().equals("range")) {
                fills.put(f.path("field").asString(), f.path("value").asString());
            }
        });
        boolean gears = fills.remove("drive").equals("gears");
        boolean only = fills.remove("throttle").equals("only");
        fills.putIfAbsent("assist", "1.5");
        String given = "{%s,\"throughGears\":%s,\"throttleOnly\":%s}".formatted(
                fills.entrySet().stream().map(e -> "\"%s\":%s".formatted(e.getKey(), e.getValue())).collect(Collectors.joining(",")), gears,
                only);
        Answer bench = tova.post("/api/bench/range", given);
        assertThat(bench.status()).as("%s: %s", given, bench).isEqualTo(200);
        JsonNode row = tova.get("/api/jobs/%d/shortlist".formatted(job)).body().path("rows").valueStream()
                .filter(r -> r.path("kitCode").asString().equals(kit)).findFirst().orElseThrow();
        assertThat(bench.body().path("thumb").asDouble()).isCloseTo(row.path("range").path("thumb").asDouble(), within(0.06));
        assertThat(bench.body().path("physics").asDouble()).isCloseTo(row.path("range").path("physics").asDouble(), within(0.06));
        assertThat(bench.body().path("cold").asDouble()).isCloseTo(row.path("range").path("cold").asDouble(), within(0.06));
        assertThat(bench.body().path("sentence").asString()).startsWithIgnoringCase(row.path("told").asString());
    }

    /** Two kilometres straight on in ten minutes. */
    private static byte[] gpx(String wrong) {
        StringBuilder gpx = new StringBuilder("<gpx><trk><trkseg>\n");
        for (int s = 0; s <= 600; s += 10) {
            gpx.append("<trkpt lat=\"%s\" lon=\"8\"><ele>100</ele><time>%s</time></trkpt>\n".formatted(s == 300 && !wrong.isEmpty() ? wrong
                    : String.valueOf(50 + s / 600.0 * 2_000 / 111_195.08), java.time.Instant.parse("2026-05-04T14:00:00Z").plusSeconds(s)));
        }
        return gpx.append("</trkseg></trk></gpx>").toString().getBytes(java.nio.charset.StandardCharsets.UTF_8);
    }

    @Test
    void aRideIsReadBackAndKeptOnItsJob() {
        Map<String, String> battery = Map.of("series", "13", "ampHours", "10", "before", "52.0", "after", "51.5", "shown", "2.1");
        Answer ride = tova.file("/api/bench/ride", "ride.gpx", gpx(""), battery);
        assertThat(ride.status()).as(ride.toString()).isEqualTo(200);
        assertThat(ride.body().path("sentence").asString()).startsWith("2.0 km in 10 min moving, 0 m up; ").endsWith(" Wh a kilometre.");
        assertThat(ride.body().path("speedError").asDouble()).isCloseTo(5, within(0.1));
        int before = tova.get("/api/jobs/412/bench").body().path("kept").size();
        assertThat(tova.file("/api/jobs/412/bench/ride", "ride.gpx", gpx(""), battery).status()).isEqualTo(200);
        JsonNode kept = tova.get("/api/jobs/412/bench").body().path("kept");
        assertThat(kept.size()).isEqualTo(before + 1);
        assertThat(kept.get(0).path("figures").toString()).contains("ride per-km");
        Answer wrong = tova.file("/api/jobs/412/bench/ride", "ride.gpx", gpx("north"), Map.of());
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.body().toString()).contains("line 32", "'north'");
        assertThat(tova.file("/api/bench/ride", "ride.gpx", new byte[0], Map.of()).status()).isEqualTo(422);
        assertThat(tova.file("/api/bench/ride", "ride.gpx", gpx(""), Map.of("series", "13")).body().toString()).contains("ampHours");
        assertThat(tova.file("/api/bench/ride", "ride.gpx", gpx(""), Map.of("shown", "far")).status()).isEqualTo(400);
        assertThat(tova.get("/api/jobs/412/bench").body().path("kept").size()).as("nothing of what is refused").isEqualTo(before + 1);
    }

    private String circumference(long job) {
        return tova.get("/api/jobs/%d/settings".formatted(job)).body().path("settings").valueStream()
                .filter(s -> s.path("meaning").asString().equalsIgnoreCase("wheel circumference")).findFirst().orElseThrow().path("value")
                .asString();
    }

    /** kind, measures → what is said of it, or the field that cannot be. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"parts/spacer-ring | 12.2,24,1.35 | 200 | Spacer ring 12.2 × 24 × 1.35 mm",
        "parts/sleeve | 22.2,25.4,24,2 | 200 | Sleeve 22.2 in 25.4", "parts/block | 34,40,9,14,45 | 200 | Block 34 × 40, 9 to 14",
        "parts/half-shim | 28.6,31.8,30 | 200 | Half shim 28.6", "parts/cable-separator | 3,5,40 | 200 | Cable separator, 3 of 5 mm",
        "parts/spacer-ring | 12.2,13,1.35 | 422 | outer", "parts/spacer-ring | 12.2,24 | 422 | inner, outer, height",
        "parts/spacer-ring | 12.2,24,wide | 400 | measures", "parts/spacer-ring | NaN,24,1 | 422 | inner",
        "parts/spacer-ring | ,24,1 | 422 | inner",
        "parts/cable-separator | 2.5,5,40 | 422 | a whole number", "parts/gearwheel | 1 | 404 | no part gearwheel",
        "templates/bend-strip | 10,100,4,24,18 | 200 | Bend it by 7°", "templates/hub-holes | 6,44,5,20 | 200 | 6 holes of 5.0 mm",
        "templates/lead-strip | 120,640 | 200 | Leads, lengths to cut", "templates/battery-card | 365,90 | 200 | battery 365 × 90 mm",
        "templates/hub-holes | 7,44,5,20 | 422 | 3 to 6", "templates/lead-strip | 5 | 422 | 20 to 3000 mm",
        "templates/plan | 1 | 404 | no template plan"})
    void whatIsMadeAndWhatCannotBe(String path, String measures, int status, String said) {
        Answer answer = tova.get("/api/bench/%s?measures=%s".formatted(path, measures));
        assertThat(answer.status()).as(answer.toString()).isEqualTo(status);
        assertThat(answer.body().toString()).contains(said);
        for (String ending : path.startsWith("parts") ? new String[]{"stl", "3mf"} : new String[]{"pdf", "svg"}) {
            var file = tova.bytes("/api/bench/%s/%s?measures=%s".formatted(path, ending, measures));
            assertThat(file.statusCode()).as("%s as %s", path, ending).isEqualTo(status);
            assertThat(status != 200 || file.body().length > 500).isTrue();
        }
    }

    /** What the ride says of its rider stands in the next range question of this bike, with where it comes from; no other bike's. */
    @Test
    void theNextRangeQuestionBeginsWithTheRiderOfTheLastRide() {
        Map<String, String> battery = Map.of("series", "13", "ampHours", "10", "before", "52.9", "after", "52.71", "shown", "2.0");
        assertThat(tova.file("/api/jobs/407/bench/ride", "ride.gpx", gpx(""), battery).status()).isEqualTo(200);
        JsonNode of = tova.get("/api/jobs/407/bench").body();
        JsonNode kept = of.path("kept").get(0);
        double rider = kept.path("figures").valueStream().filter(f -> f.path("key").asString().equals("ride rider")).findFirst()
                .orElseThrow(() -> new AssertionError(kept.toString())).path("value").asDouble();
        assertThat(kept.path("sentence").asString()).endsWith("As if the rider gave %.0f W.".formatted(rider));
        JsonNode fill = of.path("fills").valueStream().filter(f -> f.path("field").asString().equals("riderWatts")).findFirst()
                .orElseThrow();
        assertThat(fill.path("value").asDouble()).isEqualTo(rider);
        assertThat(fill.path("from").asString()).isEqualTo("the last ride that was read back");
        assertThat(tova.get("/api/jobs/401/bench").body().path("fills").valueStream()
                .filter(f -> f.path("field").asString().equals("riderWatts")).map(f -> f.path("from").asString()))
                .noneMatch(f -> f.contains("ride that was read"));
    }

    /** The guide that goes with the bike tells the span that the shortlist told, word for word. */
    @ParameterizedTest
    @ValueSource(longs = {401, 426})
    void theGuideTellsTheSameRange(long job) {
        String kit = tova.get("/api/jobs/%d/bench".formatted(job)).body().path("job").path("kitCode").asString();
        JsonNode row = tova.get("/api/jobs/%d/shortlist".formatted(job)).body().path("rows").valueStream()
                .filter(r -> r.path("kitCode").asString().equals(kit)).findFirst().orElseThrow();
        String guide = new String(tova.bytes("/api/jobs/%d/papers/guide.html".formatted(job)).body(), StandardCharsets.UTF_8);
        assertThat(guide).contains("Range for the way you told us: " + row.path("told").asString() + ";");
    }

    /** A step that uses a calculator keeps its result, one that does not is told. */
    @Test
    void whatAStepAsksTheBenchForIsKeptForIt() {
        JsonNode steps = tova.get("/api/jobs/426/steps").body().path("steps");
        String uses = steps.valueStream().filter(s -> s.path("bench").toString().contains("\"fastener\"")).findFirst().orElseThrow()
                .path("key").asString();
        String other = steps.valueStream().filter(s -> s.path("bench").isEmpty() && s.path("figures").isEmpty()).findFirst().orElseThrow()
                .path("key").asString();
        String given = "{\"step\":\"%s\",\"fastener\":{\"thread\":5,\"into\":\"NUT\",\"clamped\":8,\"depth\":0,\"washer\":true,\"wet\":false}}";
        Answer kept = tova.post("/api/jobs/426/bench", given.formatted(uses));
        assertThat(kept.status()).as(kept.toString()).isEqualTo(200);
        assertThat(kept.body().path("kept").get(0).path("step").asString()).isEqualTo(uses);
        assertThat(tova.post("/api/jobs/426/bench", given.formatted(other)).toString()).contains("a step that uses this tool");
    }

    @Test
    void aJobsSheetsAreOneFile() {
        JsonNode sheets = tova.get("/api/jobs/426/bench").body().path("sheets");
        assertThat(sheets.valueStream().filter(s -> s.path("whole").asBoolean()).map(s -> s.path("kind").asString()))
                .contains("battery-card", "lead-strip");
        byte[] pdf = tova.bytes("/api/jobs/426/bench/sheets.pdf").body();
        assertThat(new String(pdf, 0, 5, StandardCharsets.ISO_8859_1)).isEqualTo("%PDF-");
        assertThat(tova.get("/api/jobs/9999/bench/sheets.pdf").status()).isEqualTo(404);
    }
}
