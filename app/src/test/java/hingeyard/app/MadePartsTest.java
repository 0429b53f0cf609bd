package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.ShopClient.Answer;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A part that the shop makes: asked for by a check, billed, made and measured by somebody, mounted; on every road to its step. */
@ExtendWith(RunningApp.class)
class MadePartsTest {

    private static final String KIT = "VM4-S";
    private static final String STEP = "motor-block";

    private Shopfloor shop;
    private ShopClient orla;
    private ShopClient tova;
    private ShopClient ines;

    @BeforeEach
    void signedIn(RunningApp.App app) {
        shop = new Shopfloor(app);
        orla = ShopClient.signedIn(app.url(), "orla");
        tova = ShopClient.signedIn(app.url(), "tova");
        ines = ShopClient.signedIn(app.url(), "ines");
    }

    private JsonNode line(long job) {
        return lines(orla.get("/api/jobs/%d/bill".formatted(job))).filter(l -> l.path("made").path("kind").asString().equals("block"))
                .findFirst().orElseThrow();
    }

    private static Stream<JsonNode> lines(Answer answer) {
        assertThat(answer.status()).as(answer.toString()).isEqualTo(200);
        return answer.body().path("bill").path("lines").valueStream();
    }

    private Answer made(ShopClient who, long job, int ordinal, boolean there) {
        return who.post("/api/jobs/%d/bill/made".formatted(job), "{\"ordinal\":%d,\"there\":%s}".formatted(ordinal, there));
    }

    private List<String> waiting(long job) {
        return ines.get("/api/orders").body().path("toMake").valueStream().filter(p -> p.path("job").asLong() == job)
                .map(p -> p.path("said").asString()).toList();
    }

    private JsonNode step(long job) {
        return tova.get("/api/jobs/%d/steps".formatted(job)).body().path("steps").valueStream()
                .filter(s -> s.path("key").asString().equals(STEP)).findFirst().orElseThrow();
    }

    @Test
    void aBlockIsBilledMadeAndMounted() throws IOException {
        long job = shop.billedLike("MID_DRIVE", "426", KIT, Optional.empty());
        JsonNode line = line(job);
        assertThat(line.path("source").asString()).isEqualTo("TO_MAKE");
        assertThat(line.path("made").path("said").asString()).startsWith("Block ").contains(" g, ").endsWith(" min");
        assertThat(line.path("sum").asString()).as("the machine's minutes cost something").isNotEmpty().isNotEqualTo("0.00");
        assertThat(orla.get("/api/jobs/%d/bill".formatted(job)).body().path("bill").path("charges").path("unpriced").toString())
                .doesNotContain("Motor block");
        int ordinal = line.path("ordinal").asInt();
        String measures = String.join(",", line.path("made").path("measures").valueStream().map(JsonNode::asString).toList());
        assertThat(tova.bytes("/api/bench/parts/block/stl?measures=" + measures).body()).hasSizeGreaterThan(84);
        assertThat(step(job).path("made").get(0).path("said").asString()).isEqualTo(line.path("made").path("said").asString());
        assertThat(step(job).path("made").get(0).path("made").asBoolean()).isFalse();
        assertThat(waiting(job)).containsExactly(line.path("made").path("said").asString());

        shop.toTheStand(job);
        shop.workUpTo(job, STEP);
        assertThat(tova.step(job, STEP, "start", "{}").status()).isEqualTo(200);
        Answer early = tova.step(job, STEP, "tick", "{\"figures\":{}}");
        assertThat(early.status()).as("nobody mounts what is not made: %s", early).isEqualTo(409);

        assertThat(made(tova, job, ordinal, true).status()).isEqualTo(200);
        assertThat(line(job).path("source").asString()).isEqualTo("MADE");
        assertThat(line(job).path("madeBy").asString()).isEqualTo("Tova");
        assertThat(waiting(job)).isEmpty();
        Answer twice = made(ines, job, ordinal, true);
        assertThat(twice.status()).isEqualTo(409);
        assertThat(twice.detail()).contains("made already, Tova said so");
        shop.tickRest(job, STEP, "{}");
        assertThat(line(job).path("usedAt").asString()).isNotEmpty();
        assertThat(made(ines, job, ordinal, false).detail()).contains("is mounted: its step is undone first");
        assertThat(tova.step(job, STEP, "undo", "{\"reason\":\"It rattles\"}").status()).isEqualTo(200);
        assertThat(made(ines, job, ordinal, false).status()).isEqualTo(200);
        assertThat(line(job).path("source").asString()).isEqualTo("TO_MAKE");
        assertThat(line(job).hasNonNull("madeBy")).isFalse();
        assertThat(made(ines, job, ordinal, false).detail()).contains("still to be made");
        assertThat(orla.place(job, "RACK", null).status()).isEqualTo(200);
    }

