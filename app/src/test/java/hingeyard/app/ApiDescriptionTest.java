package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** The description that the front end's types are generated from is the one the running application gives. */
@ExtendWith(RunningApp.class)
class ApiDescriptionTest {

    private static final Path COMMITTED = Path.of("..", "web", "openapi.json");

    @Test
    void isCommittedAsItIs(RunningApp.App app) throws IOException {
        String now = JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
                .build()
                .writeValueAsString(ShopClient.stranger(app.url()).get("/api/openapi").body()) + "\n";
        if (Boolean.getBoolean("api.write")) {
            Files.writeString(COMMITTED, now);
        }
        JsonMapper mapper = new JsonMapper();
        assertThat(mapper.readTree(Files.readString(COMMITTED))).as("run ./yard api and commit web/openapi.json")
                .isEqualTo(mapper.readTree(now));
    }

    /** Sessions are no commands, and what saves nothing needs no receipt. */
    private static final Set<String> WITHOUT_KEY = Set.of("POST /api/session", "DELETE /api/session", "POST /api/session/switch",
            "PUT /api/session/pin", "PUT /api/session/password", "POST /api/session/code", "POST /api/session/pin", "POST /api/opening",
            "POST /api/tablets/codes", "DELETE /api/tablets/codes/{name}", "POST /api/tablets/pair", "DELETE /api/tablets/{tablet}",
            "POST /api/accounts/{username}/code", "DELETE /api/doors/sessions/{handle}",
            "DELETE /api/doors/locks/{username}",
            "POST /api/fit", "POST /api/kits/draft", "POST /api/bench/truing", "POST /api/bench/wrench", "POST /api/bench/roll-out",
            "POST /api/bench/axle",
            "POST /api/bench/batteries", "POST /api/bench/bend", "POST /api/bench/fastener", "POST /api/bench/gears",
            "POST /api/bench/pressure", "POST /api/bench/stack", "POST /api/bench/range", "POST /api/bench/ride", "POST /api/bench/wire",
            "POST /api/jobs/{number}/match/{kit}/what-if", "POST /api/plan/what-if", "POST /api/shop/calendar-file",
            "POST /api/orders/{number}/simulated-answer", "POST /api/jobs/{number}/call-off/reckoning", "PUT /api/receipts/{key}");

    @Test
    void everyCommandTakesAKey() throws IOException {
        JsonNode paths = new JsonMapper().readTree(Files.readString(COMMITTED)).path("paths");
        List<String> without = new ArrayList<>();
        paths.propertyStream().forEach(path -> path.getValue().propertyStream().filter(op -> !op.getKey().equals("get"))
                .filter(op -> !op.getValue().path("parameters").findValuesAsString("name").contains("Idempotency-Key"))
                .forEach(op -> without.add(op.getKey().toUpperCase(Locale.ROOT) + " " + path.getKey())));
        assertThat(without).containsExactlyInAnyOrderElementsOf(WITHOUT_KEY);
    }
}
