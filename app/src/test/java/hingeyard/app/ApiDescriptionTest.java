package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
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
}
