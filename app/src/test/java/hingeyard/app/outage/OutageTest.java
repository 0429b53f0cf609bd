package hingeyard.app.outage;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.HingeYard;
import hingeyard.app.OwnDatabase;
import hingeyard.app.ShopClient;
import hingeyard.app.ShopClient.Answer;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/** The database goes, hangs and comes back under the application; nobody starts anything again. */
class OutageTest {

    /** Everything that data is asked by, the session's own address and the live stream among it; and what needs no data. */
    private static final List<String> DATA = List.of("/api/session", "/api/yard", "/api/live", "/api/jobs/405/steps",
            "/api/jobs/405/papers/job-sheet.pdf",
            "/api/nothing");
    private static final List<String> PAGES = List.of("/", "/jobs/405/bill", "/sw.js");

    @Test
    void everybodyIsToldAtOnceAndItGoesOnByItself(@TempDir Path folder) throws Exception {
        try (OwnDatabase database = OwnDatabase.started(folder);
                ConfigurableApplicationContext app = new SpringApplicationBuilder(HingeYard.class).profiles("demo")
                        .run(database.arguments())) {
            ShopClient orla = ShopClient.signedIn("http://127.0.0.1:" + app.getEnvironment().getProperty("local.server.port"), "orla");
            int pages = pages(orla);
            assertThat(orla.get("/api/yard").status()).isEqualTo(200);

            database.kill();
            toldAt(app, orla);
            assertThat(pages(orla)).as("pages need no data").isEqualTo(pages);
            database.start();
            backAgain(app, orla);

            // One that hangs takes connections and says nothing.
            database.freeze();
            toldAt(app, orla);
            assertThat(pages(orla)).isEqualTo(pages);
            database.thaw();
            backAgain(app, orla);
        }
    }

    private static int pages(ShopClient orla) {
        return PAGES.stream().map(orla::bytes).mapToInt(HttpResponse::statusCode).sum();
    }

    private static void toldAt(ConfigurableApplicationContext app, ShopClient orla) {
        await(() -> app.getBean(DatabaseWatch.class).away());
        for (String path : DATA) {
            HttpResponse<byte[]> answer = orla.bytes(path);
            assertThat(answer.statusCode()).as(path).isEqualTo(503);
            assertThat(answer.headers().firstValue("Content-Type")).as(path)
                    .hasValueSatisfying(t -> assertThat(t).contains("problem+json"));
            assertThat(answer.headers().firstValue("Retry-After")).contains("1");
            assertThat(new String(answer.body(), StandardCharsets.UTF_8)).as(path).contains("database does not answer just now");
        }
        Answer command = orla.post("/api/drawers/BS-600/receipts", "{\"count\":1,\"note\":\"into nothing\"}");
        assertThat(command.status()).isEqualTo(503);
    }

    private static void backAgain(ConfigurableApplicationContext app, ShopClient orla) {
        await(() -> !app.getBean(DatabaseWatch.class).away());
        assertThat(orla.get("/api/session").body().path("who").path("username").asString()).as("still signed in").isEqualTo("orla");
        assertThat(orla.get("/api/yard").status()).isEqualTo(200);
        assertThat(orla.get("/api/drawers").body().toString()).doesNotContain("into nothing");
    }

    private static void await(java.util.function.BooleanSupplier reached) {
        long end = System.nanoTime() + java.time.Duration.ofMinutes(2).toNanos();
        while (!reached.getAsBoolean()) {
            assertThat(System.nanoTime()).as("within two minutes").isLessThan(end);
            Thread.onSpinWait();
        }
    }
}
