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
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What a whole job takes, by the people who do it: for stories that go from the gate to the owner. */
public final class Shopfloor {

    /** Letters that stand in no drawing's path by chance. */
    static final String CODE = "4711";

    private static final JsonMapper JSON = new JsonMapper();

    final ShopClient orla;
    final ShopClient tova;
    final ShopClient rian;
    final ShopClient ines;

    public Shopfloor(RunningApp.App app) {
        orla = ShopClient.signedIn(app.url(), "orla");
        tova = ShopClient.signedIn(app.url(), "tova");
        rian = ShopClient.signedIn(app.url(), "rian");
        ines = ShopClient.signedIn(app.url(), "ines");
    }

    public int freeStand() {
        List<Integer> taken = new ArrayList<>();
        orla.get("/api/yard").body().path("bikes").forEach(b -> b.path("job").path("stand").asIntOpt().ifPresent(taken::add));
        return List.of(2, 3, 4, 5, 6, 1).stream().filter(s -> !taken.contains(s)).findFirst().orElseThrow();
    }

    /** Parts that no drawer holds are named and delivered, or made: a step that mounts one waits for it. */
    public void everythingComes(long job) {
        orla.get("/api/jobs/%d/bill".formatted(job)).body().path("bill").path("lines").valueStream()
                .filter(l -> l.path("source").asString().equals("TO_MAKE"))
                .forEach(l -> tova.post("/api/jobs/%d/bill/made".formatted(job),
                        "{\"ordinal\":%d,\"there\":true}".formatted(l.path("ordinal").asInt())));
        orla.get("/api/jobs/%d/bill".formatted(job)).body().path("bill").path("lines").valueStream()
                .filter(l -> l.path("source").asString().equals("TO_ORDER")).forEach(l -> {
                    String part = l.path("partNumber").asString();
                    if (part.isEmpty()) {
                        part = "MADE-%d-%d".formatted(job, l.path("ordinal").asInt());
                        ines.put("/api/parts/" + part,
                                "{\"cells\":{\"name\":\"Made for job %d\",\"used as\":\"other\",\"place\":\"Z-1\",\"lead days\":\"1\"},\"reason\":\"for this job\"}"
                                        .formatted(job));
                        ines.post("/api/jobs/%d/bill/names".formatted(job),
                                "{\"ordinal\":%d,\"part\":\"%s\"}".formatted(l.path("ordinal").asInt(), part));
                    }
                    ines.post("/api/drawers/%s/receipts".formatted(part),
                            "{\"count\":%d,\"note\":\"came\"}".formatted(l.path("count").asInt()));
                });
    }

    public void toTheStand(long job) {
        Answer there = orla.place(job, "STAND", freeStand());
        assertThat(there.status()).as("%s", there).isEqualTo(200);
    }

    /** Ticks a step that runs, with these figures. */
    public void tickRest(long job, String key, String figures) {
        Answer ticked = tova.step(job, key, "tick", "{\"figures\":%s}".formatted(figures));
        assertThat(ticked.status()).as("%s", ticked).isEqualTo(200);
    }

    /** Every step in its order, each figure in the middle of its window, each display page as shown, each hold point by a second person. */
    List<String> workThrough(long job) {
        return workThrough(job, "");
    }

    /** What is left of the list, in its order. @param until the key of the last step that is done; blank for all */
    public List<String> workThrough(long job, String until) {
        List<String> done = new ArrayList<>();
        JsonNode list = orla.get("/api/jobs/%d/steps".formatted(job)).body();
        Map<String, String> states = states(list);
        for (JsonNode step : list.path("steps")) {
            if (List.of("OPEN", "PAUSED").contains(states.get(step.path("key").asString()))) {
                done.add(work(job, step));
            }
            if (step.path("key").asString().equals(until)) {
                break;
            }
        }
        return done;
    }

    /** What comes before a step in the list. */
    public void workUpTo(long job, String key) {
        List<String> keys = orla.get("/api/jobs/%d/steps".formatted(job)).body().path("steps").valueStream()
                .map(s -> s.path("key").asString()).toList();
        assertThat(keys.indexOf(key)).as("%s of %s", key, keys).isPositive();
        workThrough(job, keys.get(keys.indexOf(key) - 1));
    }

    /** A step is undone and begun once more. */
    public void again(long job, String key) {
        assertThat(tova.step(job, key, "undo", "{\"reason\":\"Came loose\"}").status()).isEqualTo(200);
        assertThat(tova.step(job, key, "start", "{}").status()).isEqualTo(200);
    }

    /** The bike goes back to the rack, with a step that runs left half done. */
    public void leaveTheStand(long job, String running) {
        assertThat(tova.step(job, running, "pause", "{\"note\":\"half done\"}").status()).isEqualTo(200);
        assertThat(orla.place(job, "RACK", null).status()).isEqualTo(200);
    }

    /** Where each step of a list stands, by its key. */
    static Map<String, String> states(JsonNode list) {
        return list.path("now").path("steps").valueStream()
                .collect(Collectors.toMap(s -> s.path("key").asString(), s -> s.path("state").asString()));
    }

