package hingeyard.app.person;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.app.ShopClient.Answer;
import hingeyard.core.rights.Right;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.core.io.ClassPathResource;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import tools.jackson.databind.JsonNode;

/** Every operation by every role, against a list of who may what that was written down apart from the table of rights. */
@ExtendWith(RunningApp.class)
class RightsMatrixTest {

    private static final Map<String, String> PEOPLE = Map.of("M", "orla", "T", "tova", "S", "ines");
    /** These end or change the session that asks, or never end themselves; other tests use them. */
    private static final Set<String> NOT_SENT = Set.of("DELETE /api/session", "POST /api/session/switch", "GET /api/live");

    private static Map<String, String> matrix() throws IOException {
        return new ClassPathResource("rights-matrix.txt").getContentAsString(StandardCharsets.UTF_8).lines()
                .filter(l -> !l.startsWith("#")).map(l -> l.split("\\|"))
                .collect(Collectors.toMap(p -> p[0].strip().replaceAll("\\s+", " "), p -> p[1].strip(), (a, b) -> a, TreeMap::new));
    }

    private static Set<String> ofTheServer(RunningApp.App app) {
        Set<String> operations = new TreeSet<>();
        app.beans(RequestMappingHandlerMapping.class).forEach(mapping -> mapping.getHandlerMethods().keySet()
                .forEach(info -> info.getPatternValues().stream().filter(p -> p.startsWith("/api/") || p.startsWith("/calendar/")).forEach(
                        p -> info.getMethodsCondition().getMethods().stream().map(RequestMethod::name)
                                .forEach(m -> operations.add(m + " " + p)))));
        return operations;
    }

    @Test
    void everyOperationOfTheServerHasARightAndALineHere(RunningApp.App app) throws IOException {
        Set<String> listed = app.bean(Operations.class).all().keySet();
        assertThat(listed).containsExactlyInAnyOrderElementsOf(ofTheServer(app));
        assertThat(matrix().keySet()).containsExactlyInAnyOrderElementsOf(listed);
    }

    @Test
    void theTableSaysWhatTheMatrixSays(RunningApp.App app) throws IOException {
        Map<String, String> said = new TreeMap<>();
        app.bean(Operations.class).all().forEach((operation, need) -> said.put(operation, Stream.of("M", "T", "S")
                .filter(p -> need.right().map(r -> r.of(app.bean(Staff.class).known(PEOPLE.get(p)).roles())).orElse(true))
                .collect(Collectors.joining())));
        assertThat(said).isEqualTo(matrix());
    }

    /** A right that no operation asks for, nor a rule, would be a promise that nobody keeps. */
    @Test
    void everyRightIsAskedForSomewhere(RunningApp.App app) {
        Set<Right> asked = app.bean(Operations.class).all().values().stream().flatMap(n -> n.right().stream()).collect(Collectors.toSet());
        assertThat(Stream.of(Right.values()).filter(r -> !asked.contains(r))).as("asked for within operations")
                .containsExactlyInAnyOrder(Right.UNDO_FOR_OTHERS, Right.FILE_APPROVAL, Right.SEE_CODES, Right.SEND_AWAY);
    }

    @Test
    void theServerHoldsToIt(RunningApp.App app) throws IOException {
        List<String> wrong = new ArrayList<>();
        Map<String, String> matrix = matrix();
        for (Map.Entry<String, String> person : PEOPLE.entrySet()) {
            ShopClient who = ShopClient.signedIn(app.url(), person.getValue());
            matrix.forEach((operation, allowed) -> {
                if (!NOT_SENT.contains(operation)) {
                    Answer answer = send(who, operation);
                    boolean refused = answer.status() == 403;
                    if (refused == allowed.contains(person.getKey())
                            || refused && !answer.detail().matches("Only the .* may .*; you are signed in as .*\\. .*\\.")) {
                        wrong.add("%s %s: %s".formatted(person.getKey(), operation, answer));
                    }
                }
            });
        }
        assertThat(wrong).isEmpty();
    }

    @Test
    void onlyWhoCallsCustomersReadsTheirContact(RunningApp.App app) {
        assertThat(ShopClient.signedIn(app.url(), "orla").get("/api/bikes/1").body().path("customer").path("contact").asString())
                .isNotBlank();
        for (String who : List.of("tova", "ines")) {
            JsonNode customer = ShopClient.signedIn(app.url(), who).get("/api/bikes/1").body().path("customer");
            assertThat(customer.path("name").asString()).isNotBlank();
            assertThat(customer.path("contact").asString()).isEmpty();
        }
    }

    @Test
    void aStrangerReachesNothing(RunningApp.App app) throws IOException {
        ShopClient stranger = ShopClient.stranger(app.url());
        List<String> reached = matrix().keySet().stream()
                .filter(o -> !o.endsWith(" /api/session") && !o.endsWith("/openapi") || o.startsWith("DELETE"))
                // Whoever has a code comes in by it, and is told so without one.
                .filter(o -> !o.endsWith(" /api/opening") && !o.endsWith("/session/code"))
                // So does a tablet; at one the shop does not know, nobody signs in by PIN (TabletsTest).
                .filter(o -> !o.endsWith("/session/pins") && !o.equals("POST /api/session/pin") && !o.endsWith("/tablets/pair"))
                // Whoever has the secret address reads it; whoever guesses is told that there is nothing.
                .filter(o -> !o.startsWith("GET /calendar/"))
                .filter(o -> !Set.of(401, 403).contains(send(stranger, o).status())).toList();
        assertThat(reached).isEmpty();
    }

    /** With an empty body and a job that is not there: whoever may is told so, and nothing happens. */
    private static Answer send(ShopClient who, String operation) {
        String[] parts = operation.split(" ");
        String path = parts[1].replace("{number}", "999999").replaceAll("\\{[a-z]+}", "1");
        return switch (parts[0]) {
            case "GET" -> who.get(path);
            case "POST" -> operation.endsWith("/photos") || operation.endsWith("/ride") || operation.endsWith("/sign")
                    ? who.file(path, "x.png", new byte[1], Map.of("subject", "bike")) : who.post(path, "{}");
            case "PUT" -> who.put(path, "{}");
            default -> who.delete(path, "");
        };
    }
}
