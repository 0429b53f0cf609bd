package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.formats.HistoryCommand;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/**
 * A shop's database of an earlier version comes up in this one: tables migrated, histories sealed, nothing lost, both audits empty. The
 * dumps are the demo's of the versions named, without pictures and sessions.
 */
class UpgradeTest {

    /** From this version on histories are linked with a key; the dumps' is the tests' own. */
    private static final int FIRST_KEYED = 19;
    private static final int FIRST_WITH_MONEY = 27;
    private static final Path DUMPS = Path.of("src/test/resources/dumps");

    @ParameterizedTest(name = "from version {0} of the database")
    @ValueSource(strings = {"V8", "V14", "V18", "V25", "V28"})
    void comesUp(String version) throws IOException, InterruptedException {
        try (TestDatabase database = new TestDatabase()) {
            restore(DUMPS.resolve(version + ".sql.gz"), database);
            JdbcTemplate jdbc = new JdbcTemplate(new DriverManagerDataSource(database.url(), database.user(), database.password()));
            int jobs = jdbc.queryForObject("SELECT COUNT(*) FROM job WHERE place <> 'GONE'", Integer.class);
            int entries = jdbc.queryForObject("SELECT COUNT(*) FROM step_event", Integer.class);
            assertThat(jobs).isGreaterThan(20);
            assertThat(entries).isGreaterThan(400);
            if (Integer.parseInt(version.substring(1)) >= FIRST_WITH_MONEY) {
                assertThat(jdbc.queryForObject("SELECT COUNT(*) FROM money_paper", Integer.class)).isGreaterThan(3);
            }
            try (ConfigurableApplicationContext app = new SpringApplicationBuilder(HingeYard.class).profiles("demo")
                    .run(database.arguments("--server.port=0"))) {
                ShopClient orla = ShopClient.signedIn("http://127.0.0.1:" + app.getEnvironment().getProperty("local.server.port"), "orla");
                assertThat(orla.get("/api/drawers/audit").body().toString()).as("the ledger").isEqualTo("[]");
                assertThat(orla.get("/api/audit").body().toString()).as("the histories").isEqualTo("[]");
                assertThat(orla.get("/api/money/audit").body().toString()).as("the money").isEqualTo("[]");
                assertThat(orla.get("/api/yard").body().path("bikes")).hasSize(jobs);
                orla.get("/api/yard").body().path("bikes").forEach(b -> {
                    long job = b.path("job").path("number").asLong();
                    for (String page : new String[]{"/api/jobs/%d", "/api/jobs/%d/arrival", "/api/jobs/%d/shortlist",
                        "/api/jobs/%d/steps", "/api/jobs/%d/bill", "/api/jobs/%d/money"}) {
                        assertThat(orla.get(page.formatted(job)).status()).as(page, job).isEqualTo(200);
                    }
                });
            }
            ByteArrayOutputStream said = new ByteArrayOutputStream();
            PrintStream out = new PrintStream(said, true, StandardCharsets.UTF_8);
            assertThat(HistoryCommand.run(database.url(), database.user(), database.password(), TestDatabase.HISTORY_KEY, out, out))
                    .isZero();
            if (Integer.parseInt(version.substring(1)) < FIRST_KEYED) {
                assertThat(said.toString(StandardCharsets.UTF_8)).contains("%d of them sealed, from before this key".formatted(entries));
            }
        }
    }

    /** By the database's own client: triggers are written for it. */
    private static void restore(Path dump, TestDatabase database) throws IOException, InterruptedException {
        String[] address = database.url().split("[:/]+");
        Process client = new ProcessBuilder("mariadb", "--no-defaults", "--skip-ssl", "-h127.0.0.1", "-P" + address[3],
                "-u" + database.owner(),
                "-p" + database.password(), address[4]).redirectErrorStream(true).start();
        try (InputStream sql = new GZIPInputStream(Files.newInputStream(dump)); OutputStream in = client.getOutputStream()) {
            sql.transferTo(in);
        }
        String said = new String(client.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(client.waitFor()).as(said).isZero();
    }
}
