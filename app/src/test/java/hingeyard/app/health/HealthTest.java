package hingeyard.app.health;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.formats.HealthCommand;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.core.env.Environment;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** The page of the shop's health and the console read the same database and say the same. */
@ExtendWith(RunningApp.class)
class HealthTest {

    private RunningApp.App running;

    @AfterEach
    void asBefore() {
        running.bean(JdbcTemplate.class).update("DELETE FROM backup_made");
    }

    private static List<String> said(JsonNode health) {
        return StreamSupport.stream(health.path("signs").spliterator(), false)
                .map(s -> s.path("what").asString().toLowerCase(Locale.ROOT) + ": "
                        + (s.path("state").asString().equals("GOOD") ? "" : s.path("label").asString() + ". ") + s.path("said").asString())
                .toList();
    }

    /** What moves between two looks. */
    private static String still(String said) {
        return said.replaceAll("answers in (less than 1|\\d+) ms", "answers in … ms").replaceAll("last heard of .*", "last heard of …")
                .replaceAll("version \\d+, [\\d.]+ [kM]B", "version …").replaceAll("[\\d.]+ GB are free in .*", "… GB are free")
                .replaceAll("is \\d+ \\w+ old", "is … old").replaceAll("(look at it|bad)\\. MariaDB", "MariaDB")
                .replaceAll(" Look at what else.*", "");
    }

    @Test
    void pageAndConsoleSayTheSame(RunningApp.App app) {
        running = app;
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        app.bean(JdbcTemplate.class).update(
                "INSERT INTO backup_made (file, bytes, made_at, proven_at) VALUES ('/b/shop.yard', 934000, UTC_TIMESTAMP(3) - INTERVAL 3 HOUR, NULL)");
        JsonNode page = orla.get("/api/health").body();
        Environment set = app.bean(Environment.class);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PrintStream lines = new PrintStream(out, true, StandardCharsets.UTF_8);
        int exit = HealthCommand.run(set.getProperty("spring.datasource.url"), set.getProperty("spring.datasource.username"),
                set.getProperty("spring.datasource.password"), new HealthCommand.Place(Path.of("").toAbsolutePath(), false, "", 0), lines,
                lines);
        assertThat(out.toString(StandardCharsets.UTF_8).lines().map(HealthTest::still))
                .containsExactlyElementsOf(said(page).stream().map(HealthTest::still).toList());
        assertThat(exit).as("a backup that is not proven is bad").isEqualTo(1);
        assertThat(page.path("worst").asString()).isEqualTo("BAD");
        assertThat(said(page).get(0)).contains("3 hours old", "not proven");
        assertThat(page.path("signs").size()).isEqualTo(6);
    }

    /** The newest counts, whatever the order they were written in; a moment is a moment in every zone. */
    @Test
    void theNewestBackupCounts(RunningApp.App app) {
        running = app;
        JdbcTemplate jdbc = app.bean(JdbcTemplate.class);
        jdbc.update(
                "INSERT INTO backup_made (file, bytes, made_at, proven_at) VALUES ('/b/new.yard', 1000, UTC_TIMESTAMP(3), UTC_TIMESTAMP(3)), "
                        + "('/b/old.yard', 1000, UTC_TIMESTAMP(3) - INTERVAL 9 DAY, NULL)");
        String backup = said(ShopClient.signedIn(app.url(), "orla").get("/api/health").body()).get(0);
        assertThat(backup).contains("/b/new.yard", "came back whole", "seconds old").doesNotContain("old.yard");
    }

    /** Where the database is not, the console says so and does not call it well. */
    @Test
    void whatCannotBeReadIsNotWell(RunningApp.App app) {
        running = app;
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PrintStream lines = new PrintStream(out, true, StandardCharsets.UTF_8);
        assertThat(HealthCommand.run("jdbc:mariadb://127.0.0.1:1/none", "x", "x", new HealthCommand.Place(Path.of("."), false, "", 0),
                lines, lines)).isEqualTo(2);
        assertThat(out.toString(StandardCharsets.UTF_8)).contains("cannot be read from jdbc:mariadb://127.0.0.1:1/none");
    }
}
