package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.ShopClient.Answer;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Every rule of safety with every road that could lead round it ({@code safety-roads.txt}): a command that nobody thought of fails here,
 * and
 * so does a road whose test is gone. The roads that no other test walks are walked below.
 */
class SafetyRoadsTest {

    private static final JsonMapper JSON = new JsonMapper();
    private static final Path TESTS = Path.of("src/test/java");
    /** Commands by which a job, what it is judged by, or who works on it changes. */
    private static final Pattern THOUGHT_OF = Pattern
            .compile("(POST|PUT|DELETE) /api/(jobs/\\{number}/|rules|kits|batteries|step-library|wrenches|claims|photos/\\{id}/strike).*");

    /** @param test empty for a command that leads round nothing */
    private record Road(String rule, String operation, String test) {
    }

    private static List<Road> roads() throws IOException {
        return Files.readAllLines(Path.of("src/test/resources/safety-roads.txt")).stream().filter(l -> !l.startsWith("#"))
                .map(l -> l.split("\\|", -1))
                .map(f -> new Road(f[0].strip(), f[1].strip().replaceAll(" +", " "), f.length > 2 ? f[2].strip() : "")).toList();
    }

    private static Set<String> operations() throws IOException {
        return Files.readAllLines(Path.of("src/main/resources/rights/operations.txt")).stream().filter(l -> !l.startsWith("#"))
                .map(l -> l.split("\\|")[0].strip().replaceAll(" +", " ")).collect(Collectors.toSet());
    }

    @Test
    void everyCommandIsThoughtOf() throws IOException {
        Set<String> named = roads().stream().map(Road::operation).collect(Collectors.toSet());
        assertThat(operations()).containsAll(named);
        assertThat(operations().stream().filter(o -> THOUGHT_OF.matcher(o).matches()).filter(o -> !named.contains(o)))
                .as("which rule of safety could it lead round? Its line in safety-roads.txt").isEmpty();
    }

    @Test
    void everyRoadIsWalked() throws IOException {
        List<String> gone = new ArrayList<>();
        for (Road road : roads()) {
            boolean none = road.rule.startsWith("none: ");
            if (none != road.test.isEmpty() || !none && !there(road.test)) {
                gone.add(road.toString());
            }
        }
        assertThat(gone).isEmpty();
    }

    private static boolean there(String test) throws IOException {
        String[] classMethod = test.split("\\.");
        try (Stream<Path> files = Files.walk(TESTS)) {
            return files.filter(f -> f.getFileName().toString().equals(classMethod[0] + ".java")).map(SafetyRoadsTest::read)
                    .anyMatch(text -> text.contains("void %s(".formatted(classMethod[1])));
        }
    }

    private static String read(Path file) {
        try {
            return Files.readString(file, StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String quoting(JsonNode match, String kit) {
        return JSON.writeValueAsString(Map.of("kitCode", kit, "stamp", match.path("stamp").asString(), "notTaken", List.of()));
    }

    /** Quoted while all was well, stopped since. */
    @Test
    @ExtendWith(RunningApp.class)
    void aQuoteIsNotApprovedPastAStop(RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        long job = orla.book("Quoted and cracked");
        orla.place(job, "RACK", null);
        orla.survey(job, "");
        JsonNode match = orla.match(job, "TN9");
        Answer quoted = orla.post("/api/jobs/%d/quotes".formatted(job), quoting(match, "TN9"));
        assertThat(quoted.status()).as(quoted.toString()).isEqualTo(200);
        orla.post("/api/jobs/%d/arrival/points/fork-cracks".formatted(job),
                "{\"grade\":\"STOPS\",\"note\":\"hair crack at the crown\",\"seen\":0}");
        String approval = JSON.writeValueAsString(
                Map.of("consented", ShopClient.tradeOffs(match), "agreement", ShopClient.agreement(), "waits", true));
        Answer refused = orla.post("/api/jobs/%d/quotes/1/approval".formatted(job), approval);
        assertThat(refused.status()).as(refused.toString()).isEqualTo(409);
        assertThat(refused.detail()).contains("The arrival check stops this job");
        assertThat(orla.get("/api/jobs/%d/bill".formatted(job)).body().path("bill").isObject()).isFalse();
    }

    /** Not by agreeing to it when the bill is made, not by a quote. */
    @Test
    @ExtendWith(RunningApp.class)
    void aDangerousVerdictIsNotAgreedTo(RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        Answer booked = orla.post("/api/jobs", ShopClient.booking("Carbon and insisted on").replace("MID_DRIVE", "FRONT_HUB"));
        long job = booked.body().path("number").asLong();
        orla.place(job, "RACK", null);
        orla.survey(job, "front.fork-material=carbon");
        JsonNode match = orla.match(job, "KF2");
        assertThat(match.path("verdict").asString()).isEqualTo("NO_FIT");
        List<String> everything = match.path("findings").valueStream().map(f -> f.path("checkId").asString()).toList();
        for (List<String> consented : Arrays.asList(everything, List.of("fork-material"))) {
            Answer bill = orla.bill(job, "KF2", match.path("stamp").asString(), consented);
            assertThat(bill.status()).as(bill.toString()).isEqualTo(409);
        }
        Answer quote = orla.post("/api/jobs/%d/quotes".formatted(job), quoting(match, "KF2"));
        assertThat(quote.status()).as(quote.toString()).isEqualTo(409);
        assertThat(orla.get("/api/jobs/%d/bill".formatted(job)).body().path("bill").isObject()).isFalse();
    }
}