    /** Made, it stays made where the next revision asks for the same piece; another piece is to be made. */
    @Test
    void aRevisionKeepsWhatIsMade() throws IOException {
        long job = shop.billedLike("MID_DRIVE", "426", KIT, Optional.empty());
        assertThat(made(tova, job, line(job).path("ordinal").asInt(), true).status()).isEqualTo(200);
        ines.put("/api/parts/MADE-B",
                "{\"cells\":{\"name\":\"Bell of brass\",\"used as\":\"other\",\"place\":\"Z-B\",\"lead days\":\"1\"},\"reason\":\"t\"}");
        ines.post("/api/drawers/MADE-B/receipts", "{\"count\":3,\"note\":\"came\"}");
        Answer revised = orla.post("/api/jobs/%d/bill/changes".formatted(job),
                "{\"kind\":\"ADDED\",\"part\":\"MADE-B\",\"count\":1,\"step\":\"bars\",\"reason\":\"wished for\"}");
        assertThat(revised.status()).as(revised.toString()).isEqualTo(200);
        assertThat(line(job).path("source").asString()).isEqualTo("MADE");
        assertThat(line(job).path("madeBy").asString()).isEqualTo("Tova");
        assertThat(revised.body().path("bill").path("proposal").toString()).doesNotContain("Motor block");
        orla.survey(job, "bracket.down-tube-distance=55");
        JsonNode proposal = orla.get("/api/jobs/%d/bill".formatted(job)).body().path("bill").path("proposal");
        assertThat(proposal.path("changes").toString()).as("another gap is another block").contains("Motor block");
    }

    @Test
    void onlyWhatIsMadeHereIsMadeHere() throws IOException {
        long job = shop.billedLike("MID_DRIVE", "426", KIT, Optional.empty());
        assertThat(made(tova, job, 0, true).status()).as("the box").isEqualTo(404);
        assertThat(made(tova, job, -1, true).status()).isIn(404, 422);
        assertThat(tova.post("/api/jobs/%d/bill/made".formatted(job), "{\"ordinal\":0}").body().toString()).contains("there",
                "true or false");
        // Found in a neighbour's drawer instead: nobody has to make it any more.
        ines.put("/api/parts/MADE-C",
                "{\"cells\":{\"name\":\"Block of rubber\",\"used as\":\"other\",\"place\":\"Z-C\",\"lead days\":\"1\"},\"reason\":\"t\"}");
        Answer named = ines.post("/api/jobs/%d/bill/names".formatted(job),
                "{\"ordinal\":%d,\"part\":\"MADE-C\"}".formatted(line(job).path("ordinal").asInt()));
        assertThat(named.status()).as(named.toString()).isEqualTo(200);
        assertThat(waiting(job)).isEmpty();
        assertThat(lines(named).filter(l -> l.path("partNumber").asString().equals("MADE-C"))).singleElement()
                .satisfies(l -> assertThat(l.path("source").asString()).isEqualTo("TO_ORDER"));
    }

    /** A piece of a stack is as thick as the solver says, whoever finds it, and nobody leaves it out or doubles it by hand. */
    @Test
    void aPieceOfAStackIsFoundAsThickAsItWasAsked() throws IOException {
        long job = shop.billedLike("MID_DRIVE", "426", KIT, Optional.empty());
        long seen = rule("1", 0);
        try {
            orla.survey(job, "triangle.down-tube-shape=bent;triangle.down-boss-low-gap=9;triangle.down-boss-high-gap=0");
            JsonNode proposal = orla.get("/api/jobs/%d/bill".formatted(job)).body().path("bill").path("proposal");
            assertThat(proposal.path("impossible").asString()).isEmpty();
            Answer revised = orla.post("/api/jobs/%d/bill/revisions".formatted(job),
                    "{\"stamp\":\"%s\",\"consented\":[],\"waits\":true,\"reason\":\"measured again\"}"
                            .formatted(proposal.path("stamp").asString()));
            assertThat(revised.status()).as(revised.toString()).isEqualTo(200);
            JsonNode ring = lines(revised).filter(l -> l.path("made").path("kind").asString().equals("turned-ring")).findFirst()
                    .orElseThrow(() -> new AssertionError(revised.toString()));
            assertThat(ring.path("changes").valueStream().map(JsonNode::asString)).containsExactly("OTHER_PART");
            int ordinal = ring.path("ordinal").asInt();
            for (String kind : List.of("LEFT_OUT", "OTHER_COUNT")) {
                assertThat(orla.post("/api/jobs/%d/bill/changes".formatted(job),
                        "{\"kind\":\"%s\",\"ordinal\":%d,\"count\":2,\"reason\":\"x\"}".formatted(kind, ordinal)).detail())
                        .contains("another stack, which no check has seen");
            }
            Answer other = ines.post("/api/jobs/%d/bill/names".formatted(job),
                    "{\"ordinal\":%d,\"part\":\"BS-100\"}".formatted(ordinal));
            assertThat(other.status()).as(other.toString()).isEqualTo(422);
            assertThat(other.detail()).contains("BS-100", "another is another stack");
        } finally {
            rule(null, seen);
        }
    }

    /** Pieces on one side of a stack, at most; null for the usual. Answers by what the next change is told apart. */
    private long rule(String value, long seen) {
        Answer set = orla.post("/api/rules/stack.pieces",
                "{\"value\":%s,\"reason\":\"tried\",\"seen\":%d}".formatted(value == null ? "null" : "\"" + value + "\"", seen));
        assertThat(set.status()).as(set.toString()).isEqualTo(200);
        return set.body().valueStream().filter(r -> r.path("key").asString().equals("stack.pieces")).findFirst().orElseThrow()
                .path("seen").asLong();
    }
}