    private String work(long job, JsonNode step) {
        String key = step.path("key").asString();
        Answer started = tova.step(job, key, "start", "{}");
        assertThat(started.status()).as("start of %s: %s", key, started).isEqualTo(200);
        List<String> figures = new ArrayList<>();
        step.path("figures").forEach(f -> figures.add("\"%s\":%s".formatted(f.path("key").asString(),
                new BigDecimal(f.path("least").asString()).add(new BigDecimal(f.path("greatest").asString())).divide(BigDecimal.valueOf(2),
                        2,
                        RoundingMode.HALF_UP))));
        String read = "{\"figures\":{%s}}".formatted(String.join(",", figures));
        Answer ticked = tova.step(job, key, "tick", read);
        if (ticked.status() == 409 && ticked.toString().contains("page")) {
            setPages(job);
            ticked = tova.step(job, key, "tick", read);
        }
        assertThat(ticked.status()).as("tick of %s: %s", key, ticked).isEqualTo(200);
        if (step.hasNonNull("hold") || wantsSecond(ticked, key)) {
            Answer held = rian.step(job, key, "inspect", "");
            assertThat(held.status()).as("hold of %s: %s", key, held).isEqualTo(200);
        }
        return key;
    }

    /** Tova welds nothing alone: whoever can looks at it. */
    private static boolean wantsSecond(Answer ticked, String key) {
        return ticked.body().path("steps").valueStream().anyMatch(s -> s.path("key").asString().equals(key) && s.hasNonNull("second"));
    }

    /** Codes are never shown: whoever sets them says which. */
    void setPages(long job) {
        tova.post("/api/jobs/%d/settings/as-shown".formatted(job), "");
        orla.get("/api/jobs/%d/settings".formatted(job)).body().path("settings").valueStream().filter(s -> !s.hasNonNull("by"))
                .forEach(s -> tova.put("/api/jobs/%d/settings/%s".formatted(job, s.path("page").asString()),
                        "{\"value\":\"%s\"}".formatted(CODE)));
    }

    /**
     * A job whose bike is here, measured and found good, with the bill of a kit of which there is one.
     *
     * @param like     a job of the demo whose bike it is like, or a kind of bike with further readings
     * @param approval what a maker has to allow
     */
    public long billedLike(String kind, String like, String kit, Optional<String> approval) throws IOException {
        long job = bookedLike(kind, like);
        tova.post("/api/jobs/%d/arrival/rest-good".formatted(job), "");
        tova.post("/api/jobs/%d/arrival/agreed".formatted(job),
                "{\"odometerKm\":12,\"frameNumber\":\"RD-%d\",\"damage\":\"\",\"agreedBy\":\"Edda Holm\"}".formatted(job));
        if (approval.isPresent()) {
            assertThat(orla.photo(job, "approval." + approval.get(), "letter.png", PhotoTest.picture(400, 300, "png")).status())
                    .isEqualTo(201);
        }
        ines.post("/api/drawers/%s/receipts".formatted(kit), "{\"count\":1,\"note\":\"for the tests\"}");
        billed(job, kit);
        return job;
    }

    private long bookedLike(String kind, String like) {
        boolean asInTheDemo = like.matches("\\d+");
        String bike = asInTheDemo ? orla.get("/api/jobs/%s/arrival".formatted(like)).body().path("job").path("kind").asString()
                : like.split(" ")[0];
        Answer booked = orla.post("/api/jobs", ShopClient.booking("Gate to owner").replace("MID_DRIVE", kind)
                .replace("\"kind\":\"DIAMOND\"", "\"kind\":\"%s\"".formatted(bike)));
        assertThat(booked.status()).as("%s", booked).isEqualTo(201);
        long job = booked.body().path("number").asLong();
        assertThat(orla.place(job, "RACK", null).status()).isEqualTo(200);
        String survey = asInTheDemo
                ? new String(orla.bytes("/api/jobs/%s/survey.json".formatted(like)).body(), StandardCharsets.UTF_8)
                : SurveyJson.write(new SurveyFile(BikeKind.valueOf(bike), "Gate to owner", "", "",
                        measured(BikeKind.valueOf(bike), GivenKits.BIKE + ";" + like.substring(bike.length()).strip())));
        Answer read = tova.post("/api/jobs/%d/survey/file".formatted(job),
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
        JsonNode match = orla.match(job, kit);
        assertThat(match.path("goesOn").asBoolean()).as("%s: %s", kit, match.path("findings").valueStream()
                .filter(f -> f.path("verdict").asString().matches("NO_FIT|MEASURE")).map(f -> f.path("sentence").asString()).toList())
                .isTrue();
        Answer bill = orla.post("/api/jobs/%d/bill".formatted(job),
                JSON.writeValueAsString(
                        Map.of("kitCode", kit, "stamp", match.path("stamp").asString(), "consented", ShopClient.tradeOffs(match),
                                "notTaken", List.of(), "waits", true, "agreement", ShopClient.agreement())));
        assertThat(bill.status()).as("%s", bill).isEqualTo(200);
    }
}
