package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.ShopClient.Answer;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;

/** What a whole job takes, by the people who do it: for stories that go from the gate to the owner. */
public final class Shopfloor {

    /** Letters that stand in no drawing's path by chance. */
    static final String CODE = "4711";

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

    /** Parts that no drawer holds are named and delivered: a step that mounts one waits for it. */
    public void everythingComes(long job) {
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
}
